import type { AthleteFacts } from '../athlete';
import { judgeDay, judgeOption, type DayContext } from '../day';
import type { Dose } from '../dose';
import type { Exercise } from '../library';
import type { DoseRowId, SideProgramme } from '../method';
import { setSeconds } from '../order';
import type { Reason } from '../result';
import { sideDose, type SideHistory } from './side-dose';

/** One item as an athlete does it today. */
export interface SideLine {
  readonly exercise: Exercise;
  readonly row: DoseRowId;
  readonly dose: Dose;
  /** why it is left out today (SAFE-8, WEEK-2); null = nothing stands against it */
  readonly barred: Reason | null;
}

/**
 * A side programme as one athlete does it today: the range focus brings its own drills (START-10), complaints and the day
 * take out what they bar on a card too (SIDE-1).
 * @param historyOf when an entry was done in this programme
 * @param context of the athlete's day, with what is at home as its place
 */
export function sideLines(
  programme: SideProgramme,
  athlete: AthleteFacts,
  historyOf: (exerciseId: string) => SideHistory,
  context: DayContext,
): SideLine[] {
  const { library, method, schools } = context;
  const drills = programme.ofFocus ? (athlete.focus?.drills ?? []) : [];
  const own = drills.flatMap((id): SideProgramme['items'] => {
    const exercise = library.exercises.get(id);
    return exercise && atHome(exercise) ? [{ exercise: id, row: 'D-MOB' }] : [];
  });
  return (own.length > 0 ? own : programme.items).flatMap(({ exercise: id, row }): SideLine[] => {
    const exercise = library.exercises.get(id);
    const dose = exercise && sideDose(exercise, row, historyOf(id), schools.jumpRest, library, method);
    if (!exercise || !dose) return [];
    const barred =
      judgeOption({ exercise, row, dose }, athlete, context, false) ??
      (method.doses[row].progresses ? judgeDay(exercise, row, dose, athlete, context) : null);
    return [{ exercise, row, dose, barred }];
  });
}

/** Minutes some lines take one after the other, rests between their sets counted. */
export const sideMinutes = (lines: readonly Pick<SideLine, 'exercise' | 'dose'>[]): number =>
  Math.ceil(
    lines.reduce(
      (sum, { exercise, dose }) =>
        sum + dose.sets * setSeconds(exercise, dose) + (dose.sets - 1) * (dose.restSeconds ?? 0),
      0,
    ) / SECONDS_A_MINUTE,
  );
const SECONDS_A_MINUTE = 60;

/** What everybody has at home. */
export const HOME_KIT: readonly string[] = ['wall', 'mat'];
const atHome = ({ equipment }: Exercise): boolean =>
  equipment.allOf.every((one) => HOME_KIT.includes(one)) &&
  (equipment.anyOf.length === 0 || equipment.anyOf.some((one) => HOME_KIT.includes(one)));
