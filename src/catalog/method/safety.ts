import type { Bar, MethodTables } from '$core/method';

const NOTHING: Bar = {
  maxTier: null,
  twoFeetOnly: false,
  families: [],
  slowOnly: [],
  flags: [],
  flagRows: [],
  loadedTrunk: false,
  kneeDominantSlow: false,
  kneeling: false,
  everything: false,
};

/** Families that keep holds and slow work only; jumps stop altogether. */
const SLOW_ONLY = ['squat', 'single-leg-knee', 'lateral', 'jump', 'agility', 'olympic', 'calf-foot'] as const;

/** What a complaint stops (SAFE-8): columns 1–2, 3, and 4 or a sign. Each adds to those to its left. */
export const COMPLAINTS = {
  foot: {
    mild: { ...NOTHING, maxTier: 'medium' },
    three: { ...NOTHING, maxTier: 'low', twoFeetOnly: true },
    stop: { ...NOTHING, maxTier: 'none', families: ['jump', 'calf-foot', 'agility'] },
  },
  knee: {
    mild: { ...NOTHING, maxTier: 'low' },
    three: {
      ...NOTHING,
      maxTier: 'none',
      slowOnly: [...SLOW_ONLY],
      kneeling: true,
    },
    stop: { ...NOTHING, maxTier: 'none', families: ['squat', 'single-leg-knee', 'lateral', 'jump', 'agility'] },
  },
  thigh: {
    mild: { ...NOTHING, maxTier: 'medium', flags: ['sprint'] },
    three: { ...NOTHING, flags: ['lengthened'] },
    stop: { ...NOTHING, maxTier: 'none', families: ['hinge', 'single-leg-hip', 'lateral', 'jump', 'agility'] },
  },
  'front-thigh': {
    mild: { ...NOTHING, maxTier: 'medium', flags: ['sprint'], kneeDominantSlow: true },
    three: { ...NOTHING, maxTier: 'none', slowOnly: [...SLOW_ONLY], flags: ['lengthened'] },
    stop: {
      ...NOTHING,
      maxTier: 'none',
      families: ['squat', 'single-leg-knee', 'hip-flexor', 'lateral', 'jump', 'agility'],
    },
  },
  back: {
    mild: { ...NOTHING, flagRows: [{ flag: 'axial', rows: ['D-MAX', 'D-PEAK'] }] },
    three: { ...NOTHING, flags: ['axial'] },
    stop: { ...NOTHING, families: ['squat', 'hinge', 'olympic'], loadedTrunk: true },
  },
  shoulder: {
    mild: { ...NOTHING, flagRows: [{ flag: 'overhead', rows: ['D-MAX', 'D-PEAK'] }] },
    three: { ...NOTHING, flags: ['overhead'] },
    stop: { ...NOTHING, families: ['upper-push', 'upper-pull', 'olympic'], flags: ['frontRack'] },
  },
  head: {
    mild: { ...NOTHING, everything: true },
    three: { ...NOTHING, everything: true },
    stop: { ...NOTHING, everything: true },
  },
} as const satisfies MethodTables['complaints'];

/** Places of the check-in: whose work they are, which row of SAFE-8 they read, and the screens they point to. */
export const PLACES = {
  foot: {
    name: 'foot, ankle',
    row: 'foot',
    muscles: ['foot', 'tibialisAnterior', 'soleus', 'gastrocnemius'],
    kneeDominant: false,
    axial: false,
    screens: ['R4', 'C1'],
    checkin: true,
  },
  calf: {
    name: 'calf',
    row: 'foot',
    muscles: ['gastrocnemius', 'soleus', 'tibialisAnterior'],
    kneeDominant: false,
    axial: false,
    screens: ['R4'],
    checkin: true,
  },
  shin: {
    name: 'shin',
    row: 'foot',
    muscles: ['gastrocnemius', 'soleus', 'tibialisAnterior'],
    kneeDominant: false,
    axial: false,
    screens: ['R4'],
    checkin: true,
  },
  knee: {
    name: 'knee',
    row: 'knee',
    muscles: ['quadriceps'],
    kneeDominant: true,
    axial: false,
    screens: ['C5', 'R4'],
    checkin: true,
  },
  'front-thigh': {
    name: 'front of thigh',
    row: 'front-thigh',
    muscles: ['quadriceps', 'hipFlexors'],
    kneeDominant: false,
    axial: false,
    screens: ['R6'],
    checkin: true,
  },
  'back-thigh': {
    name: 'back of thigh',
    row: 'thigh',
    muscles: ['hamstrings'],
    kneeDominant: false,
    axial: false,
    screens: ['bridge-hold'],
    checkin: true,
  },
  groin: {
    name: 'groin',
    row: 'thigh',
    muscles: ['adductors'],
    kneeDominant: false,
    axial: false,
    screens: ['squeeze'],
    checkin: true,
  },
  hip: {
    name: 'hip',
    row: 'thigh',
    muscles: ['glutes', 'hipFlexors', 'abductors'],
    kneeDominant: false,
    axial: false,
    screens: ['C2'],
    checkin: true,
  },
  back: {
    name: 'back',
    row: 'back',
    muscles: ['trunkFlexion', 'trunkExtension', 'trunkAntiRotation', 'trunkSide'],
    kneeDominant: false,
    axial: true,
    screens: [],
    checkin: true,
  },
  shoulder: {
    name: 'shoulder, arm',
    row: 'shoulder',
    muscles: ['upperPush', 'upperPull'],
    kneeDominant: false,
    axial: false,
    screens: ['R5'],
    checkin: true,
  },
  neck: { name: 'neck', row: 'neck', muscles: [], kneeDominant: false, axial: true, screens: [], checkin: false },
  head: {
    name: 'head, chest, faint, fever',
    row: 'head',
    muscles: [],
    kneeDominant: false,
    axial: false,
    screens: [],
    checkin: true,
  },
} as const satisfies MethodTables['places'];
