import { ok, type Result } from '$core/result';
import {
  asymmetry,
  eccentricUtilisation,
  fitSprint,
  heightFromFlight,
  heightFromFrames,
  heightFromImpulse,
  heightFromReach,
  jumpProfile,
  landingForce,
  limbSymmetry,
  noiseOf,
  ONE_REP_MAX_FORMULAS,
  peakPower,
  reactiveStrength,
  reactiveStrengthModified,
  repeatedJumps,
  sprintProfile,
  summariseOneRepMax,
  takeOffVelocity,
} from '$core/testing';

/** A number to type, or a few lines of numbers. */
export interface Field {
  readonly id: string;
  readonly label: string;
  readonly kind: 'number' | 'lines';
  readonly start: string;
  /** may stay empty */
  readonly optional?: boolean;
}

/** One line of an answer; `test` = it can be written down as a result of that test, in the stored unit. */
export interface Answer {
  readonly name: string;
  readonly value: string;
  readonly note?: string;
  readonly write?: { readonly test: string; readonly value: number };
}

export interface Tool {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly fields: readonly Field[];
  readonly answer: (values: Values) => Result<readonly Answer[]>;
}

export interface Values {
  readonly n: Readonly<Record<string, number>>;
  readonly lines: Readonly<Record<string, readonly (readonly number[])[]>>;
}

const number = (id: string, label: string, start = '', optional = false): Field => ({
  id,
  label,
  kind: 'number',
  start,
  optional,
});
const lines = (id: string, label: string, start = ''): Field => ({ id, label, kind: 'lines', start });
const fixed = (value: number, decimals: number): string => value.toFixed(decimals);
const then = <A, B>(result: Result<A>, next: (value: A) => B): Result<B> =>
  result.ok ? ok(next(result.value)) : result;
const has = (values: Values, id: string): boolean => Number.isFinite(values.n[id]);
const n = (values: Values, id: string): number => values.n[id] ?? NaN;

const height = (heightM: number, test?: string): Answer => ({
  name: 'Height',
  value: `${fixed(heightM * 100, 1)} cm`,
  note: `take-off ${fixed(Math.sqrt(2 * 9.80665 * Math.max(0, heightM)), 2)} m/s`,
  ...(test ? { write: { test, value: heightM } } : {}),
});

/** Every small calculation of testing, as fields and an answer. */
export const TOOLS: readonly Tool[] = [
  {
    id: 'lift',
    name: 'One-rep maximum',
    says: 'From a set of up to 12 reps, what was left counted. Seven formulas, the middle one and how far they lie apart; beyond 10 reps the estimate is loose.',
    fields: [
      number('load', 'Load, kg', '100'),
      number('reps', 'Reps', '5'),
      number('left', 'Left in reserve', '0', true),
      number('mass', 'Body mass, kg', '', true),
    ],
    answer: (v) =>
      then(summariseOneRepMax(n(v, 'load'), n(v, 'reps'), n(v, 'left') || 0, 12), ({ each, medianKg, spreadKg }) => [
        {
          name: 'Middle of seven',
          value: `${fixed(medianKg, 1)} kg`,
          note:
            n(v, 'reps') + (n(v, 'left') || 0) > 10
              ? 'beyond 10 reps: a rough guess'
              : `spread ${fixed(spreadKg, 1)} kg`,
        },
        ...(has(v, 'mass') && n(v, 'mass') > 0
          ? [{ name: 'Relative', value: `${fixed(medianKg / n(v, 'mass'), 2)} ×BM` }]
          : []),
        ...ONE_REP_MAX_FORMULAS.map((formula) => ({ name: formula, value: `${fixed(each[formula], 2)} kg` })),
      ]),
  },
  {
    id: 'flight',
    name: 'Jump by flight time',
    says: 'Landing as tall as at take-off, or the height is flattered.',
    fields: [
      number('flight', 'Flight, s', '0.53'),
      number('contact', 'Contact before it, s', '', true),
      number('start', 'First movement to take-off, s', '', true),
      number('mass', 'Body mass, kg', '', true),
    ],
    answer: (v) => {
      const flown = heightFromFlight(n(v, 'flight'));
      if (!flown.ok) return flown;
      const answers: Answer[] = [height(flown.value, 'cmj')];
      if (has(v, 'contact')) {
        const read = reactiveStrength(n(v, 'flight'), n(v, 'contact'));
        if (!read.ok) return read;
        answers.push(
          {
            name: 'RSI, height over contact',
            value: `${fixed(read.value.heightOverContact, 3)} m/s`,
            write: { test: 'drop-rsi', value: read.value.heightOverContact },
          },
          { name: 'RSI, flight over contact', value: fixed(read.value.flightOverContact, 3) },
        );
      }
      if (has(v, 'start')) {
        const read = reactiveStrengthModified(flown.value, n(v, 'start'));
        if (!read.ok) return read;
        answers.push({ name: 'RSI-mod', value: `${fixed(read.value, 3)} m/s` });
      }
      if (has(v, 'mass')) {
        const power = peakPower(flown.value, n(v, 'mass'));
        if (!power.ok) return power;
        answers.push({
          name: 'Peak power',
          value: `${fixed(power.value, 0)} W`,
          note: 'estimated from height and mass',
        });
      }
      return ok(answers);
    },
  },
  {
    id: 'reach',
    name: 'Jump by reach',
    says: 'The mark of the jump less the mark of standing reach.',
    fields: [number('standing', 'Standing reach, cm', '230'), number('jump', 'Jump reach, cm', '275')],
    answer: (v) =>
      then(heightFromReach(n(v, 'standing') / 100, n(v, 'jump') / 100), (h) => [height(h, 'approach-two')]),
  },
  {
    id: 'video',
    name: 'Jump from a film',
    says: 'Choose a clip, step through it and mark the last frame on the floor and the first one back.',
    fields: [
      number('takeOff', 'Take-off frame', ''),
      number('landing', 'Landing frame', ''),
      number('rate', 'Frames a second', '120'),
    ],
    answer: (v) =>
      then(heightFromFrames(n(v, 'takeOff'), n(v, 'landing'), n(v, 'rate')), ({ flightS, heightM, errorM }) => [
        { ...height(heightM, 'cmj'), note: `± ${fixed(errorM * 100, 1)} cm at this frame rate` },
        { name: 'Flight', value: `${fixed(flightS, 3)} s` },
      ]),
  },
  {
    id: 'repeated',
    name: 'Repeated jumps',
    says: 'One line a jump: contact and flight in seconds. The mean of the best five counts; the drop-off says how it lasted.',
    fields: [lines('jumps', 'Contact and flight, s', '')],
    answer: (v) =>
      then(
        repeatedJumps((v.lines.jumps ?? []).map(([contactS = NaN, flightS = NaN]) => ({ contactS, flightS }))),
        ({ rsi, dropOff, each }) => [
          { name: 'RSI, best five', value: `${fixed(rsi, 3)} m/s`, write: { test: 'rsi-10-5', value: rsi } },
          ...(dropOff === null ? [] : [{ name: 'Drop-off', value: `${fixed(dropOff * 100, 0)} %` }]),
          ...each.map((jump, i) => ({
            name: `Jump ${String(i + 1)}`,
            value: `${fixed(jump.heightM * 100, 1)} cm`,
            note: `${fixed(jump.heightOverContact, 2)} m/s`,
          })),
        ],
      ),
  },
  {
    id: 'sprint',
    name: 'Sprint profile',
    says: 'One line a split: metres and seconds. Four splits or more also find a late start; mass and height give force.',
    fields: [
      lines('splits', 'Metres and seconds', '5 1.43\n10 2.17\n20 3.41\n30 4.53'),
      number('mass', 'Body mass, kg', '', true),
      number('height', 'Body height, cm', '', true),
    ],
    answer: (v) => {
      const fit = fitSprint((v.lines.splits ?? []).map(([distanceM = NaN, timeS = NaN]) => ({ distanceM, timeS })));
      if (!fit.ok) return fit;
      const { vmax, tau, delayS, errorS } = fit.value;
      const answers: Answer[] = [
        { name: 'Top speed of the model', value: `${fixed(vmax, 3)} m/s` },
        { name: 'Time constant', value: `${fixed(tau, 3)} s`, note: `first acceleration ${fixed(vmax / tau, 2)} m/s²` },
        { name: 'Start delay', value: `${fixed(delayS, 3)} s` },
        { name: 'Fit error', value: `${fixed(errorS * 1000, 1)} ms`, note: 'root mean square of the splits' },
      ];
      if (!has(v, 'mass') || !has(v, 'height')) return ok(answers);
      return then(sprintProfile(fit.value, n(v, 'mass'), n(v, 'height') / 100), (p) => [
        ...answers,
        { name: 'F0', value: `${fixed(p.f0N, 0)} N`, note: `${fixed(p.f0N / n(v, 'mass'), 2)} N/kg` },
        { name: 'V0', value: `${fixed(p.v0, 2)} m/s` },
        { name: 'Pmax', value: `${fixed(p.pmaxW, 0)} W`, note: `${fixed(p.pmaxW / n(v, 'mass'), 1)} W/kg` },
        {
          name: 'Best ratio of force',
          value: `${fixed(p.rfMax * 100, 0)} %`,
          note: `falls ${fixed(-p.drf * 100, 1)} % for each m/s`,
        },
      ]);
    },
  },
  {
    id: 'profile',
    name: 'Jump force and velocity',
    says: 'Jumps with at least four loads, one line each: athlete and load in kg, height in cm.',
    fields: [number('pushOff', 'Push-off distance, cm', '38'), lines('jumps', 'System mass kg, height cm', '')],
    answer: (v) =>
      then(
        jumpProfile(
          (v.lines.jumps ?? []).map(([systemMassKg = NaN, cm = NaN]) => ({ systemMassKg, heightM: cm / 100 })),
          n(v, 'pushOff') / 100,
        ),
        ({ f0N, v0, pmaxW, slope, r2 }) => [
          { name: 'F0', value: `${fixed(f0N, 1)} N` },
          { name: 'V0', value: `${fixed(v0, 3)} m/s` },
          { name: 'Pmax', value: `${fixed(pmaxW, 0)} W` },
          { name: 'Slope', value: `${fixed(slope, 0)} N per m/s` },
          {
            name: 'Fit',
            value: `r² ${fixed(r2, 3)}`,
            note: r2 < 0.95 ? 'loose: jump again before you trust it' : 'straight',
          },
        ],
      ),
  },
  {
    id: 'sides',
    name: 'Sides and ratios',
    says: 'Left against right, and countermovement against squat jump.',
    fields: [
      number('left', 'Left', '33.1'),
      number('right', 'Right', '39.8'),
      number('cmj', 'CMJ, cm', '', true),
      number('sj', 'Squat jump, cm', '', true),
    ],
    answer: (v) => {
      const index = limbSymmetry(n(v, 'left'), n(v, 'right'));
      if (!index.ok) return index;
      const uneven = asymmetry(n(v, 'left'), n(v, 'right'));
      const answers: Answer[] = [
        {
          name: 'Limb symmetry',
          value: fixed(index.value, 3),
          note: n(v, 'left') < n(v, 'right') ? 'left is weaker' : 'right is weaker',
        },
        { name: 'Asymmetry', value: uneven.ok ? `${fixed(uneven.value * 100, 1)} %` : '' },
      ];
      if (!has(v, 'cmj') || !has(v, 'sj')) return ok(answers);
      return then(eccentricUtilisation(n(v, 'cmj'), n(v, 'sj')), (eur) => [
        ...answers,
        { name: 'CMJ ÷ SJ', value: fixed(eur, 3), note: 'below 1.05: slow stretch–shortening (weak evidence)' },
      ]);
    },
  },
  {
    id: 'landing',
    name: 'Landing load',
    says: 'Mean force while a drop is absorbed: a softer landing is a longer one.',
    fields: [
      number('mass', 'Body mass, kg', '75'),
      number('drop', 'Drop, cm', '30'),
      number('absorb', 'Absorbed over, cm', '25'),
    ],
    answer: (v) =>
      then(landingForce(n(v, 'mass'), n(v, 'drop') / 100, n(v, 'absorb') / 100), (force) => [
        {
          name: 'Mean force',
          value: `${fixed(force, 0)} N`,
          note: `${fixed(force / (n(v, 'mass') * 9.80665), 1)} × body weight`,
        },
        { name: 'A jump of this height', value: `${fixed(n(v, 'drop'), 0)} cm`, note: 'lands as hard as this drop' },
      ]),
  },
  {
    id: 'trace',
    name: 'Jump from a force trace',
    says: 'Vertical force in newtons, one sample a line, from standing still to the last on the floor.',
    fields: [
      number('mass', 'Body mass, kg', '75'),
      number('rate', 'Samples a second', '1000'),
      lines('trace', 'Force, N', ''),
    ],
    answer: (v) =>
      then(
        heightFromImpulse(
          (v.lines.trace ?? []).map(([force = NaN]) => force),
          n(v, 'rate'),
          n(v, 'mass'),
        ),
        ({ heightM, takeOffVelocity: speed }) => [
          height(heightM, 'cmj'),
          { name: 'Take-off velocity', value: `${fixed(speed, 3)} m/s` },
        ],
      ),
  },
  {
    id: 'change',
    name: 'Error of a test',
    says: 'The same athletes tested twice within days, one line each: first and second value. Five pairs or more.',
    fields: [lines('pairs', 'First and second value', '')],
    answer: (v) => {
      const noise = noiseOf((v.lines.pairs ?? []).map(([a = NaN, b = NaN]) => [a, b]));
      if (!noise) return ok([{ name: 'Not yet', value: '', note: 'five pairs are needed' }]);
      return ok([
        { name: 'Typical error', value: fixed(noise.typicalError, 4) },
        { name: 'Smallest worthwhile change', value: fixed(noise.smallestWorthwhile ?? NaN, 4) },
        { name: 'Real from (90 %)', value: fixed(1.64 * Math.SQRT2 * noise.typicalError, 4) },
        { name: 'Likely from', value: fixed(Math.SQRT2 * noise.typicalError, 4) },
      ]);
    },
  },
  {
    id: 'take-off',
    name: 'Speed of a take-off',
    says: 'How fast the body leaves the floor for a height.',
    fields: [number('height', 'Height, cm', '40')],
    answer: (v) =>
      then(takeOffVelocity(n(v, 'height') / 100), (speed) => [{ name: 'Take-off', value: `${fixed(speed, 3)} m/s` }]),
  },
];
