import { and, eq } from 'drizzle-orm';
import type { Clearance } from '$core/safety';
import { fail, ok, type Result } from '$core/result';
import type { Side } from '$core/library';
import type { Day } from '$core/calendar';
import type { Tx } from '../db/client';
import { complaint } from '../db/schema';
import type { AthleteRow } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';
import { checksOf } from '../reads/way-back';
import { addFacts } from './facts';
import { recordChanges } from './record-change';
import { lockAthletes, refoldComplaints } from './refold';

interface Noted {
  readonly place: string;
  readonly side: Side | null;
  readonly score: number;
  readonly signs: readonly string[];
  readonly since: Day;
}

/** A complaint the coach writes down (SAFE-2). @param id the command's: a repeat is the same complaint */
export async function noteComplaint(
  tx: Tx,
  club: ClubContext,
  athleteId: string,
  id: string,
  noted: Noted,
  actor: string,
): Promise<Result<null>> {
  if (!Object.hasOwn(club.method.places, noted.place)) return fail('place_unknown', ['place']);
  if (noted.since > club.today) return fail('since_ahead', ['since']);
  await lockAthletes(tx, [athleteId]);
  await addFacts(tx, club.clubId, [{ id, kind: 'complaint', day: club.today, actor, athleteId, body: noted }]);
  await refoldComplaints(tx, club.clubId, athleteId);
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'complaint',
      athleteId,
      from: null,
      to: noted,
      rules: ['SAFE-2', 'SAFE-8'],
    },
  ]);
  return ok(null);
}

/**
 * A clinician's dated note on one of this athlete's complaints (SAFE-2).
 * @returns nothing, `complaint_unknown`, or `already_expired`
 */
export async function clearComplaint(
  tx: Tx,
  club: ClubContext,
  athleteId: string,
  id: string,
  { complaintId, ...given }: Omit<Clearance, 'score' | 'signs' | 'endedOn' | 'from'> & { readonly complaintId: string },
  actor: string,
): Promise<Result<null>> {
  if (given.expires < club.today) return fail('already_expired', ['expires']);
  const row = await complaintOf(tx, athleteId, complaintId);
  if (!row) return fail('complaint_unknown', ['complaintId']);
  await lockAthletes(tx, [athleteId]);
  const clearance = { ...given, from: club.today };
  await addFacts(tx, club.clubId, [
    { id, kind: 'clearance', day: club.today, actor, athleteId, body: { complaint: row.origin, given: clearance } },
  ]);
  await refoldComplaints(tx, club.clubId, athleteId);
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'clearance', athleteId, from: null, to: clearance, rules: ['SAFE-2'] },
  ]);
  return ok(null);
}

/** A complaint was passed on to a clinician. */
export async function referComplaint(
  tx: Tx,
  club: ClubContext,
  id: string,
  complaintId: string,
  actor: string,
): Promise<Result<null>> {
  const [row] = await tx.select().from(complaint).where(eq(complaint.id, complaintId));
  if (!row) return fail('complaint_unknown', ['complaintId']);
  const { athleteId, origin, place, score } = row;
  await lockAthletes(tx, [athleteId]);
  await addFacts(tx, club.clubId, [
    { id, kind: 'referral', day: club.today, actor, athleteId, body: { complaint: origin } },
  ]);
  await refoldComplaints(tx, club.clubId, athleteId);
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'referred', athleteId, from: null, to: { place, score }, rules: ['SAFE-2'] },
  ]);
  return ok(null);
}

/**
 * The coach's word that the way back is over, once the clinician's last stage, calm answers, sides and screens say so (SAFE-2).
 * @returns nothing, `complaint_unknown`, `not_returning`, or `return_not_over` with how many checks are open
 */
export async function leaveReturn(
  tx: Tx,
  club: ClubContext,
  athlete: AthleteRow,
  id: string,
  complaintId: string,
  actor: string,
): Promise<Result<null>> {
  const row = await complaintOf(tx, athlete.id, complaintId);
  if (!row) return fail('complaint_unknown', ['complaintId']);
  if (!row.returning) return fail('not_returning', ['complaintId']);
  const open = checksOf(athlete, row, club).filter(({ met }) => met !== true);
  if (open.length > 0) return fail('return_not_over', ['complaintId'], { open: open.length });
  await lockAthletes(tx, [athlete.id]);
  await addFacts(tx, club.clubId, [
    { id, kind: 'returned', day: club.today, actor, athleteId: athlete.id, body: { complaint: row.origin } },
  ]);
  await refoldComplaints(tx, club.clubId, athlete.id);
  const { place, score } = row;
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'returned',
      athleteId: athlete.id,
      from: { place, score },
      to: null,
      rules: ['SAFE-2'],
    },
  ]);
  return ok(null);
}

async function complaintOf(tx: Tx, athleteId: string, complaintId: string) {
  const [row] = await tx
    .select()
    .from(complaint)
    .where(and(eq(complaint.id, complaintId), eq(complaint.athleteId, athleteId)));
  return row;
}
