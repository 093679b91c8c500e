import { v5 } from 'uuid';
import type { Day } from '$core/calendar';
import type { DoseRowId } from '$core/method';
import type { Tx } from '../db/client';
import { fact } from '../db/schema';

export interface NewFact {
  readonly id: string;
  readonly kind: (typeof fact.$inferInsert)['kind'];
  readonly day: Day;
  readonly actor: string;
  readonly athleteId?: string | null;
  readonly squadId?: string | null;
  readonly sessionId?: string | null;
  readonly exerciseId?: string | null;
  readonly row?: DoseRowId | null;
  readonly body: unknown;
}

/** Adds facts; one that is there already stays as it is. */
export async function addFacts(tx: Tx, clubId: string, facts: readonly NewFact[]): Promise<void> {
  if (facts.length === 0) return;
  await tx
    .insert(fact)
    .values(facts.map((one) => ({ clubId, ...one })))
    .onConflictDoNothing();
}

const NAMESPACE = '5b0f5d0e-5c1c-5d2a-9a53-0f4a3c2f7d11';
/** An id that follows from what it names: the same thing twice is one. */
export const derivedId = (...parts: readonly string[]): string => v5(parts.join(' '), NAMESPACE);
