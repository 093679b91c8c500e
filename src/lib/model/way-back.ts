import type { ReturnStageId } from '$core/method';

/** An athlete's way back from a complaint, as a screen shows it (SAFE-2). */
export interface WayBack {
  readonly stage: ReturnStageId;
  readonly name: string;
  /** every stage; `closed` = beyond the clinician's note */
  readonly stages: readonly {
    readonly id: ReturnStageId;
    readonly name: string;
    readonly state: 'done' | 'now' | 'ahead' | 'closed';
  }[];
  readonly finesLeft: number;
  /** name of the stage after; null at the last */
  readonly next: string | null;
  /** the note is in force today; else nothing of it counts until there is a new one */
  readonly holds: boolean;
  /** the next stage is earned and beyond the note */
  readonly needsNote: boolean;
  /** weak side over strong side that counts as alike, 0–1 */
  readonly symmetryFrom: number;
  readonly checks: readonly {
    readonly of: 'note' | 'calm' | 'symmetry' | 'screen';
    /** name of the test */
    readonly test: string | null;
    /** null = not known */
    readonly met: boolean | null;
    readonly share: number | null;
  }[];
}

/** Whether everything asked before *return* is left is there. */
export const mayLeave = ({ checks }: Pick<WayBack, 'checks'>): boolean => checks.every(({ met }) => met === true);
