import type { Level, Phase } from '$core/library';

/** The demo club: invented from end to end. Loads are multiples of body mass; ages in years on the start day. */
export interface DemoAthlete {
  readonly name: string;
  readonly role: string;
  readonly sex: 'female' | 'male';
  readonly age: number;
  readonly massKg: number;
  readonly lift: Level;
  readonly jump: Level;
  readonly squat: number | null;
  readonly deadlift: number | null;
  readonly cmjM: number | null;
  /** screens: all passed, some failed, or never tested */
  readonly screens: 'passed' | 'untested' | readonly string[];
}

const a = (
  name: string,
  role: string,
  sex: DemoAthlete['sex'],
  age: number,
  massKg: number,
  lift: Level,
  jump: Level,
  squat: number | null,
  deadlift: number | null,
  cmjM: number | null,
  screens: DemoAthlete['screens'] = 'passed',
): DemoAthlete => ({ name, role, sex, age, massKg, lift, jump, squat, deadlift, cmjM, screens });

export interface DemoSquad {
  readonly name: string;
  readonly sportId: string;
  readonly phase: Phase;
  readonly gymDays: readonly { weekday: number; start: string; minutes: number }[];
  readonly place: string;
  readonly kit: { readonly racks: number; readonly without: readonly string[] };
  /** events as weekday and weeks from the start day's week */
  readonly events: readonly {
    weekday: number;
    weeks: number;
    name: string;
    kind: 'friendly' | 'league' | 'cup' | 'final';
  }[];
  /** its season, in weeks from the start day's; null = none yet */
  readonly season: {
    readonly fromWeek: number;
    readonly weeks: number;
    readonly closed: readonly { name: string; fromWeek: number; weeks: number }[];
    readonly practices: readonly { weekday: number; start: string; minutes: number; hardness: number; jumps: number }[];
  } | null;
  readonly athletes: readonly DemoAthlete[];
  /** tests the stations are at today */
  readonly testsToday: readonly string[];
  /** the result that counts, with its error in the stored unit */
  readonly result: { readonly test: string; readonly name: string; readonly error: number } | null;
  /** athletes of another squad who train here too */
  readonly shared: readonly string[];
}

export const DEMO_CLUB = {
  name: 'Club Marisma',
  zone: 'Europe/Madrid',
  coach: 'Ro Serrat',
  assistant: 'Lior Pask',
  physio: 'Ane Vidra',
  athlete: 'Dunja Falk',
} as const;
export const DEMO_PASSWORD = 'tuesday-lift';

/** Saturdays of a kind, by week. */
const fixtures = (kind: 'friendly' | 'league', ...of: readonly [number, string][]) =>
  of.map(([weeks, name]) => ({ weekday: 6, weeks, name, kind }));

export const DEMO_SQUADS: readonly DemoSquad[] = [
  {
    name: 'Handball',
    sportId: 'team-handball',
    phase: 'in-season',
    gymDays: [
      { weekday: 2, start: '18:30', minutes: 55 },
      { weekday: 4, start: '18:30', minutes: 55 },
    ],
    place: 'Hall gym',
    kit: { racks: 3, without: ['cable', 'trap-bar', 'safety-bar', 'sled', 'back-bench'] },
    events: [
      ...fixtures('friendly', [-11, 'Duna'], [-10, 'Cala Roja'], [-9, 'Serrano Este']),
      ...fixtures('league', [-8, 'Alameda'], [-7, 'Torre Azul'], [-6, 'Cala Roja'], [-5, 'Vallesur'], [-4, 'Duna']),
      { weekday: 6, weeks: -3, name: 'Puerto Lobo', kind: 'league' },
      { weekday: 6, weeks: -2, name: 'Vallesur', kind: 'league' },
      { weekday: 6, weeks: -1, name: 'Costa Brisa', kind: 'league' },
      { weekday: 6, weeks: 0, name: 'Puerto Lobo', kind: 'league' },
      { weekday: 6, weeks: 1, name: 'Alameda', kind: 'cup' },
      { weekday: 6, weeks: 2, name: 'Torre Azul', kind: 'league' },
      ...fixtures('league', [3, 'Cala Roja'], [6, 'Duna'], [7, 'Serrano Este'], [8, 'Alameda'], [9, 'Costa Brisa']),
      // a week of cup and league on top of each other
      { weekday: 3, weeks: 10, name: 'Vallesur', kind: 'cup' },
      ...fixtures('league', [10, 'Vallesur'], [11, 'Torre Azul'], [12, 'Puerto Lobo'], [13, 'Cala Roja'], [14, 'Duna']),
      ...fixtures(
        'league',
        [15, 'Alameda'],
        [16, 'Serrano Este'],
        [17, 'Costa Brisa'],
        [18, 'Torre Azul'],
        [19, 'Duna'],
      ),
      { weekday: 7, weeks: 20, name: 'Cup final of the coast', kind: 'final' },
    ],
    season: {
      fromWeek: -20,
      weeks: 44,
      closed: [{ name: 'New year', fromWeek: 4, weeks: 2 }],
      practices: [
        { weekday: 1, start: '19:00', minutes: 75, hardness: 4, jumps: 30 },
        { weekday: 3, start: '19:00', minutes: 90, hardness: 8, jumps: 80 },
        { weekday: 5, start: '18:00', minutes: 60, hardness: 3, jumps: 20 },
      ],
    },
    testsToday: [],
    result: null,
    shared: [],
    athletes: [
      a('Dunja Falk', 'back', 'female', 24, 71, 'trained', 'trained', 1.42, 1.75, 0.35),
      a('Ilan Roke', 'wing', 'male', 22, 78, 'trained', 'advanced', 1.6, 1.95, 0.46),
      a('Kaia Maas', 'pivot', 'female', 26, 79, 'advanced', 'trained', 1.5, 1.85, 0.33),
      a('Bruna Visco', 'back', 'female', 21, 70, 'trained', 'trained', 1.38, 1.7, 0.36),
      a('Oto Prats', 'goalkeeper', 'male', 29, 92, 'advanced', 'trained', 1.45, 1.8, 0.4),
      a('Mirek Belac', 'pivot', 'male', 27, 104, 'advanced', 'developing', 1.55, 1.9, 0.37),
      a('Sela Murgui', 'wing', 'female', 19, 62, 'developing', 'trained', 1.2, 1.5, 0.37),
      a('Tove Rourke', 'back', 'female', 23, 74, 'trained', 'trained', 1.4, 1.72, 0.34),
      a('Nils Quill', 'back', 'male', 20, 84, 'developing', 'developing', 1.3, 1.6, 0.41),
      a('Abe Tolland', 'wing', 'male', 18, 73, 'developing', 'trained', 1.25, 1.55, 0.44),
      a('Yara Sorn', 'goalkeeper', 'female', 25, 73, 'trained', 'developing', 1.35, 1.65, 0.31),
      a('Pia Lund', 'wing', 'female', 17, 60, 'developing', 'developing', 1.1, 1.4, 0.34),
      a('Joss Amaro', 'back', 'male', 15, 66, 'foundation', 'foundation', 0.95, 1.2, 0.36),
      a('Edda Kirn', 'wing', 'female', 16, 58, 'foundation', 'developing', null, null, 0.32, 'untested'),
    ],
  },
  {
    name: 'Ultimate',
    sportId: 'ultimate',
    phase: 'specific',
    gymDays: [
      { weekday: 1, start: '17:00', minutes: 60 },
      { weekday: 3, start: '17:00', minutes: 60 },
      { weekday: 5, start: '17:00', minutes: 45 },
    ],
    place: 'Harbour weight room',
    kit: { racks: 4, without: ['cable', 'safety-bar', 'back-bench'] },
    events: [
      { weekday: 6, weeks: 2, name: 'Levante indoor', kind: 'friendly' },
      { weekday: 6, weeks: 4, name: 'Marisma open', kind: 'cup' },
    ],
    result: { test: 'sprint-20', name: '', error: 0.03 },
    testsToday: ['R1', 'R2', 'R4', 'C5', 'cmj', 'rsi-10-5', 'sprint-20', 'back-squat'],
    season: null,
    shared: [],
    athletes: [
      a('Elke Tarrant', 'cutter', 'female', 17, 61, 'developing', 'developing', 1.3, 1.6, 0.36, ['C5']),
      a('Abel Corrin', 'handler', 'male', 24, 76, 'trained', 'trained', 1.46, 1.8, 0.41),
      a('Bryn Castell', 'cutter', 'male', 22, 81, 'advanced', 'advanced', 1.78, 2.1, 0.48),
      a('Noor Haddel', 'cutter', 'female', 23, 63, 'trained', 'trained', 1.4, 1.75, 0.38),
      a('Silas Veen', 'handler', 'male', 28, 79, 'trained', 'developing', 1.5, 1.85, 0.42),
      a('Maren Ost', 'cutter', 'female', 20, 59, 'developing', 'trained', 1.25, 1.55, 0.37),
      a('Teo Lizar', 'cutter', 'male', 19, 72, 'developing', 'developing', 1.3, 1.65, 0.43),
      a('Ingrid Solo', 'handler', 'female', 26, 65, 'trained', 'trained', 1.35, 1.7, 0.34),
      a('Pavel Dorn', 'cutter', 'male', 25, 83, 'advanced', 'trained', 1.65, 2, 0.45),
      a('Hana Brix', 'cutter', 'female', 21, 60, 'developing', 'developing', 1.2, 1.5, 0.35),
      a('Luc Ferran', 'handler', 'male', 30, 77, 'trained', 'trained', 1.4, 1.75, 0.39),
      a('Vera Modin', 'cutter', 'female', 22, 64, 'trained', 'developing', 1.38, 1.7, 0.36),
      a('Iker Saal', 'cutter', 'male', 18, 70, 'foundation', 'developing', 1.1, 1.4, 0.42),
      a('Runa Eide', 'handler', 'female', 19, 58, 'foundation', 'foundation', null, null, null, 'untested'),
      a('Davit Ormo', 'cutter', 'male', 20, 75, 'developing', 'trained', 1.15, 1.55, 0.44),
      a('Cleo Varga', 'handler', 'female', 24, 62, 'developing', 'developing', 1.22, 1.52, 0.33),
      a('Marek Thule', 'cutter', 'male', 15, 61, 'foundation', 'foundation', 0.9, 1.15, 0.38),
      a('Isa Peral', 'cutter', 'female', 27, 66, 'trained', 'trained', 1.45, 1.8, 0.37),
    ],
  },
  {
    name: 'Freestyle',
    sportId: 'snowboard-freestyle',
    phase: 'pre-season',
    gymDays: [
      { weekday: 2, start: '12:30', minutes: 45 },
      { weekday: 6, start: '10:00', minutes: 60 },
    ],
    place: 'Mountain house',
    kit: { racks: 2, without: ['cable', 'landmine', 'sled', 'safety-bar', 'back-bench', 'hurdle'] },
    events: [
      { weekday: 5, weeks: 3, name: 'First stop', kind: 'league' },
      { weekday: 5, weeks: 6, name: 'Second stop', kind: 'league' },
    ],
    testsToday: [],
    result: null,
    season: null,
    shared: ['Abe Tolland'],
    athletes: [
      a('Ilan Rook', 'slope', 'male', 23, 74, 'trained', 'trained', 1.5, 1.8, 0.44),
      a('Sunna Vik', 'pipe', 'female', 21, 60, 'trained', 'trained', 1.45, 1.7, 0.37),
      a('Jori Kest', 'slope', 'male', 19, 70, 'developing', 'trained', 1.35, 1.65, 0.45),
      a('Mila Arden', 'slope', 'female', 18, 57, 'developing', 'developing', 1.2, 1.45, 0.34),
      a('Tarn Obel', 'pipe', 'male', 26, 79, 'advanced', 'advanced', 1.7, 2.05, 0.47),
      a('Lotte Reuss', 'pipe', 'female', 15, 52, 'foundation', 'foundation', 0.9, 1.1, 0.31),
      a('Kip Sander', 'slope', 'male', 14, 55, 'foundation', 'foundation', null, null, 0.33, 'untested'),
    ],
  },
];

/** What a few of them bring along: a lift tested again, × body mass and days ago; a weak moment; an old injury. */
export const DEMO_NOTES = [
  { athlete: 'Bryn Castell', squatAgain: { timesMass: 1.9, daysAgo: 5 }, moment: null, injury: null },
  { athlete: 'Maren Ost', squatAgain: null, moment: 'first-step', injury: null },
  {
    athlete: 'Abel Corrin',
    squatAgain: null,
    moment: null,
    injury: { place: 'back-thigh', year: '2024', side: 'left' },
  },
] as const;

/** Complaints open on the start day: athlete, place, side, score, days ago. */
export const DEMO_COMPLAINTS = [
  { athlete: 'Kaia Maas', place: 'knee', side: 'left', score: 4, daysAgo: 0, referred: false },
  { athlete: 'Nils Quill', place: 'shoulder', side: 'right', score: 2, daysAgo: 5, referred: true },
  { athlete: 'Noor Haddel', place: 'back-thigh', side: 'left', score: 3, daysAgo: 3, referred: true },
] as const;
