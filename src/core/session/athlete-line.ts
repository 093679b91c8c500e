import type { Dose } from '../dose';
import type { DoseRowId } from '../method';
import type { Card, Line } from './card';

/** A line as one athlete does it. */
export interface AthleteLine {
  readonly line: Line;
  readonly exerciseId: string;
  readonly row: DoseRowId;
  readonly dose: Dose;
  /** done with another entry than the squad's */
  readonly replaced: boolean;
}

/** The card as one athlete does it, in order, without the lines left out. */
export function athleteLines(card: Pick<Card, 'lines' | 'overrides'>, athleteId: string): AthleteLine[] {
  return card.lines.flatMap((line) => {
    const own = card.overrides.find((over) => over.slot === line.slot && over.athleteId === athleteId);
    if (!own) return [{ line, exerciseId: line.exerciseId, row: line.row, dose: line.dose, replaced: false }];
    if (own.exerciseId === null) return [];
    return [
      { line, exerciseId: own.exerciseId, row: own.row, dose: own.dose, replaced: own.exerciseId !== line.exerciseId },
    ];
  });
}
