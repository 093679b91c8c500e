import { family, fault } from './entry';

const trunk = family({
  family: 'trunk', qualities: ['stability'], stance: 'none', speed: 'hold', doseUnit: 'seconds', secondsPerRep: 1, setUpSeconds: 4, station: 'mat', equipment: { allOf: ['mat'], anyOf: [] }, soreness: 0,
  cautions: ['Back pain: stop and say so.'], stopSigns: ['back pain'],
});
const SAGS = fault('hips sag', 'Squeeze the glutes; shorter.');

export const TRUNK = [
  trunk({
    id: 'dead-bug', name: 'Dead bug', pattern: 'dead-bug', doseUnit: 'reps', per: 'side', speed: 'slow', secondsPerRep: 3, share: { trunkFlexion: 0.46, trunkAntiRotation: 0.34, hipFlexors: 0.2 }, demands: { 'trunk-bracing': 2 },
    cues: ['Low back heavy on the floor.', 'Opposite arm and leg.', 'Breathe out long.'], faults: [fault('back lifts', 'Shorter reach.')],
  }),
  trunk({
    id: 'plank', name: 'Plank', pattern: 'plank', share: { trunkFlexion: 0.6, trunkAntiRotation: 0.2, quadriceps: 0.1, upperPush: 0.1 }, demands: { 'trunk-bracing': 2, collision: 1 },
    cues: ['Elbows under shoulders.', 'Ribs down.', 'Push the floor away.'], faults: [SAGS],
  }),
  trunk({
    id: 'side-plank', name: 'Side plank', pattern: 'side-plank', per: 'side', plane: 'frontal', share: { trunkSide: 0.66, abductors: 0.18, adductors: 0.06, upperPush: 0.1 }, demands: { 'trunk-bracing': 2, 'lateral-push': 1, groin: 1, 'deceleration-cutting': 1 },
    cues: ['Long line.', 'Hips high.', 'Shoulder away from the ear.'], faults: [SAGS],
  }),
  trunk({
    id: 'plank-drag', name: 'Plank drag under the body', pattern: 'plank-drag', doseUnit: 'reps', per: 'side', speed: 'slow', secondsPerRep: 3, equipment: { allOf: ['mat'], anyOf: ['dumbbell', 'kettlebell'] }, load: { kind: 'dumbbell', oneRepMax: null }, gates: [{ kind: 'level', of: 'lift', atLeast: 'developing' }], plane: 'transverse', share: { trunkAntiRotation: 0.56, trunkFlexion: 0.24, upperPush: 0.1, upperPull: 0.1 }, demands: { 'trunk-bracing': 3, rotation: 2, 'grip-pull': 1 },
    cues: ['Hips do not move.', 'Wide feet.', 'Drag slowly.'], faults: [fault('hips roll', 'Lighter, feet wider.')],
  }),
  trunk({
    id: 'anti-rotation-press', name: 'Anti-rotation press', pattern: 'anti-rotation-press', doseUnit: 'reps', per: 'side', speed: 'slow', secondsPerRep: 3, equipment: { allOf: [], anyOf: ['band', 'cable'] }, load: { kind: 'band', oneRepMax: null }, station: 'wall', plane: 'transverse', vector: 'rotational', share: { trunkAntiRotation: 0.7, trunkSide: 0.16, upperPush: 0.14 }, demands: { rotation: 3, 'trunk-bracing': 2, overhead: 1 },
    cues: ['Hands from the chest straight out.', 'Do not let it turn you.', 'Slow back.'], faults: [fault('turns to the anchor', 'Step closer.')], cautions: ['Band anchored low, never in line with the eyes.'],
  }),
  trunk({
    id: 'rollout', name: 'Rollout from the knees', pattern: 'rollout', doseUnit: 'reps', speed: 'slow', secondsPerRep: 4, equipment: { allOf: ['mat'], anyOf: ['ball', 'barbell'] }, gates: [{ kind: 'rung', ladder: 'trunk', rung: 2 }], share: { trunkFlexion: 0.7, trunkAntiRotation: 0.1, upperPull: 0.2 }, demands: { 'trunk-bracing': 3, overhead: 2 },
    cues: ['Tuck under first.', 'Roll as far as the back stays flat.', 'Pull back with the ribs.'], faults: [SAGS],
  }),
];
