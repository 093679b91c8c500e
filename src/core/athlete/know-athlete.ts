import { ageInYears, type Day } from '../calendar';
import { TESTS, type Level, type Side, type Sport, type TestId } from '../library';
import type { MethodTables } from '../method';
import { activeComplaint, type Complaint } from '../safety';
import {
  cautionOf,
  controlRung,
  holdsBack,
  liftsAtCeiling,
  momentOn,
  needsHipFlexor,
  outcomesOf,
  readPyramid,
  relativeStrength,
  targetFor,
  withEstimates,
  type Ceiling,
  type Outcomes,
  type SetFocus,
  type SetMoment,
  type SquadAims,
  type WeakMoment,
} from '../startline';
import { bestOf, type TestRecord, type TestSpecs, type TestState } from '../testing';
import { jumperKind } from './jumper-kind';
import { sideDifference } from './side-difference';
import type { AthleteFacts, History } from './athlete-facts';

/** An athlete as it is kept. */
export interface AthleteRecord {
  readonly id: string;
  readonly name: string;
  readonly birthDate: Day | null;
  readonly sex: 'female' | 'male' | null;
  readonly bodyMassKg: number | null;
  readonly growthCmPerMonth: number | null;
  readonly liftLevel: Level;
  readonly jumpLevel: Level;
  readonly jumpSeasons: number | null;
  readonly guardianConsent: boolean;
  readonly focus: SetFocus | null;
  readonly pastInjuries: readonly { readonly place: string; readonly side: Side | null }[];
  readonly moment: SetMoment | null;
  readonly ceilings: readonly Ceiling[];
  readonly lighterFrom: Day | null;
  readonly fullFrom: Day | null;
  readonly records: readonly TestRecord[];
  readonly complaints: readonly Complaint[];
}

/** What the squad an athlete trains with adds. */
export interface Setting {
  readonly aims: SquadAims;
  readonly sport: Sport | null;
}

/** Every test of the method by id, as the formulas read them; the same map for the same tables. */
export function testSpecs({ tests }: Pick<MethodTables, 'tests'>): TestSpecs {
  const known = SPECS.get(tests) ?? new Map(Object.entries(tests));
  SPECS.set(tests, known);
  return known;
}
const SPECS = new WeakMap<MethodTables['tests'], TestSpecs>();

/**
 * What the rules know of an athlete on a day: the only judge of it (reading, card, check and print all ask here).
 * @param record everything kept of the athlete, whatever its age
 */
export function knowAthlete(
  record: AthleteRecord,
  history: History,
  day: Day,
  { aims, sport }: Setting,
  method: MethodTables,
): AthleteFacts {
  const { start, settings } = method;
  const specs = testSpecs(method);
  const outcomes = outcomesOf(withEstimates(record.records, settings.loading), specs, day);
  const ageYears = record.birthDate === null ? null : ageInYears(record.birthDate, day);
  const complaints = record.complaints.flatMap((one) => activeComplaint(one, day) ?? []);
  const strength = relativeStrength(outcomes, record.bodyMassKg, start);
  const target = targetFor({ sex: record.sex, ageYears }, aims.targets, start);
  const cuts = (sport?.demands['deceleration-cutting'] ?? 0) >= start.cutsFrom;
  const tiers = readPyramid(
    { outcomes, strength, target, cuts, needsHipFlexor: needsHipFlexor(outcomes, complaints) },
    start,
  );
  const e1rmKg = currentMaxima(outcomes, specs);
  return {
    id: record.id,
    name: record.name,
    ageYears,
    consentMissing: ageYears !== null && ageYears < settings.youth.consentUnderYears && !record.guardianConsent,
    caution: cautionOf(tiers),
    unknown: tiers.filter(({ state }) => state === 'unknown').map(({ tier }) => tier),
    liftLevel: record.liftLevel,
    jumpLevel: record.jumpLevel,
    bodyMassKg: record.bodyMassKg,
    growthCmPerMonth: record.growthCmPerMonth,
    jumpSeasons: record.jumpSeasons,
    tests: statesOf(outcomes),
    e1rmKg,
    strength,
    complaints,
    pastInjuries: record.pastInjuries.map(({ place }) => ({
      place,
      guards: Object.hasOwn(method.injuries, place) ? (method.injuries[place]?.guards ?? []) : [],
    })),
    focus: focusOf(record.focus, method),
    moment: momentOn(record.moment, momentsOf(sport, method), day, start.momentDays),
    atCeiling: liftsAtCeiling(
      { e1rmKg, bodyMassKg: record.bodyMassKg, ceilings: record.ceilings },
      aims.enough,
      settings.jump.shockSquatTimesBodyMass,
      start,
    ),
    jumper: jumperKind(outcomes, specs),
    sides: sideDifference(outcomes, specs, day, settings.sides),
    controlRung: controlRung(record.records, specs, day, start),
    lighterFrom: record.lighterFrom,
    fullFrom: record.fullFrom,
    history,
  };
}

/** Weak moments an athlete of a sport may name: its own first, then those of any sport (START-12). */
export const momentsOf = (
  sport: Sport | null | undefined,
  { moments }: Pick<MethodTables, 'moments'>,
): readonly WeakMoment[] => [...(sport?.moments ?? []), ...moments];

function statesOf(outcomes: Outcomes): Partial<Record<TestId, TestState>> {
  const tests: Partial<Record<TestId, TestState>> = {};
  for (const id of TESTS) {
    const state = outcomes.get(id)?.state;
    if (state !== undefined && state !== 'unknown') tests[id] = state;
  }
  return tests;
}

/** The best valid set of each lift, kg (DOSE-11). */
function currentMaxima(outcomes: Outcomes, specs: TestSpecs): Record<string, number> {
  return Object.fromEntries(
    [...outcomes].flatMap(([id, outcome]) => {
      const spec = specs.get(id);
      const value = spec?.kind === 'lift' ? bestOf(outcome, spec) : null;
      return value === null ? [] : [[id, value] as const];
    }),
  );
}

function focusOf(set: SetFocus | null, { focuses }: MethodTables): AthleteFacts['focus'] {
  const spec = set && Object.hasOwn(focuses, set.id) ? focuses[set.id] : undefined;
  if (!set || !spec) return null;
  const { name, emphasis, families, drills, tier } = spec;
  return { id: set.id, name, emphasis, families, drills, limits: tier !== null, holdsBack: holdsBack(set, focuses) };
}
