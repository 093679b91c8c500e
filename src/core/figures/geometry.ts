export type Point = readonly [number, number];

const RAD = Math.PI / 180;
export const sin = (degrees: number): number => Math.sin(degrees * RAD);
export const cos = (degrees: number): number => Math.cos(degrees * RAD);

/** A point `length` away from `from` in a direction measured from straight down, forward +. */
export const along = (from: Point, direction: number, length: number): Point => [
  from[0] + length * sin(direction),
  from[1] - length * cos(direction),
];

/** The direction from one point to another, in degrees from straight down, forward +. */
export const direction = (from: Point, to: Point): number => Math.atan2(to[0] - from[0], from[1] - to[1]) / RAD;

export const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

export const mix = (a: Point, b: Point, t: number): Point => [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t];

/** An angle brought into −180 … 180. */
export const wrap = (degrees: number): number => ((((degrees + 180) % 360) + 360) % 360) - 180;

/**
 * Two links from `from` towards `to`: the middle joint and the end, which falls short when the target is out of reach.
 * @param bend +1 puts the middle joint to the left of the line seen from `from`, −1 to the right
 */
export function twoLinks(
  from: Point,
  to: Point,
  upper: number,
  lower: number,
  bend: 1 | -1,
): { mid: Point; end: Point } {
  const reach = Math.min(Math.max(distance(from, to), Math.abs(upper - lower) + 1e-6), upper + lower - 1e-6);
  const towards = direction(from, to);
  const inner = Math.acos((upper ** 2 + reach ** 2 - lower ** 2) / (2 * upper * reach)) / RAD;
  const mid = along(from, towards + bend * inner, upper);
  return { mid, end: along(from, towards, reach) };
}

/** The root of a rising function between two bounds, by halving. */
export function rootOf(f: (x: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  for (let i = 0; i < 40; i++) {
    const middle = (a + b) / 2;
    if (f(middle) < 0) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}
