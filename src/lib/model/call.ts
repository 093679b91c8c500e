import type { Dose } from '$core/dose';
import type { DoseRowId, MethodSettings } from '$core/method';
import type { StallSignal } from '$core/progress';
import type { Answer } from '$core/track';
import type { WayBack } from './way-back';

/** One athlete's part of a call about doses. */
export interface CallChange {
  readonly athleteId: string;
  readonly exerciseId: string;
  readonly row: DoseRowId;
  /** what is asked, as it read when the page was made: it is judged again when it is accepted */
  readonly to: { readonly exerciseId: string; readonly dose: Dose };
  readonly athlete: string;
  readonly exercise: string;
  readonly words: { readonly from: string; readonly to: string };
}

/** What rules moved of one entry by themselves, for whom. */
export interface Moved {
  readonly exercise: string;
  /** `otherwise`: the answer was corrected since, and would not have moved it */
  readonly changes: readonly (CallChange & { readonly otherwise: boolean })[];
}

/** A line of today's card that stepped with the squad's votes. */
export interface Stepped {
  readonly key: string;
  /** its card on the Bench */
  readonly href: string;
  readonly squad: string;
  readonly exercise: string;
  readonly to: string;
  readonly rise: boolean;
  /** it climbed a rung, from this entry */
  readonly above: string | null;
}

/** Who of a squad has answered for its last session. */
export interface Mornings {
  readonly squadId: string;
  readonly squad: string;
  /** the session they speak of: `yesterday`, `Monday` */
  readonly session: string;
  readonly trained: number;
  readonly silent: readonly { readonly id: string; readonly name: string }[];
}

export interface CallBase {
  readonly key: string;
  readonly squad: string;
  readonly squadId: string;
  /** `before 18:30` on a gym day, else `by Thursday` */
  readonly deadline: string;
  readonly rules: readonly string[];
  readonly ruleWords: string;
}

/** What a coach may say to a call that moves no dose by itself: put off, seen, lighter work, a talk, back for good. */
export const CALL_CHOICES = ['later', 'seen', 'lighter', 'quality', 'talk', 'leave'] as const;
export type CallChoice = (typeof CALL_CHOICES)[number];

/** A decision that waits, as the screen shows it. */
export type Call =
  | (CallBase & {
      readonly kind: 'pain';
      readonly complaintId: string;
      readonly athleteId: string;
      readonly athlete: string;
      readonly place: string;
      readonly side: string | null;
      readonly score: number;
      readonly signs: readonly string[];
      /** null = nothing stops: it is eased */
      readonly stops: string | null;
      /** a worse answer ended its clearance */
      readonly ended: boolean;
    })
  | (CallBase & {
      readonly kind: 'test';
      readonly why: 'layoff' | 'sent-down' | 'next-rung' | 'lift-up';
      /** its name; null = screen again as a whole */
      readonly test: string | null;
      /** the numbers of the rule, which a club may have changed */
      readonly asks: Pick<MethodSettings['progress']['asks'], 'clearTimes' | 'jumpWithinDays'>;
      /** it may be put off for about a block */
      readonly mayWait: boolean;
      readonly href: string;
      readonly athletes: readonly { readonly id: string; readonly name: string; readonly detail: string }[];
    })
  | (CallBase & {
      readonly kind: 'silent';
      readonly athletes: readonly { readonly id: string; readonly name: string }[];
      readonly session: string;
    })
  | (CallBase & {
      readonly kind: 'cut';
      readonly athlete: string;
      readonly athleteId: string;
      readonly answer: Answer;
      readonly place: string | null;
      readonly session: string;
      readonly contactsFewer: number;
      readonly mornings: readonly { day: string; answer: Answer }[];
      readonly changes: readonly CallChange[];
    })
  | (CallBase & {
      readonly kind: 'stall';
      readonly athlete: string;
      readonly athleteId: string;
      readonly exercise: string;
      /** e1RM, kg */
      readonly firstKg: number;
      readonly nowKg: number;
      readonly share: number;
      readonly signals: readonly StallSignal[];
      /** the lift it is measured by, and at how many kg it would be kept while another quality is trained; null = too weak for it */
      readonly keep: { readonly lift: string; readonly kg: number } | null;
      /** the next card, to put another lift in its place */
      readonly bench: string;
    })
  | (CallBase & {
      readonly kind: 'return';
      readonly complaintId: string;
      readonly athleteId: string;
      readonly athlete: string;
      readonly place: string;
      readonly side: string | null;
      readonly way: WayBack;
      /** where the tests are taken that are still asked for */
      readonly href: string;
    })
  | (CallBase & {
      readonly kind: 'neglected';
      readonly days: number;
      readonly squads: readonly {
        readonly id: string;
        readonly name: string;
        readonly words: string;
        /** the next card, with the first muscle looked for */
        readonly bench: string;
        /** what the squad could do beside its sessions */
        readonly sides: readonly { readonly id: string; readonly name: string }[];
      }[];
    })
  | (CallBase & { readonly kind: 'rise'; readonly exercise: string; readonly changes: readonly CallChange[] });

export type CallOf<K extends Call['kind']> = Extract<Call, { kind: K }>;
