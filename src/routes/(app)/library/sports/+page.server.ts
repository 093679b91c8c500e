import { LIBRARY } from '$catalog';
import { DEMANDS, type Sport } from '$core/library';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import { DEMAND_WORDS } from '$lib/messages';
import { clubPage } from '$lib/server/reads/page-thread';
import { sportForms } from '$lib/server/forms/library';
import type { PageServerLoad } from './$types';

/** A sport, or one of its roles, as the two sides of the page: `sport` or `sport/role`. */
function sideOf(text: string | null, sports: ReadonlyMap<string, Sport>) {
  const [id = '', roleId] = (text ?? '').split('/');
  const sport = sports.get(id);
  if (!sport) return null;
  const role = sport.roles.find((one) => one.id === roleId) ?? null;
  return {
    key: role ? `${sport.id}/${role.id}` : sport.id,
    name: role ? `${sport.name}, ${role.name}` : sport.name,
    sport,
    weights: DEMANDS.map((demand) => role?.demands[demand] ?? sport.demands[demand]),
  };
}

export const load: PageServerLoad = async ({ locals, url }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  const { sports } = club.library;
  const first = club.squads[0]?.sportId ?? [...sports.keys()][0] ?? '';
  const a = sideOf(url.searchParams.get('a'), sports) ?? sideOf(first, sports);
  const b = sideOf(url.searchParams.get('b'), sports);
  if (!a) throw new Error('sports: the library holds no sport');
  const { sport } = a;
  return {
    ...clubPage(club, '/library/sports'),
    options: [...sports.values()]
      .sort((x, y) => x.name.localeCompare(y.name))
      .flatMap((one) => [
        { key: one.id, name: one.name },
        ...one.roles.map((role) => ({ key: `${one.id}/${role.id}`, name: `${one.name}, ${role.name}` })),
      ]),
    a: { key: a.key, name: a.name, weights: a.weights },
    b: b && { key: b.key, name: b.name, weights: b.weights },
    demands: DEMANDS.map((id) => ({ id, name: DEMAND_WORDS[id], note: sport.notes[id] })),
    sport: {
      id: sport.id,
      name: sport.name,
      weights: DEMANDS.map((demand) => sport.demands[demand]),
      facts: [
        ['Setting', `${sport.setting}, ${sport.surface}`],
        ['Events', `${String(sport.eventsPerWeek)} ${sport.event} a week, ${String(sport.seasonWeeks)} weeks`],
        ['Take-off', sport.takeOff],
        ['What counts', sport.result],
        ...(sport.weightClass ? [['Weight class', 'yes: structure work is capped']] : []),
        ['Guards', sport.guards.map((guard) => guard.name).join(', ')],
        ['Weak moments', sport.moments.map((moment) => moment.name).join(', ') || '—'],
        [
          'Rungs it asks for',
          Object.entries(sport.targetRungs)
            .map(([ladder, rung]) => {
              const found = club.library.ladders.get(ladder);
              return `${found?.name ?? ladder}: ${found?.rungs[rung - 1]?.name ?? String(rung)}`;
            })
            .join('; '),
        ],
      ] as [string, string][],
      own: club.entries.some(({ kind, id }) => kind === 'sport' && id === sport.id),
      builtIn: LIBRARY.sports.get(sport.id)?.demands ?? null,
      squads: club.squads.filter(({ sportId }) => sportId === sport.id).map(({ name }) => name),
    },
  };
};

export const actions = sportForms;
