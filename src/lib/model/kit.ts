import type { Place } from '$core/day';
import { remember } from '$core/remember';

/** A squad's gym: what it has to train with. Masses in kg. */
export interface Kit {
  readonly equipment: readonly string[];
  readonly racks: number;
  readonly barKg: number;
  readonly smallestPlateKg: number;
  readonly bellsKg: readonly number[];
  readonly hardSurface: boolean;
  /** bars to load at once */
  readonly bars: number;
  /** clear lane to run or bound along, m; 0 = none */
  readonly laneM: number;
  readonly surface: string;
}

/** A lane shorter than this is no lane. */
const SHORTEST_LANE_M = 10;

/** Equipment a coach can tick, in the words of the library. */
export const EQUIPMENT = [
  'barbell',
  'rack',
  'trap-bar',
  'dumbbell',
  'kettlebell',
  'landmine',
  'cable',
  'band',
  'bench',
  'box',
  'pull-up-bar',
  'mat',
  'slider',
  'ball',
  'med-ball',
  'wall',
  'plate',
  'safety-bar',
  'sled',
  'hurdle',
  'rope',
  'pad',
  'roller',
  'back-bench',
] as const;

export const DEFAULT_KIT: Kit = {
  equipment: [
    'barbell',
    'rack',
    'dumbbell',
    'kettlebell',
    'band',
    'bench',
    'box',
    'pull-up-bar',
    'mat',
    'wall',
    'plate',
  ],
  racks: 3,
  barKg: 20,
  smallestPlateKg: 1.25,
  bellsKg: [6, 8, 10, 12, 14, 16, 18, 20, 22, 24, 28, 32],
  hardSurface: false,
  bars: 3,
  laneM: 20,
  surface: 'rubber floor',
};

/** What a new place is said to have in one word; piece by piece it is said later. */
export const KITS = {
  gym: DEFAULT_KIT,
  hall: {
    ...DEFAULT_KIT,
    equipment: ['box', 'bench', 'band', 'mat', 'wall', 'med-ball', 'ball', 'hurdle', 'rope', 'slider'],
    racks: 0,
    bars: 0,
  },
  bells: { ...DEFAULT_KIT, equipment: ['dumbbell', 'kettlebell', 'mat', 'wall', 'bench'], racks: 0, bars: 0 },
  landmine: { ...DEFAULT_KIT, equipment: ['landmine', 'mat', 'wall', 'plate'], racks: 0, bars: 1 },
  nothing: { ...DEFAULT_KIT, equipment: ['wall'], racks: 0, bars: 0 },
} as const satisfies Record<string, Kit>;
export type KitName = keyof typeof KITS;
export const KIT_NAMES = Object.keys(KITS) as [KitName, ...KitName[]];

const PLATES_KG = [25, 20, 15, 10, 5, 2.5, 1.25, 0.5, 0.25];

/** The kit as the rules read it, the same for the same kit: as many pairs of each plate from the smallest up. */
export const placeOf = remember((kit: Kit): Place => ({
  equipment: kit.equipment,
  lane: kit.laneM >= SHORTEST_LANE_M,
  loading: {
    barbell: {
      bar: kit.barKg,
      pairs: PLATES_KG.filter((mass) => mass >= kit.smallestPlateKg).map((mass) => ({ mass, count: null })),
    },
    bellsKg: kit.bellsKg,
  },
  hardSurface: kit.hardSurface,
  racks: sideBySide(kit),
}));

/** Bars lifted at the same time: a rack needs a bar, a bar from the floor no rack. */
const sideBySide = ({ racks, bars }: Kit): number =>
  Math.max(1, racks > 0 && bars > 0 ? Math.min(racks, bars) : Math.max(racks, bars));
