import type { Day } from '../calendar';
import type { Side } from '../library';
import type { Clearance, Complaint } from './complaint';

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
  | (FactBase & { readonly kind: 'referral'; readonly complaint: string })
  /** the coach's word that the way back is over */
  | (FactBase & { readonly kind: 'returned'; readonly complaint: string });

/** A complaint with where it came from and whether it was passed on since it last got worse. */
export interface StandingComplaint extends Complaint {
  /** id of the fact that opened it */
  readonly origin: string;
  readonly referred: boolean;
  readonly updatedDay: Day;
}
