import type { MassUnit } from '$core/units';
import type { SquadHistory } from '$lib/model/squad-history';
import type { Words } from './labelled-image';
import { figureOf, shownUnit, shownValue } from './shown-value';
import { CELL } from './squad-option';

/** What stands over an athlete's small chart: name, last value, and how far it moved against its error. */
export interface AthleteCell {
  readonly id: string;
  readonly name: string;
  readonly value: string;
  readonly moved: string;
  readonly left: number;
  readonly top: number;
}

export const cellsOf = ({ athletes }: SquadHistory, columns: number, mass: MassUnit): AthleteCell[] =>
  athletes.map(({ id, name, series, moved }, i) => {
    const last = series?.points.at(-1);
    const place = { left: (i % columns) * CELL.width, top: Math.floor(i / columns) * CELL.height };
    if (!series || !last) return { ...place, id, name, value: '', moved: 'not measured in this time' };
    const figure = (value: number): string => figureOf(shownValue(value, series.as, mass), series.as);
    return {
      ...place,
      id,
      name,
      value: `${figure(last.value)} ${shownUnit(series.as, mass)}`,
      moved: moved
        ? `${moved.change >= 0 ? '+' : '−'} ${figure(Math.abs(moved.change))} ${moved.beyond ? 'beyond its error' : 'within its error'}`
        : '',
    };
  });

/** The same as words on the picture. */
export const besideCells = (cells: readonly AthleteCell[]) => (): Words[] =>
  cells.flatMap(({ name, value, moved, left, top }): Words[] => [
    { x: left, y: top + 14, size: 13, text: name },
    { x: left, y: top + 30, size: 11, text: [value, moved].filter((word) => word !== '').join(', ') },
  ]);
