import { family, fault } from './entry';

const squat = family({
  family: 'squat', qualities: ['structure', 'max-strength'], dominance: { knee: 0.62, hip: 0.38 }, soreness: 2, secondsPerRep: 4,
  equipment: { allOf: ['barbell', 'rack'], anyOf: [] }, station: 'rack', setUpSeconds: 12, space: 'rack', spotter: 'pins',
  gates: [{ kind: 'test', test: 'R2' }], flags: ['axial'], builds: ['R2'],
  cautions: ['Pins at hip height; collars on.', 'Stop at back pain or numbness.'], stopSigns: ['back pain', 'knee pain that rises set by set'],
  call: { ready: 'Brace', go: 'Down' },
});

const KNEES_IN = fault('knees fall in', 'Spread the floor, knees over toes.', 'C5');
const HEELS_UP = fault('heels lift', 'Sit between the feet; heels stay heavy.', 'R4');
const HIPS_FIRST = fault('hips rise before the chest', 'Push the bar up, not the hips back.');

export const SQUATS = [
  squat({
    id: 'body-weight-squat', name: 'Body-weight squat', aliases: ['air squat'], pattern: 'squat-free', qualities: ['structure', 'strength-endurance', 'skill'],
    equipment: { allOf: [], anyOf: [] }, station: 'open', setUpSeconds: 3, space: 'none', spotter: 'none', gates: [], flags: [], soreness: 1, secondsPerRep: 3,
    share: { quadriceps: 0.46, glutes: 0.26, hamstrings: 0.06, adductors: 0.12, trunkExtension: 0.1 },
    demands: { 'max-strength': 1, 'hip-mobility': 2, 'knee-tendon': 1, 'repeat-effort': 1 },
    cues: ['Heels heavy.', 'Knees follow the toes.', 'Chest and hips rise together.'], faults: [HEELS_UP, KNEES_IN],
    cautions: ['Only as deep as the heels stay down.'],
  }),
  squat({
    id: 'goblet-squat', name: 'Goblet squat', pattern: 'squat-goblet', equipment: { allOf: [], anyOf: ['dumbbell', 'kettlebell'] }, station: 'bells',
    load: { kind: 'dumbbell', oneRepMax: null }, gates: [], flags: [], space: 'none', spotter: 'none', setUpSeconds: 6, soreness: 1,
    share: { quadriceps: 0.46, glutes: 0.24, hamstrings: 0.05, adductors: 0.11, trunkExtension: 0.14 },
    demands: { 'max-strength': 2, 'vertical-jump-two-foot': 1, 'hip-mobility': 2, 'knee-tendon': 1, 'trunk-bracing': 1, collision: 1 },
    cues: ['Bell at the breastbone.', 'Elbows between the knees.', 'Heels heavy.'], faults: [HEELS_UP, KNEES_IN],
    cautions: ['Put the bell down before the grip goes.'],
  }),
  squat({
    id: 'back-squat', name: 'Back squat, high bar', aliases: ['high-bar squat'], pattern: 'squat-back', load: { kind: 'barbell', oneRepMax: { lift: 'back-squat', ratio: 1 } },
    share: { quadriceps: 0.42, glutes: 0.27, hamstrings: 0.08, adductors: 0.1, trunkExtension: 0.13 },
    demands: { 'max-strength': 3, 'vertical-jump-two-foot': 2, 'horizontal-power': 1, 'knee-tendon': 2, 'trunk-bracing': 2, collision: 3 },
    cues: ['Heels heavy.', 'Knees follow the toes.', 'Chest and hips rise together.'], faults: [HIPS_FIRST, KNEES_IN, HEELS_UP],
  }),
  squat({
    id: 'front-squat', name: 'Front squat', pattern: 'squat-front', load: { kind: 'barbell', oneRepMax: { lift: 'back-squat', ratio: 0.85 } },
    gates: [{ kind: 'test', test: 'R2' }, { kind: 'test', test: 'R5' }], flags: ['axial', 'frontRack'], dominance: { knee: 0.7, hip: 0.3 },
    share: { quadriceps: 0.48, glutes: 0.22, hamstrings: 0.05, adductors: 0.09, trunkExtension: 0.16 },
    demands: { 'max-strength': 3, 'vertical-jump-two-foot': 2, 'knee-tendon': 2, 'trunk-bracing': 2, collision: 2, 'deceleration-cutting': 1 },
    cues: ['Elbows high.', 'Sit straight down.', 'Drive the elbows up first.'], faults: [fault('elbows drop', 'Lead with the elbows.', 'R5'), HEELS_UP],
  }),
  squat({
    id: 'box-squat-wide', name: 'Box squat, wide', pattern: 'squat-box', equipment: { allOf: ['barbell', 'rack', 'box'], anyOf: [] }, load: { kind: 'barbell', oneRepMax: { lift: 'back-squat', ratio: 0.9 } },
    dominance: { knee: 0.42, hip: 0.58 }, soreness: 1,
    share: { quadriceps: 0.28, glutes: 0.34, hamstrings: 0.14, adductors: 0.12, trunkExtension: 0.12 },
    demands: { 'max-strength': 3, 'horizontal-power': 2, 'lateral-push': 1, collision: 2, groin: 1 },
    cues: ['Sit back, shins upright.', 'Pause, keep the brace.', 'Drive the floor apart.'], faults: [fault('drops onto the box', 'Lower to it; touch, do not fall.'), HIPS_FIRST],
  }),
  squat({
    id: 'pause-squat', name: 'Pause squat', pattern: 'squat-pause', secondsPerRep: 6, load: { kind: 'barbell', oneRepMax: { lift: 'back-squat', ratio: 0.88 } },
    share: { quadriceps: 0.44, glutes: 0.27, hamstrings: 0.06, adductors: 0.1, trunkExtension: 0.13 },
    demands: { 'max-strength': 3, 'vertical-jump-two-foot': 1, 'knee-tendon': 2, 'hip-mobility': 1, 'trunk-bracing': 2, collision: 2 },
    cues: ['Two seconds at the bottom.', 'Stay tight.', 'Up without a bounce.'], faults: [fault('loses the brace in the pause', 'Breath held low; shorter pause.'), KNEES_IN],
  }),
  squat({
    id: 'tempo-squat', name: 'Squat, slow lowering', pattern: 'squat-tempo', qualities: ['structure', 'eccentric'], secondsPerRep: 7, soreness: 3, load: { kind: 'barbell', oneRepMax: { lift: 'back-squat', ratio: 0.82 } },
    share: { quadriceps: 0.45, glutes: 0.26, hamstrings: 0.06, adductors: 0.1, trunkExtension: 0.13 },
    demands: { 'max-strength': 2, 'deceleration-cutting': 2, 'landing-absorption': 2, 'knee-tendon': 3, 'trunk-bracing': 1 },
    cues: ['Four seconds down.', 'Same speed all the way.', 'Stand up normally.'], faults: [fault('speeds up near the bottom', 'Lighter; count aloud.'), KNEES_IN],
  }),
  squat({
    id: 'landmine-squat', name: 'Landmine squat', pattern: 'squat-landmine', equipment: { allOf: ['landmine'], anyOf: [] }, station: 'landmine', load: { kind: 'landmine', oneRepMax: null }, gates: [], flags: [], space: 'none', spotter: 'none', setUpSeconds: 8, soreness: 1,
    share: { quadriceps: 0.44, glutes: 0.26, hamstrings: 0.06, adductors: 0.1, trunkExtension: 0.14 },
    demands: { 'max-strength': 2, 'horizontal-power': 1, 'trunk-bracing': 1, collision: 2, 'hip-mobility': 1 },
    cues: ['Bar end at the chest.', 'Lean into it slightly.', 'Push the floor away.'], faults: [HEELS_UP, KNEES_IN], cautions: ['Check the sleeve before every set.'],
  }),
  squat({
    id: 'wall-sit-hold', name: 'Wall squat hold', pattern: 'squat-hold', qualities: ['isometric', 'strength-endurance'], equipment: { allOf: ['wall'], anyOf: [] }, station: 'wall', space: 'wall', spotter: 'none', gates: [], flags: [],
    doseUnit: 'seconds', speed: 'hold', secondsPerRep: 1, setUpSeconds: 4, soreness: 0, dominance: { knee: 0.85, hip: 0.15 },
    share: { quadriceps: 0.72, glutes: 0.12, adductors: 0.08, soleus: 0.08 },
    demands: { 'knee-tendon': 3, 'repeat-effort': 2, 'landing-absorption': 1 },
    cues: ['Back flat on the wall.', 'Knees at the angle that stays comfortable.', 'Breathe.'], faults: [fault('hands push on the thighs', 'Arms crossed.')],
    cautions: ['Raise the hips when knee discomfort passes 3 of 10.'],
  }),
];
