import type { ChangeCode } from '$core/startline';

/** What a reading asks of the next card, as a coach says it. */
export const CHANGE_WORDS: Readonly<Record<ChangeCode, string>> = {
  complaint_limits: 'What the complaint stops stays off; jumps keep to its tier.',
  bottom_of_ranges: 'Every dose at the bottom of its range until range, control and skill are known.',
  medium_tier_at_most: 'Jumps of medium tier at most, on the foundation budget.',
  loads_by_reserve: 'Loads by reps in reserve: no strength known yet.',
  daily_drills: 'Two drills a day for the range that is short.',
  range_in_prep: 'Prep and mobility go to that range first.',
  above_at_maintenance: 'The tiers above at maintenance.',
  control_rung: 'The control ladder from the rung of the failed screen.',
  strength_first: 'The squat leads; jumps and the rest hold.',
  hinge_first: 'The hinge leads.',
  calf_first: 'Calf strength before more springy work.',
  skill_rung: 'The jump, landing or cut itself, slow and clean, a rung down.',
  slow_jumps: 'Jumps with a deep dip: slow stretch–shortening.',
  fast_contacts: 'Short contacts: pogos and rebounds.',
  fast_lifts: 'Lifts and jumps for speed.',
  gentle_knee: 'Knee work from the gentle end: holds and slow, small range, built as mornings allow.',
  gentle_hip: 'Hip and hamstring work from the gentle end.',
  one_foot_jumps: 'Jumps from one foot: skips and bounds.',
  two_foot_jumps: 'Jumps from two feet.',
};
