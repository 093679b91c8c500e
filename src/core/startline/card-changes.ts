import type { FocusId } from './focus';

/** What a reading asks of the next card, most urgent first. */
export type ChangeCode =
  | 'complaint_limits'
  | 'bottom_of_ranges'
  | 'medium_tier_at_most'
  | 'loads_by_reserve'
  | 'daily_drills'
  | 'range_in_prep'
  | 'above_at_maintenance'
  | 'control_rung'
  | 'strength_first'
  | 'hinge_first'
  | 'calf_first'
  | 'skill_rung'
  | 'slow_jumps'
  | 'fast_contacts'
  | 'fast_lifts'
  | 'gentle_knee'
  | 'gentle_hip'
  | 'one_foot_jumps'
  | 'two_foot_jumps';

const RANGE_CHANGES = ['daily_drills', 'range_in_prep', 'above_at_maintenance'] as const;
/** What each focus asks of the next card. */
export const FOCUS_CHANGES: Readonly<Record<FocusId, readonly ChangeCode[]>> = {
  'range-ankle': RANGE_CHANGES,
  'range-hip': RANGE_CHANGES,
  'range-hip-flexor': RANGE_CHANGES,
  'range-posterior': RANGE_CHANGES,
  control: ['control_rung', 'above_at_maintenance'],
  strength: ['strength_first'],
  'hinge-strength': ['hinge_first'],
  calf: ['calf_first'],
  'take-off': ['skill_rung'],
  landing: ['skill_rung'],
  cut: ['skill_rung'],
  'slow-ssc': ['slow_jumps'],
  'fast-ssc': ['fast_contacts'],
  speed: ['fast_lifts'],
  'gentle-knee': ['gentle_knee'],
  'gentle-hip': ['gentle_hip'],
};
