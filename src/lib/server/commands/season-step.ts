import { and, desc, eq, inArray, sql } from 'drizzle-orm';
import { isDeepStrictEqual } from 'node:util';
import { fail, ok, type Result } from '$core/result';
import { comparePlans } from '$core/season';
import type { Tx } from '../db/client';
import { event, season, seasonStep, squad as squadTable, type SeasonState } from '../db/schema';
import { loadClub, type ClubContext, type SquadRow } from '../repositories/club-context';
import type { SeasonStepRow } from '../repositories/season';
import { recordChanges } from './record-change';
import { settlePlan } from './settle-plan';

/** A squad, who changes it, and by which verb. */
export interface StepHead {
  readonly club: ClubContext;
  readonly squad: SquadRow;
  readonly actor: string;
  readonly verb: string;
}

/**
 * Carries out what may change a squad's plan as a step that can be taken back: what the plan was laid from before and
 * after, and what moved by it. Work that changes nothing of it leaves no step.
 */
export async function asStep<T>(tx: Tx, head: StepHead, work: () => Promise<Result<T>>): Promise<Result<T>> {
  const before = await stateOf(tx, head.squad);
  const plan = await settlePlan(tx, head.club, head.squad);
  const done = await work();
  if (!done.ok) return done;
  const { club, squad } = await again(tx, head.squad.id);
  const after = await stateOf(tx, squad);
  if (isDeepStrictEqual(before, after)) return done;
  const now = await settlePlan(tx, club, squad);
  // a step away from one that was taken back: what lay ahead of it is gone
  await tx.delete(seasonStep).where(and(eq(seasonStep.squadId, squad.id), eq(seasonStep.undone, true)));
  const last = await lastStep(tx, squad.id, false);
  await tx.insert(seasonStep).values({
    clubId: club.clubId,
    squadId: squad.id,
    number: (last?.number ?? 0) + 1,
    day: club.today,
    actor: head.actor,
    verb: head.verb,
    before,
    after,
    moved: comparePlans(plan, now, club.today),
  });
  return done;
}

/**
 * Carries out what may change the plans of a club: of one squad as a step that can be taken back, of all of them with what
 * was followed written down first.
 */
export async function movingPlans<T>(
  tx: Tx,
  { club, squadId, ...head }: { club: ClubContext; squadId: string | null; actor: string; verb: string },
  work: () => Promise<Result<T>>,
): Promise<Result<T>> {
  const squad = club.squads.find(({ id }) => id === squadId);
  if (squad) return asStep(tx, { club, squad, ...head }, work);
  for (const one of club.squads) await settlePlan(tx, club, one);
  const done = await work();
  const after = await loadClub(tx);
  for (const one of after.squads) await settlePlan(tx, after, one);
  return done;
}

/**
 * Takes the last step back, or takes one that was taken back again.
 * @returns what moved, or `nothing_to_undo`, `nothing_to_redo`, `season_changed` when the plan is not what the step left
 */
export async function moveSteps(
  tx: Tx,
  { club, squad, actor, verb }: Omit<StepHead, 'verb'> & { readonly verb: 'undo' | 'redo' },
): Promise<Result<SeasonStepRow>> {
  const isUndo = verb === 'undo';
  const step = await lastStep(tx, squad.id, !isUndo);
  if (!step) return fail(isUndo ? 'nothing_to_undo' : 'nothing_to_redo');
  const [from, to] = isUndo ? [step.after, step.before] : [step.before, step.after];
  const there = await stateOf(tx, squad);
  if (!isDeepStrictEqual(there, from)) return fail('season_changed');
  const plan = await settlePlan(tx, club, squad);
  await putBack(tx, club, squad, there.events, to);
  const fresh = await again(tx, squad.id);
  const now = await settlePlan(tx, fresh.club, fresh.squad);
  const moved = comparePlans(plan, now, club.today);
  await tx
    .update(seasonStep)
    .set({ undone: isUndo })
    .where(and(eq(seasonStep.squadId, squad.id), eq(seasonStep.number, step.number)));
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: `season-${verb}`, squadId: squad.id, from: { verb: step.verb }, to: null },
  ]);
  return ok({ ...step, moved });
}

/** The newest step that stands, or the oldest of those taken back: the next to take again. */
async function lastStep(tx: Tx, squadId: string, undone: boolean): Promise<SeasonStepRow | undefined> {
  const [step] = await tx
    .select()
    .from(seasonStep)
    .where(and(eq(seasonStep.squadId, squadId), eq(seasonStep.undone, undone)))
    .orderBy(undone ? seasonStep.number : desc(seasonStep.number))
    .limit(1)
    .for('update');
  return step;
}

async function again(tx: Tx, squadId: string): Promise<{ club: ClubContext; squad: SquadRow }> {
  const club = await loadClub(tx);
  const squad = club.squads.find(({ id }) => id === squadId);
  if (!squad) throw new Error('again: the squad of this step is gone');
  return { club, squad };
}

/**
 * What a squad's plan is laid from, as it is stored. Its events are read anew: a page knows only those of its season, and
 * what a step did not see it may not take back.
 */
async function stateOf(tx: Tx, { id: squadId, season: of, gymDays, ownSchools }: SquadRow): Promise<SeasonState> {
  const events = await tx.select().from(event).where(eq(event.squadId, squadId)).orderBy(event.id);
  return JSON.parse(
    JSON.stringify({
      season: of && {
        start: of.start,
        end: of.end,
        sessionsAWeek: of.sessionsAWeek,
        closures: of.closures,
        practices: of.practices,
        changes: of.changes,
        plannedFrom: of.plannedFrom,
      },
      events: events.map(({ id, day, name, kind, peak, uid }) => ({ id, day, name, kind, peak, uid })),
      gymDays,
      schools: ownSchools,
    }),
  ) as SeasonState;
}

async function putBack(
  tx: Tx,
  { clubId }: ClubContext,
  of: SquadRow,
  events: SeasonState['events'],
  state: SeasonState,
): Promise<void> {
  const squadId = of.id;
  await tx
    .update(squadTable)
    .set({ gymDays: state.gymDays, schools: state.schools, version: of.version + 1 })
    .where(eq(squadTable.id, squadId));
  if (!state.season) await tx.delete(season).where(eq(season.squadId, squadId));
  else {
    const version = (of.season?.version ?? 0) + 1;
    await tx
      .insert(season)
      .values({ clubId, squadId, ...state.season, version })
      .onConflictDoUpdate({ target: [season.clubId, season.squadId], set: { ...state.season, version } });
  }
  const wanted = new Map(state.events.map((one) => [one.id, one]));
  const gone = events.filter(({ id }) => !wanted.has(id)).map(({ id }) => id);
  if (gone.length > 0) await tx.delete(event).where(and(eq(event.squadId, squadId), inArray(event.id, gone)));
  const there = new Map(events.map((one) => [one.id, one]));
  const other = state.events.filter((one) => !isDeepStrictEqual(one, there.get(one.id)));
  if (other.length > 0)
    await tx
      .insert(event)
      .values(other.map((one) => ({ clubId, squadId, ...one })))
      .onConflictDoUpdate({
        target: [event.clubId, event.id],
        set: {
          day: sql`excluded.day`,
          name: sql`excluded.name`,
          kind: sql`excluded.kind`,
          peak: sql`excluded.peak`,
          version: sql`${event.version} + 1`,
        },
      });
}
