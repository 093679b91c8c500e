import type { WeakMoment } from '$core/startline';

/** Moments of any sport in which an athlete may be weak; a sport adds its own (START-12). */
export const MOMENTS: readonly WeakMoment[] = [
  { id: 'any-first-step', name: 'a slow first step', quality: 'power', muscles: ['glutes', 'quadriceps'] },
  { id: 'any-second-jump', name: 'a lost second jump', quality: 'fast-ssc', muscles: ['gastrocnemius', 'quadriceps'] },
  {
    id: 'any-landing',
    name: 'a wobble on landing',
    quality: 'landing',
    muscles: ['glutes', 'abductors', 'quadriceps'],
  },
  { id: 'any-stop', name: 'slow to stop and turn', quality: 'eccentric', muscles: ['quadriceps', 'hamstrings'] },
  { id: 'any-contact', name: 'moved aside in contact', quality: 'max-strength', muscles: ['glutes', 'quadriceps'] },
  {
    id: 'any-late',
    name: 'heavy legs late in the event',
    quality: 'strength-endurance',
    muscles: ['quadriceps', 'glutes'],
  },
  {
    id: 'any-trunk',
    name: 'bends when pushed or held',
    quality: 'stability',
    muscles: ['trunkAntiRotation', 'trunkSide'],
  },
];
