import { DEFAULT_SCHOOLS } from '$core/method';
import { NO_HISTORY, type AthleteFacts } from '../src/core/athlete';
import type { Track } from '../src/core/track';
import type { Brief } from '../src/core/choose';
import type { Dose } from '../src/core/dose';
import { AS_TEMPLATE } from '../src/core/session';
import type { Room } from '../src/core/order';
import type { TestRecord } from '../src/core/testing';

/** An athlete who passed every screen and has lifts to load from; override what a case is about. */
export const athlete = (own: Partial<AthleteFacts> = {}): AthleteFacts => ({
  id: 'a1',
  name: 'Ines Roder',
  ageYears: 22,
  liftLevel: 'trained',
  jumpLevel: 'trained',
  bodyMassKg: 72,
  growthCmPerMonth: null,
  jumpSeasons: 3,
  tests: {
    R1: 'passed',
    R2: 'passed',
    R4: 'passed',
    R5: 'passed',
    C1: 'passed',
    C2: 'passed',
    C3: 'passed',
    C4: 'passed',
    C5: 'passed',
    C6: 'passed',
    K1: 'passed',
    K2: 'passed',
  },
  consentMissing: false,
  caution: 'none',
  unknown: [],
  e1rmKg: { 'back-squat': 105, deadlift: 130 },
  strength: { squat: 105 / 72, hinge: 130 / 72, stale: { squat: null, hinge: null } },
  complaints: [],
  pastInjuries: [],
  moment: null,
  atCeiling: [],
  focus: null,
  jumper: null,
  sides: null,
  controlRung: null,
  lighterFrom: null,
  fullFrom: null,
  history: NO_HISTORY,
  ...own,
});

export const brief = (own: Partial<Brief> = {}): Brief => ({
  day: '2026-11-24',
  phase: 'in-season',
  minutes: 55,
  sportId: 'team-handball',
  weekOfBlock: 2,
  lighterWeek: false,
  peakSets: null,
  practiceJumps: 0,
  afterHeavy: false,
  planned: [],
  role: null,
  jumpRows: null,
  schools: DEFAULT_SCHOOLS,
  place: {
    lane: true,
    equipment: [
      'barbell',
      'rack',
      'dumbbell',
      'kettlebell',
      'bench',
      'box',
      'band',
      'mat',
      'wall',
      'landmine',
      'med-ball',
      'slider',
      'pull-up-bar',
      'trap-bar',
    ],
    loading: {
      barbell: { bar: 20, pairs: [20, 10, 5, 2.5, 1.25].map((mass) => ({ mass, count: 4 })) },
      bellsKg: [8, 10, 12, 16, 20, 24, 28],
    },
    hardSurface: false,
    racks: 4,
  },
  events: [{ day: '2026-11-28', kind: 'league' }],
  athletes: Array.from({ length: 14 }, (_, i) => athlete({ id: `a${i + 1}`, name: `Athlete ${i + 1}` })),
  sets: null,
  mostSets: null,
  week: null,
  covered: {},
  balance: { knee: 0, hip: 0 },
  noClearDay: false,
  own: false,
  calendars: {},
  tracks: {},
  begun: {},
  running: {
    phase: own.phase ?? 'in-season',
    entries: {},
    prep: [],
    otherDays: [],
    lastBlock: [],
    doses: {},
    steps: {},
    again: {},
    climbs: {},
    rests: {},
    held: {},
  },
  pins: {},
  shape: AS_TEMPLATE,
  typed: [],
  keepRunning: true,
  primer: false,
  ...own,
});

/** A track that owns a dose, done on a day; override what a case is about. */
export const trackOf = (exerciseId: string, row: Track['row'], owned: Dose, own: Partial<Track> = {}): Track => ({
  exerciseId,
  row,
  role: '',
  owned: { dose: owned, by: 'done', rules: [] },
  before: null,
  movedTo: null,
  exposures: [],
  done: 1,
  clean: 1,
  firstDone: '2026-11-10',
  lastDone: '2026-11-17',
  sentDown: 0,
  heldThrough: null,
  ...own,
});

/** Everything in the library done a week ago: nothing is new to anybody. */
export const allDone = (ids: Iterable<string>, day = '2026-11-17'): AthleteFacts['history'] => ({
  ...NO_HISTORY,
  lastDone: Object.fromEntries([...ids].map((id) => [id, day])),
  lastSession: day,
});

export const dose = (own: Partial<Dose> = {}): Dose => ({
  sets: 3,
  amount: 5,
  unit: 'reps',
  per: null,
  percent: null,
  loadKg: null,
  rir: null,
  restSeconds: 90,
  tempo: null,
  ...own,
});

/** One kept value of one athlete: a number, unless a case says otherwise. */
export const testRecord = (test: string, value: number | null, own: Partial<TestRecord> = {}): TestRecord => ({
  test,
  day: '2026-11-20',
  side: 'both',
  value,
  trials: null,
  joints: null,
  loadKg: null,
  reps: null,
  rir: null,
  asks: false,
  ...own,
});

/** One athlete at a place of their own, whose loads are all known. */
export const ALONE: Room = { present: 1, racks: 1, knows: () => true };
