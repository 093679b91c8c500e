import type { AthleteFacts } from '../athlete';
import type { DaySetting } from '../day';
import type { Dose } from '../dose';
import type { Demand, Phase } from '../library';
import type { KneeHip } from '../ledger';
import type { DoseRowId } from '../method';
import type { RestStep, SquadStep } from '../progress';
import type { Banded } from '../season';
import type { CardShape, Line, TypedLine } from '../session';
import type { SessionRole } from './candidates/role-slots';

/** What the squad is in the middle of: it stays where it may (BLOCK-2). */
export interface Running {
  /** the phase it was chosen in: entries of another phase are no starting point */
  readonly phase: Phase;
  /** entry of each slot on the squad's last card of the phase and role that had the slot */
  readonly entries: Readonly<Record<string, string>>;
  /** prep drills of the squad's last card, whatever its role: the next ones vary (BLOCK-4) */
  readonly prep: readonly string[];
  /** what this block trains on days of other roles: its jumps come again, other work differs (BLOCK-4) */
  readonly otherDays: readonly string[];
  /** what the block before trained beside its main lifts: it gives way to others where there are any (BLOCK-4) */
  readonly lastBlock: readonly string[];
  /** the squad's dose of an entry in a row on its last card of the last weeks (`runningKey`) */
  readonly doses: Readonly<Record<string, Dose>>;
  /** fast lines that begin at the bottom of their range again with this block, from what they had come to (`runningKey`) */
  readonly again: Readonly<Record<string, Pick<Dose, 'sets' | 'amount'>>>;
  /** the step its line takes after the squad's votes, which `doses` has already (`runningKey`, PROG-16) */
  readonly steps: Readonly<Record<string, SquadStep>>;
  /** sets that lines the clock has cut stay at today (`runningKey`) */
  readonly held: Readonly<Record<string, number>>;
  /** rungs its lines have climbed, by the entry come to; `from`: the entry below, which who is not ready still does */
  readonly climbs: Readonly<Record<string, { readonly from: string; readonly today: boolean }>>;
  /** rest its jumps have learned from their outputs (`runningKey`, REST-2); `today`: the step it takes now, from which rest */
  readonly rests: Readonly<
    Record<
      string,
      {
        readonly seconds: number;
        readonly amount: number;
        readonly from: number | null;
        readonly today: Pick<RestStep, 'kind' | 'counted' | 'of'> | null;
      }
    >
  >;
}

export const runningKey = (exerciseId: string, row: DoseRowId): string => `${exerciseId} ${row}`;

/** A line that stays in its slot while the rest is chosen. */
export interface Pin {
  readonly exerciseId: string;
  /** null = dosed anew */
  readonly dosed: Pick<Line, 'row' | 'dose' | 'full'> | null;
  /** the coach typed the dose: nothing moves it (DOSE-12) */
  readonly typed: boolean;
  /** where it stands, for a line that is no slot of the template, and what it is done in turn with; absent = as the template has it */
  readonly at?: Pick<Line, 'block' | 'group'>;
  /** the coach's words on it and whom it is for; absent = none, everybody */
  readonly said?: Pick<Line, 'note' | 'only' | 'override' | 'overrideFor'>;
  /** put there by the coach; false = only held still while something else changes */
  readonly byCoach: boolean;
}

/** What the cards of a week before this one hold, prep left out (WEEK-9). */
export interface WeekSoFar {
  readonly held: readonly { readonly exerciseId: string; readonly main: boolean }[];
  /** no lifting session of the week comes after this one */
  readonly isLast: boolean;
  /** an event takes lifting sessions of this week away, or eases them */
  readonly nearEvent: boolean;
}

/** Everything a session is chosen from. `still`: nothing comes on the card beside its pins, as when a line is only moved. */
export interface Brief extends DaySetting {
  readonly still?: boolean;
  readonly minutes: number;
  readonly sportId: string;
  /** what the session is for in its week; null = it stands alone */
  readonly role: SessionRole | null;
  /** rows its jumps are dosed by where the block's action says so (BLOCK-3); null = those of the phase */
  readonly jumpRows: readonly DoseRowId[] | null;
  readonly athletes: readonly AthleteFacts[];
  /** hard sets that are left for this session of its week's rows (WEEK-9); null = the week sets none */
  readonly sets: Readonly<Record<Banded, readonly [number, number]>> | null;
  /** the week up to this session; null = it is no lifting session of a planned week */
  readonly week: WeekSoFar | null;
  /** hard sets of all kinds that a lighter week or a peak leaves this session; null = a usual week */
  readonly mostSets: number | null;
  /** demand × sets already covered this week */
  readonly covered: Readonly<Partial<Record<Demand, number>>>;
  /** knee and hip sets of the ledger's window before this card */
  readonly balance: KneeHip;
  readonly running: Running;
  /** lines fixed for a slot, by slot */
  readonly pins: Readonly<Record<string, Pin>>;
  /** what the coach made of the card beside its lines */
  readonly shape: CardShape;
  /** what the coach typed for single athletes */
  readonly typed: readonly TypedLine[];
  /** whether what runs stays where it may; off = choose the whole card anew */
  readonly keepRunning: boolean;
  /** the coach asked for a primer on the day of an event (WEEK-2) */
  readonly primer: boolean;
}
