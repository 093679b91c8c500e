import { runningKey } from '$core/choose';
import type { Day } from '$core/calendar';
import type { Phase } from '$core/library';
import { countVotes, mayRiseOf, squadStep, voteOf, type SquadStep } from '$core/progress';
import { isMainSlot } from '$core/session';
import type { Track } from '$core/track';
import type { ClubContext } from '../repositories/club-context';
import type { SessionRow } from '../repositories/sessions';

/** The reason a card carries on a line that stepped. */
export const SQUAD_STEP = 'squad_step';

/**
 * The steps a squad's lines take on the next card (PROG-16), by entry and row: each line's votes are those of the last card
 * that had it. Of the rises two a session, what the block develops first; who is to go down always does.
 * @param cards the squad's, newest first
 */
export function squadSteps(
  cards: readonly SessionRow[],
  tracks: Readonly<Record<string, readonly Track[]>>,
  phase: Phase,
  day: Day,
  { library, method }: Pick<ClubContext, 'library' | 'method'>,
): Record<string, SquadStep> {
  const seen = new Set<string>();
  const rises: { key: string; step: SquadStep; first: boolean }[] = [];
  const steps: Record<string, SquadStep> = {};
  const lastSteps = lastStepDays(cards);
  for (const card of cards)
    for (const line of card.lines) {
      const key = runningKey(line.exerciseId, line.row);
      const exercise = library.exercises.get(line.exerciseId);
      if (seen.has(key) || !exercise) continue;
      seen.add(key);
      if (card.phase !== phase) continue;
      const of = Object.values(tracks).map(
        (own) => own.find(({ exerciseId, row }) => exerciseId === line.exerciseId && row === line.row) ?? null,
      );
      // loads are each athlete's own, and so is the way up (PROG-9)
      if (of.some((track) => track?.owned?.dose.loadKg != null)) continue;
      const asDone = {
        exercise,
        row: line.row,
        dose: line.full?.dose ?? line.dose,
        sessionId: card.id,
        day: card.day,
      };
      const votes = countVotes(of.map((track) => voteOf(track, asDone, method)));
      const may = mayRiseOf(exercise, line.row, isMainSlot(line.slot), phase, method);
      const step = squadStep(asDone, votes, may, { today: day, lastStep: lastSteps.get(key) ?? null }, library, method);
      // what the day, the week or the clock took away was not done, and earns nothing
      if (!step || (line.full && step.kind.endsWith('-up'))) continue;
      if (step.kind.endsWith('-up')) rises.push({ key, step, first: may === 'develops' });
      else steps[key] = step;
    }
  rises.sort((a, b) => Number(b.first) - Number(a.first));
  for (const { key, step } of rises.slice(0, method.settings.progress.squad.stepsASession)) steps[key] = step;
  return steps;
}

function lastStepDays(cards: readonly SessionRow[]): Map<string, Day> {
  const days = new Map<string, Day>();
  for (const card of cards)
    for (const { exerciseId, row, reasons } of card.lines) {
      const key = runningKey(exerciseId, row);
      if (!days.has(key) && reasons.some(({ code }) => code === SQUAD_STEP)) days.set(key, card.day);
    }
  return days;
}
