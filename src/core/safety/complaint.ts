import type { Day } from '../calendar';
import type { Side } from '../library';

export type ComplaintColumn = 'mild' | 'three' | 'stop';

/** A clinician's dated note: it lifts a complaint down to `lifts` (null = everything) and only until it expires. */
export interface Clearance {
  readonly role: string;
  readonly from: Day;
  readonly expires: Day;
  readonly lifts: 'three' | 'mild' | null;
  /** places, tiers and loads it names, in the clinician's words */
  readonly scope?: string;
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
}

/** A complaint that bars something today. */
export interface ActiveComplaint {
  readonly place: string;
  readonly side: Side | null;
  readonly score: number;
  readonly column: ComplaintColumn;
}

/** Signs that stop as a high score does, whatever the score (SAFE-2). */
export const SIGNS = ['swelling', 'locking', 'giving way', 'night pain', 'numbness', 'up next morning'] as const;

/**
 * The column of SAFE-8 a complaint stands in on a day, or null when nothing is barred.
 * A clearance holds through its expiry day, after which the column it lifted holds again.
 */
export function complaintColumn(complaint: Complaint, today: Day): ComplaintColumn | null {
  const { clearance } = complaint;
  if (clearance && clearance.from <= today && today <= clearance.expires) return clearance.lifts;
  if (complaint.score >= 4 || complaint.signs.length > 0) return 'stop';
  if (complaint.score === 3) return 'three';
  return complaint.score >= 1 ? 'mild' : null;
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
  return score === 0 ? { ...complaint, score: 0 } : { ...complaint, score: Math.max(score, complaint.score) };
}
