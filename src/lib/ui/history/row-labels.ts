import type { MassUnit } from '$core/units';
import type { AthleteHistory } from '$lib/model/athlete-history';
import { rowsOf, type HistoryRow } from './history-rows';
import { figure, figureOf, shownUnit, shownValue } from './shown-value';

/** What stands beside a row of the history: its name at the left, the last value at the right, each over a note. */
export interface RowLabels {
  readonly top: number;
  readonly height: number;
  readonly name: readonly [string, string];
  readonly last: readonly [string, string];
}

export const labelsOf = (history: AthleteHistory, mass: MassUnit): RowLabels[] =>
  rowsOf(history).rows.map((row) => ({ top: row.top, height: row.height, ...said(row, history, mass) }));

function said(row: HistoryRow, history: AthleteHistory, mass: MassUnit): Pick<RowLabels, 'name' | 'last'> {
  if (row.kind === 'measured') {
    const one = history.measured[row.index];
    const last = one?.points.at(-1);
    if (!one || !last) return { name: ['', ''], last: ['', ''] };
    const unit = `${shownUnit(one.as, mass)}${one.as.lift ? ' e1RM' : ''}`;
    return {
      name: [one.name, '± typical error'],
      last: [figureOf(shownValue(last.value, one.as, mass), one.as), unit],
    };
  }
  if (row.kind === 'ladder') {
    const one = history.ladders[row.index];
    const last = one?.steps.at(-1);
    return {
      name: [one?.name ?? '', 'rung'],
      last: [`rung ${String(last?.rung ?? 0)} of ${String(one?.rungs ?? 0)}`, last?.exercise ?? ''],
    };
  }
  if (row.kind === 'mornings') {
    const calm = history.mornings.filter(({ answer }) => answer === 'fine').length;
    return { name: ['Mornings', ''], last: [`${String(calm)} of ${String(history.mornings.length)} fine`, ''] };
  }
  if (row.kind === 'complaints') {
    const open = (history.complaints ?? []).filter((one) => one.open).length;
    return { name: ['Complaints', ''], last: [open === 0 ? 'none open' : `${String(open)} open`, ''] };
  }
  if (row.kind === 'load') {
    const last = history.weeks.findLast(({ load }) => load !== null);
    return {
      name: ['Load a week', 'effort × minutes'],
      last: [figure(last?.load ?? 0), last?.atLeast ? 'at least: a day is unknown' : 'the last week'],
    };
  }
  const sum = (of: 'setsWritten' | 'setsDone'): number => history.weeks.reduce((total, week) => total + week[of], 0);
  return {
    name: ['Sets', 'written, done'],
    last: [`${String(sum('setsDone'))} of ${String(sum('setsWritten'))}`, 'done'],
  };
}
