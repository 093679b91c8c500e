import { family, fault } from './entry';

const knee = family({
  family: 'single-leg-knee', qualities: ['structure', 'stability'], stance: 'split', dominance: { knee: 0.62, hip: 0.38 }, per: 'side', secondsPerRep: 3.5, soreness: 2, builds: ['C5'],
  equipment: { allOf: [], anyOf: ['dumbbell', 'kettlebell'] }, load: { kind: 'dumbbell', oneRepMax: null }, station: 'bells', setUpSeconds: 5,
  cautions: ['Front knee pain above 3: shorten the range.'], stopSigns: ['knee pain that rises', 'giving way'],
});
const hip = family({
  family: 'single-leg-hip', qualities: ['structure', 'stability'], stance: 'single-leg', dominance: { knee: 0.15, hip: 0.85 }, per: 'side', secondsPerRep: 4, soreness: 1, builds: ['C4'],
  station: 'open', setUpSeconds: 5, cautions: ['Hold something until the stance foot is quiet.'], stopSigns: ['pulling behind the thigh', 'back pain'],
});
const KNEE_IN = fault('knee falls in', 'Knee over the little toe side.', 'C5');
const TRUNK_TIPS = fault('trunk tips sideways', 'Ribs over the hip; lighter.', 'C5');
const HIP_OPENS = fault('free hip opens', 'Both hip bones face the floor.', 'C4');

export const SINGLE_LEG = [
  knee({
    id: 'split-squat-hold', name: 'Split squat hold', pattern: 'split-hold', qualities: ['isometric', 'stability'], equipment: { allOf: [], anyOf: [] }, load: { kind: 'bodyweight', oneRepMax: null }, station: 'open', doseUnit: 'seconds', speed: 'hold', secondsPerRep: 1, soreness: 1,
    share: { quadriceps: 0.52, glutes: 0.26, adductors: 0.12, soleus: 0.1 }, demands: { 'knee-tendon': 3, 'landing-absorption': 1, 'balance-gaze': 1 },
    cues: ['Front shin upright.', 'Back knee just off the floor.', 'Tall chest.'], faults: [KNEE_IN],
  }),
  knee({
    id: 'split-squat', name: 'Split squat', pattern: 'split-squat', share: { quadriceps: 0.46, glutes: 0.3, hamstrings: 0.06, adductors: 0.12, abductors: 0.06 },
    demands: { 'max-strength': 2, 'deceleration-cutting': 2, 'knee-tendon': 2, 'balance-gaze': 1, 'vertical-jump-one-foot': 1 },
    cues: ['Straight down between the feet.', 'Front heel heavy.', 'Up tall.'], faults: [KNEE_IN, TRUNK_TIPS],
  }),
  knee({
    id: 'reverse-lunge', name: 'Reverse lunge', pattern: 'lunge-reverse', stance: 'alternating', share: { quadriceps: 0.42, glutes: 0.34, hamstrings: 0.08, adductors: 0.1, abductors: 0.06 }, dominance: { knee: 0.55, hip: 0.45 },
    demands: { 'max-strength': 1, 'deceleration-cutting': 2, 'horizontal-power': 1, 'balance-gaze': 1, 'vertical-jump-one-foot': 1 },
    cues: ['Long step back.', 'Front foot does the work.', 'Drive up through it.'], faults: [KNEE_IN, TRUNK_TIPS],
  }),
  knee({
    id: 'rear-foot-elevated-split-squat', name: 'Rear-foot elevated split squat', pattern: 'split-elevated', equipment: { allOf: ['bench'], anyOf: ['dumbbell', 'kettlebell'] }, station: 'bench', setUpSeconds: 10, soreness: 3, gates: [{ kind: 'test', test: 'C3' }],
    share: { quadriceps: 0.46, glutes: 0.3, hamstrings: 0.06, adductors: 0.12, abductors: 0.06 },
    demands: { 'max-strength': 2, 'vertical-jump-one-foot': 2, 'deceleration-cutting': 2, 'knee-tendon': 2, 'horizontal-power': 1 },
    cues: ['Shoelaces down on the bench.', 'Drop the back knee.', 'Front heel heavy.'], faults: [KNEE_IN, fault('weight on the back leg', 'Step the front foot out a little.')],
  }),
  knee({
    id: 'step-up', name: 'Step-up', pattern: 'step-up', equipment: { allOf: ['box'], anyOf: [] }, station: 'box', soreness: 1, share: { quadriceps: 0.42, glutes: 0.36, hamstrings: 0.08, abductors: 0.08, soleus: 0.06 }, dominance: { knee: 0.55, hip: 0.45 },
    demands: { 'vertical-jump-one-foot': 2, 'horizontal-power': 1, 'repeat-effort': 1, 'balance-gaze': 1 },
    cues: ['Whole foot on the box.', 'No push from the floor leg.', 'Lower slowly.'], faults: [KNEE_IN, fault('pushes off the floor foot', 'Lift those toes first.')],
  }),
  knee({
    id: 'assisted-single-leg-squat', name: 'Assisted single-leg squat', pattern: 'single-squat-assisted', qualities: ['stability', 'structure'], equipment: { allOf: [], anyOf: ['wall', 'rack', 'band'] }, load: { kind: 'bodyweight', oneRepMax: null }, station: 'open', stance: 'single-leg', builds: ['C3', 'C5'], soreness: 1,
    share: { quadriceps: 0.42, glutes: 0.28, abductors: 0.12, adductors: 0.08, soleus: 0.1 }, demands: { 'balance-gaze': 3, 'knee-tendon': 1, 'landing-absorption': 1, 'deceleration-cutting': 1, 'ankle-foot': 1 },
    cues: ['Fingertips only.', 'Knee over the foot.', 'Slow down, slow up.'], faults: [KNEE_IN, TRUNK_TIPS],
  }),
  knee({
    id: 'single-leg-squat-box', name: 'Single-leg squat to box', pattern: 'single-squat-box', equipment: { allOf: ['box'], anyOf: [] }, load: { kind: 'bodyweight', oneRepMax: null }, station: 'box', stance: 'single-leg', gates: [{ kind: 'test', test: 'C5' }],
    share: { quadriceps: 0.46, glutes: 0.28, abductors: 0.1, adductors: 0.08, soleus: 0.08 }, demands: { 'vertical-jump-one-foot': 2, 'balance-gaze': 2, 'deceleration-cutting': 2, 'knee-tendon': 2, 'landing-absorption': 2 },
    cues: ['Reach forward.', 'Sit to the box, do not drop.', 'Stand without a rock.'], faults: [KNEE_IN, TRUNK_TIPS],
  }),
  hip({
    id: 'single-leg-bridge', name: 'Floor bridge, single-leg', pattern: 'bridge-single', equipment: { allOf: ['mat'], anyOf: [] }, station: 'mat', builds: ['C2'], secondsPerRep: 3, vector: 'horizontal',
    share: { glutes: 0.56, hamstrings: 0.3, trunkExtension: 0.08, trunkAntiRotation: 0.06 }, demands: { hamstring: 1, 'horizontal-power': 1, 'trunk-bracing': 1 },
    cues: ['Heel close.', 'Hips level.', 'Squeeze two seconds.'], faults: [fault('hips twist', 'Press the free thigh to the other.', 'C2')],
  }),
  hip({
    id: 'supported-single-leg-deadlift', name: 'Single-leg deadlift, supported', pattern: 'single-hinge-supported', equipment: { allOf: [], anyOf: ['wall', 'rack'] },
    share: { glutes: 0.36, hamstrings: 0.36, abductors: 0.12, trunkExtension: 0.1, foot: 0.06 }, demands: { hamstring: 2, 'balance-gaze': 2, 'ankle-foot': 1 },
    cues: ['One hand on the wall.', 'Long from heel to head.', 'Soft stance knee.'], faults: [HIP_OPENS, fault('back rounds', 'Shorter reach.', 'R1')],
  }),
  hip({
    id: 'single-leg-reach', name: 'Single-leg reach', pattern: 'single-reach', qualities: ['stability', 'skill'], gates: [{ kind: 'test', test: 'C3' }], soreness: 0,
    share: { glutes: 0.34, hamstrings: 0.28, abductors: 0.16, foot: 0.12, trunkAntiRotation: 0.1 }, demands: { 'balance-gaze': 3, 'ankle-foot': 2, hamstring: 1, 'landing-absorption': 1 },
    cues: ['Reach to the toe.', 'Stance foot like a tripod.', 'Come up in one piece.'], faults: [HIP_OPENS, fault('foot rolls', 'Big toe stays down.', 'C1')],
  }),
  hip({
    id: 'single-leg-deadlift', name: 'Single-leg deadlift, loaded', aliases: ['single-leg RDL'], pattern: 'single-hinge', equipment: { allOf: [], anyOf: ['dumbbell', 'kettlebell'] }, load: { kind: 'dumbbell', oneRepMax: null }, station: 'bells', gates: [{ kind: 'test', test: 'C4' }], flags: ['lengthened'], soreness: 2,
    share: { glutes: 0.38, hamstrings: 0.36, abductors: 0.1, trunkExtension: 0.1, foot: 0.06 }, demands: { 'max-strength': 1, hamstring: 3, 'balance-gaze': 2, 'top-speed': 1, 'horizontal-power': 1 },
    cues: ['Bell opposite the stance leg.', 'Hips square.', 'Push the heel behind you.'], faults: [HIP_OPENS, fault('stance knee locks', 'Keep it soft.')],
  }),
  hip({
    id: 'single-leg-hip-thrust', name: 'Single-leg hip thrust', pattern: 'thrust-single', equipment: { allOf: ['bench'], anyOf: [] }, station: 'bench', setUpSeconds: 8, gates: [{ kind: 'test', test: 'C2' }], vector: 'horizontal', secondsPerRep: 3,
    share: { glutes: 0.6, hamstrings: 0.22, trunkExtension: 0.08, trunkAntiRotation: 0.1 }, demands: { 'horizontal-power': 2, 'top-speed': 2, 'max-strength': 1, hamstring: 1, 'vertical-jump-one-foot': 1 },
    cues: ['Free knee up.', 'Hips level at the top.', 'Ribs down.'], faults: [fault('hips drop on the free side', 'Two legs up, one down.', 'C2')],
  }),
];
