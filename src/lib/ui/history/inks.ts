import type { Inks } from './draw-rows';

/** The theme's colours as a chart needs them; only in a browser. */
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
