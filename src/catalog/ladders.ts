import type { Gate, Ladder, Rung, TestId } from '$core/library';

const test = (id: TestId): Gate => ({ kind: 'test', test: id });
const rung = (
  name: string,
  purpose: string,
  exercises: string[],
  sets: Rung['sets'] = null,
  amount: Rung['amount'] = null,
  gates: Gate[] = [],
  mastery = 'three sessions at the top of the range, all clean, next mornings fine',
): Rung => ({ name, purpose, exercises, gates, sets, amount, mastery });

/** Ladders (method 7), lowest rung first, with the rungs this library can fill. Loaded rungs take their dose from the phase. */
export const LADDERS: readonly Ladder[] = [
  {
    id: 'take-off',
    name: 'Take-off skill',
    goal: 'a full, fast take-off repeated at will',
    rungs: [
      rung(
        'rise to extension',
        'learn the shape of a take-off without leaving the floor',
        ['rise-to-extension'],
        [2, 3],
        [3, 6],
      ),
      rung('jump and stick', 'own the landing of a full jump', ['jump-and-stick'], [2, 4], [3, 5]),
      rung('countermovement jump', 'turn a quick dip into height', ['countermovement-jump'], [3, 5], [3, 6]),
      rung('tuck jump', 'keep shape at full height', ['tuck-jump'], [3, 4], [3, 5], [test('K2')]),
      rung('repeated tuck jump', 'leave the floor again at once', ['repeated-tuck-jump'], [2, 4], [4, 6], [test('K2')]),
    ],
  },
  {
    id: 'landing',
    name: 'Landing',
    goal: 'a rebound from a drop, quiet and quick',
    rungs: [
      rung('snap-down', 'reach the landing shape at speed', ['snap-down'], [2, 3], [3, 6]),
      rung('low drop and stick', 'absorb a small drop', ['drop-and-stick'], [2, 4], [3, 5]),
      rung('single-leg drop and stick', 'absorb it on one leg', ['single-leg-drop-stick'], [2, 3], [3, 5]),
      rung('drop jump', 'turn a drop into height', ['drop-jump'], [2, 4], [3, 6]),
    ],
  },
  {
    id: 'line-hops',
    name: 'Line hops',
    goal: 'quick, quiet feet in every direction',
    rungs: [
      rung('two feet', 'rhythm and stiffness', ['line-hops-two-feet'], [2, 4], [10, 20]),
      rung('one foot', 'the same on one leg', ['line-hops-one-foot'], [2, 4], [10, 15]),
    ],
  },
  {
    id: 'pogos',
    name: 'Pogos',
    goal: 'a stiff ankle that gives the floor back',
    rungs: [
      rung('assisted', 'feel the bounce with some weight taken off', ['assisted-pogo'], [2, 3], [8, 15]),
      rung('two feet', 'short contacts under full weight', ['pogo'], [2, 4], [8, 15]),
      rung('lateral', 'the same to the side', ['lateral-pogo'], [2, 4], [8, 12]),
    ],
  },
  {
    id: 'horizontal',
    name: 'Horizontal',
    goal: 'repeated jumps for distance',
    rungs: [
      rung('broad jump and stick', 'jump far and stop', ['broad-jump-stick'], [3, 4], [3, 5]),
      rung(
        'two broad jumps into a vertical',
        'turn speed forward into height',
        ['double-broad-vertical'],
        [3, 4],
        [2, 4],
        [test('K2')],
      ),
    ],
  },
  {
    id: 'one-foot-take-off',
    name: 'Skips and one-foot take-off',
    goal: 'a one-foot jump from a run',
    rungs: [
      rung('power skip', 'knee drive and a tall stance leg', ['power-skip'], [2, 4], [4, 8]),
      rung('run-run-jump', 'rhythm into the take-off', ['run-run-jump'], [3, 4], [2, 4]),
    ],
  },
  {
    id: 'split-jumps',
    name: 'Split jumps',
    goal: 'switch legs in the air and land in shape',
    rungs: [
      rung('split squat hold', 'own the lunge position', ['split-squat-hold'], [2, 4], [20, 45]),
      rung('split squat', 'own it through the range', ['split-squat']),
      rung('split jump and stick', 'leave it and come back to it', ['split-jump-stick'], [2, 4], [3, 5]),
      rung('switching split jump', 'switch at the top', ['switching-split-jump'], [2, 4], [4, 8]),
    ],
  },
  {
    id: 'lateral',
    name: 'Lateral',
    goal: 'a strong sideways push into a cut',
    rungs: [
      rung('lateral squat', 'range and strength to the side', ['lateral-squat', 'lateral-lunge']),
      rung('lateral bound and stick', 'push off and stop on one leg', ['lateral-bound-stick'], [2, 4], [3, 5]),
    ],
  },
  {
    id: 'control',
    name: 'Control to cut',
    goal: 'one leg that stays quiet under speed',
    rungs: [
      rung('floor bridge', 'the hip works, the back stays quiet', ['single-leg-bridge']),
      rung(
        'assisted single-leg squat',
        'knee over the foot under help',
        ['assisted-single-leg-squat'],
        [2, 3],
        [5, 10],
      ),
      rung('single-leg reach', 'balance while the trunk moves', ['single-leg-reach'], [2, 3], [5, 8]),
      rung('single-leg deadlift', 'the hip holds against weight', ['single-leg-deadlift']),
    ],
  },
  {
    id: 'hamstring',
    name: 'Hamstring',
    goal: 'lower the whole body from the knees',
    rungs: [
      rung('slide curl', 'length under load, feet on the floor', ['slide-leg-curl'], [2, 3], [4, 8]),
      rung('partial Nordic', 'lower as far as it stays slow', ['nordic-partial'], [2, 3], [3, 6]),
    ],
  },
  {
    id: 'hinge',
    name: 'Hinge',
    goal: 'a heavy hinge with a quiet back',
    rungs: [
      rung('hinge with a stick', 'find the hip', ['dowel-hinge'], [2, 3], [6, 10]),
      rung('Romanian deadlift, bells', 'load it near the legs', ['dumbbell-rdl']),
      rung('Romanian deadlift', 'load it on the bar', ['romanian-deadlift']),
    ],
  },
  {
    id: 'squat',
    name: 'Squat',
    goal: 'a deep, heavy squat',
    rungs: [
      rung('body weight', 'depth with heels down', ['body-weight-squat'], [2, 4], [8, 15]),
      rung('goblet', 'depth under a small load', ['goblet-squat']),
      rung('front', 'upright under the bar', ['front-squat']),
      rung('back', 'heavy through the whole range', ['back-squat']),
    ],
  },
  {
    id: 'single-leg-knee',
    name: 'Single-leg knee',
    goal: 'a full squat on one leg',
    rungs: [
      rung('reverse lunge', 'one leg does the work, moving', ['reverse-lunge']),
      rung('rear-foot elevated', 'most of the weight on one leg', ['rear-foot-elevated-split-squat']),
      rung('to a box', 'all of it', ['single-leg-squat-box'], [2, 4], [4, 8]),
    ],
  },
  {
    id: 'calf-foot',
    name: 'Calf and foot',
    goal: 'a strong, springy ankle',
    rungs: [
      rung('two legs', 'full height, slow down', ['calf-raise-two-leg'], [2, 3], [10, 20]),
      rung('one leg', 'the same on one', ['calf-raise-one-leg', 'bent-knee-calf-raise'], [2, 4], [8, 20]),
      rung('heel-raised hold', 'stiffness near the top', ['heel-raised-hold'], [3, 4], [20, 45]),
    ],
  },
  {
    id: 'push',
    name: 'Push',
    goal: 'press heavy and overhead',
    rungs: [
      rung('hands raised', 'one line from head to heel', ['incline-push-up'], [2, 4], [6, 15]),
      rung('floor', 'the same under full weight', ['push-up'], [2, 4], [6, 20]),
      rung('bench press', 'load it', ['dumbbell-bench-press']),
    ],
  },
  {
    id: 'trunk',
    name: 'Trunk',
    goal: 'hold the trunk still under load',
    rungs: [
      rung('dead bug', 'ribs and hips together', ['dead-bug'], [2, 3], [5, 10]),
      rung('plank', 'hold the line', ['plank'], [2, 3], [20, 40]),
      rung('side plank', 'hold it sideways', ['side-plank'], [2, 3], [15, 40]),
      rung('drag under load', 'hold it while an arm moves', ['plank-drag'], [2, 3], [5, 10]),
      rung('rollout', 'hold it at full length', ['rollout'], [2, 3], [5, 10]),
    ],
  },
];
