import { VIRTUAL_ATHLETES } from '$catalog/virtual-athletes';
import { addDays, daysBetween, weekdayOf, type Day } from '$core/calendar';
import { getExercise } from '$core/library';
import { seeded, seedOf } from '$core/random';
import { complaintColumn, finesLeft } from '$core/safety';
import { ANSWER_SPEAKS_OF_DAYS } from '$core/track';
import { answerOf, wakeUp } from '$core/virtual';
import type { ProgrammeSession } from '$lib/model/programme';
import type { Call } from '$lib/model/call';
import { makeCalls } from '../reads/make-calls';
import type { CallRows } from '../reads/call-rows';
import type { SetsDone } from '../reads/squad-ledger';
import { waitingOf, type Waiting } from '../reads/waiting';
import { knowRow } from '../repositories/athletes';
import type { Living } from './live-season';
import type { LivedAthlete } from './lived-athlete';
import { dayNumber } from './lived-tests';

/** What a morning asked of the coach, and what rules moved by themselves. */
export interface Asked {
  readonly calls: ProgrammeSession['calls'];
  readonly applied: number;
}

/** A morning: who trained answers, rules settle what is theirs, the coach reads the calls and says yes to what they ask. */
export function liveMorning(living: Living, day: Day): Asked {
  const { athletes, policy } = living;
  let applied = 0;
  const asking: { athlete: LivedAthlete; waiting: Waiting[] }[] = [];
  for (const athlete of athletes) {
    answerToday(living, athlete, day);
    seeClinician(athlete, day);
    if (policy === 'naive') continue;
    const waiting = waitingToday(living, athlete, day);
    const alone = waiting.filter((one) => one.alone);
    take(living, athlete, day, alone, 'PROG-17');
    applied += alone.length;
    asking.push({ athlete, waiting: waiting.filter((one) => !one.alone) });
  }
  const calls = policy === 'rules' && living.cards[0]?.day === addDays(day, -1) ? readCalls(living, day) : [];
  for (const { athlete, waiting } of asking) take(living, athlete, day, waiting, null);
  return { calls, applied };
}

/** The page of calls, and that pain on it is passed on. */
function readCalls(living: Living, day: Day): Asked['calls'] {
  const calls = makeCalls(callRows(living, day), null, true);
  for (const call of calls) {
    if (call.kind === 'pain') living.athletes.find(({ id }) => id === call.athleteId)?.refer(call.complaintId, day);
    answerCall(living, call, day);
  }
  return calls.map((call) => ({
    kind: call.kind,
    athletes: 'athletes' in call ? call.athletes.length : call.kind === 'rise' ? call.changes.length : 1,
  }));
}

/** Calls that move no dose: who is tired gets lighter work, tests wait for the test week, what is forgotten is seen. */
function answerCall({ athletes, answered }: Living, call: Call, day: Day): void {
  if (call.kind === 'stall') {
    const isTired = call.signals.includes('tight');
    const stuck = athletes.find(({ id }) => id === call.athleteId);
    if (isTired) stuck?.lighten(day);
    answered.push({ key: call.key, choice: isTired ? 'lighter' : 'talk', day });
  } else if (call.kind === 'neglected') answered.push({ key: call.key, choice: 'seen', day });
  else if (call.kind === 'test' && call.mayWait) answered.push({ key: call.key, choice: 'later', day });
}

/** An answer on the first morning, later or at the door, or none at all. */
function answerToday({ of: { club, squad } }: Living, athlete: LivedAthlete, day: Day): void {
  const last = athlete.trained.at(-1);
  if (last === undefined) return;
  const since = daysBetween(last, day);
  if (since < 1 || since > ANSWER_SPEAKS_OF_DAYS || athlete.answeredSince(last)) return;
  const next = seeded(seedOf(athlete.seed, 2, dayNumber(day)));
  if (since === 1) athlete.body = wakeUp(athlete.body, club.method, VIRTUAL_ATHLETES, next);
  const { mornings } = VIRTUAL_ATHLETES;
  const isGymDay = squad.gymDays.some(({ weekday }) => weekday === weekdayOf(day));
  const chance = since === 1 ? athlete.body.traits.answers : isGymDay ? mornings.atTheDoor : mornings.later;
  if (next() < chance) athlete.answer(day, answerOf(athlete.body, club.method, VIRTUAL_ATHLETES, next));
}

/** Who is free of pain and still stopped gets a clinician's note, and goes back by its stages (SAFE-2). */
function seeClinician(athlete: LivedAthlete, day: Day): void {
  if (athlete.body.pain) return;
  for (const one of athlete.complaints)
    if (one.returning?.stage === 'full' && finesLeft(one.returning) === 0) athlete.returned(one.origin, day);
    else if (one.score > 0 && complaintColumn(one, day) === 'stop')
      athlete.clear(one.origin, day, {
        role: 'physio',
        from: day,
        expires: addDays(day, VIRTUAL_ATHLETES.mornings.noteDays),
        lifts: null,
        upTo: 'full',
        scope: { maxTier: null, maxIntensity: null, note: '' },
      });
}

/** What waits for an athlete today: nothing does but after an answer. */
function waitingToday({ of: { club, squad }, cards }: Living, athlete: LivedAthlete, day: Day): Waiting[] {
  if (athlete.answers[0]?.day !== day) return [];
  const on = { ...club, today: day };
  const row = athlete.asRow(day);
  const heads = new Map(cards.map((card) => [card.id, card]));
  return waitingOf(row, knowRow(row, day, on, squad), squad, (id) => headOf(heads.get(id), squad.id), on);
}

/** Makes steps of what waits. */
function take(
  { of: { club } }: Living,
  athlete: LivedAthlete,
  day: Day,
  waiting: readonly Waiting[],
  rule: string | null,
): void {
  for (const { track, change } of waiting)
    athlete.step(getExercise(club.library, track.exerciseId), day, {
      cause: 'accepted',
      exerciseId: track.exerciseId,
      row: track.row,
      to: change.to,
      sessionId: null,
      tight: change.saw.answer === 'tight',
      rules: rule === null ? change.rules : [...change.rules, rule],
      saw: change.saw,
    });
}

const headOf = (card: Living['cards'][number] | undefined, squadId: string) =>
  card && { squadId, athleteId: card.athleteId, phase: card.phase };

/** What the page of calls would read. */
function callRows({ of: { club, squad }, athletes, cards, answered }: Living, day: Day): CallRows {
  return {
    club: { ...club, today: day, squads: [squad] },
    squads: new Map([[squad.id, athletes.map((athlete) => athlete.asRow(day))]]),
    sessions: cards.slice(0, 8).map((card) => ({ ...card, squadId: squad.id, logs: [{ id: card.id }] })),
    decisions: [],
    putOff: answered,
    given: [],
    done: athletes.flatMap((athlete) => doneLately(athlete, squad.id, day, club.method.settings.ledger.forgotten.days)),
  };
}

/** Sets of the last days as the balance would count them. */
function doneLately({ id, tracks }: LivedAthlete, squadId: string, day: Day, days: number): SetsDone[] {
  const after = addDays(day, -days);
  return tracks.flatMap(({ exerciseId, row, exposures }) =>
    exposures
      .filter((exposure) => exposure.day > after)
      .map((exposure) => ({
        squadId,
        athleteId: id,
        exerciseId,
        row,
        day: exposure.day,
        sets: exposure.sets.length,
        rir: exposure.dose.rir,
      })),
  );
}
