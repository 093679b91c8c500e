import type { Context } from '../context';

/**
 * The movements a club's main squat may be (method 13): those of its school, and for beginners those on which every squat is
 * learned. null = any squat
 */
export function schoolSquats({
  brief: { schools },
  rows,
  method,
}: Pick<Context, 'brief' | 'rows' | 'method'>): readonly string[] | null {
  if (schools.mainSquat === 'by profile') return null;
  const { mainSquat, firstSquats } = method.settings.lifts;
  return [...mainSquat[schools.mainSquat], ...(rows.liftLevel === 'foundation' ? firstSquats : [])];
}
