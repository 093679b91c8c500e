import type { StartReading } from '$core/startline';
import { ownValue } from '$core/own';
import { worstJoint, type RecordSide, type TestSpec } from '$core/testing';
import { showCell, type UnitSystem } from './units';

const LEVERS = {
  'slow-ssc': 'slow stretch–shortening',
  'fast-ssc': 'fast contacts',
  strength: 'strength',
  speed: 'speed',
} as const;
const RANGE = {
  ankle: 'Ankle',
  hip: 'Hip',
  'hip-flexor': 'Hip flexor',
  posterior: 'Back of the legs',
} as const;
const upper = (text: string): string => text.replace(/^./, (first) => first.toUpperCase());

/** The tier or the lever that a reading names, in a word. */
export function limitWord({ limiting, lever, tiers }: StartReading): string {
  if (limiting) return limiting;
  if (tiers.some(({ state }) => state === 'unknown')) return 'unknown';
  return lever?.lever ? 'lever' : 'none';
}

/** Why, with its numbers: `Squat 1.17 ×BM`, `Left one-leg squat, knee 2`. */
export function limitWords(reading: StartReading, specs: ReadonlyMap<string, TestSpec>, system: UnitSystem): string {
  const { limiting, tiers, lever, outcomes, strength, target, rangeShort } = reading;
  const failed = tiers.find(({ tier }) => tier === limiting)?.failed ?? [];
  const [first] = failed;
  if (limiting && first) {
    if (first === 'squat' || first === 'hinge')
      return `${upper(first)} ${(strength[first] ?? 0).toFixed(2)} ×BM, target ${target[first].toFixed(2)}`;
    const spec = specs.get(first);
    const outcome = outcomes.get(first);
    if (!spec || !outcome) return first;
    const worst = worstSide(outcome.sides);
    const value = worst ? showCell({ ...NO_LIFT, value: worst.value.value }, spec, system) : '';
    const joint = worst && worstJoint(worst.value);
    const side = worst && worst.side !== 'both' ? `${worst.side} ` : '';
    const where = limiting === 'range' && rangeShort ? `${RANGE[rangeShort]}: ` : '';
    const what = `${side}${spec.short}`;
    return upper(
      `${where}${what}${joint ? `, ${joint.joint} ${String(joint.score)}` : spec.kind === 'grade' ? '' : ` ${value} ${spec.unit}`}`.trim(),
    );
  }
  const unknown = tiers.filter(({ state }) => state === 'unknown');
  if (unknown.length > 0) {
    const missing = unknown.reduce((sum, tier) => sum + tier.missing.length, 0);
    return missing === 1 ? 'One test left' : `${String(missing)} tests left`;
  }
  if (!lever?.lever) return 'All four passed';
  // the number it was read from; the athlete's own page has the whole sentence
  if (lever.lever === 'slow-ssc') return `CMJ ÷ SJ ${(lever.eur ?? 0).toFixed(2)}`;
  if (lever.lever === 'fast-ssc') return `RSI ${(lever.rsiGap ?? 0).toFixed(1)} SD below the line`;
  return `Squat ${(lever.relativeSquat ?? 0).toFixed(2)} ×BM`;
}

/** The lever with the numbers it was read from and how sure it is (START-7). */
export function leverWords({ lever, preliminary }: StartReading): string {
  if (!lever?.lever) return '';
  const numbers = [
    lever.eur === null ? null : `CMJ ÷ SJ ${lever.eur.toFixed(2)}`,
    lever.rsiGap !== null && lever.rsiGap > 1 ? `RSI ${lever.rsiGap.toFixed(1)} SD below the line` : null,
    lever.relativeSquat === null ? null : `squat ${lever.relativeSquat.toFixed(2)} ×BM`,
  ].filter((part) => part !== null);
  const doubts = [preliminary ? 'preliminary' : null, lever.sure === 'sure' ? null : lever.sure].filter(Boolean);
  return `${upper(LEVERS[lever.lever])}: ${numbers.join(', ')}${doubts.length > 0 ? ` (${doubts.join(', ')})` : ''}`;
}

/** What to do next: the first test, else what is trained. */
export function nextWords(
  { next, focus, limiting, preliminary }: StartReading,
  specs: ReadonlyMap<string, TestSpec>,
  focuses: Readonly<Record<string, string>>,
): string {
  const test = next[0] && specs.get(next[0].test);
  // while a tier is unknown the lever is preliminary: the test comes first
  if (test && (!focus || (!limiting && preliminary))) return `test ${test.short}`;
  const train = focus ? (ownValue(focuses, focus) ?? focus) : '';
  return test && next[0]?.decides === 'where range is short' ? `${test.short}, then ${train}` : train;
}

const NO_LIFT = { joints: null, loadKg: null, reps: null, rir: null };
type Sides = NonNullable<ReturnType<StartReading['outcomes']['get']>>['sides'];

function worstSide(sides: Sides): { side: RecordSide; value: NonNullable<Sides[RecordSide]> } | null {
  const all = (['left', 'right', 'both'] as const).flatMap((side) => {
    const value = sides[side];
    return value ? [{ side, value }] : [];
  });
  return all.find(({ value }) => value.passed === false) ?? all[0] ?? null;
}
