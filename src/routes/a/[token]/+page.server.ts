import { error, fail } from '@sveltejs/kit';
import { v7 } from 'uuid';
import { z } from 'zod';
import { SIGNS } from '$core/safety';
import { sayIssue } from '$lib/messages';
import { loadAthlete, morningsOf } from '$lib/server/repositories/athletes';
import { loadClub } from '$lib/server/repositories/club-context';
import { withLink } from '$lib/server/commands/athlete-link';
import { answerMorning } from '$lib/server/commands/answer-morning';
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
    const has = sidesOf(athleteId, sides, club).length > 0;
    const beside = !has ? null : isSideDue(athlete, sides, club) ? 'today' : 'later';
    return { club, athlete, beside };
  });
  if (!found) error(404, NO_LINK);
  const { club, athlete, beside } = found;
  const today = morningsOf(athlete).find(({ day }) => day === club.today);
  return {
    firstName: athlete.name.split(' ')[0] ?? athlete.name,
    day: sayDay(club.today),
    given: today ? { answer: today.answer, place: today.place } : null,
    newId: v7(),
    /** whether something beside the sessions is due today (SIDE-1); null = they have none */
    beside,
    signs: SIGNS,
    places: Object.entries(club.method.places)
      .filter(([, { checkin }]) => checkin)
      .map(([id, { name }]) => ({ id, name })),
  };
};

const MESSAGES: Readonly<Record<string, string>> = {
  score_missing: 'How strong is the pain, 0 to 10?',
  place_missing: 'Where does it hurt?',
};

export const actions: Actions = {
  default: async ({ params, request }) => {
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
