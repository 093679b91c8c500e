/** One knot of the thread: a level the screen is about, and what it can be changed to. */
export interface Knot {
  readonly label: string;
  /** href of the current choice */
  readonly value: string;
  readonly options: readonly { readonly href: string; readonly label: string }[];
}

/** The thread as a page gives it: inked as far as `level`, later levels hollow. */
export interface Thread {
  readonly knots: readonly Knot[];
  readonly level: number;
  readonly words: string;
  readonly tag: string | null;
}
