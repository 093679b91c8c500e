import { addDays } from '../calendar';
import { NO_HISTORY, type AthleteFacts } from '../athlete';
import type { Brief } from '../choose';
import { SQUAD_PHASES, TESTS, type Level, type Library, type Phase } from '../library';
import { DEFAULT_SCHOOLS, type Schools } from '../method';
import { AS_TEMPLATE } from '../session';

/** Minutes, people and places that cards are made for, each with each. */
export const SURVEY_MINUTES = [20, 30, 45, 60, 75, 90] as const;
export const SURVEY_PEOPLE = ['foundation', 'developing', 'trained', 'never tested'] as const;
export const SURVEY_PLACES = ['full kit', 'hall', 'bells', 'landmine', 'nothing'] as const;
type People = (typeof SURVEY_PEOPLE)[number];
type PlaceName = (typeof SURVEY_PLACES)[number];

/** One brief of the survey with what it was made from. */
export interface SurveyBrief {
  readonly sport: string;
  readonly phase: Phase;
  readonly minutes: number;
  readonly people: People;
  readonly place: PlaceName;
  readonly brief: Brief;
}

const COUNT = 14;
const RACKS = 4;
/** The days cards are made for, in turn: what a warm-up takes goes by the day (ORD-8). */
export const DAYS_MET = { from: '2026-11-24', days: 28 } as const;

const KIT: Readonly<Record<PlaceName, readonly string[] | 'all'>> = {
  'full kit': 'all',
  hall: ['box', 'bench', 'band', 'mat', 'wall', 'med-ball', 'ball', 'hurdle', 'rope', 'slider'],
  bells: ['dumbbell', 'kettlebell', 'mat', 'wall', 'bench'],
  landmine: ['landmine', 'mat', 'wall'],
  nothing: ['wall'],
};

/** Clubs differ (method 13): each sport and phase meets one of these, in turn. */
const CLUBS: readonly Partial<Schools>[] = [
  {},
  { olympicLifts: 'full' },
  { mainSquat: 'box', trunkFlexion: 'allow' },
  { mainSquat: 'front', order: 'single-leg first' },
  { olympicLifts: 'full', trunkFlexion: 'allow', jumpRest: 'dense' },
];

/** e1RM of a usual squad by level, × body mass. */
const STRONG: Readonly<Record<Exclude<People, 'never tested'>, { squat: number; deadlift: number }>> = {
  foundation: { squat: 0.9, deadlift: 1.1 },
  developing: { squat: 1.2, deadlift: 1.5 },
  trained: { squat: 1.5, deadlift: 1.8 },
};
const MASS_KG = 72;

function athletesOf(people: People): AthleteFacts[] {
  const untested = people === 'never tested';
  const level: Level = untested ? 'developing' : people;
  const strong = STRONG[untested ? 'developing' : people];
  const maximums: Record<string, number> = untested
    ? {}
    : { 'back-squat': strong.squat * MASS_KG, deadlift: strong.deadlift * MASS_KG };
  return Array.from({ length: COUNT }, (_, i) => ({
    id: `p${String(i + 1).padStart(2, '0')}`,
    name: `Athlete ${String(i + 1)}`,
    ageYears: 21,
    liftLevel: level,
    jumpLevel: level,
    bodyMassKg: MASS_KG,
    growthCmPerMonth: null,
    jumpSeasons: level === 'foundation' ? 0 : level === 'developing' ? 1 : 3,
    tests: untested ? {} : Object.fromEntries(TESTS.map((id) => [id, 'passed' as const])),
    consentMissing: false,
    caution: untested ? 'gentle' : 'none',
    unknown: [],
    e1rmKg: maximums,
    strength: {
      squat: untested ? null : strong.squat,
      hinge: untested ? null : strong.deadlift,
      stale: { squat: null, hinge: null },
    },
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
  }));
}

function placeOf(name: PlaceName, library: Library): Brief['place'] {
  const kit = KIT[name];
  const all = [
    ...new Set([...library.exercises.values()].flatMap(({ equipment }) => [...equipment.allOf, ...equipment.anyOf])),
  ].sort();
  return {
    lane: true,
    hardSurface: false,
    racks: RACKS,
    equipment: kit === 'all' ? all : [...kit],
    loading: {
      barbell: { bar: 20, pairs: [20, 10, 5, 2.5, 1.25].map((mass) => ({ mass, count: 8 })) },
      bellsKg: [8, 10, 12, 16, 20, 24, 28, 32],
    },
  };
}

/**
 * Every brief of the survey in a fixed order, or every `step`-th of them; a step that shares no factor with the counts of
 * minutes, people and places meets all of each.
 */
export function surveyBriefs(library: Library, step = 1): SurveyBrief[] {
  const made: SurveyBrief[] = [];
  let [index, club] = [0, 0];
  for (const sport of [...library.sports.keys()].sort())
    for (const phase of SQUAD_PHASES) {
      const schools = { ...DEFAULT_SCHOOLS, ...CLUBS[club++ % CLUBS.length] };
      for (const minutes of SURVEY_MINUTES)
        for (const people of SURVEY_PEOPLE)
          for (const place of SURVEY_PLACES)
            if (index++ % step === 0)
              made.push({
                sport,
                phase,
                minutes,
                people,
                place,
                brief: {
                  ...surveyBrief(sport, phase, minutes, people, place, library),
                  schools,
                  day: addDays(DAYS_MET.from, made.length % DAYS_MET.days),
                },
              });
    }
  return made;
}

/** A brief with nothing behind it: no history, no event near, no plan. */
export const surveyBrief = (
  sportId: string,
  phase: Phase,
  minutes: number,
  people: People,
  place: PlaceName,
  library: Library,
): Brief => ({
  day: DAYS_MET.from,
  phase,
  minutes,
  sportId,
  weekOfBlock: 2,
  lighterWeek: false,
  peakSets: null,
  practiceJumps: 0,
  afterHeavy: false,
  planned: [],
  role: null,
  jumpRows: null,
  schools: DEFAULT_SCHOOLS,
  place: placeOf(place, library),
  events: [],
  athletes: athletesOf(people),
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
    phase,
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
});

/** The same people, place and minutes for every sport in the phases that load: what parts sports and phases shows here. */
export const alikeBriefs = (library: Library): SurveyBrief[] =>
  [...library.sports.keys()].sort().flatMap((sport) =>
    (['general', 'specific', 'pre-season', 'in-season'] as const).map((phase): SurveyBrief => ({
      sport,
      phase,
      minutes: 60,
      people: 'trained',
      place: 'full kit',
      brief: surveyBrief(sport, phase, 60, 'trained', 'full kit', library),
    })),
  );
