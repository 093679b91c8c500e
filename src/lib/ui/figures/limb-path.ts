type Point = readonly [number, number];

const round = (value: number): string => String(Math.round(value * 1000) / 1000);

/** The outline of a tapered limb as an SVG path, in the same units: two round ends and the lines that touch both. */
export function limbPath(from: Point, to: Point, r0: number, r1: number): string {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1e-6;
  const heading = Math.atan2(to[1] - from[1], to[0] - from[0]);
  const tilt = Math.acos(Math.max(-1, Math.min(1, (r0 - r1) / length)));
  const on = (centre: Point, r: number, angle: number): string =>
    `${round(centre[0] + r * Math.cos(angle))} ${round(centre[1] + r * Math.sin(angle))}`;
  const wide = tilt < Math.PI / 2 ? 1 : 0;
  return [
    `M${on(from, r0, heading + tilt)}`,
    `A${round(r0)} ${round(r0)} 0 ${String(wide)} 1 ${on(from, r0, heading - tilt)}`,
    `L${on(to, r1, heading - tilt)}`,
    `A${round(r1)} ${round(r1)} 0 ${String(1 - wide)} 1 ${on(to, r1, heading + tilt)}`,
    'Z',
  ].join('');
}
