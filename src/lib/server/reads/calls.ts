import { gymTimeOn } from '$core/season';
import { getExercise } from '$core/library';
import { layOut, type Room } from '$core/order';
import { placeOf } from '$lib/model/kit';
import { lineScore } from '$lib/model/score';
import { timesOf, type ClubContext } from '../repositories/club-context';
import type { CallRows } from './call-rows';
import { kitFor } from './make-brief';
import { makeCalls, readMornings } from './make-calls';
import { nextCardDay, sayDay } from './page-thread';
import { answeredToday, movedByRule, settledToday, squadsStepped } from './settled-today';

/** The page: calls, today's sessions, what was settled. @param asked the squad shown; null = all */
export function readCalls(rows: CallRows, asked: string | null, health: boolean) {
  const { club } = rows;
  const squadId = club.squads.find(({ id }) => id === asked)?.id ?? null;
  const shown = club.squads.filter(({ id }) => squadId === null || id === squadId);
  const calls = makeCalls(rows, squadId, health);
  const all = {
    href: '/calls',
    label: club.squads.length === 1 ? (club.squads[0]?.name ?? 'All squads') : 'All squads',
  };
  return {
    thread: {
      knots: [
        {
          label: 'squad',
          value: squadId === null ? '/calls' : `/calls?squad=${squadId}`,
          options: [
            all,
            ...(club.squads.length > 1
              ? club.squads.map(({ id, name }) => ({ href: `/calls?squad=${id}`, label: name }))
              : []),
          ],
        },
      ],
      level: 1,
      words: sayDay(club.today),
      tag: null,
    },
    clubName: club.name,
    massUnit: club.massUnit,
    counts: { '/calls': calls.length },
    calls,
    today: shown.flatMap((squad) => todayOf(squad, rows)).sort((a, b) => (a.start < b.start ? -1 : 1)),
    next: shown.map((squad) => ({
      squad: squad.name,
      href: `/bench/${squad.id}/${nextCardDay(squad, club.today)}`,
      day: sayDay(nextCardDay(squad, club.today)),
      event: squad.events.find(({ day }) => day >= club.today) ?? null,
    })),
    settled: [...settledToday(rows, squadId), ...answeredToday(rows, squadId, health)],
    mornings: readMornings(rows, squadId),
    moved: movedByRule(rows, squadId),
    stepped: squadsStepped(rows, squadId),
    hasSquads: club.squads.length > 0,
    places: Object.entries(club.method.places)
      .filter(([, { checkin }]) => checkin)
      .map(([id, { name }]) => ({ id, name })),
  };
}

function todayOf(squad: ClubContext['squads'][number], { club, squads, sessions }: CallRows) {
  const gym = gymTimeOn(club.today, timesOf(squad));
  const own = sessions.filter((one) => one.day === club.today && one.squadId === squad.id && one.athleteId === null);
  if (!gym && own.length === 0) return [];
  const [session] = own;
  const entries = (session?.lines ?? [])
    .filter(({ exerciseId }) => club.library.exercises.has(exerciseId))
    .map((line) => ({ ...line, exercise: getExercise(club.library, line.exerciseId) }));
  // a small picture of the card: each load counts as known
  const room: Room = {
    present: squads.get(squad.id)?.length ?? 0,
    racks: placeOf(kitFor({ session: session ?? null, squad, club })).racks,
    knows: () => true,
  };
  const timeline = layOut(entries, room, club.method.settings);
  return [
    {
      squadId: squad.id,
      squad: squad.name,
      start: gym?.start ?? '',
      href: `/bench/${squad.id}/${club.today}`,
      floor: session ? `/floor/${session.id}` : null,
      state: session ? (session.logs.length > 0 ? 'begun' : 'ready') : 'to make',
      minutes: session?.minutes ?? gym?.minutes ?? 0,
      beats: entries.flatMap(({ slot, exercise }) => lineScore(timeline, slot, exercise.family)),
    },
  ];
}
