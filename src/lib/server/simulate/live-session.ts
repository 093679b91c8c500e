import { VIRTUAL_ATHLETES } from '$catalog/virtual-athletes';
import type { Day } from '$core/calendar';
import { solveCard } from '$core/choose';
import type { DayLine } from '$core/day';
import { getExercise, type Phase } from '$core/library';
import type { PlannedSession } from '$core/season';
import { seeded, seedOf } from '$core/random';
import { mayRiseOf, settleLine } from '$core/progress';
import { complaintColumn } from '$core/safety';
import { isMainSlot } from '$core/session';
import { isClean, trackKey } from '$core/track';
import { doLine } from '$core/virtual';
import { placeOf } from '$lib/model/kit';
import type { ProgrammeSession } from '$lib/model/programme';
import { askedOf, makeBrief } from '../reads/make-brief';
import type { SquadDay } from '../reads/squad-day';
import type { Living } from './live-season';
import type { LivedAthlete } from './lived-athlete';
import { dayNumber } from './lived-tests';
import { naiveLine } from './naive-dose';
import { asRow, saySession } from './say-session';

/** The card of a day, and what everybody who came did of it. */
export function liveSession(
  living: Living,
  rows: SquadDay,
  planned: PlannedSession,
  block: number | null,
): ProgrammeSession {
  const { club, squad } = living.of;
  const on = { ...club, today: rows.day };
  const solved = solveCard(
    makeBrief(rows, { ...askedOf(rows, planned.minutes), phase: planned.phase }),
    club.library,
    club.method,
  );
  if (!solved.ok) return saySession(planned, null, squad, on);
  const view = living.policy === 'naive' ? naiveView(living, solved.value.view) : solved.value.view;
  const card = asRow(solved.value.card, planned);
  living.cards.unshift(card);
  const session = saySession(planned, { ...solved.value, view }, squad, on);
  let [athletes, setsWritten, setsDone] = [0, 0, 0];
  for (const athlete of living.athletes) {
    const next = seeded(seedOf(athlete.seed, 1, dayNumber(rows.day)));
    if (next() >= athlete.body.traits.attendance) continue;
    const own = view.filter((line) => line.athleteId === athlete.id);
    const done = train(living, athlete, own, { id: card.id, day: rows.day, phase: planned.phase, block }, next);
    athletes += 1;
    if (!athlete.complaints.some((one) => complaintColumn(one, rows.day) === 'stop')) {
      living.attendances += 1;
      if (own.filter(({ variant }) => APART.includes(variant)).length * 2 > own.length) living.ownCards += 1;
    }
    setsWritten += done.written;
    setsDone += done.done;
  }
  return { ...session, done: { athletes, setsWritten, setsDone } };
}

function naiveView({ athletes, of: { club, squad } }: Living, view: readonly DayLine[]): DayLine[] {
  const kit = placeOf(squad.kit).loading;
  const tracks = new Map(
    athletes.map(({ id, tracks: own }) => [id, new Map(own.map((one) => [trackKey(one.exerciseId, one.row), one]))]),
  );
  return view.map((line) => naiveLine(line, tracks.get(line.athleteId) ?? new Map(), kit, club));
}

/** Doses of a line that are not the squad's nor less of it (SEL-8). */
const APART: readonly DayLine['variant'][] = ['other', 'safe', 'without'];

interface Session {
  readonly id: string;
  readonly day: Day;
  readonly phase: Phase;
  readonly block: number | null;
}

/** One athlete's session, from the first line to what rules settle at its close. */
function train(
  { of: { club, squad }, policy, bouts }: Living,
  athlete: LivedAthlete,
  view: readonly DayLine[],
  session: Session,
  next: () => number,
): { written: number; done: number } {
  const { library, method } = club;
  let [written, done] = [0, 0];
  for (const line of view) {
    if (line.exerciseId === null) continue;
    const exercise = getExercise(library, line.exerciseId);
    const told = { exercise, row: line.row, dose: line.dose, lastDone: athlete.lastDone(exercise.id) };
    const { sets, body } = doLine(athlete.body, told, session.day, method, VIRTUAL_ATHLETES, next);
    athlete.body = body;
    athlete.log(line, exercise, sets, session);
    bouts.push({
      athlete: athlete.id,
      day: session.day,
      block: session.block,
      line: trackKey(line.exerciseId, line.row),
      // a jump's sets are the block's, and in season it stays (JUMP-10)
      develops:
        exercise.plyo === null &&
        mayRiseOf(exercise, line.row, isMainSlot(line.slot), session.phase, method) === 'develops',
      clean: isClean({ dose: line.dose, sets }),
      dose: { sets: line.dose.sets, amount: line.dose.amount, loadKg: sets[0]?.loadKg ?? null },
    });
    written += line.dose.sets;
    done += sets.filter(({ amount }) => amount >= line.dose.amount).length;
  }
  athlete.close(session.day);
  if (policy === 'naive') return { written, done };
  const kit = placeOf(squad.kit).loading;
  for (const track of athlete.tracks) {
    if (track.exposures[0]?.sessionId !== session.id) continue;
    const exercise = getExercise(library, track.exerciseId);
    for (const { cause, row, change } of settleLine({ exercise, row: track.row, track, kit }, method))
      athlete.step(exercise, session.day, {
        cause,
        exerciseId: exercise.id,
        row,
        to: change.to,
        sessionId: session.id,
        tight: false,
        rules: change.rules,
        saw: change.saw,
      });
  }
  return { written, done };
}
