import { family, fault } from './entry';

const push = family({
  family: 'upper-push', stance: 'none', secondsPerRep: 3, setUpSeconds: 5, soreness: 1, cautions: ['Shoulder pain above 3: change the line.'], stopSigns: ['shoulder pain', 'numb fingers'],
});
const pull = family({
  family: 'upper-pull', stance: 'none', secondsPerRep: 3, setUpSeconds: 5, soreness: 1, cautions: ['Let the shoulder blade move.'], stopSigns: ['shoulder or elbow pain'],
});
const SHRUGS = fault('shoulders rise to the ears', 'Long neck.');

export const UPPER = [
  push({
    id: 'incline-push-up', name: 'Push-up, hands raised', pattern: 'push-up-incline', equipment: { allOf: [], anyOf: ['bench', 'box', 'rack'] }, station: 'bench', share: { upperPush: 0.76, trunkFlexion: 0.24 }, demands: { collision: 1, 'trunk-bracing': 1 },
    cues: ['Body in one line.', 'Chest to the edge.', 'Push away.'], faults: [fault('hips sag', 'Raise the hands.'), SHRUGS],
  }),
  push({
    id: 'push-up', name: 'Push-up', pattern: 'push-up', share: { upperPush: 0.74, trunkFlexion: 0.26 }, demands: { collision: 2, 'trunk-bracing': 1, overhead: 1 },
    cues: ['Hands under shoulders.', 'Whole body moves at once.', 'Push the floor away.'], faults: [fault('hips sag', 'Hands on a bench.'), SHRUGS],
  }),
  push({
    id: 'dumbbell-bench-press', name: 'Bench press, dumbbells', pattern: 'bench-bells', equipment: { allOf: ['dumbbell', 'bench'], anyOf: [] }, load: { kind: 'dumbbell', oneRepMax: null }, station: 'bench', setUpSeconds: 8, spotter: 'pins-or-spotters', share: { upperPush: 0.92, trunkAntiRotation: 0.08 }, demands: { collision: 3, 'max-strength': 1, overhead: 1 },
    cues: ['Feet flat.', 'Elbows a little in.', 'Even press.'], faults: [fault('wrists bend back', 'Knuckles up.')],
  }),
  push({
    id: 'half-kneeling-landmine-press', name: 'Half-kneeling landmine press', pattern: 'landmine-press', per: 'side', equipment: { allOf: ['landmine'], anyOf: [] }, load: { kind: 'landmine', oneRepMax: null }, station: 'landmine', share: { upperPush: 0.68, trunkAntiRotation: 0.2, trunkSide: 0.12 }, demands: { overhead: 3, collision: 1, rotation: 2, 'trunk-bracing': 1 }, flags: [],
    cues: ['Knee under hip.', 'Press and reach.', 'Ribs down.'], faults: [fault('leans back', 'Squeeze the back glute.'), SHRUGS],
  }),
  push({
    id: 'dumbbell-overhead-press', name: 'Overhead press, dumbbells', pattern: 'overhead-press', equipment: { allOf: ['dumbbell'], anyOf: [] }, load: { kind: 'dumbbell', oneRepMax: null }, station: 'bells', share: { upperPush: 0.8, trunkExtension: 0.1, trunkSide: 0.1 }, demands: { overhead: 3, 'trunk-bracing': 1, collision: 1 }, flags: ['overhead'], gates: [{ kind: 'test', test: 'R5' }],
    cues: ['Ribs down.', 'Biceps to the ears.', 'Slow down.'], faults: [fault('back arches', 'Sit or go lighter.', 'R5')],
  }),
  pull({
    id: 'one-arm-row', name: 'One-arm row', pattern: 'row-one-arm', per: 'side', equipment: { allOf: ['bench'], anyOf: ['dumbbell', 'kettlebell'] }, load: { kind: 'dumbbell', oneRepMax: null }, station: 'bells', share: { upperPull: 0.84, trunkAntiRotation: 0.16 }, demands: { 'grip-pull': 2, collision: 1, overhead: 1 },
    cues: ['Flat back.', 'Elbow to the hip.', 'Let it hang long.'], faults: [fault('trunk twists', 'Lighter.')],
  }),
  pull({
    id: 'bent-over-row', name: 'Bent-over row', pattern: 'row-bent', equipment: { allOf: ['barbell'], anyOf: [] }, load: { kind: 'barbell', oneRepMax: null }, station: 'platform', setUpSeconds: 8, share: { upperPull: 0.7, trunkExtension: 0.2, hamstrings: 0.1 }, demands: { 'grip-pull': 2, collision: 2, 'max-strength': 1, 'trunk-bracing': 1 }, flags: ['axial'], gates: [{ kind: 'test', test: 'R1' }],
    cues: ['Hinge and hold.', 'Bar to the belly.', 'No swing.'], faults: [fault('trunk rises', 'Lighter; hold the hinge.')],
  }),
  pull({
    id: 'pull-up', name: 'Pull-up', pattern: 'pull-up', equipment: { allOf: ['pull-up-bar'], anyOf: [] }, station: 'bar', share: { upperPull: 0.88, trunkFlexion: 0.12 }, demands: { 'grip-pull': 3, overhead: 2, collision: 1 }, gates: [{ kind: 'level', of: 'lift', atLeast: 'developing' }],
    cues: ['Long hang.', 'Chest to the bar.', 'Slow down.'], faults: [fault('kicks', 'Band or slow lowering.'), SHRUGS],
  }),
  pull({
    id: 'band-row', name: 'Standing band row', pattern: 'row-band', equipment: { allOf: ['band'], anyOf: [] }, load: { kind: 'band', oneRepMax: null }, station: 'wall', share: { upperPull: 0.86, trunkExtension: 0.14 }, demands: { 'grip-pull': 1, overhead: 1 }, soreness: 0,
    cues: ['Soft knees.', 'Elbows past the ribs.', 'Slow out.'], faults: [SHRUGS], cautions: ['Band anchored at chest height or lower; check for nicks.'],
  }),
];
