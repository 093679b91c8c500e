import type { Assessment, Brief } from '$core/choose';
import type { Demand, OwnEntry, Phase } from '$core/library';
import type { ClubTable } from '$core/method';
import type { Card } from '$core/session';
import type { MassUnit } from '$core/units';
import type { ExerciseView } from '$lib/model/exercise-view';
import type { Kit } from '$lib/model/kit';

/** What the page's server gives the Bench. */
export interface BenchPage {
  readonly squad: { readonly id: string; readonly name: string; readonly kit: Kit };
  readonly sport: { readonly name: string; readonly asks: readonly Demand[] } | null;
  readonly athletes: readonly { readonly id: string; readonly name: string }[];
  /** a card of one athlete's own; null = the squad's */
  readonly forAthlete: string | null;
  readonly day: string;
  readonly dayWords: string;
  /** Monday 1 to Sunday 7 */
  readonly weekday: number;
  readonly start: string | null;
  readonly event: { readonly name: string; readonly day: string } | null;
  readonly phases: readonly { readonly id: string; readonly name: string }[];
  readonly leastMinutes: number;
  readonly places: Readonly<Record<string, string>>;
  readonly phase: Phase;
  readonly minutes: number;
  readonly massUnit: MassUnit;
  /** null for those who may not plan */
  readonly brief: Brief | null;
  readonly covered: Readonly<Partial<Record<Demand, number>>>;
  readonly kneeHip: readonly [number, number];
  readonly tables: readonly ClubTable[];
  readonly entries: readonly OwnEntry[];
  readonly newId: string;
  readonly session: {
    readonly id: string;
    readonly version: number;
    readonly card: Card;
    readonly assessment: Assessment;
    readonly views: Readonly<Record<string, ExerciseView>>;
  } | null;
}
