import { testSpecs } from '$core/athlete';
import { addDays, weekdayOf, type Day } from '$core/calendar';
import type { Muscle } from '$core/library';
import { ownValue } from '$core/own';
import { listWords, MUSCLE_WORDS, WAY_BACK_RULE } from '$lib/messages';
import type { CallOf } from '$lib/model/call';
import { mayLeave } from '$lib/model/way-back';
import type { AthleteRow } from '../repositories/athletes';
import { libraryOf, type ClubContext, type SquadRow } from '../repositories/club-context';
import { callBase, group, nameIn, type Shown } from './call-base';
import { leastCeiling } from './least-ceiling';
import { nextCardDay } from './page-thread';
import { squadLedger } from './squad-ledger';
import type { Stuck } from './standing';
import type { TestAsked } from './waiting';
import { wayBackOf } from './way-back';

const TEST_RULE: Readonly<Record<TestAsked['why'], string>> = {
  layoff: 'PROG-7',
  'sent-down': 'PROG-4',
  'next-rung': 'PROG-8',
  'lift-up': 'PROG-11',
};
/** Asked for safety's sake: they cannot be put off. */
const NEVER_LATER: readonly TestAsked['why'][] = ['layoff', 'sent-down'];

/** Tests the rules ask for; alike ones of a squad are one call, put off for about a block at most (PROG-17). */
export const testCalls = (tests: readonly TestAsked[], rows: Shown): CallOf<'test'>[] =>
  group(tests, ({ squad, why, test }) => `test ${squad.id} ${why} ${test ?? ''}`).flatMap((own): CallOf<'test'>[] => {
    const [first] = own;
    if (!first) return [];
    const { squad, why, test } = first;
    const key = ['test', squad.id, why, test ?? ''].join(' ').trim();
    const mayWait = !NEVER_LATER.includes(why);
    if (mayWait && isPutOff(key, rows)) return [];
    return [
      {
        ...callBase(squad, key, [TEST_RULE[why]], rows),
        kind: 'test',
        why,
        test: test === null ? null : (testSpecs(rows.club.method).get(test)?.name ?? test),
        asks: rows.club.method.settings.progress.asks,
        mayWait,
        href: `/start/${squad.id}/${rows.club.today}`,
        athletes: own.map(({ athlete, exerciseId, days }) => ({
          id: athlete.id,
          name: athlete.name,
          detail: exerciseId === null ? `${String(days)} days away` : nameIn(rows.club)(exerciseId),
        })),
      },
    ];
  });

/** The ceiling under which a stuck lift is kept while another quality leads (PROG-10, DOSE-6); null = its target comes first. */
function keepAt(
  athlete: AthleteRow,
  squad: SquadRow,
  exerciseId: string,
  nowKg: number,
  club: ClubContext,
): CallOf<'stall'>['keep'] {
  const lift = club.library.exercises.get(exerciseId)?.load.oneRepMax?.lift;
  const least = lift === undefined ? null : leastCeiling(lift, athlete, squad, club);
  const kg = Math.floor(nowKg);
  return lift !== undefined && least !== null && kg >= least ? { lift, kg } : null;
}

/** Main lifts that are stuck: one call an athlete and lift, once a block (PROG-10). */
export const stallCalls = (stuck: readonly Stuck[], rows: Shown): CallOf<'stall'>[] =>
  stuck.flatMap(({ athlete, squad, track, stall }): CallOf<'stall'>[] => {
    const key = `stall ${athlete.id} ${track.exerciseId}`;
    if (isPutOff(key, rows)) return [];
    return [
      {
        ...callBase(squad, key, ['PROG-10'], rows),
        kind: 'stall',
        athlete: athlete.name,
        athleteId: athlete.id,
        exercise: nameIn(rows.club)(track.exerciseId),
        firstKg: stall.firstKg,
        nowKg: stall.nowKg,
        share: stall.share,
        // what hurts is told to those who may know (SAFE-7)
        signals: stall.signals.filter((signal) => rows.health || signal !== 'complaint'),
        keep: keepAt(athlete, squad, track.exerciseId, stall.nowKg, rows.club),
        bench: `/bench/${squad.id}/${nextCardDay(squad, rows.club.today)}`,
      },
    ];
  });

/**
 * Athletes on the way back who wait for somebody: for the clinician's next note, for the tests that end it, or for the
 * coach's word (SAFE-2). A note whose time is over is a call of pain again.
 */
export function returnCalls(squads: readonly SquadRow[], rows: Shown): CallOf<'return'>[] {
  const { club } = rows;
  const seen = new Set<string>();
  return squads.flatMap((squad) =>
    (rows.squads.get(squad.id) ?? []).flatMap((athlete) =>
      athlete.complaints.flatMap((complaint): CallOf<'return'>[] => {
        const way = wayBackOf(athlete, complaint, club);
        if (!way || seen.has(complaint.id) || !way.holds || way.finesLeft > 0) return [];
        const key = `return ${athlete.id} ${complaint.id} ${way.stage}${mayLeave(way) ? ' over' : ''}`;
        if (!(way.needsNote || way.next === null) || isPutOff(key, rows)) return [];
        seen.add(complaint.id);
        return [
          {
            ...callBase(squad, key, ['SAFE-2'], rows),
            ruleWords: WAY_BACK_RULE,
            kind: 'return',
            complaintId: complaint.id,
            athleteId: athlete.id,
            athlete: athlete.name,
            place: ownValue(club.method.places, complaint.place)?.name ?? complaint.place,
            side: complaint.side,
            way,
            href: `/start/${squad.id}/${club.today}`,
          },
        ];
      }),
    ),
  );
}

/**
 * Muscles that the squads' last two weeks have forgotten, in one call, named once a week (LED-1).
 * @param asked the squad whose calls are looked at; null = all, which are then answered together
 */
export function neglectedCalls(squads: readonly SquadRow[], asked: string | null, rows: Shown): CallOf<'neglected'>[] {
  const { club } = rows;
  const week = `neglected ${weekOf(club.today)}`;
  const isSeen = (key: string): boolean => rows.putOff.some((one) => one.key === key);
  const days = club.method.settings.ledger.forgotten.days;
  const found = squads.flatMap((squad) => {
    const own = rows.done.filter(({ squadId }) => squadId === squad.id);
    if (own.length === 0 || isSeen(week) || isSeen(`${week} ${squad.id}`)) return [];
    const { neglected } = squadLedger(own, days, libraryOf(club, squad), club);
    if (neglected.length === 0) return [];
    return [{ squad, neglected }];
  });
  const [first] = found;
  if (!first) return [];
  return [
    {
      ...callBase(first.squad, asked === null ? week : `${week} ${asked}`, ['LED-1'], rows),
      squad: found.length === 1 ? first.squad.name : 'Several squads',
      kind: 'neglected',
      days,
      squads: found.map(({ squad, neglected }) => ({
        id: squad.id,
        name: squad.name,
        words: listWords(neglected.map((muscle) => MUSCLE_WORDS[muscle])),
        bench: `/bench/${squad.id}/${nextCardDay(squad, club.today)}?find=${encodeURIComponent(MUSCLE_WORDS[neglected[0] ?? 'foot'])}`,
        sides: helpfulSides(squad.id, neglected, rows),
      })),
    },
  ];
}

/** Programmes beside the sessions that train some of the muscles, and that the squad does not have yet (SIDE-1). */
function helpfulSides(squadId: string, muscles: readonly Muscle[], { club: { library, method }, given }: Shown) {
  const { primeMoverShare } = method.settings.count;
  return Object.entries(method.sides).flatMap(([id, { name, items, instead }]) => {
    const isGiven = given.some((one) => one.squadId === squadId && one.athleteId === null && one.programme === id);
    const helps = items.some(({ exercise, row }) => {
      const share = library.exercises.get(exercise)?.share ?? {};
      // mobility is no set
      return method.doses[row].progresses && muscles.some((muscle) => (share[muscle] ?? 0) >= primeMoverShare);
    });
    return helps && !isGiven && !instead ? [{ id, name }] : [];
  });
}

const weekOf = (day: Day): Day => addDays(day, 1 - weekdayOf(day));

const isPutOff = (key: string, { putOff, club }: Shown): boolean => {
  const since = addDays(club.today, -club.method.settings.progress.asks.againDays);
  return putOff.some((one) => one.key === key && one.day > since);
};
