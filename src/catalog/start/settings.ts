import type { StartSettings } from '$core/startline';

/** Numbers of the start line as the method gives them. */
export const START: StartSettings = {
  tests: {
    range: ['R1', 'R2', 'R4'],
    control: ['C1', 'C2', 'C3', 'C4', 'C5', 'C6'],
    force: ['squat', 'hinge', 'calf-straight', 'calf-bent'],
    skill: ['K1', 'K2'],
    lever: ['cmj', 'sj', 'rsi-10-5'],
  },
  ratios: {
    squat: { 'back-squat': 1, 'front-squat': 0.85 },
    hinge: { deadlift: 1, 'romanian-deadlift': 0.75 },
  },
  target: { squat: 1.25, hinge: 1.5 },
  youngTarget: { squat: 1, hinge: 1.2 },
  youngUnder: 16,
  youngReps: 5,
  cutsFrom: 3,
  eur: { low: 1.05, usualSd: 0.05 },
  rsi: { athletes: 10 },
  strongerBy: 0.25,
  leans: { hipBelow: 0.32, kneeAbove: 0.55 },
  trainedDays: 28,
  result: { blockDays: 56, leastDays: 21 },
  momentDays: 28,
  rescreenDays: [14, 28],
  controlLadder: 'control',
  controlRungs: { C2: 1, C1: 2, C3: 3, C5: 4, C4: 5, C6: 7, passed: 8 },
};
