import { family, fault } from './entry';

const hinge = family({
  family: 'hinge', qualities: ['structure', 'max-strength'], dominance: { knee: 0.15, hip: 0.85 }, soreness: 2, secondsPerRep: 4,
  equipment: { allOf: ['barbell'], anyOf: [] }, station: 'platform', setUpSeconds: 10, flags: ['axial'], builds: ['R1'],
  cautions: ['Back flat before the bar moves.', 'Stop at back or leg pain.'], stopSigns: ['back pain', 'pulling behind the thigh'],
  call: { ready: 'Tight', go: 'Up' },
});
const ROUNDS = fault('back rounds', 'Chest proud; shorten the range.', 'R1');
const SQUATS_IT = fault('knees travel forward', 'Hips to the wall behind you.');

export const HINGES = [
  hinge({
    id: 'dowel-hinge', name: 'Hip hinge with a stick', pattern: 'hinge-drill', qualities: ['skill'], equipment: { allOf: [], anyOf: [] }, station: 'open', setUpSeconds: 3, soreness: 0, flags: [],
    share: { glutes: 0.34, hamstrings: 0.36, trunkExtension: 0.3 }, demands: { hamstring: 1, 'hip-mobility': 2, 'trunk-bracing': 1 },
    cues: ['Head, back and tailbone on the stick.', 'Hips back, knees soft.'], faults: [ROUNDS, SQUATS_IT], cautions: ['Light and slow.'],
  }),
  hinge({
    id: 'dumbbell-rdl', name: 'Romanian deadlift, dumbbells', pattern: 'hinge-rdl-bells', equipment: { allOf: ['dumbbell'], anyOf: [] }, station: 'bells', setUpSeconds: 6, load: { kind: 'dumbbell', oneRepMax: null }, soreness: 1, flags: ['lengthened'],
    share: { glutes: 0.36, hamstrings: 0.42, adductors: 0.04, trunkExtension: 0.12, upperPull: 0.06 },
    demands: { 'max-strength': 2, hamstring: 2, 'top-speed': 1, 'trunk-bracing': 1, 'grip-pull': 1 },
    cues: ['Bells close to the legs.', 'Hips back until the hamstrings stop you.', 'Stand tall.'], faults: [ROUNDS, SQUATS_IT],
  }),
  hinge({
    id: 'romanian-deadlift', name: 'Romanian deadlift', aliases: ['RDL'], pattern: 'hinge-rdl', load: { kind: 'barbell', oneRepMax: { lift: 'deadlift', ratio: 0.75 } }, gates: [{ kind: 'test', test: 'R1' }], flags: ['axial', 'lengthened'],
    share: { glutes: 0.36, hamstrings: 0.44, adductors: 0.04, trunkExtension: 0.16 },
    demands: { 'max-strength': 3, hamstring: 3, 'top-speed': 2, 'horizontal-power': 2, 'trunk-bracing': 2, 'grip-pull': 1 },
    cues: ['Bar brushes the thighs.', 'Hips back, shins still.', 'Finish with the glutes.'], faults: [ROUNDS, SQUATS_IT],
  }),
  hinge({
    id: 'deadlift', name: 'Deadlift', pattern: 'hinge-deadlift', load: { kind: 'barbell', oneRepMax: { lift: 'deadlift', ratio: 1 } }, gates: [{ kind: 'test', test: 'R1' }], dominance: { knee: 0.3, hip: 0.7 },
    share: { quadriceps: 0.16, glutes: 0.34, hamstrings: 0.22, adductors: 0.06, trunkExtension: 0.22 },
    demands: { 'max-strength': 3, 'horizontal-power': 2, collision: 3, 'grip-pull': 3, 'trunk-bracing': 3, hamstring: 1 },
    cues: ['Push the floor.', 'Bar stays on the legs.', 'Hips and shoulders rise together.'], faults: [ROUNDS, fault('hips shoot up', 'Legs first; squeeze the slack out.')],
  }),
  hinge({
    id: 'trap-bar-deadlift', name: 'Trap-bar deadlift', pattern: 'hinge-trap-bar', equipment: { allOf: ['trap-bar'], anyOf: [] }, load: { kind: 'barbell', oneRepMax: { lift: 'deadlift', ratio: 1.05 } }, dominance: { knee: 0.45, hip: 0.55 }, soreness: 1, gates: [{ kind: 'test', test: 'R1' }],
    share: { quadriceps: 0.3, glutes: 0.3, hamstrings: 0.16, adductors: 0.06, trunkExtension: 0.18 },
    demands: { 'max-strength': 3, 'vertical-jump-two-foot': 2, 'horizontal-power': 2, collision: 3, 'grip-pull': 2, 'trunk-bracing': 2 },
    cues: ['Handles by the ankles.', 'Push the floor away.', 'Stand tall, no lean back.'], faults: [ROUNDS, fault('knees lock early', 'Legs and hips finish together.')],
  }),
  hinge({
    id: 'hip-thrust', name: 'Hip thrust', pattern: 'hinge-thrust', equipment: { allOf: ['barbell', 'bench'], anyOf: [] }, station: 'bench', setUpSeconds: 15, load: { kind: 'barbell', oneRepMax: { lift: 'deadlift', ratio: 0.9 } }, flags: [], dominance: { knee: 0.12, hip: 0.88 }, soreness: 1, vector: 'horizontal', secondsPerRep: 3, gates: [{ kind: 'level', of: 'lift', atLeast: 'developing' }],
    share: { glutes: 0.62, hamstrings: 0.2, adductors: 0.08, trunkExtension: 0.1 },
    demands: { 'max-strength': 2, 'horizontal-power': 3, 'top-speed': 2, hamstring: 1, collision: 1, 'lateral-push': 1 },
    cues: ['Chin tucked, ribs down.', 'Drive through the heels.', 'Shins upright at the top.'], faults: [fault('lower back arches', 'Tuck under; less load.'), fault('hamstrings cramp', 'Feet a little closer.', 'C2')],
  }),
  hinge({
    id: 'kettlebell-swing', name: 'Kettlebell swing', pattern: 'hinge-swing', qualities: ['power', 'strength-endurance'], equipment: { allOf: ['kettlebell'], anyOf: [] }, station: 'bells', load: { kind: 'kettlebell', oneRepMax: null }, speed: 'fast', secondsPerRep: 1.6, setUpSeconds: 5, flags: [], soreness: 1, vector: 'horizontal',
    gates: [{ kind: 'test', test: 'R1' }],
    share: { glutes: 0.42, hamstrings: 0.32, trunkExtension: 0.2, upperPull: 0.06 },
    demands: { 'horizontal-power': 3, hamstring: 2, 'repeat-effort': 2, 'grip-pull': 2, 'top-speed': 1 },
    cues: ['Hike it back.', 'Snap the hips.', 'Arms are ropes.'], faults: [SQUATS_IT, fault('arms lift the bell', 'Hips throw it; hands only hold.')],
  }),
  hinge({
    id: 'slide-leg-curl', name: 'Slide leg curl', aliases: ['sliding curl'], pattern: 'hinge-curl', qualities: ['eccentric'], equipment: { allOf: ['mat'], anyOf: ['slider', 'ball'] }, station: 'mat', setUpSeconds: 5, flags: ['lengthened'], soreness: 2, vector: 'horizontal', secondsPerRep: 5, dominance: { knee: 0.1, hip: 0.9 },
    share: { hamstrings: 0.66, glutes: 0.22, gastrocnemius: 0.06, trunkExtension: 0.06 },
    demands: { hamstring: 3, 'top-speed': 2, 'deceleration-cutting': 1 },
    cues: ['Hips stay up.', 'Slow out, four seconds.', 'Heels dig in.'], faults: [fault('hips drop', 'Shorter slide.', 'C2')], cautions: ['Start small: it leaves soreness.'],
  }),
  hinge({
    id: 'nordic-partial', name: 'Nordic lowering, partial', aliases: ['Nordic curl'], pattern: 'hinge-nordic', qualities: ['eccentric'], equipment: { allOf: ['mat'], anyOf: [] }, station: 'mat', setUpSeconds: 8, flags: ['lengthened'], soreness: 3, vector: 'horizontal', secondsPerRep: 6, dominance: { knee: 0.05, hip: 0.95 },
    partner: 'holds both ankles until the athlete is down', gates: [{ kind: 'test', test: 'C2' }],
    share: { hamstrings: 0.78, glutes: 0.1, gastrocnemius: 0.06, trunkExtension: 0.06 },
    demands: { hamstring: 3, 'top-speed': 2, 'deceleration-cutting': 2 },
    cues: ['Straight line from knee to shoulder.', 'Lower as slowly as you can.', 'Catch with the hands.'], faults: [fault('bends at the hip', 'Squeeze the glutes; shorter range.')],
    cautions: ['Two sets of three to start; never new in the four days before an event.'],
  }),
];
