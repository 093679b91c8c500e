import type { Side } from '../library';

/** What steers caution without barring anything by itself (method 4; SAFE-11). */
export interface Background {
  readonly pastInjuries: readonly { readonly place: string; readonly year: string; readonly side: Side | null }[];
  /** braces, tape and shoes, in the coach's words: they point to R4 */
  readonly wears: string;
  readonly surface: 'hall' | 'turf' | 'ice' | 'board' | null;
  readonly takeOffLeg: 'left' | 'right' | null;
  readonly practiceHours: number | null;
}

export const EMPTY_BACKGROUND: Background = {
  pastInjuries: [],
  wears: '',
  surface: null,
  takeOffLeg: null,
  practiceHours: null,
};
