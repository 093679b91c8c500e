import type { MethodTables } from '$core/method';

/** PHASE-3: lead and beside rows, weekly hard sets, sessions, jump rows, and the jump factor of method 7. */
export const PHASES_TABLE = {
  transition: {
    name: 'transition',
    lead: ['D-ASST', 'D-MOB'],
    beside: ['D-TRK'],
    jump: ['D-SKILL', 'D-LAND'],
    weeklySets: { knee: [3, 6], hip: [3, 6], calfFoot: [2, 4], trunk: [4, 6] },
    sessions: [1, 2],
    jumpFactor: 0.3,
  },
  general: {
    name: 'off-season, general',
    lead: ['D-STR'],
    beside: ['D-ECC', 'D-ISO'],
    jump: ['D-LAND'],
    weeklySets: { knee: [8, 14], hip: [8, 14], calfFoot: [4, 8], trunk: [6, 10] },
    sessions: [2, 4],
    jumpFactor: 0.7,
  },
  specific: {
    name: 'off-season, specific',
    lead: ['D-MAX'],
    beside: ['D-POW', 'D-BAL'],
    jump: ['D-SLOW'],
    weeklySets: { knee: [8, 12], hip: [8, 12], calfFoot: [4, 6], trunk: [6, 8] },
    sessions: [2, 4],
    jumpFactor: 1,
  },
  'pre-season': {
    name: 'pre-season',
    lead: ['D-POW', 'D-BAL'],
    beside: ['D-MAX'],
    jump: ['D-SLOW', 'D-FAST'],
    weeklySets: { knee: [5, 8], hip: [5, 8], calfFoot: [3, 6], trunk: [4, 6] },
    sessions: [2, 3],
    jumpFactor: 0.9,
  },
  'in-season': {
    name: 'in season',
    lead: ['D-MAINT'],
    beside: ['D-BAL'],
    jump: ['D-SLOW', 'D-FAST'],
    weeklySets: { knee: [4, 10], hip: [4, 10], calfFoot: [2, 4], trunk: [3, 6] },
    sessions: [1, 3],
    jumpFactor: 0.5,
  },
  congested: {
    name: 'congested',
    lead: ['D-MICRO'],
    beside: ['D-MOB'],
    jump: ['D-SKILL'],
    weeklySets: { knee: [1, 3], hip: [1, 3], calfFoot: [1, 2], trunk: [2, 2] },
    sessions: [1, 2],
    jumpFactor: 0.25,
  },
  peak: {
    name: 'peak',
    lead: ['D-PEAK'],
    beside: ['D-BAL'],
    jump: ['D-FAST'],
    weeklySets: null,
    sessions: null,
    jumpFactor: 0.25,
  },
  return: {
    name: 'return',
    lead: ['D-ASST'],
    beside: ['D-ISO', 'D-STAB'],
    jump: ['D-SKILL'],
    weeklySets: null,
    sessions: null,
    jumpFactor: 0.25,
  },
} as const satisfies MethodTables['phases'];

/** Jump levels (method 7): contact budget of a full session, highest tier, low boxes for shock. */
export const JUMP_LEVELS = {
  foundation: { budget: [60, 80], highestTier: 'medium', maxShockDropM: null, sessionsPerWeek: [1, 2] },
  developing: { budget: [80, 100], highestTier: 'high', maxShockDropM: null, sessionsPerWeek: [2, 2] },
  trained: { budget: [100, 120], highestTier: 'shock', maxShockDropM: 0.3, sessionsPerWeek: [2, 3] },
  advanced: { budget: [120, 140], highestTier: 'shock', maxShockDropM: null, sessionsPerWeek: [2, 3] },
} as const satisfies MethodTables['jumpLevels'];
