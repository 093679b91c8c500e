import type { VirtualParameters } from '$core/virtual';

/**
 * How virtual athletes respond. Shapes are published: two memories of load (Banister 1975); gains that flatten with weekly
 * sets and with training age; one hard session a week that keeps strength (Rønnestad 2011); reserve as nearness to failure
 * (Zourdos 2016); soreness that what is new or unusual leaves and habit takes away. The numbers are our assumption unless a
 * source stands beside them: they are set so that a season of two sessions a week looks as coaches know it.
 */
export const VIRTUAL_ATHLETES = {
  traits: {
    truth: { mean: 1, sd: 0.03, least: 0.85, most: 1.15 },
    talent: { mean: 1, sd: 0.2, least: 0.4, most: 1.8 },
    recovery: { mean: 1, sd: 0.15, least: 0.6, most: 1.5 },
    tolerance: { mean: 1, sd: 0.2, least: 0.5, most: 1.6 },
    attendance: { mean: 0.9, sd: 0.06, least: 0.6, most: 1 },
    answers: { mean: 0.85, sd: 0.1, least: 0.4, most: 1 },
    honesty: { mean: 0.9, sd: 0.07, least: 0.5, most: 1 },
  },
  usualMassKg: 72,
  usualJumpM: 0.34,
  squatTimesBodyMass: { foundation: 0.9, developing: 1.2, trained: 1.5, advanced: 1.8 },
  deadliftOfSquat: 1.2,
  benchOfSquat: 0.65,
  otherOfSquat: {
    'single-leg-knee': 0.45,
    'single-leg-hip': 0.45,
    lateral: 0.35,
    'upper-push': 0.35,
    'upper-pull': 0.4,
    'calf-foot': 0.5,
    trunk: 0.2,
    olympic: 0.6,
  },
  restOfSquat: 0.3,
  gains: {
    aWeek: { foundation: 0.014, developing: 0.01, trained: 0.007, advanced: 0.005 },
    ceiling: { foundation: 1.5, developing: 1.3, trained: 1.2, advanced: 1.12 },
    setsScale: 2.5,
    contactsScale: 40,
    // two weeks off cost about one percent and a half; one hard session a week keeps what there is (Rønnestad 2011)
    lossAWeek: 0.008,
    floor: 0.85,
    strengthInJump: 0.3,
    halfAtRir: 5,
    rirScale: 1,
    unloaded: 0.6,
  },
  fatigue: {
    // Banister 1975 and after: the second memory fades in one to two weeks
    decayDays: 9,
    atStart: 35,
    ofSet: 1,
    ofContact: 0.05,
    ofEvent: 8,
    ofPracticeHour: 4,
    // a taper shows some three percent that load had hidden (Bosquet 2007)
    cost: 0.0006,
    showsAtLeast: 0.7,
    usualDays: 28,
    feltFrom: 1.25,
  },
  soreness: {
    decayDays: 1.5,
    habitDays: 28,
    habit: { foundation: 3, developing: 5, trained: 7, advanced: 8 },
    ofMovement: 0.4,
    base: 2,
    ofHabit: 0.5,
    ofSet: 0.6,
    ofPoint: 0.3,
    contactsASet: 15,
    novel: 1.6,
    novelAfterDays: 42,
    usualFrom: 0.8,
    tightFrom: 1.25,
    noise: 0.2,
  },
  pain: { chance: 0.003, whenTight: 0.03, scores: [0.35, 0.3, 0.2, 0.1, 0.05], daysAPoint: 4 },
  sets: {
    lessASet: 0.4,
    noise: 0.8,
    saidFrom: 2,
    said: 0.7,
    unasked: { finding: 3, telling: 2 },
    short: 0.03,
    shortBy: 0.25,
    fault: 0.015,
    foundShare: 0.97,
    foundSd: 0.02,
    plateKg: 2.5,
    testError: 0.025,
  },
  mornings: { atTheDoor: 0.7, later: 0.15, noteDays: 60 },
} satisfies VirtualParameters;
