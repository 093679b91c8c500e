import { family, fault, lands } from './entry';

const lateral = family({
  family: 'lateral', qualities: ['structure', 'stability'], plane: 'frontal', vector: 'lateral', dominance: { knee: 0.5, hip: 0.5 }, per: 'side', secondsPerRep: 3, soreness: 1,
  cautions: ['Groin discomfort above 3: shorten the step.'], stopSigns: ['groin pain', 'knee pain'],
});
const FOOT_OUT = fault('foot turns out', 'Toes ahead.', 'K3');

export const LATERALS = [
  lateral({
    id: 'lateral-squat', name: 'Lateral squat', pattern: 'lateral-squat', share: { quadriceps: 0.32, glutes: 0.26, adductors: 0.3, abductors: 0.12 }, demands: { groin: 2, 'lateral-push': 2, 'hip-mobility': 2, 'deceleration-cutting': 1 },
    cues: ['Sit over one foot.', 'Other leg long.', 'Heels down.'], faults: [FOOT_OUT, fault('chest drops', 'Reach forward.')],
  }),
  lateral({
    id: 'lateral-lunge', name: 'Lateral lunge', pattern: 'lateral-lunge', equipment: { allOf: [], anyOf: ['dumbbell', 'kettlebell'] }, load: { kind: 'dumbbell', oneRepMax: null }, station: 'bells', soreness: 2, share: { quadriceps: 0.34, glutes: 0.3, adductors: 0.24, abductors: 0.12 }, demands: { 'lateral-push': 3, 'deceleration-cutting': 2, groin: 2 },
    cues: ['Step, sit, push back.', 'Knee over the foot.', 'Push the floor sideways.'], faults: [FOOT_OUT, fault('knee falls in', 'Hip back first.', 'C5')],
  }),
  lateral({
    id: 'adductor-hold', name: 'Adductor side hold', pattern: 'adductor-hold', qualities: ['isometric', 'stability'], equipment: { allOf: ['mat'], anyOf: ['bench', 'box'] }, station: 'mat', doseUnit: 'seconds', speed: 'hold', secondsPerRep: 1, setUpSeconds: 5, dominance: null, soreness: 2, builds: ['squeeze'], stance: 'none',
    share: { adductors: 0.66, trunkSide: 0.26, hipFlexors: 0.08 }, demands: { groin: 3, 'trunk-bracing': 1, 'lateral-push': 1 },
    cues: ['Top knee on the bench.', 'Hips high.', 'Bottom leg meets it.'], faults: [fault('hips sag', 'Knee, not foot, on the bench.')],
  }),
  lateral({
    id: 'band-walk', name: 'Lateral band walk', pattern: 'band-walk', qualities: ['stability', 'structure'], equipment: { allOf: ['band'], anyOf: [] }, load: { kind: 'band', oneRepMax: null }, per: 'direction', secondsPerRep: 1.2, soreness: 0, builds: ['C1', 'C5'], space: 'lane', station: 'lane',
    share: { abductors: 0.66, glutes: 0.24, quadriceps: 0.1 }, demands: { 'lateral-push': 1, 'balance-gaze': 1, 'knee-tendon': 1 },
    cues: ['Band above the knees.', 'Small steps, constant pull.', 'Toes ahead.'], faults: [FOOT_OUT], cautions: ['Check the band for nicks.'],
  }),
  lateral({
    id: 'lateral-bound-stick', name: 'Lateral bound and stick', pattern: 'lateral-bound', qualities: ['landing', 'slow-ssc'], stance: 'single-leg', speed: 'fast', secondsPerRep: 4, dominance: null, soreness: 1, space: 'lane', station: 'lane', gates: [{ kind: 'test', test: 'C5' }],
    plyo: lands({ tier: 'medium', legs: 'one', inPlace: false, direction: 'lateral', intent: 'stick' }),
    share: { quadriceps: 0.26, glutes: 0.3, adductors: 0.1, abductors: 0.12, gastrocnemius: 0.12, soleus: 0.1 }, demands: { 'lateral-push': 3, 'landing-absorption': 2, 'deceleration-cutting': 2, 'balance-gaze': 1, 'ankle-foot': 1 },
    cues: ['Push the floor sideways.', 'Land soft, hold two.', 'Knee over the foot.'], faults: [fault('wobbles on landing', 'Shorter bound.', 'C6'), fault('knee falls in', 'Hip back.', 'C6')], call: { ready: 'Load', go: 'Bound' }, cautions: ['Dry floor, clear lane.'],
  }),
];
