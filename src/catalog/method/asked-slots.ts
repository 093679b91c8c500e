import type { Slot } from '$core/method';
import {
  ACTIVATE,
  CALF,
  COOL,
  from,
  grouped,
  JUMP,
  LANDING,
  MOBILISE,
  MOBILISE_WALKING,
  RAISE_ACROSS,
  RAISE_AHEAD,
  RAISE_BACK,
  REHEARSE,
  SIDE,
  SINGLE,
  slot,
  TRUNK,
} from './slots';

export const WARM = grouped(
  'P',
  RAISE_ACROSS,
  RAISE_BACK,
  from(40, RAISE_AHEAD),
  MOBILISE,
  from(40, MOBILISE_WALKING),
  ACTIVATE,
  REHEARSE,
);
export const WARM_TO_JUMP = [...WARM, { ...LANDING, group: 'P' }];
export const WARM_TO_RUN = grouped('P', RAISE_ACROSS, RAISE_BACK, RAISE_AHEAD, MOBILISE_WALKING, ACTIVATE, LANDING);
export const DOWN: Slot = { ...COOL, optional: false };

/** A slot as it is always done: rounds of reps or seconds, with this rest. */
export const always = (sets: number, amount: number, restSeconds: number | null, one: Slot): Slot => ({
  ...one,
  fixed: { sets, amount, restSeconds },
});
export const jump = (id: string, directions: Slot['directions'], over: Partial<Slot> = {}): Slot => ({
  ...JUMP,
  id,
  directions,
  ...over,
});
export const work = (id: string, families: Slot['families'], patterns: string[], over: Partial<Slot> = {}): Slot =>
  slot(id, 'assist', { families, patterns, rows: ['D-ASST'], worth: 9000, ...over });

/** Eight lifts in turn, eight reps each, three rounds. */
const round = (one: Slot): Slot => always(3, 8, 30, { ...one, block: 'main' });
const KEEPS: Slot['rows'] = ['D-MAINT', 'D-ASST'];
export const CIRCUIT = grouped(
  'A',
  round(work('round-squat', ['squat'], [], { rows: KEEPS, optional: false })),
  round(work('round-push', ['upper-push'], [])),
  round(
    work('round-hinge', ['hinge'], ['hinge-rdl', 'hinge-rdl-bells', 'hinge-landmine', 'hinge-thrust'], { rows: KEEPS }),
  ),
  round(work('round-pull', ['upper-pull'], [])),
  round(work('round-single', ['single-leg-knee'], [])),
  round(
    work('round-trunk', ['trunk'], ['dead-bug', 'rollout', 'chop-lift', 'anti-rotation-press'], { rows: ['D-TRK'] }),
  ),
  round(work('round-groin', ['lateral'], ['lateral-squat', 'lateral-lunge', 'adductor-slide', 'adductor-pull'])),
  round(work('round-calf', ['calf-foot'], ['calf-straight-one', 'calf-bent', 'calf-straight-two'])),
);

/** Thirty seconds of work, thirty of rest, three rounds. One of its stations lands, so that the day's contacts hold. */
const halfMinutes = (one: Slot): Slot => ({
  ...one,
  block: 'jumps',
  worth: 9000,
  fixed: { sets: 3, amount: 30, restSeconds: 30, unit: 'seconds' },
});
export const DENSE = grouped(
  'J',
  halfMinutes({ ...JUMP, id: 'dense-feet', patterns: ['pogo', 'rope'], rows: ['D-SKILL', 'D-FAST'], maxTier: 'low' }),
  halfMinutes(work('dense-squat', ['squat'], ['squat-free', 'squat-band'], { rows: ['D-END', 'D-ASST'] })),
  halfMinutes(work('dense-hold', ['trunk'], ['plank', 'side-plank', 'plank-drag', 'hollow-hold'], { rows: ['D-TRK'] })),
  halfMinutes(
    work('dense-lunge', ['single-leg-knee'], ['split-squat', 'lunge-reverse'], { rows: ['D-END', 'D-ASST'] }),
  ),
);

const LANDMINE_RISES: Slot['rows'] = ['D-STR', 'D-ASST'];
export const LANDMINE = [
  ...grouped(
    'A',
    always(4, 6, 60, work('mine-squat', ['squat'], [], { block: 'main', rows: LANDMINE_RISES, optional: false })),
    always(4, 8, 60, work('mine-hinge', ['hinge'], [], { block: 'main', rows: LANDMINE_RISES })),
  ),
  ...grouped(
    'B',
    always(
      3,
      8,
      45,
      work('mine-lunge', ['single-leg-knee'], ['lunge-reverse', 'split-squat'], { block: 'single-leg', worth: 25000 }),
    ),
    always(3, 6, 45, work('mine-turn', ['trunk'], [], { block: 'single-leg', rows: ['D-TRK'] })),
  ),
  ...grouped(
    'C',
    always(3, 8, 45, work('mine-row', ['upper-pull'], [])),
    always(3, 4, 60, work('mine-jerk', ['olympic'], ['press-fast', 'press-rotational'], { rows: ['D-BAL', 'D-POW'] })),
  ),
  always(3, 4, 90, work('mine-jump', ['olympic'], ['loaded-jump'], { block: 'power', rows: ['D-BAL'], worth: 4000 })),
  from(45, work('mine-press', ['upper-push'], [])),
  from(45, work('mine-side', ['lateral', 'single-leg-hip'], [])),
];

export const BELLS = [
  ...grouped(
    'A',
    work('bell-squat', ['squat'], [], { block: 'main', rows: ['D-STR', 'D-ASST'], optional: false }),
    work('bell-press', ['upper-push'], [], { block: 'main' }),
  ),
  ...grouped(
    'B',
    work('bell-hinge', ['hinge'], ['hinge-rdl-bells'], { block: 'main', rows: ['D-STR', 'D-ASST'] }),
    work('bell-pull', ['upper-pull'], [], { block: 'main' }),
  ),
  ...grouped('C', work('bell-knee', ['single-leg-knee'], []), work('bell-hip', ['single-leg-hip'], [])),
  work('bell-fast', ['olympic', 'hinge'], ['snatch-one-arm', 'loaded-jump', 'hinge-swing'], {
    block: 'power',
    rows: ['D-BAL', 'D-POW'],
  }),
  from(40, work('bell-carry', ['carry-sled'], [], { rows: ['D-SLED'], block: 'finisher' })),
];

/** Nobody carries anything: what a whole group does on a call, or an athlete at home. */
export const own = (prefix: string): Slot[] => [
  jump(`${prefix}-jump-1`, ['vertical']),
  from(30, jump(`${prefix}-jump-2`, ['horizontal', 'lateral'], { worth: 8000 })),
  ...grouped(
    'A',
    { ...SINGLE, id: `${prefix}-knee`, families: ['single-leg-knee', 'squat'], optional: false },
    { ...TRUNK, id: `${prefix}-trunk`, block: 'single-leg' },
  ),
  ...grouped(
    'B',
    work(`${prefix}-hip`, ['single-leg-hip', 'hinge'], [], { worth: 20000 }),
    work(`${prefix}-push`, ['upper-push'], []),
  ),
  ...grouped(
    'C',
    work(`${prefix}-groin`, ['lateral'], [], { rows: ['D-ASST', 'D-ISO', 'D-STAB'] }),
    work(`${prefix}-pull`, ['upper-pull'], []),
    { ...CALF, id: `${prefix}-calf` },
  ),
  from(40, { ...SIDE, id: `${prefix}-side` }),
  from(40, work(`${prefix}-flexor`, ['hip-flexor'], [], { rows: ['D-ASST', 'D-ISO'], worth: 4000 })),
];
