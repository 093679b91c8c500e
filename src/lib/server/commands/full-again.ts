import { eq } from 'drizzle-orm';
import { lightCard } from '$core/progress';
import { ok, type Result } from '$core/result';
import type { Tx } from '../db/client';
import { athlete } from '../db/schema';
import { knowRow, type AthletePage } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { recordChanges } from './record-change';

/** The coach takes an athlete's light card off, whatever made it; where there is none any more nothing is kept (PROG-16, PROG-10). */
export async function fullAgain(
  tx: Tx,
  club: ClubContext,
  squad: SquadRow,
  row: AthletePage,
  actor: string,
): Promise<Result<null>> {
  const { tracks, facts } = knowRow(row, club.today, club, squad);
  const why = lightCard(tracks, facts, club.today);
  if (why === null) return ok(null);
  await tx.update(athlete).set({ lighterFrom: null, fullFrom: club.today }).where(eq(athlete.id, row.id));
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'full-again',
      athleteId: row.id,
      from: null,
      to: { from: club.today },
      rules: [why === 'light-card' ? 'PROG-16' : 'PROG-10'],
    },
  ]);
  return ok(null);
}
