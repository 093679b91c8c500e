import { LENGTH, type Arms, type FreePose, type Pose, type StandPose } from '$core/figures';
import { arms, AT_SIDES, free, front, stand } from './pose';

type Stand = Partial<Omit<StandPose, 'kind' | 'name'>>;

/** Ankle and knee at the bottom of a squat. */
export const DEEP: [number, number] = [33, 128];
export const LEVEL: [number, number] = [29, 108];
export const UPRIGHT_SHIN: [number, number] = [17, 92];

/** A hold that puts a bar where the trunk must lean under it. */
const leans = (how: Arms): StandPose['trunk'] =>
  'hold' in how && ['back', 'low', 'front', 'overhead'].includes(how.hold) ? 'bar' : 'balance';

/** Tall to bottom on two feet; `lean` = the trunk at the bottom where a load in the hands shares the balance. */
export const squat = (
  how: Arms,
  [ankle, knee]: [number, number],
  over: Stand = {},
  name = 'Bottom',
  lean?: number,
): Pose[] => [
  stand('Top', { ankle: 6, knee: 8, trunk: leans(how), arms: how, ...over }),
  stand(name, { ankle, knee, trunk: lean ?? leans(how), arms: how, ...over }),
];

/** Tall to a fold at the hips on two feet. */
export const hinge = (how: Arms, trunk: number, knee: number, top: Arms = how, over: Stand = {}): Pose[] => [
  stand('Top', { ankle: 4, knee: 6, arms: top, ...over }),
  stand('Fold', { ankle: 'balance', knee, trunk, arms: how, ...over }),
];

/** A split stance: the front leg is the near one. */
export const splitTop = (how: Arms, over: Stand = {}): StandPose =>
  stand('Top', { ankle: -15, knee: 30, trunk: 3, far: { x: -0.53, y: 0, heel: 42 }, arms: how, ...over });
export const splitLow = (how: Arms, over: Stand = {}): StandPose =>
  stand('Bottom', { ankle: 8, knee: 92, trunk: 8, far: { x: -0.53, y: 0, heel: 60 }, arms: how, ...over });
export const split = (how: Arms, over: Stand = {}): Pose[] => [splitTop(how, over), splitLow(how, over)];

/** On the near leg with the other knee lifted. */
export const kneeUp = (name: string, how: Arms = AT_SIDES, over: Stand = {}): StandPose =>
  stand(name, { ankle: 4, knee: 4, trunk: 2, far: { hip: 88, knee: 92, ankle: 0 }, arms: how, moving: true, ...over });

/** On the near leg, the other leg long behind. */
export const singleFold = (name: string, how: Arms, trunk = 78, over: Stand = {}): StandPose =>
  stand(name, { ankle: 'balance', knee: 18, trunk, far: { hip: -trunk - 4, knee: 4, ankle: -6 }, arms: how, ...over });

/** The dip before a jump, and the body in the air. */
export const dip = (how: Arms = arms(-42, 8), over: Stand = {}): StandPose =>
  stand('Dip', { ankle: 27, knee: 76, arms: how, moving: true, ...over });
export const flight = (air = 0.14, how: Arms = arms(168, 8), over: Stand = {}): StandPose =>
  stand('Flight', { ankle: 0, knee: 4, heel: 52, trunk: 2, arms: how, air, moving: true, ...over });
export const land = (name = 'Land', how: Arms = arms(28, 20), over: Stand = {}): StandPose =>
  stand(name, { ankle: 24, knee: 66, arms: how, ...over });

/** Lying on the back, heels on the floor. */
export const lying = (name: string, over: Partial<Omit<FreePose, 'kind' | 'name'>> = {}): FreePose =>
  free(name, { trunk: -90, near: { x: 0.36, y: 0, heel: 0 }, arms: arms(86, 4), ...over });

/** A straight line on forearms or hands, feet behind. */
export const plankOnForearms = (name: string, over: Partial<Omit<FreePose, 'kind' | 'name'>> = {}): FreePose =>
  free(name, { trunk: 82, near: { straight: 'back', y: 0.09 }, arms: arms(0, 88), ...over });
export const plankOnHands = (name: string, over: Partial<Omit<FreePose, 'kind' | 'name'>> = {}): FreePose =>
  free(name, { trunk: 72, near: { straight: 'back', y: 0.09 }, arms: arms(2, 2), ...over });

/** On hands and knees. */
export const allFours = (name: string, over: Partial<Omit<FreePose, 'kind' | 'name'>> = {}): FreePose =>
  free(name, { trunk: 77, near: { hip: 0, knee: 88, ankle: -60 }, arms: arms(2, 2), y: 0.283, ...over });

/** Tall on both knees, and half kneeling with the near foot ahead. */
export const kneeling = (name: string, how: Arms, over: Partial<Omit<FreePose, 'kind' | 'name'>> = {}): FreePose =>
  free(name, { trunk: 0, near: { hip: 0, knee: 90, ankle: -60 }, arms: how, ...over });
export const halfKneeling = (name: string, how: Arms, over: Partial<Omit<FreePose, 'kind' | 'name'>> = {}): FreePose =>
  free(name, {
    trunk: 2,
    near: { hip: 86, knee: 88, ankle: 2 },
    far: { hip: -4, knee: 86, ankle: 20 },
    arms: how,
    ...over,
  });

/** Sideways work from the front: weight over the left of the picture, the other leg as long as it is. */
export function sideLow(name: string, shift: number, drop: number, raise: [number, number] = [38, 66]): Pose {
  const leg = LENGTH.thigh + LENGTH.shank;
  const reach = Math.sqrt(leg ** 2 - (leg - drop) ** 2);
  return front(name, {
    hips: [-shift, drop],
    feet: [
      [-shift - 0.08, 0],
      [0.05 - shift + reach, 0],
    ],
    knees: [0.03, 0],
    trunk: -6,
    arms: [raise, raise],
  });
}
