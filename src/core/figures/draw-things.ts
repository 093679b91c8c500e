import type { Figure, Pose, Prop } from './figure-schema';
import { mix, type Point } from './geometry';
import type { Shape } from './shapes';
import type { Skeleton } from './skeleton';

/** A 0.45 m plate beside a body of 1.75 m. */
const PLATE_R = 0.1286;

const line = (from: Point, to: Point, dashed = false): Shape => ({ kind: 'line', tone: 'thing', from, to, dashed });
const disc = (at: Point, r: number, hollow = false): Shape => ({ kind: 'disc', tone: 'thing', at, r, hollow });
const rect = (x: number, y: number, w: number, h: number): Shape => ({ kind: 'rect', tone: 'thing', x, y, w, h });

/** What is held and what stands around, behind and before the body. */
export function drawThings(figure: Figure, s: Skeleton, pose: Pose): { behind: Shape[]; before: Shape[] } {
  const held = drawHeld(figure.implement, s, pose);
  const around = figure.props.map((prop) => drawProp(prop, s));
  return {
    behind: [...held.behind, ...around.flatMap(({ behind }) => behind)],
    before: [...held.before, ...around.flatMap(({ before }) => before)],
  };
}

function drawHeld(implement: Figure['implement'], s: Skeleton, pose: Pose): { behind: Shape[]; before: Shape[] } {
  const [hand, other] = [s.hand, s.farHand];
  const front = pose.kind === 'front';
  const at = front ? mix(hand, other, 0.5) : hand;
  const below = (from: Point, by: number): Point => [from[0], from[1] - by];
  switch (implement) {
    case 'none':
      return { behind: [], before: [] };
    case 'bar':
      if (front) {
        const y = at[1];
        return {
          behind: [],
          before: [
            line([at[0] - 0.5, y], [at[0] + 0.5, y]),
            rect(at[0] - 0.5, y - 0.1, 0.03, 0.2),
            rect(at[0] + 0.47, y - 0.1, 0.03, 0.2),
          ],
        };
      }
      return { behind: [disc(at, PLATE_R, true)], before: [disc(at, 0.017, true)] };
    case 'trap-bar':
      return {
        behind: [disc(at, PLATE_R, true), line([at[0] - 0.2, at[1]], [at[0] + 0.2, at[1]])],
        before: [disc(at, 0.014)],
      };
    case 'stick':
      return front
        ? { behind: [], before: [line([at[0] - 0.4, at[1]], [at[0] + 0.4, at[1]])] }
        : { behind: [], before: [disc(at, 0.014)] };
    case 'plate':
      return { behind: [disc(at, 0.07, true)], before: [disc(at, 0.014)] };
    case 'dumbbell':
      return {
        behind: [],
        before: (front ? [hand, other] : [hand]).flatMap((where) => [
          rect(where[0] - 0.052, where[1] - 0.022, 0.028, 0.044),
          rect(where[0] + 0.024, where[1] - 0.022, 0.028, 0.044),
          line([where[0] - 0.04, where[1]], [where[0] + 0.04, where[1]]),
        ]),
      };
    case 'kettlebell':
      return { behind: [], before: [line(hand, below(hand, 0.05)), disc(below(hand, 0.062), 0.04)] };
    case 'med-ball':
      return { behind: [disc([at[0] + (front ? 0 : 0.02), at[1]], 0.07)], before: [] };
    case 'landmine':
      return front
        ? { behind: [], before: [disc(at, 0.02, true)] }
        : { behind: [line(at, [at[0] + 0.62, 0.02]), disc([at[0] + 0.62, 0.02], 0.02)], before: [disc(at, 0.016)] };
  }
}

function drawProp(prop: Prop, s: Skeleton): { behind: Shape[]; before: Shape[] } {
  const where = (ref: Point | Prop): Point => ref as Point;
  switch (prop.kind) {
    case 'box':
      return { behind: [{ kind: 'rect', tone: 'edge', x: prop.x, y: 0, w: prop.w, h: prop.h }], before: [] };
    case 'wall':
      return { behind: [rect(prop.x, 0, 0.02, 1.05)], before: [] };
    case 'post':
      return { behind: [rect(prop.x - 0.008, 0, 0.016, prop.h)], before: [] };
    case 'overhead-bar':
      return { behind: [], before: [disc([prop.x, prop.y], 0.017, true)] };
    case 'ball':
      return { behind: [disc([prop.x, prop.y], prop.r, true)], before: [] };
    case 'band': {
      const from = typeof prop.from === 'string' ? s[prop.from] : prop.from;
      return { behind: [], before: [line(from, s[prop.to])] };
    }
    case 'cable':
      return {
        behind: [line(where(prop.from), s[prop.to], true), rect(prop.from[0] - 0.012, 0, 0.024, 1.05)],
        before: [],
      };
    case 'partner': {
      const at = s[prop.at];
      // a pair of hands, and the forearms behind them
      return {
        behind: [],
        before: [
          {
            kind: 'limb',
            tone: 'far',
            from: [at[0] - 0.16, at[1] + 0.16],
            to: [at[0] - 0.02, at[1] + 0.045],
            r0: 0.022,
            r1: 0.018,
          },
          {
            kind: 'limb',
            tone: 'far',
            from: [at[0] - 0.2, at[1] + 0.1],
            to: [at[0] - 0.035, at[1] + 0.02],
            r0: 0.022,
            r1: 0.018,
          },
        ],
      };
    }
    case 'hurdle':
      return {
        behind: [line([prop.x, 0], [prop.x, prop.h]), line([prop.x - 0.05, prop.h], [prop.x + 0.05, prop.h])],
        before: [],
      };
    case 'line':
      return { behind: [rect(prop.x - 0.01, -0.012, 0.02, 0.012)], before: [] };
    case 'slider': {
      const [x] = s[prop.at];
      return { behind: [rect(x - 0.06, -0.004, 0.16, 0.012)], before: [] };
    }
    case 'arrow': {
      const tip = (t: number, by: number): Point => {
        const on = mix(prop.from, prop.to, t);
        const length = Math.hypot(prop.to[0] - prop.from[0], prop.to[1] - prop.from[1]) || 1;
        return [
          on[0] - (by * (prop.to[1] - prop.from[1])) / length,
          on[1] + (by * (prop.to[0] - prop.from[0])) / length,
        ];
      };
      return {
        behind: [],
        before: [line(prop.from, prop.to), line(tip(0.75, 0.03), prop.to), line(tip(0.75, -0.03), prop.to)],
      };
    }
  }
}
