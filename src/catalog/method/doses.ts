import type { MethodTables } from '$core/method';

/**
 * The dose table (method 6). Sets and amounts are ranges; intensity is a share of 1RM; rest in seconds.
 * Source: method 6, working defaults of coaching practice.
 */
export const DOSES = {
  'D-STR': { name: 'structure', quality: 'structure', sets: [3, 4], amounts: { reps: [8, 15] }, intensity: [0.6, 0.75], rir: [2, 4], fast: false, rest: [60, 120], tempo: '3 down', gentler: null, atLeast: null, progresses: true, hard: true },
  'D-MAX': { name: 'maximal strength', quality: 'max-strength', sets: [3, 5], amounts: { reps: [3, 6] }, intensity: [0.77, 0.88], rir: [1, 3], fast: false, rest: [150, 240], tempo: null, gentler: 'D-STR', atLeast: 'developing', progresses: true, hard: true },
  'D-PEAK': { name: 'maximal strength, peak', quality: 'max-strength', sets: [2, 4], amounts: { reps: [1, 3] }, intensity: [0.86, 0.94], rir: [1, 2], fast: false, rest: [180, 300], tempo: null, gentler: 'D-MAX', atLeast: 'trained', progresses: true, hard: true },
  'D-POW': { name: 'power', quality: 'power', sets: [3, 5], amounts: { reps: [2, 4] }, intensity: [0.65, 0.85], rir: null, fast: true, rest: [120, 180], tempo: null, gentler: null, atLeast: null, progresses: true, hard: true },
  'D-BAL': { name: 'ballistic power', quality: 'power', sets: [3, 5], amounts: { reps: [3, 5] }, intensity: [0, 0.4], rir: null, fast: true, rest: [120, 180], tempo: null, gentler: null, atLeast: null, progresses: true, hard: true },
  'D-MAINT': { name: 'in-season maintenance', quality: 'max-strength', sets: [2, 3], amounts: { reps: [4, 8] }, intensity: [0.7, 0.83], rir: [2, 4], fast: false, rest: [60, 150], tempo: null, gentler: null, atLeast: null, progresses: true, hard: true },
  'D-MICRO': { name: 'micro-dose', quality: 'max-strength', sets: [1, 2], amounts: { reps: [2, 4] }, intensity: [0.8, 0.88], rir: [2, 3], fast: false, rest: [120, 120], tempo: null, gentler: null, atLeast: null, progresses: true, hard: true },
  'D-ASST': { name: 'assistance', quality: 'structure', sets: [2, 4], amounts: { reps: [6, 15], seconds: [20, 40], metres: [10, 20] }, intensity: null, rir: [2, 3], fast: false, rest: [30, 90], tempo: null, gentler: null, atLeast: null, progresses: true, hard: true },
  'D-END': { name: 'strength-endurance', quality: 'strength-endurance', sets: [2, 5], amounts: { reps: [15, 20], seconds: [30, 60] }, intensity: null, rir: [2, 4], fast: false, rest: [30, 60], tempo: null, gentler: null, atLeast: null, progresses: true, hard: true },
  'D-ISO': { name: 'isometric', quality: 'isometric', sets: [3, 5], amounts: { seconds: [20, 45] }, intensity: null, rir: null, fast: false, rest: [60, 120], tempo: null, gentler: null, atLeast: null, progresses: true, hard: true },
  'D-ECC': { name: 'eccentric', quality: 'eccentric', sets: [2, 4], amounts: { reps: [3, 10] }, intensity: null, rir: [2, 3], fast: false, rest: [90, 180], tempo: '3-5 down', gentler: null, atLeast: null, progresses: true, hard: true },
  'D-TRK': { name: 'trunk', quality: 'stability', sets: [2, 3], amounts: { reps: [6, 12], seconds: [15, 40] }, intensity: null, rir: [2, 3], fast: false, rest: [30, 60], tempo: null, gentler: null, atLeast: null, progresses: true, hard: true },
  'D-LAND': { name: 'landing', quality: 'landing', sets: [2, 4], amounts: { reps: [3, 6] }, intensity: null, rir: null, fast: false, rest: [45, 90], tempo: null, gentler: null, atLeast: null, progresses: true, hard: false },
  'D-SLOW': { name: 'slow stretch–shortening jumps', quality: 'slow-ssc', sets: [3, 5], amounts: { reps: [3, 6] }, intensity: null, rir: null, fast: false, rest: 'school', tempo: null, gentler: null, atLeast: null, progresses: true, hard: false },
  'D-FAST': { name: 'fast stretch–shortening jumps', quality: 'fast-ssc', sets: [3, 5], amounts: { reps: [5, 10], seconds: [10, 15] }, intensity: null, rir: null, fast: false, rest: 'school', tempo: null, gentler: null, atLeast: null, progresses: true, hard: false },
  'D-SHOCK': { name: 'drop jumps', quality: 'fast-ssc', sets: [2, 4], amounts: { reps: [3, 6] }, intensity: null, rir: null, fast: false, rest: [120, 180], tempo: null, gentler: 'D-FAST', atLeast: 'trained', progresses: true, hard: false },
  'D-SKILL': { name: 'skill', quality: 'skill', sets: [2, 4], amounts: { reps: [3, 6], seconds: [10, 30], metres: [10, 20] }, intensity: null, rir: null, fast: false, rest: [15, 45], tempo: null, gentler: null, atLeast: null, progresses: true, hard: false },
  'D-STAB': { name: 'stability', quality: 'stability', sets: [2, 3], amounts: { reps: [5, 10], seconds: [20, 40] }, intensity: null, rir: null, fast: false, rest: [20, 45], tempo: 'slow', gentler: null, atLeast: null, progresses: true, hard: true },
  'D-MOB': { name: 'mobility', quality: 'mobility', sets: [1, 3], amounts: { seconds: [30, 30], reps: [5, 8] }, intensity: null, rir: null, fast: false, rest: [0, 15], tempo: null, gentler: null, atLeast: null, progresses: false, hard: false },
  'D-SLED': { name: 'sled and carries', quality: 'conditioning', sets: [4, 20], amounts: { metres: [15, 30] }, intensity: null, rir: null, fast: false, rest: [30, 60], tempo: null, gentler: null, atLeast: null, progresses: true, hard: true },
  'D-COND': { name: 'shuttles and intervals', quality: 'conditioning', sets: [2, 10], amounts: { seconds: [15, 40] }, intensity: null, rir: null, fast: false, rest: 'work', tempo: null, gentler: null, atLeast: null, progresses: true, hard: false },
  'D-PYR': { name: 'hold pyramid', quality: 'isometric', sets: [3, 5], amounts: { seconds: [8, 40] }, intensity: null, rir: null, fast: false, rest: [4, 15], tempo: null, gentler: null, atLeast: null, progresses: true, hard: true },
  'D-PREP': { name: 'prep', quality: 'skill', sets: [1, 1], amounts: { metres: [10, 20], reps: [5, 8], seconds: [20, 30] }, intensity: null, rir: null, fast: false, rest: [0, 0], tempo: null, gentler: null, atLeast: null, progresses: false, hard: false },
  'D-COOL': { name: 'cool-down', quality: 'mobility', sets: [1, 1], amounts: { minutes: [5, 10] }, intensity: null, rir: null, fast: false, rest: [0, 0], tempo: null, gentler: null, atLeast: null, progresses: false, hard: false },
} as const satisfies MethodTables['doses'];
