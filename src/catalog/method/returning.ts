import type { MethodTables } from '$core/method';

/**
 * The way back from a complaint (SAFE-2). The order of the stages is the method's; which work each of them opens, and which
 * tests tell a side, are our working defaults.
 */
export const RETURNING = {
  symmetryFrom: 0.9,
  stages: {
    isometric: { name: 'holds', opens: ['hold'] },
    'slow-two-leg': { name: 'slow, two legs', opens: ['slow-two-leg'] },
    'slow-one-leg': { name: 'slow, one leg', opens: ['slow-one-leg'] },
    'low-contacts': { name: 'low contacts', opens: ['low-contacts', 'strikes', 'lengthened'] },
    'medium-contacts': { name: 'medium contacts', opens: ['medium-contacts', 'fast'] },
    'planned-speed': { name: 'planned speed', opens: ['planned-speed'] },
    full: { name: 'full', opens: ['everything'] },
  },
  leaving: {
    foot: { symmetry: ['hop', 'calf-straight'], screens: ['K1', 'K2', 'K3'] },
    knee: { symmetry: ['hop'], screens: ['K1', 'K2', 'K3'] },
    'front-thigh': { symmetry: ['hop'], screens: ['K1', 'K2', 'K3'] },
    thigh: { symmetry: ['hop'], screens: ['K1', 'K2', 'K3'] },
    back: { symmetry: [], screens: ['K1', 'K2'] },
    shoulder: { symmetry: [], screens: [] },
  },
} as const satisfies MethodTables['returning'];
