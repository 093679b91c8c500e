import type { Day } from '$core/calendar';
import { fail, type Result } from '$core/result';
import { findRemedies, planSeason, weekStarting, type Remedy } from '$core/season';
import type { Tx } from '../db/client';
import { seasonInput } from '../reads/squad-plan';
import { loadSquadAthletes } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { loadFollowed } from '../repositories/season';
import { writeSeason } from './season';
import { putSession } from './season-changes';
import { chooseSchool } from './settings';
import { setGymDays } from './squads';

/** A note of a week that a remedy is asked for. */
export interface MendedNote {
  readonly week: Day;
  readonly code: string;
}

/** What would take a note of a week away, each tried on the plan as it stands. */
export async function remediesOf(
  tx: Tx,
  { club, squad }: { readonly club: ClubContext; readonly squad: SquadRow },
  { week, code }: MendedNote,
): Promise<Remedy[]> {
  const input = seasonInput(club, squad, await loadSquadAthletes(tx, squad.id, club.today));
  if (!input) return [];
  const followed = { from: club.today, weeks: await loadFollowed(tx, squad.id) };
  const plan = planSeason(input, club.method, followed);
  const note = plan.ok && weekStarting(plan.value, week)?.notes.find((one) => one.code === code);
  return note ? findRemedies(week, note, input, club.method, followed) : [];
}

/** Takes one of them. @returns nothing, or `remedy_gone` when the plan has changed meanwhile */
export async function takeRemedy(
  tx: Tx,
  of: { readonly club: ClubContext; readonly squad: SquadRow; readonly actor: string },
  { at, ...note }: MendedNote & { readonly at: number },
): Promise<Result<unknown>> {
  const { club, squad, actor } = of;
  const remedy = (await remediesOf(tx, of, note))[at];
  switch (remedy?.kind) {
    case undefined:
      return fail('remedy_gone', ['at']);
    case 'move':
      return putSession(tx, club, squad, remedy, actor);
    case 'primer':
      return chooseSchool(tx, club, { school: 'dayBefore', option: 'primer', squadId: squad.id }, actor);
    case 'gym-day': {
      const { weekday, start, minutes } = remedy;
      const gymDays = [...squad.gymDays, { weekday, start, minutes }].sort((a, b) => a.weekday - b.weekday);
      const wanted = squad.season?.sessionsAWeek;
      if (wanted) await writeSeason(tx, club, squad, { sessionsAWeek: wanted + 1 }, actor);
      return setGymDays(tx, club, squad, gymDays, actor);
    }
  }
}
