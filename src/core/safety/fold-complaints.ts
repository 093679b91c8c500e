import type { Day } from '../calendar';
import { answerComplaint, inForce, type Complaint } from './complaint';
import type { ComplaintFact, StandingComplaint } from './complaint-fact';
import { returnFrom, stepReturn } from './return-stage';

/**
 * Complaints as they stand after everything that was said (SAFE-2, SAFE-8): a pure fold in the order of days, so that a
 * corrected answer leaves no trace of the one it replaced.
 * @param facts of one athlete, any order
 * @param trained days with a session done: an answer above the score before it is pain still up next morning
 * @returns every complaint ever opened, oldest first; score 0 = closed
 */
export function foldComplaints(facts: readonly ComplaintFact[], trained: readonly Day[]): StandingComplaint[] {
  const standing: StandingComplaint[] = [];
  const ordered = [...facts].sort((a, b) => (a.day === b.day ? a.seq - b.seq : a.day < b.day ? -1 : 1));
  for (const fact of ordered) {
    if (fact.kind === 'complaint') {
      const { place, side, score, signs, since, day, calmAnswers = 0 } = fact;
      standing.push({
        origin: fact.id,
        place,
        side,
        score,
        signs,
        since,
        calmAnswers,
        clearance: null,
        returning: null,
        referred: false,
        updatedDay: day,
      });
    } else if (fact.kind === 'answer') answerAll(standing, fact, trained);
    else {
      const at = standing.findIndex(({ origin }) => origin === fact.complaint);
      const one = standing[at];
      if (!one) continue;
      standing[at] = afterNote(one, fact);
    }
  }
  return standing;
}

type NoteFact = Exclude<ComplaintFact, { kind: 'answer' | 'complaint' }>;

/** What a referral, a clinician's note or the end of the way back leaves of a complaint. */
function afterNote(one: StandingComplaint, fact: NoteFact): StandingComplaint {
  if (fact.kind === 'referral') return { ...one, referred: true };
  if (fact.kind === 'returned') return { ...one, score: 0, signs: [], returning: null, updatedDay: fact.day };
  const { given, knew, day } = fact;
  const upTo = given.upTo ?? null;
  return {
    ...one,
    clearance: {
      ...given,
      score: knew?.score ?? one.score,
      signs: knew?.signs ?? one.signs,
      endedOn: knew && one.score > knew.score ? day : null,
    },
    returning: upTo === null ? null : stepReturn(one.returning ?? returnFrom(day), null, upTo),
  };
}

type AnswerFact = Extract<ComplaintFact, { kind: 'answer' }>;

const isAt = (one: Pick<Complaint, 'place' | 'side'>, { place, side }: Pick<AnswerFact, 'place' | 'side'>): boolean =>
  one.place === place && (side === null || one.side === null || one.side === side);

/** A place that hurts opens or moves its complaint; "fine" is a calm answer to every complaint still open. */
function answerAll(standing: StandingComplaint[], fact: AnswerFact, trained: readonly Day[]): void {
  const hurts = fact.answer === 'pain' && fact.place !== null;
  let found = false;
  for (const [i, one] of standing.entries()) {
    if (one.score === 0) continue;
    const here = hurts && isAt(one, fact);
    found ||= here;
    const said = here ? hurtAgain(one, fact, trained) : fact.answer === 'fine' ? calm(one, fact.day) : one;
    standing[i] = onTheWayBack(said, fact, here, trained);
  }
  const score = fact.score ?? 0;
  if (!hurts || found || (score === 0 && fact.signs.length === 0)) return;
  standing.push({
    origin: fact.id,
    place: fact.place,
    side: fact.side,
    score,
    signs: fact.signs,
    since: fact.day,
    calmAnswers: 0,
    clearance: null,
    returning: null,
    referred: false,
    updatedDay: fact.day,
  });
}

/** An answer moves the way back: pain there at once, all else once for each time of training, while the note holds. */
function onTheWayBack(
  one: StandingComplaint,
  { answer, place, score, day }: AnswerFact,
  here: boolean,
  trained: readonly Day[],
): StandingComplaint {
  const { returning, clearance } = one;
  const upTo = clearance?.upTo ?? null;
  if (!returning || upTo === null) return one;
  if (here) return { ...one, returning: stepReturn(returning, { pain: score ?? 0 }, upTo) };
  const speaks = inForce(one, day) && trained.some((on) => returning.since <= on && on < day);
  if (!speaks || answer === 'pain' || (answer === 'tight' && place !== null && place !== one.place)) return one;
  return { ...one, returning: { ...stepReturn(returning, answer, upTo), since: day } };
}

const calm = (one: StandingComplaint, day: Day): StandingComplaint => {
  const after = answerComplaint(one, 0);
  return after === one
    ? one
    : { ...one, ...after, returning: after.score === 0 ? null : one.returning, updatedDay: day };
};

function hurtAgain(one: StandingComplaint, fact: AnswerFact, trained: readonly Day[]): StandingComplaint {
  const score = fact.score ?? 0;
  const worse = score > one.score;
  const stillUp = worse && trained.some((day) => one.updatedDay <= day && day < fact.day);
  const signs = [...new Set([...one.signs, ...fact.signs, ...(stillUp ? ['up next morning'] : [])])];
  const { clearance } = one;
  const ends =
    clearance?.endedOn === null && (score > clearance.score || signs.some((sign) => !clearance.signs.includes(sign)));
  const after = answerComplaint({ ...one, signs }, score);
  return {
    ...one,
    ...after,
    clearance: clearance && ends ? { ...clearance, endedOn: fact.day } : clearance,
    referred: one.referred && !worse && !ends && signs.length === one.signs.length,
    updatedDay: fact.day,
  };
}
