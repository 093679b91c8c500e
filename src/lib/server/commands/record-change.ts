import { v7 } from 'uuid';
import type { Day } from '$core/calendar';
import type { Tx } from '../db/client';
import { change } from '../db/schema';

export interface ChangeRecord {
  readonly day: Day;
  /** user id of the staff member, or `athlete:<id>` */
  readonly actor: string;
  readonly subject: string;
  readonly athleteId?: string | null;
  readonly squadId?: string | null;
  readonly sessionId?: string | null;
  readonly from: unknown;
  readonly to: unknown;
  readonly rules?: readonly string[];
  readonly saw?: unknown;
}

/** Adds to the history: from → to, the rules, the numbers they saw, and who. Never changed afterwards. */
export async function recordChanges(tx: Tx, clubId: string, records: readonly ChangeRecord[]): Promise<void> {
  if (records.length === 0) return;
  await tx.insert(change).values(
    records.map((record) => ({
      clubId,
      id: v7(),
      day: record.day,
      actor: record.actor,
      subject: record.subject,
      athleteId: record.athleteId ?? null,
      squadId: record.squadId ?? null,
      sessionId: record.sessionId ?? null,
      from: record.from,
      to: record.to,
      rules: record.rules ?? [],
      saw: record.saw ?? null,
    })),
  );
}
