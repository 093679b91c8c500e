import { mondayOf, type SeasonPlan } from '$core/season';
import type { Tx } from '../db/client';
import { seasonPlan } from '../reads/squad-plan';
import { loadSquadAthletes } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { keepWeeks, loadFollowed } from '../repositories/season';

/**
 * Writes down the weeks of a squad's plan that have begun, as they are planned now: called before and after each change of
 * what a plan is laid from, so that a change moves only what is ahead. Weeks before the season was first set were never
 * planned and stay unwritten.
 * @returns the plan as it stands
 */
export async function settlePlan(tx: Tx, club: ClubContext, squad: SquadRow): Promise<SeasonPlan | null> {
  if (!squad.season) return null;
  const { plannedFrom } = squad.season;
  const followed = await loadFollowed(tx, squad.id);
  const plan = seasonPlan(club, squad, await loadSquadAthletes(tx, squad.id, club.today), followed);
  // the last one written may have been changed since, while it was under way
  const from = followed.at(-1)?.start ?? mondayOf(plannedFrom);
  const begun = (plan?.weeks ?? []).filter(({ start }) => from <= start && start <= club.today);
  await keepWeeks(tx, { clubId: club.clubId, squadId: squad.id }, begun);
  return plan;
}
