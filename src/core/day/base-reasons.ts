import type { AthleteFacts } from '../athlete';
import type { Dose } from '../dose';
import type { Exercise } from '../library';
import type { DoseRowId } from '../method';
import type { Reason } from '../result';
import type { Line } from '../session';
import type { Track } from '../track';
import type { DayContext } from './day-context';

interface Base {
  readonly line: Line;
  readonly row: DoseRowId;
  readonly levelled: DoseRowId;
  readonly exercise: Exercise;
  readonly dose: Dose;
  readonly full: Dose;
  readonly holds: Track['owned'];
}

/** Why an athlete's line differs from the squad's before anything of today is laid over it, and what is to be minded on it. */
export function reasonsFor(of: Base, athlete: AthleteFacts, context: DayContext): Reason[] {
  const isTight = context.leavesTight(athlete.id).has(of.exercise.id);
  const { tight, of: last } = context.method.settings.progress.tolerance;
  return [
    ...howItDiffers(of, athlete, context),
    ...(isTight ? [{ code: 'leaves_tight', rules: ['PROG-14'], facts: { tight, last } }] : []),
  ];
}

function howItDiffers(of: Base, athlete: AthleteFacts, { method }: DayContext): Reason[] {
  const { line, row, levelled, exercise, dose, full } = of;
  if (row !== levelled)
    return [{ code: 'at_ceiling', rules: ['DOSE-6'], facts: { lift: exercise.load.oneRepMax?.lift ?? '' } }];
  if (of.holds)
    return [
      ...(exercise.id === line.exerciseId ? [] : [{ code: 'own_rung', rules: ['PROG-2'], facts: {} }]),
      ...(of.holds.by === 'accepted'
        ? [
            {
              code: of.holds.rules.includes('PROG-17') ? 'moved_by_rule' : 'accepted_change',
              rules: of.holds.rules,
              facts: {},
            },
          ]
        : []),
    ];
  const easier = row !== line.row || dose.sets < full.sets || dose.amount !== full.amount;
  if (!easier || !method.doses[row].progresses) return [];
  const known = athlete.caution !== 'gentle';
  const held = athlete.focus?.holdsBack ?? false;
  return [
    {
      code: 'bottom_of_range',
      rules: [!known ? 'START-2' : held ? 'START-1' : 'PHASE-3'],
      facts: { level: athlete.liftLevel, known, focus: held ? (athlete.focus?.name ?? null) : null },
    },
  ];
}
