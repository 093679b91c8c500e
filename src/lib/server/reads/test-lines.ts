import { addDays } from '$core/calendar';
import { median, percentile } from '$core/statistics';
import { outcomeOf, readChange, type Noise, type Outcome, type TestRecord, type TestSpec } from '$core/testing';
import type { TestLine } from '$lib/model/start-line';

/** Values of one test and side of the people an athlete is compared with; the club's own data only. */
export interface Peers {
  readonly squad: readonly number[];
  /** same sport and lift level, over all squads of the club */
  readonly level: readonly number[];
}

/** Among fewer others than this a place says nothing. */
const LEAST_PEERS = 4;

/** The lines of one test on the reading page: value, change beside its error, where it stands among peers and own history. */
export function testLines(
  spec: TestSpec,
  outcome: Outcome,
  own: readonly TestRecord[],
  peersOf: (side: TestLine['side']) => Peers,
  noise: (spec: TestSpec, value: number) => Noise,
): TestLine[] {
  return (['left', 'right', 'both'] as const).flatMap((side): TestLine[] => {
    const now = outcome.sides[side];
    if (!now) return [];
    const peers = peersOf(side);
    const before = own.filter((record) => record.side === side && record.day < now.day).map(({ day }) => day);
    const history = [...new Set(before)].flatMap((on) => outcomeOf(spec, own, on).sides[side]?.value ?? []);
    const stands = (among: readonly number[], least: number): number | null =>
      measured(spec) && among.length >= least ? percentile(now.value, among, spec.better) : null;
    return [
      {
        id: spec.id,
        side,
        value: now.value,
        spread: now.spread,
        day: now.day,
        passed: now.passed,
        stale: outcome.stale,
        trained: own.some((record) => record.trained && record.day === now.day && record.side === side),
        joints: now.joints,
        change: changeOf(spec, own, side, now, noise),
        inSquad: stands(peers.squad, LEAST_PEERS),
        inLevel: stands(peers.level, LEAST_PEERS),
        ofOwn: stands(history, 1),
        middleHalf: measured(spec) ? middleHalf(peers.squad) : null,
      },
    ];
  });
}

const measured = ({ kind }: TestSpec): boolean => kind === 'number' || kind === 'lift';

function middleHalf(values: readonly number[]): TestLine['middleHalf'] {
  if (values.length < LEAST_PEERS) return null;
  const sorted = [...values].sort((a, b) => a - b);
  return [median(sorted.slice(0, Math.floor(sorted.length / 2))), median(sorted.slice(Math.ceil(sorted.length / 2)))];
}

/** The change since the test before, beside its error. */
function changeOf(
  spec: TestSpec,
  own: readonly TestRecord[],
  side: TestLine['side'],
  now: { readonly value: number; readonly day: string },
  noise: (spec: TestSpec, value: number) => Noise,
): TestLine['change'] {
  if (!measured(spec)) return null;
  const before = outcomeOf(spec, own, addDays(now.day, -1)).sides[side];
  if (!before) return null;
  const error = noise(spec, before.value);
  const read = readChange(before.value, now.value, error);
  return {
    from: before.value,
    fromDay: before.day,
    by: read.change,
    kind: read.kind,
    interval: read.interval,
    own: error.own,
    worthwhile: error.smallestWorthwhile,
  };
}
