import { DEMO_CLUB, DEMO_SQUADS } from '$catalog/demo/club';
import { addDays, weekdayOf, type Day } from '$core/calendar';
import { clubFileSchema, type ClubFile } from '$lib/model/club-file';
import { EQUIPMENT } from '$lib/model/kit';
import { demoResults } from '../demo/demo-results';

/** The day the demo's story is told from, where none is asked for. */
const DEMO_DAY: Day = '2026-11-24';
/** A season for squads of the demo that have none yet. */
const PROPOSED_WEEKS = 40;

/** The demo club as a club file. */
export function demoClubFile(day: Day = DEMO_DAY): ClubFile {
  const monday = addDays(day, 1 - weekdayOf(day));
  const at = (weeks: number): Day => addDays(monday, weeks * 7);
  return clubFileSchema.parse({
    name: DEMO_CLUB.name,
    squads: DEMO_SQUADS.map((squad) => {
      const season = squad.season ?? { fromWeek: 0, weeks: PROPOSED_WEEKS, closed: [], practices: [] };
      return {
        name: squad.name,
        sport: squad.sportId,
        season: { start: at(season.fromWeek), end: addDays(at(season.fromWeek + season.weeks), -1) },
        events: squad.events.map(({ weekday, weeks, name, kind }) => ({
          day: addDays(at(weeks), weekday - 1),
          name,
          kind,
        })),
        closures: season.closed.map(({ name, fromWeek, weeks }) => ({
          name,
          from: at(fromWeek),
          to: addDays(at(fromWeek + weeks), -1),
          kind: 'closed',
        })),
        practices: season.practices,
        gymDays: squad.gymDays,
        place: { racks: squad.kit.racks, equipment: EQUIPMENT.filter((item) => !squad.kit.without.includes(item)) },
        athletes: squad.athletes.map((person) => ({
          name: person.name,
          sex: person.sex,
          birthDate: addDays(day, -Math.round(person.age * 365.25 + 100)),
          massKg: person.massKg,
          liftLevel: person.lift,
          jumpLevel: person.jump,
          jumpSeasons: person.jump === 'foundation' ? 0 : person.jump === 'developing' ? 1 : 3,
          guardianConsent: person.age < 18,
          results: demoResults(person, squad, 'club', person.name, day).map(
            ({ day: on, test, value, passed, side, loadKg, reps, rir }) => ({
              day: on,
              test,
              value: value ?? null,
              passed: passed ?? null,
              side: side ?? 'both',
              loadKg: loadKg ?? null,
              reps: reps ?? null,
              rir: rir ?? null,
            }),
          ),
        })),
      };
    }),
  });
}
