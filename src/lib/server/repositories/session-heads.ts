import { inArray } from 'drizzle-orm';
import type { Phase } from '$core/library';
import type { Tx } from '../db/client';
import { gymSession } from '../db/schema';

/** What progress asks of a session: whose card it was, and in which phase. */
export interface SessionHead {
  readonly squadId: string;
  readonly athleteId: string | null;
  readonly phase: Phase;
}

/** Whose cards some sessions were, and in which phase. */
export async function loadSessionHeads(
  tx: Tx,
  ids: readonly string[],
): Promise<(id: string) => SessionHead | undefined> {
  if (ids.length === 0) return () => undefined;
  const rows = await tx
    .select({
      id: gymSession.id,
      squadId: gymSession.squadId,
      athleteId: gymSession.athleteId,
      phase: gymSession.phase,
    })
    .from(gymSession)
    .where(inArray(gymSession.id, [...ids]));
  const heads = new Map(rows.map(({ id, ...head }) => [id, head]));
  return (id) => heads.get(id);
}
