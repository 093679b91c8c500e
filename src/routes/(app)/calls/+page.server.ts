import { eq } from 'drizzle-orm';
import { z } from 'zod';
import { gymDayOn } from '$core/calendar';
import { getExercise } from '$core/library';
import { layOut } from '$core/order';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { complaint } from '$lib/server/db/schema';
import { loadDaySessions, loadProposals, loadSilent, loadUnreferred } from '$lib/server/repositories/calls';
import { loadClub } from '$lib/server/repositories/club-context';
import { makeCalls, settledToday } from '$lib/server/services/make-calls';
import { nextCardDay, sayDay } from '$lib/server/services/page-thread';
import { recordChanges } from '$lib/server/services/record-change';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const { clubId, role } = identityOf(locals);
  const rows = await withClub(clubId, async (tx) => {
    const club = await loadClub(tx);
    return {
      club,
      proposals: await loadProposals(tx, club.today),
      silent: await loadSilent(tx, club.today),
      unreferred: await loadUnreferred(tx),
      sessions: await loadDaySessions(tx, club.today),
    };
  });
  const { club, sessions } = rows;
  const squadId = club.squads.find(({ id }) => id === url.searchParams.get('squad'))?.id ?? null;
  const shown = club.squads.filter(({ id }) => squadId === null || id === squadId);
  const calls = makeCalls({ ...rows, squadId, health: can(role, 'health') });
  const today = shown.flatMap((squad) => {
    const gym = gymDayOn(club.today, squad.gymDays);
    const own = sessions.filter((session) => session.squadId === squad.id && session.athleteId === null);
    if (!gym && own.length === 0) return [];
    const [session] = own;
    const entries = (session?.lines ?? []).map((line) => ({
      ...line,
      exercise: getExercise(club.library, line.exerciseId),
    }));
    const timeline = layOut(entries, club.method.settings);
    return [
      {
        squadId: squad.id,
        squad: squad.name,
        start: gym?.start ?? '',
        href: `/bench/${squad.id}/${club.today}`,
        floor: session ? `/floor/${session.id}` : null,
        state: session ? (session.logs.length > 0 ? 'begun' : 'ready') : 'to make',
        minutes: session?.minutes ?? gym?.minutes ?? 0,
        beats: entries.flatMap((entry) =>
          (timeline.beats[entry.slot] ?? []).map((beat) => ({ ...beat, family: entry.exercise.family })),
        ),
      },
    ];
  });
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
    today: today.sort((a, b) => (a.start < b.start ? -1 : 1)),
    next: shown.map((squad) => ({
      squad: squad.name,
      href: `/bench/${squad.id}/${nextCardDay(squad, club.today)}`,
      day: sayDay(nextCardDay(squad, club.today)),
      event: squad.events.find(({ day }) => day >= club.today) ?? null,
    })),
    settled: settledToday({ ...rows, squadId }),
    hasSquads: club.squads.length > 0,
    places: Object.entries(club.method.places)
      .filter(([, { checkin }]) => checkin)
      .map(([id, { name }]) => ({ id, name })),
  };
};

export const actions: Actions = {
  refer: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const id = z.uuid().parse((await request.formData()).get('complaintId'));
    await withClub(clubId, async (tx) => {
      const club = await loadClub(tx);
      const [row] = await tx.update(complaint).set({ referredAt: new Date() }).where(eq(complaint.id, id)).returning();
      if (row)
        await recordChanges(tx, clubId, [
          {
            day: club.today,
            actor: userId,
            subject: 'referred',
            athleteId: row.athleteId,
            from: null,
            to: { place: row.place, score: row.score },
            rules: ['SAFE-2'],
          },
        ]);
    });
    return { referred: id };
  },
};
