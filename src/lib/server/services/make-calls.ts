import { daysBetween, gymDayOn, weekdayOf } from '$core/calendar';
import { contactsOf } from '$core/jumps';
import { getExercise } from '$core/library';
import { isRise } from '$core/progress';
import { barOf } from '$core/safety';
import { changeWords, FAMILY_WORDS, listWords, ruleWords, weekdayWord } from '$lib/messages';
import type { Call, CallBase, CallChange } from '$lib/model/call';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { nextCardDay } from './page-thread';
import type { loadSilent, loadUnreferred, ProposalRow } from '../repositories/calls';

export interface CallRows {
  readonly club: ClubContext;
  readonly proposals: readonly ProposalRow[];
  readonly silent: Awaited<ReturnType<typeof loadSilent>>;
  readonly unreferred: Awaited<ReturnType<typeof loadUnreferred>>;
  readonly squadId: string | null;
  readonly health: boolean;
}

const nameIn =
  ({ library }: ClubContext) =>
  (id: string): string =>
    library.exercises.get(id)?.name ?? id;

/** The calls of a club, most urgent first: pain, silence, cuts, then rises. */
export function makeCalls(rows: CallRows): Call[] {
  const { club, squadId } = rows;
  const squads = new Map(
    club.squads.filter(({ id }) => squadId === null || id === squadId).map((squad) => [squad.id, squad]),
  );
  const open = rows.proposals.filter(({ state, squadId: of }) => state === 'open' && squads.has(of));
  const calls = [
    ...(rows.health ? painCalls(rows, squads) : []),
    ...silentCalls(rows, squads),
    ...cutCalls(
      open.filter(({ kind }) => !isRise(kind)),
      rows,
      squads,
    ),
    ...riseCalls(
      open.filter(({ kind }) => isRise(kind)),
      rows,
      squads,
    ),
  ];
  // pain first, then whoever trains soonest; within a squad the order above
  const soon = (call: Call): number => (call.kind === 'pain' ? -1 : daysToGym(squads.get(call.squadId), rows));
  return calls
    .map((call, i) => ({ call, i }))
    .sort((a, b) => soon(a.call) - soon(b.call) || a.i - b.i)
    .map(({ call }) => call);
}

const daysToGym = (squad: SquadRow | undefined, { club }: CallRows): number =>
  squad ? daysBetween(club.today, nextCardDay(squad, club.today)) : Infinity;

function base(squad: SquadRow, key: string, rules: readonly string[], { club }: CallRows): CallBase {
  const today = gymDayOn(club.today, squad.gymDays);
  const next = squad.gymDays
    .map((gym) => ({ gym, ahead: (gym.weekday - weekdayOf(club.today) + 7) % 7 || 7 }))
    .sort((a, b) => a.ahead - b.ahead)[0];
  const deadline = today ? `before ${today.start}` : next ? `by ${weekdayWord(next.gym.weekday, true)}` : 'soon';
  return { key, squad: squad.name, squadId: squad.id, deadline, rules, ruleWords: ruleWords(rules) };
}

type Squads = ReadonlyMap<string, SquadRow>;

function painCalls(rows: CallRows, squads: Squads): Call[] {
  const { method } = rows.club;
  return rows.unreferred.flatMap((row): Call[] => {
    const squad = row.athlete.squads.map(({ squadId }) => squads.get(squadId)).find((found) => found !== undefined);
    if (!squad) return [];
    const bar = barOf({ place: row.place, side: row.side, score: row.score, column: 'stop' }, method);
    const stops = bar.everything
      ? 'Everything'
      : listWords([...new Set(bar.families)].map((family) => FAMILY_WORDS[family]));
    return [
      {
        ...base(squad, row.id, ['SAFE-2', 'SAFE-8'], rows),
        kind: 'pain',
        complaintId: row.id,
        athleteId: row.athlete.id,
        athlete: row.athlete.name,
        place: method.places[row.place]?.name ?? row.place,
        side: row.side,
        score: row.score,
        signs: row.signs,
        stops: stops.replace(/^./, (first) => first.toUpperCase()),
      },
    ];
  });
}

function silentCalls(rows: CallRows, squads: Squads): Call[] {
  return [...squads.values()].flatMap((squad): Call[] => {
    const quiet = rows.silent.filter(({ squadId }) => squadId === squad.id);
    const last = quiet[0]?.day;
    if (last == null) return [];
    return [
      {
        ...base(squad, `silent ${squad.id}`, ['PROG-6'], rows),
        kind: 'silent',
        athletes: quiet.map(({ athleteId, name }) => ({ id: athleteId, name })),
        session: sessionWord(last, rows),
      },
    ];
  });
}

const sessionWord = (day: string, { club }: CallRows): string =>
  daysBetween(day, club.today) === 1 ? 'yesterday' : weekdayWord(weekdayOf(day), true);

function cutCalls(cuts: readonly ProposalRow[], rows: CallRows, squads: Squads): Call[] {
  const { club } = rows;
  return group(cuts, (row) => `${row.athleteId} ${row.sessionId} ${row.rules[0] ?? ''}`).flatMap((own): Call[] => {
    const [first] = own;
    const squad = first && squads.get(first.squadId);
    if (!first || !squad) return [];
    const { saw } = first;
    const place = typeof saw.place === 'string' ? saw.place : null;
    const [morning] = first.athlete.checkIns;
    return [
      {
        ...base(squad, `cut ${first.id}`, [...new Set(own.flatMap((row) => row.rules))], rows),
        kind: 'cut',
        athlete: first.athlete.name,
        athleteId: first.athleteId,
        answer: saw.answer === 'tight' ? 'tight' : (morning?.answer ?? 'fine'),
        place: place === null || !rows.health ? null : (club.method.places[place]?.name ?? place),
        session: sessionWord(first.session.day, rows),
        contactsFewer: own.reduce((sum, row) => sum + contactsIn(row.from, rows) - contactsIn(row.to, rows), 0),
        mornings: first.athlete.checkIns.map(({ day, answer }) => ({ day, answer })).reverse(),
        changes: own.map((row) => changeOf(row, rows)),
      },
    ];
  });
}

function riseCalls(rises: readonly ProposalRow[], rows: CallRows, squads: Squads): Call[] {
  return group(rises, (row) => `${row.squadId} ${row.from.exerciseId}`).flatMap((own): Call[] => {
    const [first] = own;
    const squad = first && squads.get(first.squadId);
    if (!first || !squad) return [];
    return [
      {
        ...base(
          squad,
          `rise ${first.squadId} ${first.from.exerciseId}`,
          [...new Set(own.flatMap((row) => row.rules))],
          rows,
        ),
        kind: 'rise',
        exercise: nameIn(rows.club)(first.from.exerciseId),
        changes: own.map((row) => changeOf(row, rows)),
      },
    ];
  });
}

const contactsIn = (side: ProposalRow['from'], { club }: CallRows): number =>
  contactsOf(getExercise(club.library, side.exerciseId), side.dose, club.method.settings).raw;

function changeOf(row: ProposalRow, { club }: CallRows): CallChange {
  return {
    id: row.id,
    athlete: row.athlete.name,
    exercise: nameIn(club)(row.from.exerciseId),
    ...changeWords(row.from, row.to, nameIn(club), club.massUnit),
  };
}

function group<T>(items: readonly T[], keyOf: (item: T) => string): T[][] {
  const groups = new Map<string, T[]>();
  for (const item of items) {
    const key = keyOf(item);
    groups.set(key, [...(groups.get(key) ?? []), item]);
  }
  return [...groups.values()];
}

/** What was settled today, newest last: for the side of Calls. */
export const settledToday = (
  rows: Pick<CallRows, 'club' | 'proposals' | 'squadId'>,
): { key: string; exercise: string; state: string; count: number; words: string; rules: readonly string[] }[] =>
  group(
    rows.proposals.filter(
      ({ state, squadId }) => state !== 'open' && (rows.squadId === null || squadId === rows.squadId),
    ),
    (row) => `${row.from.exerciseId} ${row.state} ${row.kind}`,
  ).flatMap((own) => {
    const [first] = own;
    if (!first) return [];
    const words = changeWords(first.from, first.to, nameIn(rows.club), rows.club.massUnit);
    return [
      {
        key: first.id,
        exercise: nameIn(rows.club)(first.from.exerciseId),
        state: first.state,
        count: own.length,
        words:
          own.length === 1 ? `${first.athlete.name}, ${words.from} → ${words.to}` : `${String(own.length)} athletes`,
        rules: first.rules,
      },
    ];
  });
