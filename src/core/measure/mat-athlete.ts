/** A made-up athlete on the simulated mat. */
export interface MatAthlete {
  readonly heightM: number;
  readonly contactS: number;
  /** spread of height and contact from jump to jump, as a share */
  readonly noise: number;
  /** share of landings that chatter, and of lines that are lost */
  readonly chatter: number;
  readonly loss: number;
}

/**
 * The lines a mat sends for a set of jumps: standing, then `jumps` flights with contacts between them. The same seed
 * gives the same set.
 * @param random numbers in [0, 1)
 * @returns lines with the milliseconds at which they are sent; lost ones are left out, their numbers are not
 */
export function matLines(
  athlete: MatAthlete,
  jumps: number,
  startMs: number,
  firstSeq: number,
  random: () => number,
): { readonly atMs: number; readonly line: string }[] {
  const G = 9.80665;
  const wobble = (middle: number): number => middle * (1 + (random() * 2 - 1) * athlete.noise);
  const sent: { atMs: number; line: string }[] = [];
  let [ms, seq] = [startMs, firstSeq];
  const send = (word: 'on' | 'off'): void => {
    if (random() >= athlete.loss) sent.push({ atMs: ms, line: `${String(seq)} ${ms.toFixed(1)} ${word}` });
    seq += 1;
  };
  send('on');
  ms += 1200;
  for (let i = 0; i < jumps; i++) {
    send('off');
    ms += 1000 * Math.sqrt((8 * wobble(athlete.heightM)) / G);
    send('on');
    if (random() < athlete.chatter) {
      ms += 9;
      send('off');
      ms += 8;
      send('on');
    }
    ms += 1000 * wobble(athlete.contactS);
  }
  return sent;
}
