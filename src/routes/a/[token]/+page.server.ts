import { error, fail } from '@sveltejs/kit';
import { v7 } from 'uuid';
import { z } from 'zod';
import { SIGNS } from '$core/safety';
import { weekdayOf } from '$core/calendar';
import { inSentence, sayIssue, weekdayWord } from '$lib/messages';
import { trainedLately } from '$lib/server/reads/call-rows';
import { loadAthlete, morningsOf, type AthleteRow } from '$lib/server/repositories/athletes';
import { loadClub, type ClubContext } from '$lib/server/repositories/club-context';
import { withLink } from '$lib/server/commands/athlete-link';
import { answerMorning, sayEffort } from '$lib/server/commands/answer-morning';
import { runOne } from '$lib/server/commands/run-command';
import { sayDay } from '$lib/server/reads/page-thread';
import { isSideDue, sidesOf } from '$lib/server/reads/sides';
import { loadSides } from '$lib/server/repositories/sides';
import { checkInSchema } from '$lib/model/bodies';
import type { Actions, PageServerLoad } from './$types';

const NO_LINK = 'This link does not open anything. Ask your coach for a new one.';

export const load: PageServerLoad = async ({ params }) => {
  const found = await withLink(params.token, async (tx, { athleteId }) => {
    const club = await loadClub(tx);
    const athlete = await loadAthlete(tx, athleteId, club.today);
    if (!athlete) return null;
    const sides = await loadSides(
      tx,
      athlete.squads.map(({ squadId }) => squadId),
      athleteId,
      club.today,
    );
    const has = sidesOf(athlete, sides, club).length > 0;
    const beside = !has ? null : isSideDue(athlete, sides, club) ? 'today' : 'later';
    return { club, athlete, beside };
  });
  if (!found) error(404, NO_LINK);
  const { club, athlete, beside } = found;
  const today = morningsOf(athlete).find(({ day }) => day === club.today);
  return {
    firstName: athlete.name.split(' ')[0] ?? athlete.name,
    day: sayDay(club.today),
    given: today ? { answer: today.answer, place: today.place, rpe: today.rpe } : null,
    /** the session the question speaks of; null = none lately */
    last: lastSession(athlete, club),
    newId: v7(),
    /** whether something beside the sessions is due today (SIDE-1); null = they have none */
    beside,
    signs: SIGNS,
    places: Object.entries(club.method.places)
      .filter(([, { checkin }]) => checkin)
      .map(([id, { name }]) => ({ id, name })),
  };
};

/** Entries named of the last session. */
const NAMED = 3;

/** The last session an athlete did, by its day and what was trained. */
function lastSession(athlete: AthleteRow, { library, today }: ClubContext): { day: string; lines: string[] } | null {
  const last = trainedLately(athlete, today);
  if (!last) return null;
  const lines = athlete.tracks
    .filter(({ state }) => state.exposures[0]?.sessionId === last.sessionId)
    .flatMap(({ state }) => library.exercises.get(state.exerciseId) ?? [])
    .sort((a, b) => b.soreness - a.soreness || (a.id < b.id ? -1 : 1));
  return {
    day: weekdayWord(weekdayOf(last.day), true),
    lines: lines.slice(0, NAMED).map(({ name }) => inSentence(name)),
  };
}

const MESSAGES: Readonly<Record<string, string>> = {
  score_missing: 'How strong is the pain, 0 to 10?',
  place_missing: 'Where does it hurt?',
};

export const actions: Actions = {
  /** how hard the last session was, said after the answer of the morning, which stands */
  effort: async ({ params, request }) => {
    const data = await request.formData();
    const parsed = z.coerce
      .number()
      .int()
      .min(0)
      .max(10)
      .safeParse(data.get('rpe') ?? undefined);
    if (!parsed.success) return fail(400, { messages: ['How hard was it, 0 to 10?'] });
    const link = await withLink(params.token, (_, of) => Promise.resolve(of));
    if (!link) error(404, NO_LINK);
    const { clubId, athleteId } = link;
    const actor = `athlete:${athleteId}`;
    const id = z.uuid().safeParse(data.get('id')).data ?? v7();
    const result = await runOne({ clubId, id, verb: 'effort', actor }, { athleteId, rpe: parsed.data }, async (tx) => {
      const club = await loadClub(tx);
      return sayEffort(tx, club, athleteId, id, parsed.data, actor);
    });
    if (!result.ok) return fail(400, { messages: result.issues.map(sayIssue) });
    return { said: parsed.data };
  },
  answer: async ({ params, request }) => {
    const data = await request.formData();
    const text = (name: string): string | null => {
      const value = data.get(name);
      return typeof value === 'string' && value !== '' ? value : null;
    };
    const typed = { answer: text('answer'), place: text('place'), score: text('score'), side: text('side') };
    if (typed.answer === null) return fail(400, { typed, messages: ['Choose how your legs feel.'] });
    const pain = typed.answer === 'pain';
    const parsed = checkInSchema.safeParse({
      id: text('id') ?? v7(),
      answer: typed.answer,
      place: typed.answer === 'fine' || typed.answer === 'usual' ? null : typed.place,
      side: pain ? typed.side : null,
      score: pain && typed.score !== null ? Number(typed.score) : null,
      signs: pain ? z.array(z.string()).parse(data.getAll('signs')) : [],
    });
    if (!parsed.success)
      return fail(400, {
        typed,
        messages: parsed.error.issues.map(
          ({ message }) => MESSAGES[message] ?? 'Something here does not read. Choose again.',
        ),
      });
    const link = await withLink(params.token, (_, of) => Promise.resolve(of));
    if (!link) error(404, NO_LINK);
    const { clubId, athleteId } = link;
    const actor = `athlete:${athleteId}`;
    const result = await runOne(
      { clubId, id: parsed.data.id, verb: 'answer', actor },
      { athleteId, ...parsed.data },
      async (tx) => {
        const club = await loadClub(tx);
        return answerMorning(tx, club, athleteId, parsed.data, club.today, actor);
      },
    );
    if (!result.ok) return fail(400, { typed, messages: result.issues.map(sayIssue) });
    return {
      sent: parsed.data.answer,
      stop: pain && ((parsed.data.score ?? 0) >= 4 || parsed.data.signs.length > 0),
    };
  },
};
