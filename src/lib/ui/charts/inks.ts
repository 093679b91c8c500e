/** The theme's colours as a chart needs them. */
export interface Inks {
  readonly ink: string;
  readonly edge: string;
  readonly rule: string;
  readonly paper: string;
  /** knee families and lifts */
  readonly lift: string;
  readonly jump: string;
  readonly ladder: string;
  readonly warn: string;
}

/** Colours of the theme that is on; only in a browser. */
export function inksOf(): Inks {
  const style = getComputedStyle(document.documentElement);
  const token = (name: string): string => style.getPropertyValue(name).trim();
  return {
    ink: token('--ink'),
    edge: token('--edge'),
    rule: token('--cal-3'),
    paper: token('--cal'),
    lift: token('--anil'),
    jump: token('--albero-g'),
    ladder: token('--oliva'),
    warn: token('--almagre'),
  };
}
