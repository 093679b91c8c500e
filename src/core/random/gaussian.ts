/**
 * One draw from a normal distribution (Box–Muller), from two numbers of a generator.
 * @param next numbers in [0, 1), as `seeded` gives them
 */
export function gaussian(next: () => number, mean = 0, sd = 1): number {
  const radius = Math.sqrt(-2 * Math.log(1 - next()));
  return mean + sd * radius * Math.cos(2 * Math.PI * next());
}
