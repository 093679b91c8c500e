import type { Demand, Family, Muscle, Suit } from '$core/library';
import type { Answer } from '$core/track';

/** Words of the field as a coach says them. */
export const FAMILY_WORDS: Readonly<Record<Family, string>> = {
  squat: 'squat',
  hinge: 'hinge',
  'single-leg-knee': 'single-leg knee',
  'single-leg-hip': 'single-leg hip',
  lateral: 'lateral',
  jump: 'jump',
  olympic: 'olympic and throws',
  'calf-foot': 'calf and foot',
  'hip-flexor': 'hip flexor',
  trunk: 'trunk',
  'upper-push': 'upper push',
  'upper-pull': 'upper pull',
  'carry-sled': 'carry and sled',
  locomotion: 'travel',
  mobility: 'mobility',
  agility: 'agility',
  conditioning: 'conditioning',
};

export const DEMAND_WORDS: Readonly<Record<Demand, string>> = {
  'max-strength': 'strength',
  'vertical-jump-two-foot': 'two-foot jump',
  'vertical-jump-one-foot': 'one-foot jump',
  'horizontal-power': 'start and acceleration',
  'top-speed': 'top speed',
  'deceleration-cutting': 'braking and cutting',
  'lateral-push': 'sideways push',
  'landing-absorption': 'landing',
  'reactive-stiffness': 'springy ankles',
  rotation: 'rotation',
  'trunk-bracing': 'bracing',
  'balance-gaze': 'single-leg control',
  groin: 'groin',
  hamstring: 'hamstring',
  'knee-tendon': 'knee tendon',
  'ankle-foot': 'ankle and foot',
  'hip-mobility': 'hip range',
  'repeat-effort': 'repeat effort',
  'grip-pull': 'grip and pull',
  collision: 'collision',
  overhead: 'overhead',
};

export const MUSCLE_WORDS: Readonly<Record<Muscle, string>> = {
  quadriceps: 'quadriceps',
  glutes: 'glutes',
  hamstrings: 'hamstrings',
  adductors: 'adductors',
  abductors: 'abductors',
  gastrocnemius: 'gastrocnemius',
  soleus: 'soleus',
  tibialisAnterior: 'tibialis anterior',
  foot: 'foot',
  hipFlexors: 'hip flexors',
  trunkFlexion: 'front of the trunk',
  trunkExtension: 'back of the trunk',
  trunkAntiRotation: 'anti-rotation',
  trunkSide: 'side of the trunk',
  upperPush: 'upper push',
  upperPull: 'upper pull',
};

export const ANSWER_WORDS: Readonly<Record<Answer, string>> = {
  fine: 'fine',
  usual: 'usual tightness',
  tight: 'overly tight',
  pain: 'pain',
};

/** Where an entry may stand on a card (SEL-10). */
export const SUIT_WORDS: Readonly<Record<Suit, string>> = {
  main: 'main lift',
  power: 'power',
  assist: 'assistance',
  guard: 'guard',
  prep: 'prep',
  finisher: 'finisher',
  'cool-down': 'cool-down',
};

export const BLOCK_WORDS: Readonly<Record<string, string>> = {
  prep: 'Prep',
  jumps: 'Jumps',
  power: 'Power',
  main: 'Main',
  'single-leg': 'Single-leg',
  assist: 'Assist',
  finisher: 'Finisher',
  mobility: 'Mobility',
  'cool-down': 'Cool-down',
};

/** Names that keep their capital inside a sentence. */
const PROPER = /^(Romanian|Nordic)/;

/** An exercise's name as it stands inside a sentence. */
export const inSentence = (name: string): string =>
  PROPER.test(name) ? name : name.replace(/^./, (first) => first.toLowerCase());

/** Words in a row as a sentence says them: `a, b and c`. */
export function listWords(words: readonly string[]): string {
  if (words.length <= 1) return words[0] ?? '';
  return `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;
}
