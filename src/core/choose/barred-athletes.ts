import type { Dose } from '../dose';
import { getExercise } from '../library';
import type { Finding } from '../result';
import { athleteLines, type Card, type Line } from '../session';
import type { Brief } from './brief';
import type { Context } from './context';
import { judgeDay, judgeOption } from './judge-option';

/** Athletes whose stored line is barred for them today: complaints change after a card is made. */
export function barredAthletes(card: Pick<Card, 'lines' | 'overrides'>, context: Context): Finding[] {
  return context.brief.athletes.flatMap((athlete) =>
    athleteLines(card, athlete.id).flatMap(({ line, exerciseId, row, dose }): Finding[] => {
      const bar = barOf(line, exerciseId, row, dose, athlete, context);
      return bar
        ? [
            {
              ...bar,
              severity: 'forbid',
              facts: { ...bar.facts, slot: line.slot, athleteId: athlete.id, athlete: athlete.name },
            },
          ]
        : [];
    }),
  );
}

function barOf(
  line: Line,
  exerciseId: string,
  row: Line['row'],
  dose: Dose,
  athlete: Brief['athletes'][number],
  context: Context,
) {
  const exercise = getExercise(context.library, exerciseId);
  const bar = judgeOption(exercise, row, dose, athlete, context);
  return bar ?? (line.pinned ? null : judgeDay(exercise, row, dose, athlete, context));
}
