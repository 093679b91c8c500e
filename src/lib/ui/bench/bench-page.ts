import type { Assessment } from '$core/choose';
import type { Demand, Phase } from '$core/library';
import type { Card } from '$core/session';
import type { MassUnit } from '$core/units';
import type { StoredCard } from '$lib/model/card';
import type { ExerciseView } from '$lib/model/exercise-view';
import type { Kit } from '$lib/model/kit';
import type { SentLine } from '$lib/model/sent-view';

/** What the page's server gives the Bench. */
export interface BenchPage {
  readonly squad: { readonly id: string; readonly name: string; readonly kit: Kit };
  /** where this card is held, and where else the club trains */
  readonly place: { readonly id: string; readonly all: readonly { readonly id: string; readonly name: string }[] };
  readonly sport: { readonly name: string; readonly asks: readonly Demand[] } | null;
  readonly athletes: readonly { readonly id: string; readonly name: string }[];
  /** who by their own calendar is not here, by name */
  readonly away: readonly string[];
  /** whose day is not the squad's, and who could do more than the squad's card holds */
  readonly apart: readonly {
    readonly athleteId: string;
    readonly name: string;
    readonly words: string;
    readonly freer: boolean;
  }[];
  /** who comes back by stages, where the reader may know */
  readonly returning: readonly { readonly id: string; readonly name: string }[];
  /** a card of one athlete's own; null = the squad's */
  readonly forAthlete: string | null;
  readonly day: string;
  readonly dayWords: string;
  /** Monday 1 to Sunday 7 */
  readonly weekday: number;
  readonly start: string | null;
  readonly event: { readonly name: string; readonly day: string } | null;
  readonly phases: readonly { readonly id: string; readonly name: string }[];
  /** sessions that can be asked for by name */
  readonly kinds: readonly { readonly id: string; readonly name: string; readonly about: string }[];
  readonly leastMinutes: number;
  readonly places: Readonly<Record<string, string>>;
  readonly phase: Phase;
  readonly minutes: number;
  /** an earlier day: the card stands as it was written and done */
  readonly frozen: boolean;
  readonly massUnit: MassUnit;
  /** whether this reader may plan: only then is what the card is chosen from fetched */
  readonly plans: boolean;
  /** the card that stands is a primer */
  readonly primer: boolean;
  readonly covered: Readonly<Partial<Record<Demand, number>>>;
  readonly kneeHip: readonly [number, number];
  readonly newId: string;
  readonly session: {
    readonly stored: StoredCard;
    readonly card: Card;
    readonly view: readonly SentLine[];
    readonly assessment: Assessment;
    readonly views: Readonly<Record<string, ExerciseView>>;
  } | null;
}
