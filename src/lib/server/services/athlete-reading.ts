import { FOCUSES, START, TEST_SPECS } from '$catalog';
import { addDays, type Day } from '$core/calendar';
import { median, percentile } from '$core/statistics';
import { auditWork, readChain, readSquad, type RecentWork } from '$core/startline';
import { outcomeOf, readChange, type Noise, type TestRecord, type TestSpec } from '$core/testing';
import type { TestLine } from '$lib/model/start-line';
import { activeComplaints, type AthleteRow } from '../repositories/athletes';
import { libraryOf, type ClubContext, type SquadRow } from '../repositories/club-context';
import { cutsOf, gridAthlete, leansOf, recordsOf, squadNoise } from './start-line';

export interface ReadingRows {
  readonly club: ClubContext;
  readonly squad: SquadRow;
  readonly rows: readonly AthleteRow[];
  readonly logged: ReadonlyMap<string, readonly RecentWork[]>;
  /** what the athlete did on which day of the last weeks */
  readonly done: readonly { readonly exerciseId: string; readonly day: Day }[];
}

/** Everything the reading page of one athlete shows, from the squad's rows. */
export function readAthlete({ club, squad, rows, logged, done }: ReadingRows, athleteId: string, health: boolean) {
  const day = club.today;
  const library = libraryOf(club, squad);
  const noise = squadNoise(rows, club);
  const records = new Map(rows.map((row) => [row.id, recordsOf(row, day, club)]));
  const readings = readSquad(
    rows.map((row) => ({
      ...gridAthlete(row, leansOf(row, logged.get(row.id) ?? [], club, squad), day, club, health),
      records: records.get(row.id) ?? [],
      today: day,
      cuts: cutsOf(club, squad),
      noise,
    })),
    TEST_SPECS,
    START,
  );
  const row = rows.find(({ id }) => id === athleteId);
  const reading = readings.get(athleteId);
  if (!row || !reading) return null;
  const work = row.recentWork ?? logged.get(athleteId) ?? [];
  const valuesOf = (spec: TestSpec, side: TestLine['side'], only: (other: AthleteRow) => boolean): number[] =>
    rows
      .filter((other) => other.id !== athleteId && only(other))
      .flatMap((other) => readings.get(other.id)?.outcomes.get(spec.id)?.sides[side]?.value ?? []);
  const { outcomes, ...rest } = reading;
  return {
    reading: rest,
    chain: readChain(outcomes, done, library, day, START),
    audit: auditWork(work, library, START),
    typedWork: row.recentWork !== null,
    work: work.map(({ exerciseId, setsPerWeek }) => ({
      exerciseId,
      name: library.exercises.get(exerciseId)?.name ?? exerciseId,
      setsPerWeek: Math.round(setsPerWeek * 10) / 10,
    })),
    complaints: health ? activeComplaints(row.complaints, day) : [],
    focus: row.focus && { ...row.focus, name: FOCUSES[row.focus.id].name },
    drills: reading.focus
      ? FOCUSES[reading.focus].drills.flatMap((id) => {
          const exercise = library.exercises.get(id);
          return exercise ? [{ id, name: exercise.name, cue: exercise.cues[0] ?? '' }] : [];
        })
      : [],
    rescreen: START.rescreenDays.map((days) => addDays(row.focus?.since ?? day, days)),
    lines: [...TEST_SPECS.values()].flatMap((spec): TestLine[] => {
      const outcome = outcomes.get(spec.id);
      if (!outcome) return [];
      const own = (records.get(athleteId) ?? []).filter(({ test }) => test === spec.id);
      return (['left', 'right', 'both'] as const).flatMap((side): TestLine[] => {
        const now = outcome.sides[side];
        if (!now) return [];
        const others = valuesOf(spec, side, () => true);
        const history = [
          ...new Set(own.filter((record) => record.side === side && record.day < now.day).map((record) => record.day)),
        ].flatMap((on) => outcomeOf(spec, own, on).sides[side]?.value ?? []);
        const level = valuesOf(spec, side, (other) => other.liftLevel === row.liftLevel);
        const sorted = [...others].sort((a, b) => a - b);
        return [
          {
            id: spec.id,
            side,
            value: now.value,
            spread: now.spread,
            day: now.day,
            passed: now.passed,
            stale: outcome.stale,
            joints: now.joints,
            change: changeOf(spec, own, side, now, noise),
            inSquad: measured(spec) ? percentile(now.value, others, spec.better) : null,
            inLevel: measured(spec) ? percentile(now.value, level, spec.better) : null,
            ofOwn: measured(spec) ? percentile(now.value, history, spec.better) : null,
            middleHalf:
              measured(spec) && sorted.length >= 4
                ? [
                    median(sorted.slice(0, Math.floor(sorted.length / 2))),
                    median(sorted.slice(Math.ceil(sorted.length / 2))),
                  ]
                : null,
          },
        ];
      });
    }),
  };
}

const measured = ({ kind }: TestSpec): boolean => kind === 'number' || kind === 'lift';

/** The change since the test before, beside its error. */
function changeOf(
  spec: TestSpec,
  own: readonly TestRecord[],
  side: TestLine['side'],
  now: { readonly value: number; readonly day: Day },
  noise: (spec: TestSpec, value: number) => Noise,
): TestLine['change'] {
  if (!measured(spec)) return null;
  const before = outcomeOf(spec, own, addDays(now.day, -1)).sides[side];
  if (!before) return null;
  const error = noise(spec, before.value);
  const read = readChange(before.value, now.value, error);
  return {
    from: before.value,
    fromDay: before.day,
    by: read.change,
    kind: read.kind,
    interval: read.interval,
    own: error.own,
    worthwhile: error.smallestWorthwhile,
  };
}
