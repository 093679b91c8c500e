import type { Day } from '../calendar';
import type { Side, Tier } from '../library';
import type { ReturnStageId } from '../method';
import type { Returning } from './return-stage';

export type ComplaintColumn = 'mild' | 'three' | 'stop';

/** The columns of SAFE-8 from mild to stop. */
export const ACTIVE_COLUMNS: readonly ComplaintColumn[] = ['mild', 'three', 'stop'];

/** What a clinician's note leaves out although it lifts the column. Null = no limit of that kind. */
export interface ClearanceScope {
  readonly maxTier: Tier | 'none' | null;
  /** share of e1RM, 0–1, for work that falls on the place */
  readonly maxIntensity: number | null;
  /** the clinician's own words; they lift nothing by themselves */
  readonly note: string;
}

/**
 * A clinician's dated note: it lifts a complaint down to `lifts` (null = everything), until it expires, and only what was
 * known when it was given.
 */
export interface Clearance {
  readonly role: string;
  readonly from: Day;
  readonly expires: Day;
  readonly lifts: 'three' | 'mild' | null;
  readonly scope: ClearanceScope;
  /** it lifts by stages, no further than this one, in place of a column; absent = at once */
  readonly upTo?: ReturnStageId | null;
  /** score and signs it was given for */
  readonly score: number;
  readonly signs: readonly string[];
  /** day of the later answer that was worse or brought a new sign; null while it stands */
  readonly endedOn: Day | null;
}

/** A complaint as it stands. `calmAnswers` counts the athlete's own answers of 0–2 in a row since the last higher one. */
export interface Complaint {
  readonly place: string;
  readonly side: Side | null;
  readonly score: number;
  readonly signs: readonly string[];
  readonly since: Day;
  readonly calmAnswers: number;
  readonly clearance: Clearance | null;
  /** on the way back by stages; null = not */
  readonly returning: Returning | null;
}

/** A complaint that bars something today. `cleared` = only what the clearance's scope leaves out. */
export interface ActiveComplaint {
  readonly place: string;
  readonly side: Side | null;
  readonly score: number;
  readonly column: ComplaintColumn | 'cleared';
  /** limits of its clearance, where it has any */
  readonly maxTier?: Tier | 'none' | null;
  readonly maxIntensity?: number | null;
  /** what its stage opens of what the column stops */
  readonly returning?: Returning | null;
}

/** Signs that stop as a high score does, whatever the score (SAFE-2). */
export const SIGNS = ['swelling', 'locking', 'giving way', 'night pain', 'numbness', 'up next morning'] as const;

const rank = (column: ComplaintColumn | null): number => (column === null ? -1 : ACTIVE_COLUMNS.indexOf(column));

/** The column a score and its signs stand in, without any clearance. */
export function ownColumn({ score, signs }: Pick<Complaint, 'score' | 'signs'>): ComplaintColumn | null {
  if (score >= 4 || signs.length > 0) return 'stop';
  if (score === 3) return 'three';
  return score >= 1 ? 'mild' : null;
}

export const inForce = ({ clearance }: Pick<Complaint, 'clearance'>, today: Day): Clearance | null =>
  clearance &&
  (clearance.endedOn === null || today < clearance.endedOn) &&
  clearance.from <= today &&
  today <= clearance.expires
    ? clearance
    : null;

/**
 * The column of SAFE-8 a complaint stands in on a day, or null when nothing is barred. A clearance holds through its
 * expiry day and never makes anything stricter; one that a worse answer ended leaves everything stopped until a new one.
 */
export function complaintColumn(complaint: Complaint, today: Day): ComplaintColumn | null {
  const own = ownColumn(complaint);
  const { clearance } = complaint;
  if (clearance && clearance.endedOn !== null && clearance.endedOn <= today) return 'stop';
  const given = inForce(complaint, today);
  if (returningOn(complaint, today)) return null;
  return given && rank(given.lifts) < rank(own) ? given.lifts : own;
}

/** The stage of the way back that counts on a day: while the note that opened it is in force. */
export const returningOn = (complaint: Complaint, today: Day): Returning | null =>
  inForce(complaint, today)?.upTo ? complaint.returning : null;

/** What a complaint bars on a day, or null when nothing. On the way back its own column holds but for what is opened. */
export function activeComplaint(complaint: Complaint, today: Day): ActiveComplaint | null {
  // a note's limits go with what it was given for
  if (ownColumn(complaint) === null) return null;
  const returning = returningOn(complaint, today);
  const column = returning ? ownColumn(complaint) : complaintColumn(complaint, today);
  const scope = inForce(complaint, today)?.scope ?? null;
  const limits = { maxTier: scope?.maxTier ?? null, maxIntensity: scope?.maxIntensity ?? null };
  if (column === null && limits.maxTier === null && limits.maxIntensity === null) return null;
  const { place, side, score } = complaint;
  return { place, side, score, column: column ?? 'cleared', ...limits, ...(returning && { returning }) };
}

/**
 * A complaint after the athlete's own later answer, 0–10 at its place (SAFE-8). 4 and more, or a sign, is never lifted
 * by an answer; a 3 by two in a row at 0–2; a 1–2 by a 0; a higher score counts at once.
 * @returns the complaint as it stands now; score 0 = closed
 * @example score 3, answers 2 then 1 → score 1
 */
export function answerComplaint(complaint: Complaint, score: number): Complaint {
  if (score > complaint.score) return { ...complaint, score, calmAnswers: 0 };
  if (complaint.score >= 4 || complaint.signs.length > 0) return complaint;
  if (complaint.score === 3) {
    if (score > 2) return { ...complaint, calmAnswers: 0 };
    const calmAnswers = complaint.calmAnswers + 1;
    return calmAnswers >= 2 ? { ...complaint, score, calmAnswers: 0 } : { ...complaint, calmAnswers };
  }
  return score === 0 ? { ...complaint, score: 0 } : complaint;
}
