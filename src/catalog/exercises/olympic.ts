import { family, fault } from './entry';

const olympic = family({
  family: 'olympic', qualities: ['power'], speed: 'maximal', secondsPerRep: 3, setUpSeconds: 10, soreness: 1, stance: 'two-leg', station: 'platform', equipment: { allOf: ['barbell'], anyOf: [] }, dominance: { knee: 0.4, hip: 0.6 },
  cautions: ['Clear platform; drop it when it goes wrong.'], stopSigns: ['wrist or back pain'], call: { ready: 'Tight', go: 'Pull' },
});
const EARLY_ARMS = fault('arms bend early', 'Jump first, then the arms.');

export const OLYMPICS = [
  olympic({
    id: 'hang-high-pull', name: 'Hang high pull', pattern: 'high-pull', load: { kind: 'barbell', oneRepMax: { lift: 'deadlift', ratio: 0.5 } }, gates: [{ kind: 'level', of: 'lift', atLeast: 'developing' }, { kind: 'test', test: 'K1' }],
    share: { quadriceps: 0.2, glutes: 0.28, hamstrings: 0.12, gastrocnemius: 0.08, trunkExtension: 0.14, upperPull: 0.18 }, demands: { 'vertical-jump-two-foot': 2, 'horizontal-power': 2, 'max-strength': 1, collision: 1, 'grip-pull': 1 },
    cues: ['Bar at mid-thigh.', 'Jump tall.', 'Elbows high and out.'], faults: [EARLY_ARMS],
  }),
  olympic({
    id: 'medicine-ball-chest-throw', name: 'Medicine-ball chest throw', pattern: 'ball-throw', equipment: { allOf: ['med-ball', 'wall'], anyOf: [] }, load: { kind: 'ball', oneRepMax: null }, station: 'wall', space: 'wall', dominance: null, soreness: 0, setUpSeconds: 4, stance: 'none',
    share: { upperPush: 0.52, trunkFlexion: 0.14, quadriceps: 0.16, glutes: 0.18 }, demands: { overhead: 1, collision: 2, 'trunk-bracing': 1, rotation: 1 },
    cues: ['Short dip.', 'Throw through the wall.', 'Reset every throw.'], faults: [fault('only the arms throw', 'Legs first.')], cautions: ['Nobody in line with the wall.'],
  }),
  olympic({
    id: 'medicine-ball-side-throw', name: 'Medicine-ball side throw', pattern: 'ball-throw-side', equipment: { allOf: ['med-ball', 'wall'], anyOf: [] }, load: { kind: 'ball', oneRepMax: null }, station: 'wall', space: 'wall', per: 'side', plane: 'transverse', vector: 'rotational', dominance: null, soreness: 0, setUpSeconds: 4, stance: 'none',
    share: { trunkAntiRotation: 0.3, trunkSide: 0.2, glutes: 0.24, adductors: 0.1, upperPush: 0.16 }, demands: { rotation: 3, 'lateral-push': 1, overhead: 1 },
    cues: ['Load the back hip.', 'Hips turn first.', 'Throw through the wall.'], faults: [fault('turns from the lower back', 'Back foot pivots.')], cautions: ['Nobody in line with the wall.'],
  }),
];
