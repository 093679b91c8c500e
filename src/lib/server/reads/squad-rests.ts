import { runningKey, type Running } from '$core/choose';
import type { Phase } from '$core/library';
import type { Schools } from '$core/method';
import { outputFall, restStep } from '$core/progress';
import type { KnownAthlete } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';
import type { SessionRow } from '../repositories/sessions';

/** The reason a card carries on a line whose rest was learned from its outputs. */
export const REST_LEARNED = 'rest_learned';

type LineRow = SessionRow['lines'][number];

/**
 * Rest that a squad's jumps have learned from their outputs (REST-2), by entry and row: of the last card that had the line,
 * with the step its outputs ask for; what an earlier card learned stays for as long as the school of rest does.
 * @param cards the squad's, newest first
 */
export function squadRests(
  cards: readonly SessionRow[],
  people: readonly KnownAthlete[],
  phase: Phase,
  jumpRest: Schools['jumpRest'],
  { library, method }: Pick<ClubContext, 'library' | 'method'>,
): Running['rests'] {
  const found: Record<string, Running['rests'][string]> = {};
  const seen = new Set<string>();
  for (const card of cards)
    for (const line of card.lines) {
      const key = runningKey(line.exerciseId, line.row);
      if (seen.has(key) || !library.exercises.get(line.exerciseId)?.plyo) continue;
      seen.add(key);
      if (card.phase !== phase) continue;
      const dose = line.full?.dose ?? line.dose;
      const today = restStep(dose, fallsOn(line, card, people), jumpRest, { settings: method.settings });
      const learned = line.reasons.some(({ code, facts }) => code === REST_LEARNED && facts.school === jumpRest);
      if (today) found[key] = { seconds: today.restSeconds, amount: today.amount, from: dose.restSeconds, today };
      else if (learned && dose.restSeconds !== null)
        found[key] = { seconds: dose.restSeconds, amount: dose.amount, from: null, today: null };
    }
  return found;
}

/** How far the output fell for everybody who did the line on a card, and the time before. */
const fallsOn = (line: LineRow, card: SessionRow, people: readonly KnownAthlete[]): (number | null)[][] =>
  people.flatMap(({ tracks }) => {
    const track = tracks.find(({ exerciseId, row }) => exerciseId === line.exerciseId && row === line.row);
    const [last, before] = track?.exposures ?? [];
    return last?.sessionId === card.id ? [[outputFall(last.sets), before ? outputFall(before.sets) : null]] : [];
  });
