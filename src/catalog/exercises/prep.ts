import { family, fault } from './entry';

const travel = family({
  family: 'locomotion', qualities: ['skill'], stance: 'alternating', speed: 'fast', doseUnit: 'metres', secondsPerRep: 0.8, setUpSeconds: 5, soreness: 0, space: 'lane', station: 'lane', cautions: ['Start easy; flat feet before toes.'],
});
const open = family({
  family: 'mobility', qualities: ['mobility'], stance: 'none', speed: 'hold', doseUnit: 'seconds', per: 'side', secondsPerRep: 1, setUpSeconds: 4, soreness: 0, station: 'mat', cautions: ['A pull, never a pinch.'], stopSigns: ['tingling', 'sharp pain'],
});
const RUSHED = fault('rushed', 'Slower; own every step.');

export const PREP = [
  travel({
    id: 'travel-series', name: 'March, shuffle, carioca, backward', aliases: ['travel warm-up'], pattern: 'travel-series', secondsPerRep: 3.2, share: { quadriceps: 0.2, glutes: 0.2, hamstrings: 0.12, hipFlexors: 0.16, gastrocnemius: 0.16, adductors: 0.16 }, demands: { 'ankle-foot': 1, 'hip-mobility': 1, 'lateral-push': 1, 'deceleration-cutting': 1 },
    cues: ['Out marching, back shuffling.', 'Then carioca and backward.', 'Tall all the way.'], faults: [RUSHED],
  }),
  travel({
    id: 'crawl-knees-up', name: 'Crawl, knees up', pattern: 'crawl', secondsPerRep: 3, share: { upperPush: 0.3, trunkAntiRotation: 0.34, quadriceps: 0.24, hipFlexors: 0.12 }, demands: { 'trunk-bracing': 1 },
    cues: ['Knees a hand off the floor.', 'Opposite hand and foot.', 'Back still.'], faults: [fault('hips sway', 'Smaller steps.')], speed: 'slow',
  }),
  travel({
    id: 'march-skip-series', name: 'March to skip', pattern: 'march-skip', secondsPerRep: 1.4, share: { hipFlexors: 0.34, glutes: 0.2, hamstrings: 0.12, gastrocnemius: 0.2, soleus: 0.14 }, demands: { 'top-speed': 1, 'ankle-foot': 1 },
    cues: ['Knee up, toe up.', 'Foot down under the hip.', 'Arms long.'], faults: [RUSHED],
  }),
  travel({
    id: 'inchworm', name: 'Inchworm', pattern: 'inchworm', doseUnit: 'reps', secondsPerRep: 8, speed: 'slow', share: { hamstrings: 0.3, trunkFlexion: 0.34, upperPush: 0.36 }, demands: { hamstring: 1, 'trunk-bracing': 1 },
    cues: ['Straight legs.', 'Walk the hands out.', 'Small steps in.'], faults: [RUSHED],
  }),
  travel({
    id: 'knee-hug-lunge', name: 'Knee hug to lunge', pattern: 'knee-hug', doseUnit: 'reps', per: 'side', secondsPerRep: 4, speed: 'slow', share: { glutes: 0.34, hipFlexors: 0.34, quadriceps: 0.32 }, demands: { 'hip-mobility': 2 },
    cues: ['Hug tall.', 'Long step.', 'Push up through the heel.'], faults: [RUSHED],
  }),
  open({
    id: 'deep-lunge-opener', name: 'Deep lunge opener', pattern: 'lunge-opener', share: { hipFlexors: 0.5, adductors: 0.3, glutes: 0.2 }, demands: { 'hip-mobility': 3, groin: 1 }, builds: ['R6'],
    cues: ['Back leg long.', 'Elbow to the instep.', 'Turn and reach.'], faults: [RUSHED],
  }),
  open({
    id: 'knee-to-wall-mobility', name: 'Knee to wall, ankle', pattern: 'ankle-mobility', equipment: { allOf: ['wall'], anyOf: [] }, station: 'wall', space: 'wall', share: { soleus: 0.7, gastrocnemius: 0.3 }, demands: { 'ankle-foot': 2, 'landing-absorption': 1 }, builds: ['R2', 'R4'],
    cues: ['Heel down.', 'Knee over the little toe.', 'Ease in and out.'], faults: [fault('heel lifts', 'Foot closer.', 'R4')],
  }),
  open({
    id: 'contract-relax-hamstring', name: 'Hamstring, contract and relax', pattern: 'hamstring-mobility', equipment: { allOf: ['mat'], anyOf: [] }, share: { hamstrings: 0.9, gastrocnemius: 0.1 }, demands: { hamstring: 1, 'hip-mobility': 2 }, builds: ['R1'],
    cues: ['Push the heel down, six seconds.', 'Relax, lift further.', 'Ramp the effort.'], faults: [RUSHED], cautions: ['Ramp over two seconds; never on a recent strain; stop on tingling.'],
  }),
  open({
    id: 'squat-prying', name: 'Deep squat opener', pattern: 'squat-opener', per: null, share: { adductors: 0.5, glutes: 0.2, soleus: 0.3 }, demands: { 'hip-mobility': 3, 'ankle-foot': 1 }, builds: ['R2'],
    cues: ['Elbows push the knees.', 'Heels down.', 'Rock side to side.'], faults: [RUSHED],
  }),
  open({
    id: 'walk-and-breathe', name: 'Walk, breathe, calf and ankle', pattern: 'cool-down', doseUnit: 'minutes', per: null, secondsPerRep: 60, share: { gastrocnemius: 0.4, soleus: 0.4, hipFlexors: 0.2 }, demands: {},
    cues: ['Easy walk, long breaths out.', 'Calf and ankle against the wall.'], faults: [RUSHED], station: 'open',
  }),
];
