import { and, asc, eq, gte, inArray, isNull, lte, or } from 'drizzle-orm';
import { addDays, type Day } from '$core/calendar';
import type { Dose } from '$core/dose';
import type { DoseRowId } from '$core/method';
import type { Tx } from '../db/client';
import { fact } from '../db/schema';

/** Days of doing that are read: a dose goes on from the last time, and a coach looks back over two weeks. */
const DONE_DAYS = 84;

/** A side programme given to a squad, or to one athlete of it. */
export interface SideGiven {
  readonly programme: string;
  readonly squadId: string;
  /** null = everybody */
  readonly athleteId: string | null;
  readonly since: Day;
}

/** One time an athlete did one, with what it held. */
export interface SideDone {
  readonly programme: string;
  readonly squadId: string;
  readonly athleteId: string;
  readonly day: Day;
  readonly lines: readonly { readonly exerciseId: string; readonly row: DoseRowId; readonly dose: Dose }[];
}

export interface Sides {
  readonly given: readonly SideGiven[];
  readonly done: readonly SideDone[];
}

/** What a fact of a side programme holds: given or ended, done or taken back. */
export interface GivenBody {
  readonly programme: string;
  readonly on: boolean;
}
export interface DoneBody extends Pick<SideDone, 'programme' | 'lines'> {
  readonly removed: boolean;
}

/**
 * The side programmes of squads as they stand, and when they were done: of several facts on the same thing the last counts.
 * @param athleteId only what concerns this athlete; null = everybody
 */
export async function loadSides(
  tx: Tx,
  squadIds: readonly string[],
  athleteId: string | null,
  today: Day,
): Promise<Sides> {
  if (squadIds.length === 0) return { given: [], done: [] };
  const rows = await tx
    .select()
    .from(fact)
    .where(
      and(
        inArray(fact.squadId, [...squadIds]),
        athleteId === null ? undefined : or(isNull(fact.athleteId), eq(fact.athleteId, athleteId)),
        or(
          eq(fact.kind, 'side-given'),
          and(eq(fact.kind, 'side'), gte(fact.day, addDays(today, -DONE_DAYS)), lte(fact.day, today)),
        ),
      ),
    )
    .orderBy(asc(fact.seq));
  const done = new Map<string, SideDone>();
  for (const { kind, squadId, athleteId: of, day, body } of rows) {
    if (kind !== 'side' || squadId === null || of === null) continue;
    const { programme, lines, removed } = body as DoneBody;
    const key = `${of} ${programme} ${day}`;
    if (removed) done.delete(key);
    else done.set(key, { programme, squadId, athleteId: of, day, lines });
  }
  return { given: givenIn(rows), done: [...done.values()].sort((a, b) => (a.day < b.day ? -1 : 1)) };
}

/** What stands of everything that was given and ended. @param facts in the order of writing; of other kinds are left out */
export function givenIn(facts: readonly (typeof fact.$inferSelect)[]): SideGiven[] {
  const given = new Map<string, SideGiven>();
  for (const { kind, squadId, athleteId, day, body } of facts) {
    if (kind !== 'side-given' || squadId === null) continue;
    const { programme, on } = body as GivenBody;
    const key = `${squadId} ${athleteId ?? ''} ${programme}`;
    if (on) given.set(key, given.get(key) ?? { programme, squadId, athleteId, since: day });
    else given.delete(key);
  }
  return [...given.values()];
}
