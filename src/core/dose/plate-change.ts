import type { PlateSet } from './loadable';

/**
 * The plates of one side for a load, heaviest first, as few as possible.
 * @param load a mass the plates can make
 */
export function platesASide(load: number, plates: PlateSet): number[] {
  let left = Math.round(((load - plates.bar) / 2) * 1000);
  const side: number[] = [];
  for (const { mass, count } of [...plates.pairs].sort((a, b) => b.mass - a.mass)) {
    const step = Math.round(mass * 1000);
    for (let used = 0; left >= step && used < (count ?? Infinity); used++) {
      side.push(mass);
      left -= step;
    }
  }
  return side;
}

/**
 * What to take off and put on each side to go from one load to the next.
 * @example plateChange(82.5, 70, plates) // { off: [5, 1.25], on: [] }
 */
export function plateChange(from: number, to: number, plates: PlateSet): { off: number[]; on: number[] } {
  const off = platesASide(from, plates);
  const on: number[] = [];
  for (const mass of platesASide(to, plates)) {
    const at = off.indexOf(mass);
    if (at >= 0) off.splice(at, 1);
    else on.push(mass);
  }
  return { off, on };
}
