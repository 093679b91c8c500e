import { error } from '@sveltejs/kit';
import { v7 } from 'uuid';
import { SIGNS } from '$core/safety';
import { weekdayOf } from '$core/calendar';
import { inSentence, weekdayWord } from '$lib/messages';
import { trainedLately } from '$lib/server/reads/call-rows';
import { loadAthlete, morningsOf, type AthleteRow } from '$lib/server/repositories/athletes';
import { loadClub, type ClubContext } from '$lib/server/repositories/club-context';
import { withLink } from '$lib/server/commands/athlete-link';
import { sayDay } from '$lib/server/reads/page-thread';
import { isSideDue, sidesOf } from '$lib/server/reads/sides';
import { loadSides } from '$lib/server/repositories/sides';
import { morningForms } from '$lib/server/forms/own-link';
import type { PageServerLoad } from './$types';

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
    formId: v7(),
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

export const actions = morningForms;
