import { addDays, weekdayOf, type Day } from '$core/calendar';
import { weekLoad } from '$core/load';
import { ownValue } from '$core/own';
import type { AthleteHistory, HistoryWeek, HistoryWeeks } from '$lib/model/athlete-history';
import type { Tx } from '../db/client';
import {
  loadPast,
  loadPastChanges,
  loadPastSessions,
  loadPastSets,
  type PastRow,
  type PastSession,
  type PastSet,
} from '../repositories/athlete-history';
import { libraryOf, type ClubContext, type SquadRow } from '../repositories/club-context';
import { dayLoads } from './day-loads';
import { ladderSeries, measuredSeries, movedOver } from './history-series';
import { historyWords } from './history-words';

/**
 * An athlete's past on one time axis: what was measured, where they stood on ladders, sets written and done, mornings,
 * complaints, load, and what was changed and why. Four statements beside the club's.
 * @param health whether the reader may see complaints
 * @returns null when there is no such athlete in the squad
 */
export async function readAthleteHistory(
  tx: Tx,
  club: ClubContext,
  squad: SquadRow,
  athleteId: string,
  weeks: HistoryWeeks,
  health: boolean,
): Promise<{ row: PastRow; history: AthleteHistory } | null> {
  const { today } = club;
  const monday = addDays(today, 1 - weekdayOf(today));
  const from = addDays(monday, -7 * (weeks - 1));
  const row = await loadPast(tx, athleteId, from);
  if (!row?.squads.some(({ squadId }) => squadId === squad.id)) return null;
  const sets = await loadPastSets(tx, athleteId, from, today);
  const sessions = await loadPastSessions(tx, squad.id, athleteId, from, today);
  const changes = await loadPastChanges(tx, athleteId, from);
  const library = libraryOf(club, squad);
  const measured = measuredSeries(row.results, sets, club.method);
  return {
    row,
    history: {
      from,
      to: today,
      phases: phasesOf(sessions, today, club),
      measured,
      ladders: ladderSeries(sets, changes, library, club.method),
      weeks: weeksOf(from, weeks, { row, sets, sessions, squad, today }),
      mornings: lastOfEachDay(row.checkIns).map(({ day, answer }) => ({ day, answer })),
      complaints: health
        ? row.complaints
            .filter(({ score, updatedDay }) => score > 0 || updatedDay >= from)
            .map(({ id, place, side, score, since, updatedDay }) => ({
              id,
              name: [side, ownValue(club.method.places, place)?.name ?? place].filter(Boolean).join(' '),
              from: since < from ? from : since,
              to: score > 0 ? today : updatedDay,
              score,
              open: score > 0,
            }))
        : null,
      events: squad.events.filter(({ day }) => from <= day && day <= today).map(({ day, name }) => ({ day, name })),
      lines: historyWords(changes, {
        names: club.staffNames,
        athlete: row.name,
        mass: club.massUnit,
        places: club.method.places,
        stages: club.method.returning.stages,
        health,
        exercise: (id) => library.exercises.get(id)?.name ?? id,
      }),
      moved: movedOver(measured),
    },
  };
}

/** Of several answers of a day the last one counts. */
const lastOfEachDay = (answers: PastRow['checkIns']): PastRow['checkIns'] =>
  answers.filter(({ day }, i) => answers[i + 1]?.day !== day);

/** Stretches of one phase, as the squad's cards were made. */
function phasesOf(sessions: readonly PastSession[], today: Day, { method }: ClubContext): AthleteHistory['phases'] {
  const found: { name: string; from: Day; to: Day }[] = [];
  for (const { day, phase, athleteId } of sessions) {
    if (athleteId !== null) continue;
    const { name } = method.phases[phase];
    const last = found.at(-1);
    if (last?.name === name) last.to = day;
    else {
      if (last) last.to = addDays(day, -1);
      found.push({ name, from: day, to: day });
    }
  }
  const newest = found.at(-1);
  if (newest) newest.to = today;
  return found;
}

interface Counted {
  readonly row: PastRow;
  readonly sets: readonly PastSet[];
  readonly sessions: readonly PastSession[];
  readonly squad: SquadRow;
  readonly today: Day;
}

function weeksOf(from: Day, count: number, { row, sets, sessions, squad, today }: Counted): HistoryWeek[] {
  const days = Array.from({ length: count * 7 }, (_, i) => addDays(from, i));
  const efforts = sessions.filter(({ athleteId }) => athleteId === null || athleteId === row.id);
  const { loads } = dayLoads({ squad, people: [row], efforts, today }, days);
  return Array.from({ length: count }, (_, i): HistoryWeek => {
    const start = addDays(from, 7 * i);
    const own = sets.filter(({ day }) => start <= day && day < addDays(start, 7));
    const lines = new Map(own.map((set) => [`${set.sessionId} ${set.slot}`, set.written.sets]));
    const known = loads.slice(7 * i, 7 * i + 7);
    const read = weekLoad(known);
    return {
      start,
      setsWritten: [...lines.values()].reduce((sum, number) => sum + number, 0),
      setsDone: own.filter(({ amount, written }) => amount >= written.amount).length,
      load: known.every((load) => load === null) ? null : read.total,
      // days ahead are not unknown, they have not been
      atLeast: known.some((load, day) => load === null && addDays(start, day) <= today),
    };
  });
}
