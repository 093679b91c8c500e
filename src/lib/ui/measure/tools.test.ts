import { describe, expect, it, test } from 'vitest';
import worked from '../../../../tests/worked-values.json';
import { TOOLS, type Values } from './tools';

const tool = (id: string) => TOOLS.find((one) => one.id === id)!;
const ask = (id: string, n: Values['n'], lines: Values['lines'] = {}) => tool(id).answer({ n, lines });
/** What the page shows beside a name. */
function shown(id: string, name: string, n: Values['n'], lines: Values['lines'] = {}): string {
  const answer = ask(id, n, lines);
  if (!answer.ok) throw new Error(JSON.stringify(answer.issues));
  return answer.value.find((one) => one.name === name)?.value ?? '';
}
const number = (text: string): number => Number.parseFloat(text);

describe('Measure shows the worked values, to the decimals it shows', () => {
  test.each(worked.e1rm)('a maximum from $load kg × $reps', ({ load, reps, median, each }) => {
    expect(number(shown('lift', 'Middle of seven', { load, reps }))).toBeCloseTo(median, 1);
    for (const [formula, kg] of Object.entries(each))
      expect(number(shown('lift', formula, { load, reps }))).toBeCloseTo(kg, 2);
  });
  test.each(worked.jumpHeightFromFlight)('a height from $flight_s s in the air', ({ flight_s, height_m }) => {
    expect(number(shown('flight', 'Height', { flight: flight_s }))).toBeCloseTo(height_m * 100, 1);
  });
  test.each(worked.takeoffVelocity)('a take-off for $height_m m', ({ height_m, velocity }) => {
    expect(number(shown('take-off', 'Take-off', { height: height_m * 100 }))).toBeCloseTo(velocity, 3);
  });
  test.each(worked.sayersPeakPower)('peak power of $mass_kg kg at $height_m m', ({ height_m, mass_kg, watts }) => {
    const flight = Math.sqrt((8 * height_m) / 9.80665);
    expect(number(shown('flight', 'Peak power', { flight, mass: mass_kg }))).toBeCloseTo(watts, 0);
  });
  test.each(worked.rsi)('RSI of $flight_s s over $contact_s s', (of) => {
    const typed = { flight: of.flight_s, contact: of.contact_s };
    expect(number(shown('flight', 'RSI, height over contact', typed))).toBeCloseTo(of.heightOverContact, 3);
    expect(number(shown('flight', 'RSI, flight over contact', typed))).toBeCloseTo(of.flightOverContact, 3);
  });
  test.each(worked.landing)(
    'the landing of $mass_kg kg from $drop_m m',
    ({ mass_kg, drop_m, absorb_m, meanForce_N }) => {
      const typed = { mass: mass_kg, drop: drop_m * 100, absorb: absorb_m * 100 };
      expect(number(shown('landing', 'Mean force', typed))).toBeCloseTo(meanForce_N, 0);
    },
  );
  test.each(worked.sprint)('a sprint of $vmax m/s', ({ vmax, tau, splits }) => {
    const lines = { splits: splits.map(({ distance_m, time_s }) => [distance_m, time_s]) };
    expect(number(shown('sprint', 'Top speed of the model', {}, lines)) / vmax).toBeCloseTo(1, 2);
    expect(number(shown('sprint', 'Time constant', {}, lines)) / tau).toBeCloseTo(1, 2);
  });
  test.each(worked.jumpForceVelocity)('a force–velocity profile over $pushOff_m m', (of) => {
    const lines = { jumps: of.points.map(({ systemMass_kg, height_m }) => [systemMass_kg, height_m * 100]) };
    const n = { pushOff: of.pushOff_m * 100 };
    // masses and heights are rounded in the table: read to its own tolerance
    expect(number(shown('profile', 'F0', n, lines)) / of.F0_N).toBeCloseTo(1, 4);
    expect(number(shown('profile', 'V0', n, lines)) / of.V0).toBeCloseTo(1, 3);
    expect(number(shown('profile', 'Pmax', n, lines)) / of.Pmax_W).toBeCloseTo(1, 3);
  });
  it('error of a test, and ratios', () => {
    const { test: first, retest, typicalError, smallestWorthwhile } = worked.reliability;
    const lines = { pairs: first.map((value, i) => [value, retest[i] ?? NaN]) };
    expect(number(shown('change', 'Typical error', {}, lines))).toBeCloseTo(typicalError, 4);
    expect(number(shown('change', 'Smallest worthwhile change', {}, lines))).toBeCloseTo(smallestWorthwhile, 4);
    const { cmj_m, sj_m, eur, strongSide_m, weakSide_m, limbSymmetry, asymmetry } = worked.ratios;
    const typed = { left: weakSide_m, right: strongSide_m, cmj: cmj_m, sj: sj_m };
    expect(number(shown('sides', 'CMJ ÷ SJ', typed))).toBeCloseTo(eur, 3);
    expect(number(shown('sides', 'Limb symmetry', typed))).toBeCloseTo(limbSymmetry, 3);
    expect(number(shown('sides', 'Asymmetry', typed))).toBeCloseTo(asymmetry * 100, 1);
  });
  it('a jump from its trace of force', () => {
    const { mass_kg, rate_Hz, peak_N, takeoffVelocity, height_m } = worked.impulse;
    const weight = mass_kg * worked.g;
    const trace = Array.from({ length: 401 }, (_, i) => [weight + (peak_N - weight) * Math.sin((Math.PI * i) / 400)]);
    const n = { mass: mass_kg, rate: rate_Hz };
    expect(number(shown('trace', 'Take-off velocity', n, { trace }))).toBeCloseTo(takeoffVelocity, 3);
    expect(number(shown('trace', 'Height', n, { trace }))).toBeCloseTo(height_m * 100, 1);
  });
});

describe('silly input is named, not computed', () => {
  test.each([
    ['lift', { load: 60, reps: 30 }, {}, 'too_many_reps'],
    ['flight', { flight: 0.5, contact: 0 }, {}, 'contact_not_positive'],
    ['flight', { flight: -1 }, {}, 'time_negative'],
    ['reach', { standing: 240, jump: 230 }, {}, 'reach_below_standing'],
    ['landing', { mass: 80, drop: 30, absorb: 0 }, {}, 'distance_not_positive'],
  ] as const)('%s %o', (id, n, lines, code) => {
    const answer = ask(id, n, lines);
    expect(!answer.ok && answer.issues[0]?.code).toBe(code);
  });
  it('a film says how far its frames let the height be wrong', () => {
    const answer = ask('video', { takeOff: 100, landing: 160, rate: 120 });
    expect(answer.ok && answer.value[0]).toMatchObject({ value: '30.6 cm', note: '± 1.0 cm at this frame rate' });
  });
  it('every tool says what it is for, and starts from fields that read', () => {
    for (const { id, says, fields, answer } of TOOLS) {
      expect(says.length).toBeGreaterThan(20);
      const n = Object.fromEntries(
        fields
          .filter(({ kind, start }) => kind === 'number' && start !== '')
          .map((field) => [field.id, Number(field.start)]),
      );
      const ready = fields.every(({ optional, kind, start }) => optional || (kind === 'number' && start !== ''));
      if (ready) expect(`${id} ${String(answer({ n, lines: {} }).ok)}`).toBe(`${id} true`);
    }
  });
});
