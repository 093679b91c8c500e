import { meetsGate, type AthleteFacts } from '../athlete';
import { daysBetween } from '../calendar';
import type { Dose } from '../dose';
import { tierOf, shockGate } from '../jumps';
import { isLevelAtLeast, isTierAbove, type Exercise, type Tier } from '../library';
import type { DoseRowId } from '../method';
import { rungOf } from '../progress';
import type { Reason } from '../result';
import { barOf, isBarred, openAfterInjury } from '../safety';
import { isHeavy, LOWER_BODY } from '../season';
import { isKnown, type Context } from './context';

/** Families whose complaint bars the shock tier (JUMP-4: current lower-limb complaint). */
const UPPER_ROWS = ['shoulder', 'head', 'neck'];

/**
 * Why one athlete may not do an entry at a dose on this day, or null when nothing stands against it
 * (SEL-1: complaints, gates, levels, youth, tiers, match-day limits). The first reason found is the most serious one.
 */
export function judgeOption(
  exercise: Exercise,
  row: DoseRowId,
  dose: Dose,
  athlete: AthleteFacts,
  context: Context,
): Reason | null {
  const { method, library } = context;
  const tier = tierOf(exercise, dose);
  for (const complaint of athlete.complaints) {
    if (isBarred(barOf(complaint, method), exercise, row, tier))
      return {
        code: 'barred_by_complaint',
        rules: complaint.column === 'stop' ? ['SAFE-2', 'SAFE-8'] : ['SAFE-8'],
        facts: { place: complaint.place, score: complaint.score, column: complaint.column, athlete: athlete.name },
      };
  }
  const { atLeast } = method.doses[row];
  if (atLeast !== null && !isLevelAtLeast(athlete.liftLevel, atLeast))
    return { code: 'row_needs_level', rules: ['PHASE-3'], facts: { row, atLeast, level: athlete.liftLevel } };
  const gates = [...exercise.gates, ...(rungOf(exercise, library)?.rung.gates ?? [])];
  const closed = gates.find((gate) => !meetsGate(gate, athlete, library));
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
  return tier === null ? null : (judgeDrop(exercise, tier, athlete, context) ?? judgeTier(tier, athlete, context));
}

/** Drop heights: heavy athletes from lower boxes (JUMP-3), shock at trained level from low ones (method 7). */
function judgeDrop(exercise: Exercise, tier: Tier, athlete: AthleteFacts, { method }: Context): Reason | null {
  const { jump } = method.settings;
  const dropM = exercise.plyo?.dropM ?? 0;
  if ((athlete.bodyMassKg ?? 0) > jump.heavyBodyMassKg && dropM > jump.heavyMaxDropM)
    return { code: 'drop_too_high', rules: ['JUMP-3'], facts: { dropM, maxM: jump.heavyMaxDropM } };
  const maxM = tier === 'shock' ? method.jumpLevels[athlete.jumpLevel].maxShockDropM : null;
  return maxM !== null && dropM > maxM ? { code: 'drop_too_high', rules: ['JUMP-9'], facts: { dropM, maxM } } : null;
}

/** The tier an athlete may reach: by age, growth, jump level and what is known of them. */
function judgeTier(tier: Tier, athlete: AthleteFacts, { method, limits, brief }: Context): Reason | null {
  const { youth, jump } = method.settings;
  const isYouth = athlete.ageYears !== null && athlete.ageYears < youth.underYears;
  const grows = (athlete.growthCmPerMonth ?? 0) > youth.growthCmPerMonth;
  const level = isKnown(athlete) ? athlete.jumpLevel : 'foundation';
  const limitsOf: [boolean, Tier, string][] = [
    [isYouth, youth.highestTier, 'SAFE-3'],
    [grows, youth.growthHighestTier, 'SAFE-3'],
    [!isKnown(athlete), jump.unknownHighestTier, 'START-2'],
    [true, method.jumpLevels[level].highestTier, 'JUMP-9'],
  ];
  for (const [applies, limit, rule] of limitsOf)
    if (applies && isTierAbove(tier, limit)) return { code: 'tier_too_high', rules: [rule], facts: { tier, limit } };
  if (isTierAbove(tier, 'medium')) {
    const [open] = openAfterInjury(
      athlete.pastInjuries.map(({ place }) => place),
      athlete.tests,
    );
    if (open) return { code: 'injury_screen_open', rules: ['SAFE-11'], facts: { gate: open, tier } };
  }
  if (tier !== 'shock') return null;
  const squatKg = athlete.e1rmKg['back-squat'] ?? null;
  const closed = shockGate(
    {
      landingScreenPassed: athlete.tests.C7 === 'passed',
      squatTimesBodyMass: squatKg !== null && athlete.bodyMassKg !== null ? squatKg / athlete.bodyMassKg : null,
      jumpSeasons: athlete.jumpSeasons,
      ageYears: athlete.ageYears,
      daysBeforeEvent: limits.daysBefore,
      daysAfterEvent: limits.daysAfter,
      lowerLimbComplaint: athlete.complaints.some((c) => !UPPER_ROWS.includes(method.places[c.place]?.row ?? '')),
      school: brief.schools.shockGate,
    },
    method,
  );
  return closed[0] === undefined ? null : { code: 'shock_not_open', rules: ['JUMP-4'], facts: { needs: closed } };
}

/**
 * Why the day itself bars an entry at a dose for everyone (WEEK-2), or null. A lower-body entry new to an athlete
 * counts as heavy on quiet days; `lastDone` null = judged without an athlete.
 */
export function judgeDay(
  exercise: Exercise,
  row: DoseRowId,
  dose: Dose,
  athlete: AthleteFacts | null,
  { limits, method, brief }: Context,
): Reason | null {
  if (!limits.quiet) return null;
  const facts = { daysBefore: limits.daysBefore ?? 0 };
  const tier = tierOf(exercise, dose);
  if (tier === 'high' || tier === 'shock')
    return { code: 'day_bars_tier', rules: ['WEEK-2'], facts: { ...facts, tier } };
  if (isHeavy({ exercise, row, dose }, method)) return { code: 'day_bars_heavy', rules: ['WEEK-2'], facts };
  if (athlete === null || exercise.dominance === null || exercise.plyo || !LOWER_BODY.includes(exercise.family))
    return null;
  const last = athlete.lastDone[exercise.id];
  const isNew = last === undefined || daysBetween(last, brief.day) > method.settings.week.newAfterDays;
  return isNew
    ? { code: 'day_bars_new', rules: ['WEEK-2'], facts: { ...facts, newAfterDays: method.settings.week.newAfterDays } }
    : null;
}
