/** Segment lengths as a share of body height (design), and how far the ankle and the heel stand from each other. */
export const LENGTH = {
  shank: 0.246,
  thigh: 0.245,
  trunk: 0.288,
  upperArm: 0.172,
  forearm: 0.157,
  foot: 0.154,
  neck: 0.058,
  head: 0.062,
} as const;

/** The ankle stands this high above the sole, and this far ahead of the heel. */
export const ANKLE_HEIGHT = 0.039;
export const HEEL_BACK = 0.024;
/** The middle and the ball of the foot, ahead of the ankle. */
export const MID_FOOT = LENGTH.foot / 2 - HEEL_BACK;
export const BALL = LENGTH.foot * 0.72 - HEEL_BACK;

/** A bar on the back lies behind the line of the trunk, in front of it on the shoulders. */
export const BAR_BEHIND = 0.035;
export const BAR_BEFORE = 0.05;

export const PELVIS_HALF = 0.05;
export const SHOULDER_HALF = 0.105;
export const STANDING_HIP = LENGTH.shank + LENGTH.thigh + ANKLE_HEIGHT;

/** Share of body mass and where along the segment it acts, from its upper end (standard anthropometric tables). */
export const MASS = {
  head: 0.081,
  trunk: 0.497,
  upperArm: 0.028,
  forearm: 0.022,
  thigh: 0.1,
  shank: 0.0465,
  foot: 0.0145,
} as const;
export const CENTRE = { trunk: 0.5, upperArm: 0.436, forearm: 0.682, thigh: 0.433, shank: 0.433, foot: 0.5 } as const;

/** How thick each part is at its two ends. */
export const GIRTH = {
  thigh: [0.047, 0.033],
  shank: [0.034, 0.02],
  foot: [0.022, 0.014],
  trunk: [0.057, 0.052],
  upperArm: [0.031, 0.024],
  forearm: [0.024, 0.016],
  neck: [0.03, 0.024],
} as const;
