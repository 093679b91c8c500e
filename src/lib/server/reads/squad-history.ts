import { addDays, weekdayOf, type Day } from '$core/calendar';
import type { DoseRowId } from '$core/method';
import type { HistoryWeeks } from '$lib/model/athlete-history';
import type { AthleteLine, SquadHistory } from '$lib/model/squad-history';
import type { Tx } from '../db/client';
import { loadLinesWritten, loadSetsDone } from '../repositories/balance';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { loadLiftSets, loadSquadResults } from '../repositories/squad-history';
import { movedOver, seriesOf } from './history-series';

/** What a squad is looked at by first, where it was measured. */
const FIRST = ['back-squat', 'deadlift', 'cmj'];

/**
 * A squad's past as small multiples: one measure of everybody, from tests and training, and sets planned and done by week.
 * @param asked a test; where nobody was measured by it, the first there is
 */
export async function readSquadHistory(
  tx: Tx,
  club: ClubContext,
  squad: SquadRow,
  weeks: HistoryWeeks,
  asked: string | null,
): Promise<SquadHistory> {
  const { today, method } = club;
  const from = addDays(addDays(today, 1 - weekdayOf(today)), -7 * (weeks - 1));
  const rows = await loadSquadResults(tx, squad.id, from);
  const known = new Set(rows.flatMap(({ test }) => test ?? []));
  const measures = Object.values(method.tests)
    .filter(({ kind, id }) => kind !== 'grade' && kind !== 'joints' && known.has(id))
    .map(({ id, name }) => ({ id, name }))
    .sort((a, b) => rank(a.id) - rank(b.id));
  const measure = measures.find(({ id }) => id === asked)?.id ?? measures[0]?.id ?? '';
  const spec = Object.hasOwn(method.tests, measure) ? method.tests[measure] : undefined;
  const sets = spec?.kind === 'lift' ? await loadLiftSets(tx, squad.id, spec.id, from, today) : [];
  const people = new Map(rows.map(({ athleteId, name }) => [athleteId, name]));
  const athletes = [...people].map(([id, name]): AthleteLine => {
    const results = rows.flatMap(({ athleteId, test, day, asks, ...rest }) =>
      athleteId === id && test !== null && day !== null && asks !== null ? [{ test, day, asks, ...rest }] : [],
    );
    const series = spec
      ? seriesOf(
          spec,
          results,
          sets.filter(({ athleteId }) => athleteId === id),
          method,
        )
      : null;
    return { id, name, series, moved: (series && movedOver([series])[0]) ?? null };
  });
  return {
    from,
    to: today,
    weeks,
    measure,
    measures,
    athletes,
    planned: await plannedAndDone(tx, squad.id, from, weeks, club),
  };
}

const rank = (id: string): number => {
  const at = FIRST.indexOf(id);
  return at < 0 ? FIRST.length : at;
};

async function plannedAndDone(
  tx: Tx,
  squadId: string,
  from: Day,
  weeks: number,
  { today, method }: ClubContext,
): Promise<SquadHistory['planned']> {
  // getting warm and cooling down is not what a week is judged by, and seldom tapped
  const trains = ({ row }: { readonly row: DoseRowId }): boolean => method.doses[row].progresses;
  const written = (await loadLinesWritten(tx, squadId, addDays(from, -1), today)).filter(trains);
  const done = (await loadSetsDone(tx, [squadId], addDays(from, -1), today)).filter(trains);
  return Array.from({ length: weeks }, (_, i) => {
    const start = addDays(from, 7 * i);
    const inWeek = ({ day }: { readonly day: Day }): boolean => start <= day && day < addDays(start, 7);
    const own = done.filter(inWeek);
    const people = new Set(own.map(({ athleteId }) => athleteId)).size;
    return {
      start,
      written: written.filter(inWeek).reduce((sum, { dose }) => sum + dose.sets, 0),
      done: people === 0 ? 0 : Math.round((own.reduce((sum, { sets }) => sum + sets, 0) / people) * 10) / 10,
    };
  });
}
