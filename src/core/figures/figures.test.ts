import { describe, expect, it, test } from 'vitest';
import {
  between,
  centreOfMass,
  checkFigure,
  drawPosition,
  solvePose,
  workPart,
  boundsOf,
  type StandPose,
  type Figure,
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
});
