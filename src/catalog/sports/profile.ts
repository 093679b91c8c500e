import { DEMANDS, type Demand, type Sport } from '$core/library';

/** A weight 0–5 with the reason for it. */
type Asked = Readonly<Record<Demand, readonly [number, string]>>;
type Own = Omit<Sport, 'demands' | 'notes' | 'weightClass' | 'roles' | 'moments'> &
  Partial<Pick<Sport, 'weightClass' | 'roles' | 'moments'>> & { readonly asks: Asked };

/** A sport as it is written in its file: each demand's weight beside its reason. */
export function profile({ asks, ...own }: Own): Sport {
  const demands = Object.fromEntries(DEMANDS.map((demand) => [demand, asks[demand][0]])) as Sport['demands'];
  const notes = Object.fromEntries(DEMANDS.map((demand) => [demand, asks[demand][1]])) as Sport['notes'];
  return { weightClass: false, roles: [], moments: [], ...own, demands, notes };
}

/** A role: weights that differ from the sport's, and guards it adds. */
export const role = (
  id: string,
  name: string,
  demands: Sport['roles'][number]['demands'],
  guards: string[] = [],
): Sport['roles'][number] => ({ id, name, demands, guards });

type Moment = Sport['moments'][number];

export const moment = (
  id: string,
  name: string,
  quality: Moment['quality'],
  ...muscles: Moment['muscles']
): Sport['moments'][number] => ({
  id,
  name,
  quality,
  muscles,
});

type Guard = Sport['guards'][number];
const guard =
  (id: string, exercises: string[]) =>
  (name: string): Guard => ({ id, name, exercises });

/** What guards against the injuries sports are known for, by place. */
export const KNEE = guard('knee', [
  'split-squat-hold',
  'assisted-single-leg-squat',
  'single-leg-squat-box',
  'single-leg-reach',
  'step-down-decelerated',
]);
export const KNEE_TENDON = guard('knee-tendon', [
  'wall-sit-hold',
  'strap-squat-hold',
  'split-squat-hold',
  'step-down-hold',
  'tempo-squat',
  'rear-foot-elevated-hold',
]);
export const HAMSTRING = guard('hamstring', [
  'nordic-partial',
  'nordic-raised',
  'nordic-full',
  'slide-leg-curl',
  'single-leg-deadlift',
  'straight-leg-bridge-one-leg',
  'loaded-bridge-hold',
  'back-extension',
]);
export const GROIN = guard('groin', [
  'adductor-hold',
  'adductor-hold-short',
  'adductor-slide',
  'lateral-lunge',
  'lateral-squat',
  'standing-band-adduction',
]);
export const ANKLE = guard('ankle', [
  'calf-raise-one-leg',
  'bent-knee-calf-raise',
  'single-leg-reach',
  'tibialis-raise',
  'tibialis-band-raise',
  'single-leg-balance',
]);
export const CALF = guard('calf', [
  'calf-raise-one-leg',
  'loaded-calf-raise',
  'bent-knee-calf-raise',
  'calf-lowering',
  'heel-raised-hold',
]);
export const SHOULDER = guard('shoulder', [
  'one-arm-row',
  'band-row',
  'band-outward-turn',
  'band-face-row',
  'prone-arm-raise',
  'band-pull-apart',
]);
export const WRIST = guard('wrist', ['band-row', 'one-arm-row', 'plank-reach', 'farmer-walk']);
export const BACK = guard('back', [
  'dead-bug',
  'side-plank',
  'bird-dog',
  'anti-rotation-press',
  'suitcase-carry',
  'back-extension',
]);
export const HIP = guard('hip', [
  'side-plank-leg-raise',
  'band-walk',
  'standing-hip-circles',
  'lateral-squat',
  'single-leg-bridge',
]);
export const NECK_TRUNK = guard('trunk', ['side-plank', 'anti-rotation-press', 'front-carry', 'bear-hold']);
export const FOOT = guard('foot', ['arch-lift', 'big-toe-press', 'single-leg-balance', 'heel-raised-hold']);
