import { family, fault, lands } from './entry';

const jump = family({
  family: 'jump', qualities: ['slow-ssc'], speed: 'maximal', secondsPerRep: 4, setUpSeconds: 4, soreness: 1, space: 'none', station: 'open',
  cautions: ['Dry floor, shoes tied, room to land.'], stopSigns: ['landing pain', 'a limp'], call: { ready: 'Set', go: 'Jump' }, builds: ['K1', 'K2'],
});
const TWO = { quadriceps: 0.34, glutes: 0.24, hamstrings: 0.12, gastrocnemius: 0.16, soleus: 0.14 };
const STIFF = { quadriceps: 0.14, glutes: 0.06, gastrocnemius: 0.38, soleus: 0.28, tibialisAnterior: 0.06, foot: 0.08 };
const LANDING = { quadriceps: 0.38, glutes: 0.26, hamstrings: 0.1, gastrocnemius: 0.12, soleus: 0.14 };
const LOUD = fault('loud landing', 'Land like a cat: quieter than the last.', 'K2');
const KNEES_IN = fault('knees fall in', 'Knees over feet, hold.', 'C6');
const SHALLOW = fault('no full extension', 'Finish tall: ankle, knee, hip.', 'K1');
const LONG_CONTACT = fault('long ground contact', 'Hot floor; stiffer ankle.');

export const JUMPS = [
  jump({
    id: 'rise-to-extension', name: 'Rise to full extension', pattern: 'rise', qualities: ['skill'], speed: 'fast', secondsPerRep: 2.5, soreness: 0, plyo: lands({ tier: 'low', contactsPerRep: 0, maximal: false, ssc: 'none' }),
    share: TWO, demands: { 'vertical-jump-two-foot': 1, 'ankle-foot': 1 }, cues: ['Quick quarter dip.', 'Arms back to up.', 'Tall on the toes, stay.'], faults: [SHALLOW],
  }),
  jump({
    id: 'snap-down', name: 'Snap-down and stick', pattern: 'snap-down', qualities: ['landing', 'skill'], speed: 'fast', secondsPerRep: 4, soreness: 0, plyo: lands({ tier: 'low', intent: 'stick', maximal: false, ssc: 'none' }),
    share: LANDING, demands: { 'landing-absorption': 2, 'deceleration-cutting': 1, 'knee-tendon': 1 }, cues: ['From tall to landed.', 'Feet flat at once.', 'Hold two seconds.'], faults: [LOUD, KNEES_IN], call: { ready: 'Tall', go: 'Snap' },
  }),
  jump({
    id: 'jump-and-stick', name: 'Jump and stick', pattern: 'jump-stick', qualities: ['landing', 'slow-ssc', 'skill'], plyo: lands({ tier: 'medium', intent: 'stick' }), secondsPerRep: 5,
    share: LANDING, demands: { 'vertical-jump-two-foot': 2, 'landing-absorption': 2, 'knee-tendon': 1 }, cues: ['Jump tall.', 'Land soft, feet flat.', 'Hold two.'], faults: [LOUD, KNEES_IN, SHALLOW],
  }),
  jump({
    id: 'squat-jump', name: 'Squat jump', pattern: 'squat-jump', plyo: lands({ tier: 'medium', ssc: 'none' }), secondsPerRep: 5,
    share: TWO, demands: { 'vertical-jump-two-foot': 3, 'horizontal-power': 1, 'max-strength': 1 }, cues: ['Sit, hold one.', 'No second dip.', 'Up through the roof.'], faults: [fault('dips again', 'Hold a full second first.'), LOUD],
  }),
  jump({
    id: 'countermovement-jump', name: 'Countermovement jump', aliases: ['CMJ'], pattern: 'cmj', plyo: lands({ tier: 'medium' }), secondsPerRep: 5,
    share: TWO, demands: { 'vertical-jump-two-foot': 3, 'landing-absorption': 1, 'max-strength': 1, collision: 1 }, cues: ['Quick dip.', 'Arms throw you up.', 'Reset every rep.'], faults: [SHALLOW, LOUD, KNEES_IN],
  }),
  jump({
    id: 'tuck-jump', name: 'Tuck jump', pattern: 'tuck', plyo: lands({ tier: 'medium' }), share: { quadriceps: 0.3, glutes: 0.2, hamstrings: 0.1, hipFlexors: 0.12, gastrocnemius: 0.16, soleus: 0.12 },
    demands: { 'vertical-jump-two-foot': 2, 'reactive-stiffness': 1, 'hip-mobility': 1 }, cues: ['Jump first, then tuck.', 'Thighs to hands.', 'Land under the hips.'], faults: [fault('chest drops to the knees', 'Knees up, not chest down.'), LOUD],
  }),
  jump({
    id: 'repeated-tuck-jump', name: 'Repeated tuck jump', pattern: 'tuck-repeated', qualities: ['fast-ssc'], plyo: lands({ tier: 'high', ssc: 'fast' }), secondsPerRep: 1.2, soreness: 2, gates: [{ kind: 'level', of: 'jump', atLeast: 'developing' }],
    share: { quadriceps: 0.28, glutes: 0.18, hamstrings: 0.1, hipFlexors: 0.12, gastrocnemius: 0.18, soleus: 0.14 }, demands: { 'vertical-jump-two-foot': 2, 'reactive-stiffness': 2, 'repeat-effort': 2 }, cues: ['Same spot every time.', 'Off the floor at once.', 'Stop when it slows.'], faults: [LONG_CONTACT, LOUD],
  }),
  jump({
    id: 'box-jump', name: 'Box jump, step down', pattern: 'box-jump', equipment: { allOf: ['box'], anyOf: [] }, station: 'box', setUpSeconds: 6, plyo: lands({ tier: 'medium', maximal: true }), secondsPerRep: 6, soreness: 0,
    share: TWO, demands: { 'vertical-jump-two-foot': 2, 'horizontal-power': 1 }, cues: ['Land no deeper than the dip.', 'Feet flat on the box.', 'Step down.'], faults: [fault('lands in a deep squat', 'Lower box.'), LOUD], cautions: ['Box no higher than a soft landing; chairs never; step down.'],
  }),
  jump({
    id: 'drop-and-stick', name: 'Low drop and stick', pattern: 'drop-stick', qualities: ['landing'], equipment: { allOf: ['box'], anyOf: [] }, station: 'box', plyo: lands({ tier: 'medium', intent: 'stick', ssc: 'none', dropM: 0.3, tierAbove: [{ over: 'drop', limit: 0.3, tier: 'high' }], maximal: false }), secondsPerRep: 6, gates: [{ kind: 'test', test: 'K2' }],
    share: LANDING, demands: { 'landing-absorption': 3, 'knee-tendon': 1, 'deceleration-cutting': 2 }, cues: ['Step off, do not jump.', 'Quiet feet.', 'Hold three.'], faults: [LOUD, KNEES_IN],
  }),
  jump({
    id: 'single-leg-drop-stick', name: 'Single-leg drop and stick', pattern: 'drop-stick-single', qualities: ['landing'], stance: 'single-leg', per: 'side', equipment: { allOf: ['box'], anyOf: [] }, station: 'box', plyo: lands({ tier: 'high', legs: 'one', intent: 'stick', ssc: 'none', dropM: 0.2, maximal: false }), secondsPerRep: 6, soreness: 2, gates: [{ kind: 'test', test: 'C6' }],
    share: { quadriceps: 0.34, glutes: 0.26, abductors: 0.12, gastrocnemius: 0.12, soleus: 0.12, foot: 0.04 }, demands: { 'landing-absorption': 3, 'balance-gaze': 2, 'deceleration-cutting': 2, 'ankle-foot': 1 }, cues: ['Low box.', 'Knee over the foot.', 'Hold three.'], faults: [KNEES_IN, fault('trunk tips sideways', 'Lower box.', 'C6')],
  }),
  jump({
    id: 'drop-jump', name: 'Drop jump', pattern: 'drop-jump', qualities: ['fast-ssc'], equipment: { allOf: ['box'], anyOf: [] }, station: 'box', plyo: lands({ tier: 'shock', ssc: 'fast', contactsPerRep: 2, intent: 'short-contact', dropM: 0.3 }), secondsPerRep: 8, soreness: 3, gates: [{ kind: 'test', test: 'C7' }],
    share: { quadriceps: 0.26, glutes: 0.16, hamstrings: 0.08, gastrocnemius: 0.28, soleus: 0.22 }, demands: { 'reactive-stiffness': 3, 'vertical-jump-two-foot': 2, 'landing-absorption': 1, 'top-speed': 1 }, cues: ['Step off.', 'Hot floor.', 'As high as you can off it.'], faults: [LONG_CONTACT, fault('heels touch', 'Lower box.')], cautions: ['Low box; stop when contacts lengthen.'],
  }),
  jump({
    id: 'line-hops-two-feet', name: 'Line hops, two feet', pattern: 'line-hops', qualities: ['skill', 'fast-ssc'], speed: 'fast', doseUnit: 'seconds', secondsPerRep: 1, soreness: 0, plyo: lands({ tier: 'low', ssc: 'fast', cadencePerSecond: 2, intent: 'speed', maximal: false, direction: 'lateral' }),
    share: STIFF, demands: { 'reactive-stiffness': 1, 'ankle-foot': 2, 'repeat-effort': 1 }, cues: ['Quick and low.', 'On the balls of the feet.', 'Eyes up.'], faults: [LONG_CONTACT],
  }),
  jump({
    id: 'line-hops-one-foot', name: 'Line hops, one foot', pattern: 'line-hops-single', qualities: ['skill', 'fast-ssc'], stance: 'single-leg', per: 'side', speed: 'fast', doseUnit: 'seconds', secondsPerRep: 1, plyo: lands({ tier: 'low', legs: 'one', ssc: 'fast', cadencePerSecond: 2, intent: 'speed', maximal: false, direction: 'lateral' }), gates: [{ kind: 'test', test: 'C1' }],
    share: STIFF, demands: { 'reactive-stiffness': 2, 'ankle-foot': 3, 'balance-gaze': 1 }, cues: ['Quick and low.', 'Knee soft, ankle stiff.', 'Hips level.'], faults: [LONG_CONTACT, KNEES_IN],
  }),
  jump({
    id: 'assisted-pogo', name: 'Pogo, hands on support', pattern: 'pogo-assisted', qualities: ['fast-ssc', 'skill'], equipment: { allOf: [], anyOf: ['wall', 'rack'] }, speed: 'fast', secondsPerRep: 0.6, soreness: 0, plyo: lands({ tier: 'low', ssc: 'fast', intent: 'short-contact', maximal: false }),
    share: STIFF, demands: { 'reactive-stiffness': 1, 'ankle-foot': 1 }, cues: ['Hands take some weight.', 'Bounce from the ankles.', 'Heels off the floor.'], faults: [LONG_CONTACT],
  }),
  jump({
    id: 'pogo', name: 'Pogo, two feet', aliases: ['ankle hops'], pattern: 'pogo', qualities: ['fast-ssc', 'skill'], speed: 'fast', secondsPerRep: 0.6, plyo: lands({ tier: 'low', ssc: 'fast', intent: 'short-contact', maximal: false }),
    share: STIFF, demands: { 'reactive-stiffness': 3, 'ankle-foot': 2, 'top-speed': 1 }, cues: ['Stiff ankles, soft knees.', 'Off the floor at once.', 'Toes up in the air.'], faults: [LONG_CONTACT, fault('knees bend', 'Bounce, do not squat.')],
  }),
  jump({
    id: 'lateral-pogo', name: 'Lateral pogo', pattern: 'pogo-lateral', qualities: ['fast-ssc'], plane: 'frontal', vector: 'lateral', speed: 'fast', secondsPerRep: 0.6, plyo: lands({ tier: 'low', ssc: 'fast', intent: 'short-contact', maximal: false, direction: 'lateral', inPlace: false }), gates: [{ kind: 'rung', ladder: 'pogos', rung: 2 }],
    share: STIFF, demands: { 'reactive-stiffness': 2, 'ankle-foot': 3, 'lateral-push': 1 }, cues: ['A foot to each side.', 'Same rhythm.', 'Ankles do it.'], faults: [LONG_CONTACT],
  }),
  jump({
    id: 'broad-jump-stick', name: 'Broad jump and stick', pattern: 'broad', qualities: ['slow-ssc', 'landing'], vector: 'horizontal', space: 'lane', station: 'lane', secondsPerRep: 8, plyo: lands({ tier: 'medium', inPlace: false, direction: 'horizontal', intent: 'distance' }),
    share: { quadriceps: 0.28, glutes: 0.3, hamstrings: 0.16, gastrocnemius: 0.14, soleus: 0.12 }, demands: { 'horizontal-power': 3, 'landing-absorption': 2, 'vertical-jump-two-foot': 1, 'deceleration-cutting': 1 }, cues: ['Throw the arms.', 'Long and low.', 'Stick it.'], faults: [LOUD, fault('falls forward', 'Shorter; hips back.')],
  }),
  jump({
    id: 'double-broad-vertical', name: 'Two broad jumps into a vertical', pattern: 'broad-vertical', vector: 'horizontal', space: 'lane', station: 'lane', secondsPerRep: 12, soreness: 2, plyo: lands({ tier: 'high', contactsPerRep: 3, inPlace: false, direction: 'horizontal' }), gates: [{ kind: 'level', of: 'jump', atLeast: 'developing' }],
    share: { quadriceps: 0.3, glutes: 0.28, hamstrings: 0.14, gastrocnemius: 0.15, soleus: 0.13 }, demands: { 'horizontal-power': 3, 'vertical-jump-two-foot': 2, 'reactive-stiffness': 1, 'landing-absorption': 1 }, cues: ['Two long, one high.', 'Do not stop between.', 'Turn it upwards.'], faults: [LONG_CONTACT, LOUD],
  }),
  jump({
    id: 'power-skip', name: 'Power skip', pattern: 'power-skip', stance: 'alternating', per: 'side', space: 'lane', station: 'lane', secondsPerRep: 1.2, plyo: lands({ tier: 'low', legs: 'alternate', inPlace: false, direction: 'vertical' }),
    share: { quadriceps: 0.2, glutes: 0.26, hamstrings: 0.12, hipFlexors: 0.14, gastrocnemius: 0.16, soleus: 0.12 }, demands: { 'vertical-jump-one-foot': 3, 'top-speed': 1, 'reactive-stiffness': 1 }, cues: ['Knee punches up.', 'Opposite arm high.', 'Hang.'], faults: [SHALLOW], qualities: ['slow-ssc', 'skill'],
  }),
  jump({
    id: 'run-run-jump', name: 'Run-run-jump, one foot', pattern: 'one-foot-approach', stance: 'single-leg', per: 'side', space: 'lane', station: 'lane', secondsPerRep: 10, soreness: 2, plyo: lands({ tier: 'high', legs: 'one', inPlace: false }), gates: [{ kind: 'test', test: 'C6' }, { kind: 'level', of: 'jump', atLeast: 'developing' }],
    share: { quadriceps: 0.26, glutes: 0.26, hamstrings: 0.12, hipFlexors: 0.08, gastrocnemius: 0.16, soleus: 0.12 }, demands: { 'vertical-jump-one-foot': 3, 'reactive-stiffness': 2, 'horizontal-power': 1 }, cues: ['Rhythm: run, run, up.', 'Flat quick last step.', 'Knee drives.'], faults: [fault('brakes into the take-off', 'Slower approach.'), LOUD],
  }),
  jump({
    id: 'split-jump-stick', name: 'Split jump and stick', pattern: 'split-jump', qualities: ['landing', 'slow-ssc'], stance: 'split', per: 'side', secondsPerRep: 4, plyo: lands({ tier: 'medium', intent: 'stick', legs: 'two' }), gates: [{ kind: 'test', test: 'C3' }],
    share: { quadriceps: 0.36, glutes: 0.26, adductors: 0.1, hamstrings: 0.08, gastrocnemius: 0.1, soleus: 0.1 }, demands: { 'landing-absorption': 2, 'deceleration-cutting': 2, 'vertical-jump-one-foot': 1, 'knee-tendon': 1 }, cues: ['Up and land in the same split.', 'Front knee over the foot.', 'Hold two.'], faults: [KNEES_IN, LOUD],
  }),
  jump({
    id: 'switching-split-jump', name: 'Switching split jump', pattern: 'split-jump-switch', qualities: ['slow-ssc'], stance: 'split', secondsPerRep: 1.5, soreness: 3, plyo: lands({ tier: 'medium', tierAbove: [{ over: 'amount', limit: 5, tier: 'high' }] }), gates: [{ kind: 'test', test: 'C5' }],
    share: { quadriceps: 0.34, glutes: 0.26, adductors: 0.1, hamstrings: 0.1, gastrocnemius: 0.1, soleus: 0.1 }, demands: { 'vertical-jump-one-foot': 1, 'repeat-effort': 2, 'landing-absorption': 1, 'deceleration-cutting': 1 }, cues: ['Switch at the top.', 'Land in a full split.', 'Tall chest.'], faults: [KNEES_IN, fault('short split', 'Bigger step; fewer reps.')],
  }),
];
