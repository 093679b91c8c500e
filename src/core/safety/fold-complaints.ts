import type { Day } from '../calendar';
import type { Side } from '../library';
import { answerComplaint, type Clearance, type Complaint } from './complaint';

interface FactBase {
  readonly id: string;
  readonly day: Day;
  /** order of writing within a day */
  readonly seq: number;
}

/** What the fold reads. Of several answers of a day only the last may be handed in: that is the one that counts. */
export type ComplaintFact =
  | (FactBase & {
      readonly kind: 'answer';
      readonly answer: 'fine' | 'usual' | 'tight' | 'pain';
      readonly place: string | null;
      readonly side: Side | null;
      readonly score: number | null;
      readonly signs: readonly string[];
    })
  | (FactBase & {
      readonly kind: 'complaint';
      readonly place: string;
      readonly side: Side | null;
      readonly score: number;
      readonly signs: readonly string[];
      readonly since: Day;
      readonly calmAnswers?: number;
    })
  | (FactBase & {
      readonly kind: 'clearance';
      readonly complaint: string;
      readonly given: Omit<Clearance, 'score' | 'signs' | 'endedOn'>;
      /** what it was given for, where a migration had to say it; else what stood that moment */
      readonly knew?: { readonly score: number; readonly signs: readonly string[] };
    })
  | (FactBase & { readonly kind: 'referral'; readonly complaint: string });

/** A complaint with where it came from and whether it was passed on since it last got worse. */
export interface StandingComplaint extends Complaint {
  /** id of the fact that opened it */
  readonly origin: string;
  readonly referred: boolean;
  readonly updatedDay: Day;
}

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
        referred: false,
        updatedDay: day,
      });
    } else if (fact.kind === 'answer') answerAll(standing, fact, trained);
    else {
      const at = standing.findIndex(({ origin }) => origin === fact.complaint);
      const one = standing[at];
      if (!one) continue;
      standing[at] =
        fact.kind === 'referral'
          ? { ...one, referred: true }
          : {
              ...one,
              clearance: {
                ...fact.given,
                score: fact.knew?.score ?? one.score,
                signs: fact.knew?.signs ?? one.signs,
                endedOn: fact.knew && one.score > fact.knew.score ? fact.day : null,
              },
            };
    }
  }
  return standing;
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
    if (here) standing[i] = hurtAgain(one, fact, trained);
    else if (fact.answer === 'fine') standing[i] = calm(one, fact.day);
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
    referred: false,
    updatedDay: fact.day,
  });
}

const calm = (one: StandingComplaint, day: Day): StandingComplaint => {
  const after = answerComplaint(one, 0);
  return after === one ? one : { ...one, ...after, updatedDay: day };
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
