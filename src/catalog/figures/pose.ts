import type { Arms, Figure, FreePose, FrontPose, Pose, Prop, StandPose } from '$core/figures';

/** Figures by exercise id. */
export type Figures = Readonly<Record<string, Figure>>;
type Over<T extends Pose> = Partial<Omit<T, 'kind' | 'name'>>;

export const hold = (how: 'back' | 'low' | 'front' | 'hang' | 'overhead' | 'chest' | 'hips'): Arms => ({ hold: how });
export const to = (x: number, y: number): Arms => ({ to: [x, y] });
export const arms = (shoulder: number, elbow: number): Arms => ({ shoulder, elbow });
export const AT_SIDES = arms(-4, 10);
export const AHEAD = arms(84, 6);
export const ON_HIPS = arms(-38, 84);
export const UP = arms(176, 4);

/** On the feet, tall and balanced unless said otherwise. */
export const stand = (name: string, over: Over<StandPose> = {}): StandPose => ({
  kind: 'stand',
  name,
  ankle: 4,
  knee: 6,
  heel: 0,
  y: 0,
  trunk: 'balance',
  far: 'same',
  arms: AT_SIDES,
  farArms: null,
  air: 0,
  moving: false,
  ...over,
});

/** Lying, kneeling, sitting or hanging. */
export const free = (name: string, over: Over<FreePose> & Pick<FreePose, 'trunk' | 'near'>): FreePose => ({
  kind: 'free',
  name,
  facing: 'side',
  far: 'same',
  arms: AT_SIDES,
  farArms: null,
  y: null,
  ...over,
});

/** From the front, feet under the hips unless said otherwise. */
export const front = (name: string, over: Over<FrontPose> = {}): FrontPose => ({
  kind: 'front',
  name,
  hips: [0, 0],
  feet: [
    [-0.06, 0],
    [0.06, 0],
  ],
  knees: [0, 0],
  trunk: 0,
  arms: [
    [8, 6],
    [8, 6],
  ],
  air: 0,
  moving: false,
  ...over,
});

export const figure = (implement: Figure['implement'], positions: Pose[], ...props: Prop[]): Figure => ({
  implement,
  positions,
  props,
});

export const box = (x: number, w: number, h: number): Prop => ({ kind: 'box', x, w, h });
export const wall = (x: number): Prop => ({ kind: 'wall', x });
export const post = (x: number, h = 0.75): Prop => ({ kind: 'post', x, h });
export const ball = (x: number, y: number, r = 0.15): Prop => ({ kind: 'ball', x, y, r });
export const arrow = (x0: number, y0: number, x1: number, y1: number): Prop => ({
  kind: 'arrow',
  from: [x0, y0],
  to: [x1, y1],
});
type BandEnd = Extract<Prop, { kind: 'band' }>;
export const band = (from: BandEnd['from'], end: BandEnd['to']): Prop => ({ kind: 'band', from, to: end });
export const partner = (at: Extract<Prop, { kind: 'partner' }>['at']): Prop => ({ kind: 'partner', at });
export const hurdle = (x: number, h: number): Prop => ({ kind: 'hurdle', x, h });
export const line = (x: number): Prop => ({ kind: 'line', x });
export const slider = (at: Extract<Prop, { kind: 'slider' }>['at']): Prop => ({ kind: 'slider', at });
