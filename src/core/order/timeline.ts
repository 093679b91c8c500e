import { amountsASet, restBetweenSides, roundSeconds, sidePlanOf, type Dose } from '../dose';
import type { Exercise } from '../library';
import type { MethodSettings } from '../method';
import { isComplex, rampKindOf } from '../session';
import { rampSeconds, restAtRack, type Room } from './room';

/** What the clock needs of a line. */
export interface TimedLine {
  readonly slot: string;
  readonly block: string;
  readonly group: string | null;
  readonly exercise: Exercise;
  readonly dose: Dose;
}

/** One set at its real place on the session's clock, seconds from the start. `sides` 2 = drawn as two touching beats. */
export interface Beat {
  readonly startS: number;
  readonly durationS: number;
  readonly sides: 1 | 2;
}

export interface Timeline {
  /** the way to the working load of main lifts, before their first set (ORD-7); by slot */
  readonly ramps: Readonly<Record<string, Pick<Beat, 'startS' | 'durationS'>>>;
  readonly beats: Readonly<Record<string, readonly Beat[]>>;
  /** rest of lines whose rack holds more than is written: the others lift meanwhile (FLOOR-1); by slot, seconds */
  readonly turns: Readonly<Record<string, number>>;
  readonly blocks: readonly { readonly block: string; readonly startS: number; readonly endS: number }[];
  readonly totalS: number;
}

/**
 * Work of one set, both sides, without set-up (TIME-1, DOSE-3). Seconds.
 * @param round which set, from 0, where they differ; absent = their mean
 */
export function workSeconds(exercise: Exercise, dose: Dose, round?: number): number {
  if (dose.pyramid) return roundSeconds(dose, round) * amountsASet(dose);
  const perUnit = dose.unit === 'seconds' ? 1 : dose.unit === 'minutes' ? 60 : exercise.secondsPerRep;
  return dose.amount * perUnit * amountsASet(dose);
}

/** Seconds of one set, the rest between its sides with it (DOSE-8). */
export const setSeconds = (exercise: Exercise, dose: Dose): number =>
  exercise.setUpSeconds + workSeconds(exercise, dose) + restBetweenSides(dose);

/**
 * Lays a card on the clock (TIME-1): set = work + set-up; in a pair or triple the sets take turns with a switch
 * between, then what is left of the longest rest; a complex is set up once and rests after its last part (DOSE-9); a
 * transition between groups. A loaded main lift begins with its ramp sets, and rests no less than its rack does (ORD-7).
 * @param lines in the order they are done; lines of one group stand together
 */
export function layOut(lines: readonly TimedLine[], room: Room, settings: MethodSettings): Timeline {
  const beats: Record<string, Beat[]> = {};
  const ramps: Record<string, Timeline['ramps'][string]> = {};
  const turns: Record<string, number> = {};
  const blocks: { block: string; startS: number; endS: number }[] = [];
  let clock = 0;
  for (const [i, group] of groupLines(lines).entries()) {
    if (i > 0) clock += settings.time.transitionS;
    const startS = clock;
    for (const line of group) {
      const restS = restOf(line, room, settings);
      if (line.dose.sets > 1 && restS > (line.dose.restSeconds ?? 0)) turns[line.slot] = restS;
      const durationS = rampSeconds(line, rampKindOf(line.slot, lines), room, settings);
      if (durationS === 0) continue;
      ramps[line.slot] = { startS: clock, durationS };
      clock += durationS;
    }
    clock = layOutGroup(group, clock, room, settings, beats);
    const block = group[0]?.block ?? '';
    const last = blocks.at(-1);
    if (last?.block === block) last.endS = clock;
    else blocks.push({ block, startS, endS: clock });
  }
  return { ramps, beats, turns, blocks, totalS: clock };
}

function layOutGroup(
  group: readonly TimedLine[],
  startS: number,
  room: Room,
  settings: MethodSettings,
  beats: Record<string, Beat[]>,
): number {
  const rounds = Math.max(...group.map((line) => line.dose.sets));
  const straight = isComplex(group[0]?.group);
  let clock = startS;
  for (let round = 0; round < rounds; round++) {
    const active = group.filter((line) => round < line.dose.sets);
    const ready: number[] = [];
    for (const [i, line] of active.entries()) {
      if (i > 0 && !straight) clock += settings.time.switchS;
      if (i === 0 || !straight) clock += line.exercise.setUpSeconds;
      for (const { afterS, ...beat } of beatsOfSet(line, round)) {
        (beats[line.slot] ??= []).push({ startS: clock, ...beat });
        clock += beat.durationS + afterS;
      }
      if (round + 1 < line.dose.sets) ready.push((straight ? 0 : clock) + restOf(line, room, settings));
    }
    clock = straight ? clock + Math.max(0, ...ready) : Math.max(clock, ...ready);
  }
  return clock;
}

const restOf = (line: TimedLine, room: Room, settings: MethodSettings): number =>
  restAtRack(line, setSeconds(line.exercise, line.dose), room, settings);

/** One set as it is drawn: both sides touching, or two with the rest between them. */
function beatsOfSet({ exercise, dose }: TimedLine, round: number): (Omit<Beat, 'startS'> & { afterS: number })[] {
  const durationS = workSeconds(exercise, dose, round);
  if (sidePlanOf(dose) !== 'apart') return [{ durationS, sides: dose.per === null ? 1 : 2, afterS: 0 }];
  const side = { durationS: durationS / 2, sides: 1 as const };
  return [
    { ...side, afterS: restBetweenSides(dose) },
    { ...side, afterS: 0 },
  ];
}

/** Lines that are done in turn, in order; a line without a group stands alone. */
export function groupLines<T extends { readonly group: string | null }>(lines: readonly T[]): T[][] {
  const groups: T[][] = [];
  for (const line of lines) {
    const last = groups.at(-1);
    if (last && line.group !== null && last[0]?.group === line.group) last.push(line);
    else groups.push([line]);
  }
  return groups;
}
