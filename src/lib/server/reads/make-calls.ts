import { daysBetween, weekdayOf } from '$core/calendar';
import { contactsOf } from '$core/jumps';
import { getExercise } from '$core/library';
import { isRise } from '$core/progress';
import { barOf, complaintColumn } from '$core/safety';
import { ownValue } from '$core/own';
import { changeWords, FAMILY_WORDS, listWords, weekdayWord } from '$lib/messages';
import type { Call, CallChange, Mornings } from '$lib/model/call';
import { morningsOf, type AthleteRow } from '../repositories/athletes';
import type { SquadRow } from '../repositories/club-context';
import { callBase, group, nameIn, type Shown } from './call-base';
import { silentOf, trainedLately, type CallRows } from './call-rows';
import { nextCardDay } from './page-thread';
import { neglectedCalls, returnCalls, stallCalls, testCalls } from './standing-calls';
import { readWaiting, type Waiting } from './waiting';

/** The calls of a club, most urgent first: pain, silence, tests, cuts, what is stuck, then rises and what is forgotten. @param squadId null = of every squad */
export function makeCalls(rows: CallRows, squadId: string | null, health: boolean): Call[] {
  const { club } = rows;
  const shown: Shown = { ...rows, health };
  const squads = new Map(
    club.squads.filter(({ id }) => squadId === null || id === squadId).map((squad) => [squad.id, squad]),
  );
  const heads = new Map(rows.sessions.map((session) => [session.id, session]));
  const { waiting, tests, stuck } = readWaiting(club, rows.squads, (sessionId) => heads.get(sessionId));
  const open = waiting.filter(
    ({ squad, alone }) => squads.has(squad.id) && !(alone && squads.get(squad.id)?.schools.calls === 'few'),
  );
  const calls = [
    ...(health ? painCalls(shown, squads) : []),
    ...(health ? returnCalls([...squads.values()], shown) : []),
    ...silentCalls(shown, squads),
    ...testCalls(
      tests.filter(({ squad }) => squads.has(squad.id)),
      shown,
    ),
    ...cutCalls(
      open.filter(({ change }) => !isRise(change.kind)),
      shown,
    ),
    ...stallCalls(
      stuck.filter(({ squad }) => squads.has(squad.id)),
      shown,
    ),
    ...riseCalls(
      open.filter(({ change }) => isRise(change.kind)),
      shown,
    ),
    ...neglectedCalls([...squads.values()], squadId, shown),
  ];
  // pain first, then whoever trains soonest; within a squad the order above
  const soon = (call: Call): number => (call.kind === 'pain' ? -1 : daysToGym(squads.get(call.squadId), shown));
  return calls
    .map((call, i) => ({ call, i }))
    .sort((a, b) => soon(a.call) - soon(b.call) || a.i - b.i)
    .map(({ call }) => call);
}

const daysToGym = (squad: SquadRow | undefined, { club }: Shown): number =>
  squad ? daysBetween(club.today, nextCardDay(squad, club.today)) : Infinity;

type Squads = ReadonlyMap<string, SquadRow>;

/** A complaint at 3 or more, or with a sign, that nobody has passed on or looked at (SAFE-2). */
function painCalls(rows: Shown, squads: Squads): Call[] {
  const { method, today } = rows.club;
  const seen = new Set<string>();
  const found: Call[] = [];
  for (const squad of squads.values())
    for (const athlete of rows.squads.get(squad.id) ?? [])
      for (const row of athlete.complaints) {
        const column = Object.hasOwn(method.places, row.place) ? complaintColumn(row, today) : null;
        const grave = column === 'three' || column === 'stop' || (column === 'mild' && hurtsAgain(athlete));
        if (seen.has(row.id) || row.referredAt !== null || !grave) continue;
        seen.add(row.id);
        const bar = barOf({ place: row.place, side: row.side, score: row.score, column }, method);
        const stops = bar.everything
          ? 'Everything'
          : listWords([...new Set(bar.families)].map((family) => FAMILY_WORDS[family]));
        found.push({
          ...callBase(squad, row.id, ['SAFE-2', 'SAFE-8'], rows),
          kind: 'pain',
          complaintId: row.id,
          athleteId: athlete.id,
          athlete: athlete.name,
          place: ownValue(method.places, row.place)?.name ?? row.place,
          side: row.side,
          score: row.score,
          signs: row.signs,
          stops: column === 'stop' ? stops.replace(/^./, (first) => first.toUpperCase()) : null,
          ended: row.clearance?.endedOn != null,
        });
      }
  return found.sort((a, b) => (b.kind === 'pain' ? b.score : 0) - (a.kind === 'pain' ? a.score : 0));
}

/** Mornings of pain in a row that are a call, however mild (PROG-17). */
const HURTS_IN_A_ROW = 3;
const hurtsAgain = (athlete: AthleteRow): boolean => {
  const last = morningsOf(athlete).slice(0, HURTS_IN_A_ROW);
  return last.length === HURTS_IN_A_ROW && last.every(({ answer }) => answer === 'pain');
};

function silentCalls(rows: Shown, squads: Squads): Call[] {
  const silent = silentOf(rows);
  return [...squads.values()].flatMap((squad): Call[] => {
    const quiet = silent.filter(({ squadId }) => squadId === squad.id);
    const last = quiet[0]?.day;
    if (last === undefined) return [];
    // a few who forgot repeat their dose (PROG-6); half of a squad is a call (PROG-17)
    const trained = (rows.squads.get(squad.id) ?? []).filter((athlete) => trainedLately(athlete, rows.club.today));
    if (squad.schools.calls === 'few' && quiet.length * 2 < trained.length) return [];
    return [
      {
        ...callBase(squad, `silent ${squad.id}`, ['PROG-6'], rows),
        kind: 'silent',
        athletes: quiet.map(({ athleteId, name }) => ({ id: athleteId, name })),
        session: sessionWord(last, rows),
      },
    ];
  });
}

/** How many of each squad have answered for their last session, and who has not: anybody may be answered for at the door. */
export function readMornings(rows: CallRows, squadId: string | null): Mornings[] {
  const silent = silentOf(rows);
  const homes = new Map(rows.sessions.map((session) => [session.id, session.squadId]));
  return rows.club.squads
    .filter(({ id }) => squadId === null || id === squadId)
    .flatMap((squad): Mornings[] => {
      // who also trains with another squad is counted where they trained last
      const days = (rows.squads.get(squad.id) ?? []).flatMap((one) => {
        const last = trainedLately(one, rows.club.today);
        return last && homes.get(last.sessionId) === squad.id ? [last.day] : [];
      });
      const last = days.sort().at(-1);
      if (last === undefined) return [];
      return [
        {
          squadId: squad.id,
          squad: squad.name,
          session: sessionWord(last, rows),
          trained: days.length,
          silent: silent
            .filter((one) => one.squadId === squad.id)
            .map(({ athleteId, name }) => ({ id: athleteId, name })),
        },
      ];
    });
}

const sessionWord = (day: string, { club }: Pick<Shown, 'club'>): string =>
  daysBetween(day, club.today) === 1 ? 'yesterday' : weekdayWord(weekdayOf(day), true);

function cutCalls(cuts: readonly Waiting[], rows: Shown): Call[] {
  const { club } = rows;
  return group(cuts, (row) => `${row.athlete.id} ${row.sessionId} ${row.change.rules[0] ?? ''}`).flatMap(
    (own): Call[] => {
      const [first] = own;
      if (!first) return [];
      const { saw } = first.change;
      const place = typeof saw.place === 'string' ? saw.place : null;
      const mornings = morningsOf(first.athlete);
      return [
        {
          ...callBase(
            first.squad,
            `cut ${first.athlete.id} ${first.sessionId}`,
            [...new Set(own.flatMap(({ change }) => change.rules))],
            rows,
          ),
          kind: 'cut',
          athlete: first.athlete.name,
          athleteId: first.athlete.id,
          answer: saw.answer === 'tight' ? 'tight' : (mornings[0]?.answer ?? 'fine'),
          place: place === null || !rows.health ? null : (ownValue(club.method.places, place)?.name ?? place),
          session: sessionWord(first.sessionDay, rows),
          contactsFewer: own.reduce(
            (sum, { change }) => sum + contactsIn(change.from, rows) - contactsIn(change.to, rows),
            0,
          ),
          mornings: mornings
            .slice(0, MORNINGS)
            .map(({ day, answer }) => ({ day, answer }))
            .reverse(),
          changes: own.map((row) => changeOf(row, rows)),
        },
      ];
    },
  );
}
/** Mornings shown beside a cut. */
const MORNINGS = 4;

function riseCalls(rises: readonly Waiting[], rows: Shown): Call[] {
  return group(rises, ({ squad, track }) => `${squad.id} ${track.exerciseId}`).flatMap((own): Call[] => {
    const [first] = own;
    if (!first) return [];
    return [
      {
        ...callBase(
          first.squad,
          `rise ${first.squad.id} ${first.track.exerciseId}`,
          [...new Set(own.flatMap(({ change }) => change.rules))],
          rows,
        ),
        kind: 'rise',
        exercise: nameIn(rows.club)(first.track.exerciseId),
        changes: own.map((row) => changeOf(row, rows)),
      },
    ];
  });
}

const contactsIn = (side: Waiting['change']['from'], { club }: Shown): number =>
  contactsOf(getExercise(club.library, side.exerciseId), side.dose, club.method.settings).raw;

function changeOf({ athlete, track, change }: Waiting, { club }: Pick<Shown, 'club'>): CallChange {
  return {
    athleteId: athlete.id,
    exerciseId: track.exerciseId,
    row: track.row,
    to: change.to,
    athlete: athlete.name,
    exercise: nameIn(club)(change.from.exerciseId),
    words: changeWords(change.from, change.to, nameIn(club), club.massUnit),
  };
}
