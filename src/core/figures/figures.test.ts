import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import {
  between,
  boundsOf,
  centreOfMass,
  checkFigure,
  drawPosition,
  solvePose,
  workPart,
  type Figure,
  type StandPose,
} from '.';

const stand = (over: Partial<StandPose>): StandPose => ({
  kind: 'stand',
  name: 'position',
  ankle: 4,
  knee: 6,
  heel: 0,
  y: 0,
  trunk: 'balance',
  far: 'same',
  arms: { shoulder: 0, elbow: 6 },
  farArms: null,
  air: 0,
  moving: false,
  ...over,
});
const lean = (s: ReturnType<typeof solvePose>): number =>
  (Math.atan2(s.shoulder[0] - s.hip[0], s.shoulder[1] - s.hip[1]) * 180) / Math.PI;
const ankleOf = (s: ReturnType<typeof solvePose>): number =>
  (Math.atan2(s.knee[0] - s.ankle[0], s.knee[1] - s.ankle[1]) * 180) / Math.PI;

describe('solvePose', () => {
  test.each([
    [6, 8, 14],
    [22, 72, 38],
    [33, 128, 41],
  ])('a squat at ankle %i and knee %i leans %i', (ankle, knee, trunk) => {
    const s = solvePose(stand({ ankle, knee, trunk: 'bar', arms: { hold: 'back' } }));
    expect(Math.abs(lean(s) - trunk)).toBeLessThan(1);
  });

  it('bends the ankle so that the centre of mass stands over the foot', () => {
    const s = solvePose(
      stand({ ankle: 'balance', knee: 18, trunk: 82, far: { hip: -86, knee: 4, ankle: 0 }, arms: { hold: 'hang' } }),
    );
    expect(Math.abs(ankleOf(s) - 2)).toBeLessThan(1.5);
    expect(centreOfMass(s)[0]).toBeCloseTo(0.053, 3);
  });

  it('turns on the ball when the heel rises, and on the heel when the toes do', () => {
    const raised = solvePose(stand({ heel: 45 }));
    expect(raised.heel[1]).toBeGreaterThan(0.06);
    expect(raised.toe[1]).toBeLessThan(0.03);
    const toesUp = solvePose(stand({ heel: -20 }));
    expect(toesUp.toe[1]).toBeGreaterThan(toesUp.heel[1]);
  });

  it('keeps every bone its length, whatever the angles', () => {
    const angle = (low: number, high: number) => fc.integer({ min: low, max: high });
    fc.assert(
      fc.property(angle(-10, 35), angle(0, 130), angle(-20, 80), angle(-40, 170), (ankle, knee, trunk, shoulder) => {
        const s = solvePose(stand({ ankle, knee, trunk, arms: { shoulder, elbow: 20 } }));
        const long = (a: keyof typeof s, b: keyof typeof s) => Math.hypot(s[a][0] - s[b][0], s[a][1] - s[b][1]);
        expect(long('ankle', 'knee')).toBeCloseTo(0.246, 6);
        expect(long('knee', 'hip')).toBeCloseTo(0.245, 6);
        expect(long('hip', 'shoulder')).toBeCloseTo(0.288, 6);
        expect(long('elbow', 'hand')).toBeCloseTo(0.157, 6);
      }),
    );
  });
});

describe('between', () => {
  const a = solvePose(stand({}));
  const b = solvePose(stand({ ankle: 30, knee: 100 }));

  it('starts and ends at its two positions, and the foot stays where it stands', () => {
    for (const joint of ['knee', 'hip', 'shoulder', 'hand'] as const) {
      expect(between(a, b, 0)[joint][0]).toBeCloseTo(a[joint][0], 9);
      expect(between(a, b, 1)[joint][1]).toBeCloseTo(b[joint][1], 9);
    }
    expect(between(a, b, 0.4).ankle).toEqual(a.ankle);
  });

  it('keeps bones their length on the way', () => {
    const s = between(a, b, 0.37);
    expect(Math.hypot(s.knee[0] - s.hip[0], s.knee[1] - s.hip[1])).toBeCloseTo(0.245, 6);
  });
});

describe('drawing', () => {
  const squat: Figure = {
    implement: 'bar',
    positions: [
      stand({ name: 'Top' }),
      stand({ name: 'Bottom', ankle: 30, knee: 110, trunk: 'bar', arms: { hold: 'back' } }),
    ],
    props: [{ kind: 'box', x: -0.4, w: 0.2, h: 0.2 }],
  };

  it('draws the working part in its own tone, and everything inside its bounds', () => {
    const shapes = drawPosition(squat, 1, workPart({ quadriceps: 0.6, trunkExtension: 0.4 }));
    const work = shapes.filter((shape) => shape.kind === 'limb' && shape.tone === 'work');
    expect(work).toHaveLength(1);
    const { left, right, bottom, top } = boundsOf(shapes);
    expect(left).toBeLessThanOrEqual(-0.4);
    expect(right).toBeGreaterThan(0.1);
    expect(top).toBeGreaterThan(bottom);
  });

  test.each([
    [{ quadriceps: 1 }, 'thigh'],
    [{ soleus: 0.6, glutes: 0.4 }, 'shank'],
    [{ trunkSide: 0.7, upperPush: 0.3 }, 'trunk'],
    [{ upperPull: 1 }, 'upperArm'],
  ] as const)('%o works the %s', (share, part) => {
    expect(workPart(share)).toBe(part);
  });

  it('asks for a position that is there', () => {
    expect(() => drawPosition(squat, 5, 'thigh')).toThrow(RangeError);
  });
});

describe('checkFigure', () => {
  const figure = (over: Partial<StandPose>): Figure => ({
    implement: 'none',
    positions: [stand({ name: 'A' }), stand({ name: 'B', ...over })],
    props: [],
  });

  test.each([
    ['a knee that bends the wrong way', { knee: -12 }, /knee/],
    ['a trunk that tips off the foot', { trunk: 85, knee: 6, ankle: 20 }, /centre of mass/],
    ['a hand that cannot reach', { arms: { to: [1.4, 1] as [number, number] } }, /reach/],
    ['a foot under the ground', { far: { hip: 4, knee: 0, ankle: -60 } }, /under the ground/],
  ])('finds %s', (_name, over, expected) => {
    expect(checkFigure(figure(over)).join(' ')).toMatch(expected);
  });

  it('finds nothing wrong with a plain stand', () => {
    expect(checkFigure(figure({}))).toEqual([]);
  });
});
