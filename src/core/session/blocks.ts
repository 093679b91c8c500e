import type { Family } from '../library';

/** Where a family's work stands on a card when a coach adds it. */
const BLOCKS: Readonly<Record<Family, string>> = {
  squat: 'main',
  hinge: 'main',
  'single-leg-knee': 'single-leg',
  'single-leg-hip': 'single-leg',
  lateral: 'assist',
  jump: 'jumps',
  olympic: 'power',
  'calf-foot': 'assist',
  'hip-flexor': 'assist',
  trunk: 'assist',
  'upper-push': 'assist',
  'upper-pull': 'assist',
  'carry-sled': 'finisher',
  locomotion: 'prep',
  mobility: 'mobility',
  agility: 'jumps',
  conditioning: 'finisher',
};

/** The block a coach's own line of a family goes to. */
export const blockOf = (family: Family): string => BLOCKS[family];
