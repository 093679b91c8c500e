import type { MethodSettings } from '$core/method';

/**
 * Single numbers the rules use, each with the rule it belongs to. Where method.md gives a range one value is chosen.
 * Coverage: breakpoints round(−τ·ln(1 − k/9)) for k = 1…8 with τ = 12, and the integer slopes of 10⁴·(1 − e^(−x/τ))
 * between them, shipped because exp differs between engines in the last bit.
 */
export const SETTINGS: MethodSettings = {
  count: { hardSetMaxRir: 4, primeMoverShare: 0.25 },
  jump: {
    lighterWeek: 0.6, cautiousSchool: 0.8, surface: 0.8, growth: 0.7, practiceShare: 0.5, rawCapTimes: 3,
    heavyBodyMassKg: 100, heavyHighTierCost: 1 / 0.75, heavyMaxDropM: 0.45, shockSquatTimesBodyMass: 1.5, shockSeasons: 2,
    shockMinAgeYears: 16, shockFromDaysAfter: 2, shockUntilDaysBefore: 3, untestedDropM: 0.2, fastContactS: 0.25,
    unknownHighestTier: 'medium', returnFactor: 0.25,
  },
  tierWeights: { lowTwoFootInPlace: 0.25, low: 0.5, medium: 1, high: 1.5, shock: 2 },
  rest: { fullSeconds: 90, fullWorkRest: 5, secondsPerLanding: 1.5, fullRange: [60, 180] },
  loading: {
    formula: 'epley', validDays: 42, maxReps: 12, maxPrescribingReps: 20, stepMin: 0.02, stepMax: 0.05,
    percentTolerance: 0.02, rampStep: [0.1, 0.2], displayMaxReps: 10,
    layoff: [{ overDays: 10, factor: 0.95 }, { overDays: 21, factor: 0.9 }, { overDays: 42, factor: null }],
  },
  progress: {
    placeShare: 0.2, kneeDominance: 0.5, timeStepS: 5, cutShare: 1 / 3, shortRir: 2, shortCut: 0.025, missedCut: 0.05,
    repsAboveTop: 2, dropExposures: 3, dropTight: 2,
    layoff: [{ overDays: 10, change: 'set' }, { overDays: 21, change: 'minimum' }, { overDays: 42, change: 'rung' }],
  },
  week: {
    quietDaysBefore: 2, recoveryDaysAfter: 1, heavySets: 3, heavyIntensity: 0.8, heavyRir: 2, newAfterDays: 42,
    primerContacts: 20, primerSets: 2, primerReps: 3, sorenessDaysBefore: 3, tagReachDays: 14,
  },
  youth: { underYears: 16, consentUnderYears: 18, maxIntensity: 0.8, minTestReps: 5, highestTier: 'high', growthCmPerMonth: 0.6, growthHighestTier: 'medium' },
  time: { transitionS: 45, switchS: 10, leastMinutes: 10 },
  ledger: { kneeHip: [0.4, 0.6], judgedFromSets: 6 },
  choice: {
    coverageAt: [1, 3, 5, 7, 10, 13, 18, 26],
    coverageSlope: [800, 706, 598, 506, 411, 320, 231, 136],
    guard: [4000, 2000, 500], keptMain: 8000, kept: 3000, balanceSets: 2, balanceNear: 1500, balanceFar: 4000,
    sorenessPoint: 1500, missedQuota: 10000, barredShare: 12000, maxBarredShare: 0.5, tolerance: 2000,
  },
};
