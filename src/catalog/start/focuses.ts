import type { FocusSpecs } from '$core/startline';

/** What each focus adds to what the sport asks, and its daily drills. */
export const FOCUSES: FocusSpecs = {
  'range-ankle': {
    name: 'ankle range',
    tier: 'range',
    emphasis: { 'ankle-foot': 3, 'hip-mobility': 1 },
    drills: ['knee-to-wall-mobility', 'calf-wall-opener'],
  },
  'range-hip': {
    name: 'hip range',
    tier: 'range',
    emphasis: { 'hip-mobility': 3 },
    drills: ['squat-prying', 'deep-lunge-opener'],
  },
  'range-hip-flexor': {
    name: 'hip-flexor range',
    tier: 'range',
    emphasis: { 'hip-mobility': 3 },
    drills: ['contract-relax-hip-flexor', 'band-hip-flexor-opener'],
  },
  'range-posterior': {
    name: 'hamstring range',
    tier: 'range',
    emphasis: { 'hip-mobility': 2, hamstring: 1 },
    drills: ['contract-relax-hamstring', 'banded-hamstring-opener'],
  },
  control: {
    name: 'single-leg control',
    tier: 'control',
    emphasis: { 'balance-gaze': 3, 'landing-absorption': 1 },
    drills: [],
  },
  strength: {
    name: 'squat strength',
    tier: 'force',
    emphasis: { 'max-strength': 3 },
    drills: [],
  },
  'hinge-strength': {
    name: 'hinge strength',
    tier: 'force',
    emphasis: { 'max-strength': 2, hamstring: 2 },
    drills: [],
  },
  calf: {
    name: 'calf strength',
    tier: 'force',
    emphasis: { 'ankle-foot': 3, 'reactive-stiffness': 1 },
    drills: [],
  },
  'take-off': {
    name: 'take-off technique',
    tier: 'skill',
    emphasis: { 'vertical-jump-two-foot': 2, 'landing-absorption': 1 },
    drills: [],
  },
  landing: { name: 'landing technique', tier: 'skill', emphasis: { 'landing-absorption': 3 }, drills: [] },
  cut: {
    name: 'cut technique',
    tier: 'skill',
    emphasis: { 'deceleration-cutting': 3, 'balance-gaze': 1 },
    drills: [],
  },
  'slow-ssc': {
    name: 'slow stretch–shortening',
    tier: null,
    emphasis: { 'vertical-jump-two-foot': 3 },
    drills: [],
  },
  'fast-ssc': {
    name: 'fast contacts',
    tier: null,
    emphasis: { 'reactive-stiffness': 3 },
    drills: [],
  },
  speed: {
    name: 'speed',
    tier: null,
    emphasis: { 'top-speed': 2, 'horizontal-power': 2 },
    drills: [],
  },
  'gentle-knee': {
    name: 'knee work from the gentle end',
    tier: null,
    emphasis: { 'knee-tendon': 3 },
    drills: [],
  },
  'gentle-hip': {
    name: 'hip work from the gentle end',
    tier: null,
    emphasis: { hamstring: 3 },
    drills: [],
  },
};
