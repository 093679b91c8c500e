import { takesLoad } from '../dose';
import type { MethodTables } from '../method';
import { applyStepTo, type Exposure, type StepCause, type Track } from '../track';
import type { Change } from './change';
import { fallOfLift } from './fall-of-lift';
import type { ProgressCase } from './progress-case';

/** A change a rule makes by itself once a session is over. */
export interface Settlement {
  readonly cause: Extract<StepCause, 'found-load' | 'fall' | 'layoff'>;
  readonly exerciseId: string;
  readonly row: Track['row'];
  readonly sessionId: string;
  readonly day: string;
  readonly change: Change;
}

/**
 * What the rules settle of a line's newest exposure without asking anybody: a load that was found (DOSE-2), a layoff's
 * cut that was done (PROG-7), a lift that was done short (PROG-9). Nothing is settled twice, nor what a person decided since.
 */
export function settleLine(
  { exercise, row, track, kit }: Pick<ProgressCase, 'exercise' | 'row' | 'track' | 'kit'>,
  method: MethodTables,
): Settlement[] {
  const [last] = track.exposures;
  if (!last || last.settledBy.length > 0 || track.movedTo !== null) return [];
  const as = (cause: Settlement['cause'], change: Change | null): Settlement[] =>
    change ? [{ cause, exerciseId: exercise.id, row, sessionId: last.sessionId, day: last.day, change }] : [];
  if (last.eased.includes('PROG-7')) {
    const cut = doneUnderLayoff(exercise.id, track, last);
    // done short under the cut: the lighter bar stands from here on
    const fall = fallOfLift({ exercise, last, owned: cut.to.dose, kit }, method);
    return as('layoff', fall ? { ...cut, to: fall.to, rules: [...cut.rules, ...fall.rules] } : cut);
  }
  if (track.owned && track.owned.by !== 'done') return [];
  const found = foundLoad(exercise.id, track, last, takesLoad(exercise, last.dose));
  if (found) return as('found-load', found);
  return track.owned ? as('fall', fallOfLift({ exercise, last, owned: track.owned.dose, kit }, method)) : [];
}

/** The first session done under a layoff's cut makes the cut dose and load the owned ones. */
function doneUnderLayoff(exerciseId: string, track: Track, last: Exposure): Change {
  const dose = last.based ?? last.dose;
  return {
    kind: 'layoff',
    from: { exerciseId, dose: track.owned?.dose ?? dose },
    to: { exerciseId, dose },
    rules: ['PROG-7'],
    saw: { day: last.day, sets: track.owned?.dose.sets ?? dose.sets, loadKg: track.owned?.dose.loadKg ?? null },
  };
}

/** The heaviest load that kept the reserve asked for; else the heaviest of all, which the next fall corrects. */
function foundLoad(exerciseId: string, track: Track, last: Exposure, loaded: boolean): Change | null {
  if (!loaded || last.dose.loadKg !== null) return null;
  const target = last.dose.rir ?? 0;
  const withLoad = last.sets.filter((set) => set.loadKg !== null);
  const kept = withLoad.filter((set) => set.rir === null || set.rir >= target);
  const loads = (kept.length > 0 ? kept : withLoad).flatMap((set) => set.loadKg ?? []);
  if (loads.length === 0) return null;
  const loadKg = kept.length > 0 ? Math.max(...loads) : Math.min(...loads);
  const dose = track.owned?.dose ?? last.based ?? last.dose;
  return {
    kind: 'load-found',
    from: { exerciseId, dose },
    to: { exerciseId, dose: { ...dose, loadKg, percent: null } },
    rules: ['DOSE-2'],
    saw: { day: last.day, loadKg, targetRir: target },
  };
}

/** A track as it stands once the rules have settled what is over: what a page shows before anybody has closed the session. */
export const asSettled = (track: Track, settled: readonly Settlement[]): Track =>
  settled.reduce(
    (now, { cause, change, sessionId }) => applyStepTo(now, { cause, to: change.to, sessionId, rules: change.rules }),
    track,
  );
