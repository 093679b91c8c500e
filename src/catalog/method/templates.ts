import type { MethodTables, Slot } from '$core/method';
import { ASKED_TEMPLATES, byName } from './asked-templates';
import { LEGS, SPORT } from './quotas';
import {
  slot,
  grouped,
  from,
  RAISE_ACROSS,
  RAISE_BACK,
  MOBILISE,
  MOBILISE_WALKING,
  ACTIVATE,
  REHEARSE,
  LANDING,
  PREP,
  JUMP,
  SECOND_JUMP,
  THIRD_JUMP,
  POWER,
  THROW,
  MAIN,
  SECOND_MAIN,
  TRUNK,
  SINGLE,
  PUSH,
  GUARD,
  GUARD_WITHOUT_LOWERING,
  PULL,
  CALF,
  SECOND_GUARD,
  NEGLECTED,
  SIDE,
  SIDEWAYS,
  UPPER,
  SECOND_SINGLE,
  FINISHER,
  EASY,
  SPARE,
  COOL,
} from './slots';

const EASY_PHASES: Slot['phases'] = ['congested', 'peak', 'transition'];

/**
 * Session templates (SEL-7): slots with the phases and roles they serve, the minutes from which they open and what being
 * filled is worth. Prep and main are hard, the rest optional; quotas are soft.
 */
export const TEMPLATES: MethodTables['templates'] = {
  full: {
    name: 'full session',
    asked: null,
    minutes: [45, 180],
    loading: true,
    slots: [
      ...PREP,
      JUMP,
      SECOND_JUMP,
      THIRD_JUMP,
      ...grouped('W', POWER, from(50, THROW)),
      ...grouped('A', MAIN, TRUNK),
      ...grouped('S', from(75, SECOND_MAIN)),
      ...grouped('B', SINGLE, PUSH),
      ...grouped('C', GUARD, GUARD_WITHOUT_LOWERING, PULL, CALF, SIDEWAYS),
      ...grouped('D', from(60, SECOND_GUARD), from(60, NEGLECTED), from(60, SIDE)),
      ...grouped('E', from(75, SECOND_SINGLE), from(60, UPPER)),
      from(60, FINISHER),
      from(85, { ...SECOND_GUARD, id: 'guard-3', worth: 1000 }),
      ...grouped('M', EASY, { ...EASY, id: 'mobility-2' }, from(60, SPARE), from(60, { ...SPARE, id: 'mobility-4' })),
      { ...COOL, optional: false },
    ],
    quotas: [...LEGS, ...SPORT],
  },
  short: {
    name: 'short session',
    asked: null,
    minutes: [25, 44],
    loading: true,
    slots: [
      ...grouped('P', RAISE_ACROSS, RAISE_BACK, MOBILISE, REHEARSE, LANDING),
      JUMP,
      from(35, POWER),
      ...grouped('A', MAIN, TRUNK),
      ...grouped('B', SINGLE, PULL),
      ...grouped('C', SECOND_GUARD, CALF, { ...PUSH, block: 'assist' }),
      from(30, SIDE),
      // where the phase leaves little to load
      ...grouped(
        'M',
        ...[SPARE, { ...SPARE, id: 'mobility-4' }, { ...SPARE, id: 'mobility-5' }].map((one) => ({
          ...one,
          phases: EASY_PHASES,
        })),
      ),
    ],
    quotas: LEGS,
  },
  micro: {
    name: 'micro-dose',
    asked: null,
    minutes: [10, 24],
    loading: true,
    slots: [
      ...grouped('P', RAISE_ACROSS, from(15, MOBILISE), REHEARSE),
      ...grouped('A', { ...MAIN, rows: ['D-MICRO', 'D-ASST'] }, TRUNK),
      ...grouped('B', SINGLE, SECOND_GUARD),
      from(15, CALF),
    ],
    quotas: [],
  },
  primer: {
    name: 'primer',
    asked: byName('Fresh and fast the day before: a few jumps, one fast lift.'),
    minutes: [10, 180],
    loading: false,
    slots: [
      ...grouped('P', RAISE_ACROSS, RAISE_BACK, MOBILISE, from(20, ACTIVATE), REHEARSE),
      { ...JUMP, rows: ['D-SKILL', 'D-LAND', 'D-FAST', 'D-SLOW'] },
      slot('fast', 'main', {
        families: ['olympic', 'upper-push'],
        qualities: ['power'],
        rows: ['D-BAL', 'D-POW'],
        cap: { sets: 2, amount: 3 },
      }),
    ],
    quotas: [],
  },
  recovery: {
    name: 'recovery',
    asked: byName('Nothing that leaves soreness: easy travel, mobility, breathing.'),
    minutes: [10, 180],
    loading: false,
    slots: [
      ...grouped('P', RAISE_ACROSS, RAISE_BACK, MOBILISE_WALKING, ACTIVATE),
      ...grouped(
        'M',
        { ...EASY, days: 'any' },
        { ...EASY, id: 'mobility-2', days: 'any' },
        from(20, { ...EASY, id: 'mobility-3', days: 'any' }),
        from(25, { ...EASY, id: 'mobility-4', days: 'any' }),
      ),
      ...grouped(
        'C',
        slot('easy-shoulders', 'assist', { families: ['upper-pull'], qualities: ['stability'], rows: ['D-STAB'] }),
        slot('easy-feet', 'assist', { families: ['calf-foot'], qualities: ['stability'], rows: ['D-STAB'] }),
        from(
          25,
          slot('easy-trunk', 'assist', { families: ['trunk'], patterns: ['dead-bug', 'bird-dog'], rows: ['D-TRK'] }),
        ),
      ),
      { ...COOL, optional: false },
    ],
    quotas: [],
  },
  ...ASKED_TEMPLATES,
};
