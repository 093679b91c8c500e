import { error } from '@sveltejs/kit';
import { testSpecs } from '$core/athlete';
import { addDays, isDay, type Day } from '$core/calendar';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import type { Tx } from '$lib/server/db/client';
import { remembered } from '$lib/server/db/remembered';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { loadClub } from '$lib/server/repositories/club-context';
import { cellView, loadBatteries, loggedWork, testDaysOf } from '$lib/server/repositories/results';
import { sayDay, squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import { proposeTests } from '$lib/server/reads/propose-tests';
import { AUDIT_WEEKS, cutsOf, ownNoise, readRows, specsOf } from '$lib/server/reads/start-line';
import { sentGrid } from '$lib/model/sent-grid';
import type { GridPage } from '$lib/model/start-line';
import { testDayForms } from '$lib/server/forms/start-line';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, role } = identityOf(locals);
  if (!isDay(params.day)) error(404, 'There is no such day.');
  const at = new Date().toISOString();
  const { squadId, day } = params;
  return remembered(clubId, `start ${squadId} ${day} ${role}`, async (tx) =>
    readDay(
      await loadDay(tx, squadId, day),
      day,
      { health: can(role, 'health'), write: can(role, 'log'), plan: can(role, 'plan') },
      at,
    ),
  );
};

async function loadDay(tx: Tx, squadId: string, day: Day) {
  const found = await loadClub(tx, day);
  const one = found.squads.find(({ id }) => id === squadId);
  if (!one) error(404, 'There is no such squad.');
  const athletes = await loadSquadAthletes(tx, one.id, day);
  const ids = athletes.map(({ id }) => id);
  return {
    club: found,
    squad: one,
    rows: athletes,
    days: await testDaysOf(tx, one.id, day),
    batteries: await loadBatteries(tx),
    logged: await loggedWork(tx, ids, addDays(day, -7 * AUDIT_WEEKS), AUDIT_WEEKS),
  };
}

/** The page. @param at the moment before anything of it was read: changes since are asked for from then on */
function readDay(
  { club, squad, rows, days, batteries, logged }: Awaited<ReturnType<typeof loadDay>>,
  day: Day,
  may: { readonly health: boolean; readonly write: boolean; readonly plan: boolean },
  at: string,
) {
  const chosen = days.find((one) => one.day === day);
  const { people, readings } = readRows({ club, squad, rows, logged }, day, may.health);
  const proposed = chosen ? null : proposeTests(readings, squad.aims, testSpecs(club.method));
  // whatever has a value on this day is on the grid, chosen or not
  const here = rows.flatMap(({ results }) => results.filter((one) => one.day === day));
  const wanted = new Set([...(chosen?.tests ?? proposed ?? []), ...here.map(({ test }) => test)]);
  const grid: GridPage = {
    squadId: squad.id,
    day,
    today: club.today,
    cuts: cutsOf(club, squad),
    targets: squad.aims.targets,
    specs: specsOf(squad, club),
    tests: [...testSpecs(club.method).keys()].filter((id) => wanted.has(id)),
    athletes: people,
    cells: here.map((row) => cellView(row, club)),
    noise: ownNoise(rows, club),
    settings: club.method.start,
    loading: club.method.settings.loading,
    at,
  };
  const offered = [...new Set([day, club.today, ...days.map((one) => one.day)])].sort().reverse().slice(0, 8);
  return {
    thread: {
      knots: [
        squadKnot(club, squad, (one) => `/start/${one.id}/${day}`),
        {
          label: 'day',
          value: `/start/${squad.id}/${day}`,
          options: offered.map((on) => ({ href: `/start/${squad.id}/${on}`, label: sayDay(on) })),
        },
      ],
      level: 2,
      ...threadEnd(club, squad, day),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    squad: { id: squad.id, name: squad.name },
    dayWords: sayDay(day),
    grid: sentGrid(grid),
    proposed: proposed !== null,
    chosen: chosen?.tests ?? null,
    batteries: batteries.map(({ id, name, tests }) => ({ id, name, tests })),
    focuses: Object.fromEntries(Object.entries(club.method.focuses).map(([id, { name }]) => [id, name])),
    may: { write: may.write, plan: may.plan },
  };
}

export const actions = testDayForms;
