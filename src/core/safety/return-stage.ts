import type { Day } from '../calendar';
import type { Exercise, Tier } from '../library';
import { RETURN_STAGES, type DoseRowId, type MethodTables, type ReturnStageId, type ReturnWork } from '../method';

/** Where an athlete stands on the way back from a complaint (SAFE-2). */
export interface Returning {
  readonly stage: ReturnStageId;
  /** fine answers in a row at this stage, each after a session */
  readonly fines: number;
  /** sessions from this day on have not been answered for yet */
  readonly since: Day;
}

/** Fine answers that open the next stage, and the pain that takes one back (SAFE-2): facts are folded by them, no club changes them. */
export const FINES_A_STAGE = 2;
const BACK_FROM_PAIN = 3;

/** What an answer says of the way back. */
export type ReturnAnswer = 'fine' | 'usual' | 'tight' | { readonly pain: number };

/** The first stage, on the day of the note that begins it. */
export const returnFrom = (since: Day): Returning => ({ stage: RETURN_STAGES[0], fines: 0, since });

const at = (stage: ReturnStageId): number => RETURN_STAGES.indexOf(stage);

/** Whether a stage lies beyond another. */
export const isBeyond = (stage: ReturnStageId, other: ReturnStageId): boolean => at(stage) > at(other);

/** The stage after, or before; null beyond the ends. */
export const stageBeside = (stage: ReturnStageId, steps: 1 | -1): ReturnStageId | null =>
  RETURN_STAGES[at(stage) + steps] ?? null;

/** Fine answers still wanted at this stage. */
export const finesLeft = ({ fines }: Pick<Returning, 'fines'>): number => Math.max(0, FINES_A_STAGE - fines);

/**
 * The way back after a note or an answer: a stage opens with two fine answers, and no further than the clinician's note
 * says. Tightness and pain count from nought again; pain of 3 or more goes one stage back.
 * @param upTo the furthest stage the note opens; a note for less than where the athlete stands holds at it
 */
export function stepReturn(now: Returning, answer: ReturnAnswer | null, upTo: ReturnStageId): Returning {
  if (isBeyond(now.stage, upTo)) return { ...now, stage: upTo, fines: 0 };
  if (answer === 'tight') return { ...now, fines: 0 };
  if (answer !== null && typeof answer === 'object') {
    const back = answer.pain >= BACK_FROM_PAIN ? stageBeside(now.stage, -1) : null;
    return { ...now, stage: back ?? now.stage, fines: 0 };
  }
  const fines = Math.min(FINES_A_STAGE, now.fines + (answer === 'fine' ? 1 : 0));
  const next = stageBeside(now.stage, 1);
  return next !== null && fines === FINES_A_STAGE && !isBeyond(next, upTo)
    ? { ...now, stage: next, fines: 0 }
    : { ...now, fines };
}

/** Which kind of work an entry is on the way back, dosed by a row. @param tier null when it does not land */
export function returnWork(exercise: Exercise, row: DoseRowId, tier: Tier | null): ReturnWork {
  const { speed, stance, flags, plyo, family } = exercise;
  if (plyo?.reactive === true) return 'everything';
  if (family === 'agility' || flags.includes('sprint') || flags.includes('allOut')) return 'planned-speed';
  if (tier === 'high' || tier === 'shock') return 'everything';
  if (tier !== null) return tier === 'low' ? 'low-contacts' : 'medium-contacts';
  if (flags.includes('strikes')) return 'strikes';
  if (speed === 'fast' || speed === 'maximal') return 'fast';
  if (speed === 'hold') return 'hold';
  if (flags.includes('lengthened') || row === 'D-ECC') return 'lengthened';
  return stance === 'two-leg' || stance === 'none' ? 'slow-two-leg' : 'slow-one-leg';
}

/** The stage that opens a kind of work. @throws {RangeError} a kind no stage opens: the table is broken */
export function openingStage(work: ReturnWork, { stages }: Pick<MethodTables['returning'], 'stages'>): ReturnStageId {
  const stage = RETURN_STAGES.find((id) => stages[id].opens.includes(work));
  if (!stage) throw new RangeError(`openingStage: no stage opens ${work}`);
  return stage;
}

/**
 * Steps of dose an athlete has earned since a kind of work was opened: the fine answers since (PROG-2).
 * @returns -1 while it is closed
 */
export function stepsSince(now: Returning, work: ReturnWork, rules: Pick<MethodTables['returning'], 'stages'>): number {
  const opened = at(openingStage(work, rules));
  return opened > at(now.stage) ? -1 : (at(now.stage) - opened) * FINES_A_STAGE + now.fines;
}
