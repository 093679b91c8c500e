import type { Quota, Template } from '$core/method';
import { THROW } from './slots';

const quota = (id: string, over: Partial<Quota>): Quota => ({
  id,
  families: [],
  singleLeg: false,
  patterns: [],
  only: null,
  asked: null,
  from: 0,
  ...over,
});
export const LEGS: Template['quotas'] = [
  quota('knee', { families: ['squat', 'single-leg-knee'] }),
  quota('hip', { families: ['hinge', 'single-leg-hip'] }),
  quota('single', { singleLeg: true }),
  quota('jump', { families: ['jump'] }),
];
/** What a sport cannot be without on a card that has the time. */
export const SPORT: Template['quotas'] = [
  quota('height', {
    families: ['jump'],
    only: 'height',
    asked: { demands: ['vertical-jump-two-foot', 'vertical-jump-one-foot'], from: 3 },
  }),
  quota('lateral', {
    families: ['lateral', 'jump', 'agility'],
    only: 'frontal',
    asked: { demands: ['lateral-push', 'deceleration-cutting'], from: 3 },
  }),
  quota('throw', { patterns: THROW.patterns, asked: { demands: ['overhead', 'rotation'], from: 4 }, from: 50 }),
];
