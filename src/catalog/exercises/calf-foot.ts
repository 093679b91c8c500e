import { family, fault } from './entry';

const calf = family({
  family: 'calf-foot', qualities: ['structure', 'strength-endurance'], secondsPerRep: 2.5, setUpSeconds: 3, soreness: 1, builds: ['calf-straight', 'calf-bent', 'C1'],
  cautions: ['Rail or wall within reach.'], stopSigns: ['tendon pain above 3'],
});
const ROLLS = fault('foot rolls outwards', 'Weight over the big toe.', 'C1');

export const CALF_FOOT = [
  calf({
    id: 'calf-raise-two-leg', name: 'Calf raise, two legs', pattern: 'calf-straight-two', share: { gastrocnemius: 0.6, soleus: 0.3, foot: 0.1 }, demands: { 'ankle-foot': 2, 'reactive-stiffness': 1 },
    cues: ['Full height.', 'Pause on top.', 'Slow down.'], faults: [ROLLS], soreness: 0,
  }),
  calf({
    id: 'calf-raise-one-leg', name: 'Calf raise, one leg', pattern: 'calf-straight-one', stance: 'single-leg', per: 'side', share: { gastrocnemius: 0.6, soleus: 0.28, foot: 0.12 }, demands: { 'ankle-foot': 3, 'reactive-stiffness': 1, 'balance-gaze': 1 },
    cues: ['Knee straight.', 'Full height every rep.', 'No bounce.'], faults: [ROLLS, fault('height fades', 'Stop the set there.')],
  }),
  calf({
    id: 'bent-knee-calf-raise', name: 'Bent-knee calf raise', pattern: 'calf-bent', stance: 'single-leg', per: 'side', share: { soleus: 0.72, gastrocnemius: 0.16, foot: 0.12 }, demands: { 'ankle-foot': 3, 'top-speed': 1, 'repeat-effort': 1 },
    cues: ['Keep the knee bent.', 'Up over the big toe.', 'Slow down.'], faults: [ROLLS, fault('knee straightens', 'Shin angle stays.')],
  }),
  calf({
    id: 'heel-raised-hold', name: 'Heel-raised hold', pattern: 'calf-hold', qualities: ['isometric'], stance: 'single-leg', per: 'side', doseUnit: 'seconds', speed: 'hold', secondsPerRep: 1, soreness: 0, share: { soleus: 0.5, gastrocnemius: 0.36, foot: 0.14 }, demands: { 'ankle-foot': 2, 'reactive-stiffness': 1, 'knee-tendon': 1 },
    cues: ['Just below full height.', 'Still as a post.', 'Breathe.'], faults: [ROLLS],
  }),
  calf({
    id: 'tibialis-raise', name: 'Tibialis raise', pattern: 'tibialis', equipment: { allOf: ['wall'], anyOf: [] }, station: 'wall', space: 'wall', share: { tibialisAnterior: 0.86, foot: 0.14 }, demands: { 'ankle-foot': 2, 'deceleration-cutting': 1 },
    cues: ['Hips on the wall.', 'Toes to the shins.', 'Slow down.'], faults: [fault('knees bend', 'Straight legs; feet closer.')],
  }),
];
