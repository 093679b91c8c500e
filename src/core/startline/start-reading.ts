import type { Day } from '../calendar';
import type { ActiveComplaint } from '../safety';
import { bestOf, type Noise, type TestRecord, type TestSpec, type TestSpecs, type TierName } from '../testing';
import { targetFor, type SquadTargets } from './aims';
import type { Audit } from './audit';
import { FOCUS_CHANGES, type ChangeCode } from './card-changes';
import { cautionOf, needsHipFlexor } from './caution';
import type { FocusId } from './focus';
import { jumperOf, type Jumper } from './jumper';
import { controlRung } from './control-rung';
import { readLever, type LeverReading, type SquadJumps } from './lever';
import { nextTests, type NextTest } from './next-test';
import { outcomesOf, type Outcomes } from './outcomes';
import { readPyramid, relativeStrength, type RelativeStrength, type TierReading } from './pyramid';
import { focusOf, gentleStart, shortRange, type RangeShort } from './propose-focus';
import type { StartSettings } from './settings';

export interface StartInput {
  readonly records: readonly TestRecord[];
  readonly today: Day;
  readonly bodyMassKg: number | null;
  readonly ageYears: number | null;
  readonly sex: 'female' | 'male' | null;
  readonly targets: SquadTargets;
  /** × body mass where the squat is said to be strong enough (DOSE-6); null = not said */
  readonly squatEnough: number | null;
  /** the sport cuts: its skill counts */
  readonly cuts: boolean;
  readonly complaints: readonly ActiveComplaint[];
  /** which way recent training leans (START-4) */
  readonly leans: Audit['leans'];
  readonly squad: SquadJumps;
  /** the typical error of a test, the squad's own or assumed */
  readonly noise: (spec: TestSpec, value: number) => Noise;
}

/** Where an athlete stands and what limits them (START-1…9). */
export interface StartReading {
  readonly outcomes: Outcomes;
  readonly tiers: readonly TierReading[];
  readonly limiting: TierName | null;
  readonly strength: RelativeStrength;
  readonly target: { readonly squat: number; readonly hinge: number };
  /** why range is short, when it is */
  readonly rangeShort: RangeShort | null;
  /** the rung of the control ladder to start on; null when a screen of it is unknown and none failed */
  readonly controlRung: number | null;
  readonly lever: LeverReading | null;
  /** a tier is unknown: the lever is preliminary */
  readonly preliminary: boolean;
  readonly jumper: Jumper | null;
  readonly focus: FocusId | null;
  readonly next: readonly NextTest[];
  readonly changes: readonly ChangeCode[];
}

/** Reads one athlete from results, complaints and recent work; the coach decides what is made of it. */
export function readStartLine(input: StartInput, specs: TestSpecs, settings: StartSettings): StartReading {
  const { today, cuts, complaints } = input;
  const outcomes = outcomesOf(input.records, specs, today);
  const target = targetFor(input, input.targets, settings);
  const strength = relativeStrength(outcomes, input.bodyMassKg, settings);
  const heels = outcomes.get('R3');
  const tiers = readPyramid(
    { outcomes, strength, target, cuts, needsHipFlexor: needsHipFlexor(outcomes, complaints) },
    settings,
  );
  const limiting = tiers.find(({ state }) => state === 'failed')?.tier ?? null;
  const failed = (tier: TierName): readonly string[] => tiers.find((one) => one.tier === tier)?.failed ?? [];
  const rangeShort = shortRange(failed('range'), heels?.stale === false ? (heels.sides.both?.value ?? null) : null);
  const value = (id: string): number | null => {
    const spec = specs.get(id);
    return spec ? bestOf(outcomes.get(id), spec) : null;
  };
  const lever = limiting
    ? null
    : readLever(
        {
          cmjM: value('cmj'),
          sjM: value('sj'),
          rsi: value(input.squad.rsiTest),
          relativeSquat: strength.squat,
          squatTarget: target.squat,
          squatEnough: input.squatEnough,
          squad: input.squad,
        },
        settings,
      );
  const [one, two] = [value('approach-one'), value('approach-two')];
  const approach = specs.get('approach-one');
  const jumper = one === null || two === null || !approach ? null : jumperOf(one, two, input.noise(approach, one));
  const gentle = gentleStart(input.leans, complaints);
  const focus = focusOf(limiting, rangeShort, failed, lever?.lever ?? null, gentle);
  const barred = (spec: TestSpec): boolean =>
    (spec.fromYears !== null && input.ageYears !== null && input.ageYears < spec.fromYears) ||
    (complaints.some(({ place }) => LEG_PLACES.includes(place)) && HARD_ON_LEGS.includes(spec.id));
  return {
    outcomes,
    tiers,
    limiting,
    strength,
    target,
    rangeShort,
    controlRung: controlRung(input.records, specs, today, settings),
    lever,
    preliminary: tiers.some(({ state }) => state === 'unknown'),
    jumper,
    focus,
    next: nextTests(tiers, outcomes, specs, settings, barred),
    changes: [
      ...(complaints.length > 0 ? (['complaint_limits'] as const) : []),
      ...(cautionOf(tiers) === 'gentle' ? (['bottom_of_ranges', 'medium_tier_at_most'] as const) : []),
      ...(tiers.some(({ tier, state }) => tier === 'force' && state === 'unknown')
        ? (['loads_by_reserve'] as const)
        : []),
      ...(focus ? FOCUS_CHANGES[focus] : []),
      ...(jumper && jumper.kind !== 'even'
        ? ([jumper.kind === 'one-foot' ? 'one_foot_jumps' : 'two_foot_jumps'] as const)
        : []),
    ],
  };
}

const LEG_PLACES = ['foot', 'calf', 'shin', 'knee', 'front-thigh', 'back-thigh', 'groin', 'hip'];
/** All-out jumps, hops and runs: not while a leg complains. */
const HARD_ON_LEGS = [
  'cmj',
  'sj',
  'approach-one',
  'approach-two',
  'broad-jump',
  'hop',
  'rsi-10-5',
  'drop-rsi',
  'sprint-5',
  'sprint-10',
  'sprint-20',
  'sprint-30',
  'change-of-direction',
  'nordic',
  'C6',
  'C7',
];
