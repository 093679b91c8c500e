import { squadDoseOf } from '$core/day';
import { formatDose, formatMass, formatSets } from '$core/exchange';
import { isComplex } from '$core/session';
import { lineScore } from '$lib/model/score';
import { viewsOf } from '$lib/model/exercise-view';
import { libraryOf } from '../repositories/club-context';
import { ownLines } from './own-lines';
import { sayDay, threadEnd } from './page-thread';
import { readCard } from './read-card';
import type { SquadDay } from './squad-day';

/** What is done in turn shares a letter. */
const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/** One clean page: the lines with their cues, and what each athlete does today where it differs. */
export function readPrint(rows: SquadDay) {
  const { club, squad, session } = rows;
  const read = readCard(rows, false);
  if (!session || !read) return null;
  const { card, view, assessment } = read;
  const views = viewsOf(
    new Set([...card.lines.map((line) => line.exerciseId), ...view.flatMap((own) => own.exerciseId ?? [])]),
    libraryOf(club, squad),
  );
  const nameOf = (id: string): string => views[id]?.name ?? id;
  // who runs a group on a call reads the calls off the sheet
  const called = club.method.templates[card.template]?.asked?.groupable ?? false;
  const callOf = (id: string) => (called ? (club.library.exercises.get(id)?.call ?? null) : null);
  const people = rows.athletes.filter(({ id }) => session.athleteId === null || id === session.athleteId);
  const of = (slot: string) => view.filter((own) => own.slot === slot);
  // a column for each line on which anyone has a load or something of their own
  const columns = card.lines.filter((line) =>
    of(line.slot).some(
      (own) =>
        own.dose.loadKg !== null ||
        own.exerciseId !== line.exerciseId ||
        formatSets(own.dose) !== formatSets(squadDoseOf(line, view)),
    ),
  );
  const groups = [...new Set(card.lines.filter(({ block }) => block !== 'prep').flatMap(({ group }) => group ?? []))];
  return {
    title: `${squad.name}${session.athleteId === null ? '' : ` · ${people[0]?.name ?? ''}`}`,
    day: sayDay(session.day),
    ...threadEnd(club, squad, session.day),
    clubName: club.name,
    minutes: Math.round(assessment.minutes),
    contacts: assessment.contacts,
    totalMinutes: session.minutes,
    lines: card.lines.map((line) => ({
      slot: line.slot,
      block: line.block,
      group: line.group === null ? null : (LETTERS[groups.indexOf(line.group)] ?? null),
      complex: isComplex(line.group),
      name: nameOf(line.exerciseId),
      family: views[line.exerciseId]?.family ?? 'mobility',
      dose: formatDose({ ...squadDoseOf(line, view), loadKg: null, percent: null }, club.massUnit),
      cues: views[line.exerciseId]?.cues.join(' ') ?? '',
      note: line.note,
      call: callOf(line.exerciseId),
      partner: views[line.exerciseId]?.partner ?? null,
      pins: views[line.exerciseId]?.pins ?? false,
      beats: lineScore(assessment.timeline, line.slot, views[line.exerciseId]?.family ?? 'mobility'),
    })),
    columns: columns.map((line) => ({ slot: line.slot, name: nameOf(line.exerciseId) })),
    athletes: people.map(({ id, name }) => ({
      name,
      cells: columns.map((line) => {
        const mine = view.find((own) => own.slot === line.slot && own.athleteId === id);
        if (!mine || mine.exerciseId === null) return 'without';
        if (mine.stopped) return 'stopped';
        const replaced = mine.exerciseId !== line.exerciseId;
        const parts = [
          replaced ? nameOf(mine.exerciseId) : '',
          formatSets(mine.dose) === formatSets(squadDoseOf(line, view)) && !replaced ? '' : formatSets(mine.dose),
          mine.dose.loadKg === null ? '' : formatMass(mine.dose.loadKg, club.massUnit),
        ];
        return parts.filter(Boolean).join(', ');
      }),
    })),
  };
}

/** One page a person: what each does today, with room to write. */
export function readPrintEach(rows: SquadDay) {
  const { club, squad, session } = rows;
  const read = readCard(rows, false);
  if (!session || !read) return null;
  return {
    title: squad.name,
    day: sayDay(session.day),
    ...threadEnd(club, squad, session.day),
    clubName: club.name,
    people: rows.athletes
      .filter(({ id }) => session.athleteId === null || id === session.athleteId)
      .map(({ id, name }) => ({ name, lines: ownLines(rows, read, id) }))
      .filter(({ lines }) => lines.length > 0),
  };
}
