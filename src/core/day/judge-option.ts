import { meetsGate, type AthleteFacts } from '../athlete';
import type { Dose } from '../dose';
import { tierOf, shockGate } from '../jumps';
import { isLevelAtLeast, isTierAbove, type Exercise, type Plyo, type Tier } from '../library';
import type { DoseRowId } from '../method';
import { rungOf } from '../progress';
import type { Reason } from '../result';
import { barsWork, openAfterInjury } from '../safety';
import type { DayContext } from './day-context';
import { returnFacts } from './ease-for-return';
import { hasKit } from './place';
import { sidesWait } from './sides-apart';

/** Families whose complaint bars the shock tier (JUMP-4: current lower-limb complaint). */
const UPPER_ROWS = ['shoulder', 'head', 'neck'];

/**
 * Why one athlete may not do an entry at a dose at this place, or null when nothing stands against it
 * (SEL-1: complaints, kit, gates, levels, youth, tiers). The first reason found is the most serious one.
 * @param ungated whether its gates are overridden for this athlete by a written reason (JUMP-2, `isUngated`); all else holds
 */
export function judgeOption(
  { exercise, row, dose }: { readonly exercise: Exercise; readonly row: DoseRowId; readonly dose: Dose },
  athlete: AthleteFacts,
  context: DayContext,
  ungated: boolean,
): Reason | null {
  const { method, library, place } = context;
  const tier = tierOf(exercise, dose);
  for (const complaint of athlete.complaints) {
    const bar = barsWork(complaint, exercise, row, tier, method);
    if (bar === 'not-yet')
      return {
        code: 'not_yet_in_return',
        rules: ['SAFE-2'],
        facts: { ...returnFacts(complaint, context), athlete: athlete.name },
      };
    if (bar)
      return {
        code: 'barred_by_complaint',
        rules: complaint.column === 'stop' ? ['SAFE-2', 'SAFE-8'] : ['SAFE-8'],
        facts: { place: complaint.place, score: complaint.score, column: complaint.column, athlete: athlete.name },
      };
  }
  if (!hasKit(exercise, place)) return { code: 'kit_missing', rules: ['SEL-1'], facts: { exercise: exercise.name } };
  const { atLeast } = method.doses[row];
  if (atLeast !== null && !isLevelAtLeast(athlete.liftLevel, atLeast))
    return { code: 'row_needs_level', rules: ['PHASE-3'], facts: { row, atLeast, level: athlete.liftLevel } };
  const gates = [...exercise.gates, ...(rungOf(exercise, library)?.rung.gates ?? [])];
  const closed = ungated ? undefined : gates.find((gate) => !meetsGate(gate, athlete, library));
  if (closed)
    return {
      code: 'gate_not_met',
      rules: ['JUMP-2'],
      facts:
        closed.kind === 'test'
          ? { gate: closed.test }
          : closed.kind === 'rung'
            ? { gate: closed.ladder, rung: closed.rung }
            : { gate: closed.of, atLeast: closed.atLeast },
    };
  if (tier === null) return null;
  return (
    judgeBox(exercise, dose, athlete, context) ??
    judgeDrop(exercise, tier, athlete, context) ??
    judgeTier(tier, exercise.plyo?.legs ?? 'two', athlete, context)
  );
}

/** SAFE-4: no dense or timed box jumps at foundation. */
function judgeBox(
  { equipment, plyo }: Exercise,
  dose: Dose,
  athlete: AthleteFacts,
  { schools }: DayContext,
): Reason | null {
  const ontoBox = plyo?.dropM === null && [...equipment.allOf, ...equipment.anyOf].includes('box');
  const dense = dose.unit === 'seconds' || schools.jumpRest === 'dense';
  const foundation = athlete.jumpLevel === 'foundation' || athlete.liftLevel === 'foundation';
  return ontoBox && dense && foundation ? { code: 'dense_box_jump', rules: ['SAFE-4'], facts: {} } : null;
}

/** Drop heights: heavy athletes from lower boxes (JUMP-3), shock at trained level from low ones (method 7). */
function judgeDrop(exercise: Exercise, tier: Tier, athlete: AthleteFacts, { method }: DayContext): Reason | null {
  const { jump } = method.settings;
  const dropM = exercise.plyo?.dropM ?? 0;
  if ((athlete.bodyMassKg ?? 0) > jump.heavyBodyMassKg && dropM > jump.heavyMaxDropM)
    return { code: 'drop_too_high', rules: ['JUMP-3'], facts: { dropM, maxM: jump.heavyMaxDropM } };
  const maxM = tier === 'shock' ? method.jumpLevels[athlete.jumpLevel].maxShockDropM : null;
  return maxM !== null && dropM > maxM ? { code: 'drop_too_high', rules: ['JUMP-9'], facts: { dropM, maxM } } : null;
}

/** The tier an athlete may reach: by age, growth, jump level and what is known of them. */
function judgeTier(
  tier: Tier,
  legs: Plyo['legs'],
  athlete: AthleteFacts,
  { method, limits, schools }: DayContext,
): Reason | null {
  const { youth, jump } = method.settings;
  const isYouth = athlete.ageYears !== null && athlete.ageYears < youth.underYears;
  const grows = (athlete.growthCmPerMonth ?? 0) > youth.growthCmPerMonth;
  const unknown = athlete.caution === 'gentle';
  const level = unknown ? 'foundation' : athlete.jumpLevel;
  const limitsOf: [boolean, Tier, string][] = [
    [isYouth, youth.highestTier, 'SAFE-3'],
    [grows, youth.growthHighestTier, 'SAFE-3'],
    [unknown, jump.unknownHighestTier, 'START-2'],
    [true, method.jumpLevels[level].highestTier, 'JUMP-9'],
  ];
  for (const [applies, limit, rule] of limitsOf)
    if (applies && isTierAbove(tier, limit)) return { code: 'tier_too_high', rules: [rule], facts: { tier, limit } };
  if (isTierAbove(tier, 'medium') && legs !== 'two' && sidesWait(athlete, method))
    return {
      code: 'sides_apart',
      rules: ['DOSE-10'],
      facts: { weak: athlete.sides?.weak ?? '', share: athlete.sides?.share ?? 0, tier },
    };
  if (isTierAbove(tier, 'medium')) {
    const [open] = openAfterInjury(
      athlete.pastInjuries.map(({ place }) => place),
      athlete.tests,
      method,
    );
    if (open) return { code: 'injury_screen_open', rules: ['SAFE-11'], facts: { gate: open, tier } };
  }
  if (tier !== 'shock') return null;
  const closed = shockGate(
    {
      landingScreenPassed: athlete.tests.C7 === 'passed',
      squatTimesBodyMass: athlete.strength.squat,
      jumpSeasons: athlete.jumpSeasons,
      ageYears: athlete.ageYears,
      daysBeforeEvent: limits.daysBefore,
      daysAfterEvent: limits.daysAfter,
      lowerLimbComplaint: athlete.complaints.some((c) => !UPPER_ROWS.includes(method.places[c.place]?.row ?? '')),
      school: schools.shockGate,
    },
    method,
  );
  return closed[0] === undefined ? null : { code: 'shock_not_open', rules: ['JUMP-4'], facts: { needs: closed } };
}
