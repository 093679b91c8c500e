import { jumpBudget, type JumpBudget } from '../jumps';
import type { Level } from '../library';
import type { Context } from './context';

/**
 * The contact budget of a brief's session for a jump level (JUMP-8): one place says what of the brief shapes it.
 * @param growth whether the athlete is growing fast (SAFE-3); the squad as a whole is not
 */
export const dayBudget = (jumpLevel: Level, growth: boolean, { brief, method }: Context): JumpBudget =>
  jumpBudget(
    {
      jumpLevel,
      phase: brief.phase,
      lighterWeek: false,
      cautious: brief.schools.contacts === 'cautious',
      unfamiliarOrHardSurface: brief.place.hardSurface,
      growth,
      practiceJumps: 0,
    },
    method,
  );
