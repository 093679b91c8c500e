import type { Point } from './geometry';

/** near = the side towards us, far = the other, work = the part that does the work, thing = held or standing around. */
export type Tone = 'near' | 'far' | 'work' | 'thing' | 'edge';

/** Plain shapes in shares of body height, y up: a screen, a page or a print draws them as it likes. */
export type Shape =
  | { kind: 'limb'; tone: Tone; from: Point; to: Point; r0: number; r1: number }
  | { kind: 'disc'; tone: Tone; at: Point; r: number; hollow: boolean }
  | { kind: 'line'; tone: Tone; from: Point; to: Point; dashed: boolean }
  | { kind: 'rect'; tone: Tone; x: number; y: number; w: number; h: number }
  | { kind: 'pin'; at: Point };
