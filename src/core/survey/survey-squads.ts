import { NO_HISTORY, type AthleteFacts } from '../athlete';
import { addDays } from '../calendar';
import type { Brief } from '../choose';
import { LEVELS, SQUAD_PHASES, type Ladder, type Level, type Library } from '../library';
import type { MethodTables } from '../method';
import { DAYS_MET, SURVEY_PEOPLE, SURVEY_PLACES, surveyBrief, type SurveyBrief } from './survey-briefs';

/** What a squad is met in beside its sport, phase, people, place and clock. */
type Circumstance = (brief: Brief) => Brief;

const MINUTES = [45, 60, 75, 90] as const;
const COMPLAINTS = ['knee', 'back', 'back-thigh', 'calf', 'shoulder'];
const SEASONS = 5;

const everybody =
  (facts: Partial<AthleteFacts>): Circumstance =>
  (brief) => ({ ...brief, athletes: brief.athletes.map((athlete) => ({ ...athlete, ...facts })) });

/** Every third athlete is so, the others are as they were. */
const some =
  (facts: Partial<AthleteFacts>): Circumstance =>
  (brief) => ({
    ...brief,
    athletes: brief.athletes.map((athlete, i) => (i % 3 === 0 ? { ...athlete, ...facts } : athlete)),
  });

const met =
  (more: Partial<Brief>): Circumstance =>
  (brief) => ({ ...brief, ...more });

/** Athletes who own every rung of some ladders: what stands behind them is open. */
function climbed(ladders: readonly Ladder[], level: Level): Circumstance {
  const owned = ladders.flatMap(({ rungs }) =>
    rungs.flatMap(({ exercises, sessions }) => exercises.map((id): [string, number] => [id, sessions])),
  );
  const history = { ...NO_HISTORY, mastered: Object.fromEntries(owned), recent: owned.map(([id]) => id) };
  return everybody({ liftLevel: level, jumpLevel: level, jumpSeasons: SEASONS, history });
}

/** A kind of session asked for by name, in minutes it has and by people it is for. */
function asked(kind: string, { minutes: [from, to], asked: by }: MethodTables['templates'][string]): Circumstance {
  const level = by?.atLeast ?? null;
  const people = level === null ? null : everybody({ liftLevel: level });
  return (brief) => ({
    ...(people?.(brief) ?? brief),
    minutes: Math.min(to, Math.max(from, brief.minutes)),
    shape: { ...brief.shape, kind },
  });
}

/**
 * Limiting tiers, past injuries, weak moments, take-offs, complaints, mixed levels, ladders climbed, a week's roles, a
 * block's actions, kinds asked for by name.
 */
function circumstances(
  { ladders }: Library,
  { focuses, injuries, moments, templates, settings }: MethodTables,
): Circumstance[] {
  return [
    ...Object.entries(focuses).map(([id, { tier, ...focus }]) =>
      everybody({
        focus: { id, ...focus, limits: tier !== null, holdsBack: tier === 'range' || tier === 'control' },
      }),
    ),
    ...Object.entries(injuries).map(([place, { guards }]) => everybody({ pastInjuries: [{ place, guards }] })),
    ...moments.map((moment) => everybody({ moment })),
    everybody({ jumper: 'one-foot' }),
    everybody({ jumper: 'two-foot' }),
    ...COMPLAINTS.map((place) => some({ complaints: [{ place, side: null, score: 3, column: 'three' }] })),
    ...LEVELS.map((level) => some({ liftLevel: level, jumpLevel: level })),
    some({ ageYears: 15 }),
    ...[...ladders.values()].map((ladder) => climbed([ladder], 'trained')),
    climbed([...ladders.values()], 'advanced'),
    met({ role: { role: 'A', leads: ['hip'], enters: null } }),
    met({ role: { role: 'B', leads: ['knee'], enters: null } }),
    met({ role: { role: 'whole', leads: ['knee', 'hip'], enters: null } }),
    ...settings.season.actions.map(({ jumpRows }) => met({ jumpRows })),
    ...Object.entries(templates).flatMap(([kind, template]) => (template.asked ? [asked(kind, template)] : [])),
  ];
}

/**
 * Briefs of squads as clubs have them: every sport with every circumstance; phases, people, places and minutes in turn.
 * @param step every so many-th of them
 */
export function squadBriefs(library: Library, method: MethodTables, step: number): SurveyBrief[] {
  const all = circumstances(library, method);
  return [...library.sports.keys()].sort().flatMap((sport, s) =>
    all.flatMap((circumstance, c): SurveyBrief[] => {
      const index = s * all.length + c;
      if (index % step !== 0) return [];
      const phase = SQUAD_PHASES[(s + c) % SQUAD_PHASES.length] ?? 'general';
      const people = SURVEY_PEOPLE[(s + c) % SURVEY_PEOPLE.length] ?? 'developing';
      const place = SURVEY_PLACES[(s * 2 + c * 3) % SURVEY_PLACES.length] ?? 'full kit';
      const made = circumstance({
        ...surveyBrief(sport, phase, MINUTES[(s + 3 * c) % MINUTES.length] ?? 60, people, place, library),
        day: addDays(DAYS_MET.from, index % DAYS_MET.days),
      });
      return [{ sport, phase, minutes: made.minutes, people, place, brief: made }];
    }),
  );
}
