import { and, asc, desc, eq, gte, inArray, isNull, lte, or } from 'drizzle-orm';
import { addDays, type Day } from '$core/calendar';
import { formatDose } from '$core/exchange';
import { getExercise, type Library } from '$core/library';
import { athleteLines } from '$core/session';
import type { MassUnit } from '$core/units';
import type { Tx } from '../db/client';
import { gymSession, sessionLine } from '../db/schema';
import { cardOf } from '../repositories/sessions';

const BEHIND_DAYS = 7;
const AHEAD_DAYS = 7;

const query = (tx: Tx, athleteId: string, squadIds: readonly string[], today: Day) =>
  tx.query.gymSession.findMany({
    where: and(
      inArray(gymSession.squadId, [...squadIds]),
      or(isNull(gymSession.athleteId), eq(gymSession.athleteId, athleteId)),
      gte(gymSession.day, addDays(today, -BEHIND_DAYS)),
      lte(gymSession.day, addDays(today, AHEAD_DAYS)),
    ),
    orderBy: desc(gymSession.day),
    with: { lines: { orderBy: asc(sessionLine.position) }, overrides: true },
  });

export interface OwnCard {
  readonly day: Day;
  readonly lines: readonly {
    slot: string;
    name: string;
    family: string;
    dose: string;
    cues: readonly string[];
    caution: string;
  }[];
}

/** The athlete's next card (today's first), as they do it; null when none is made yet. No health note is on it. */
export async function ownCard(
  tx: Tx,
  athleteId: string,
  squadIds: readonly string[],
  today: Day,
  mass: MassUnit,
  library: Library,
): Promise<OwnCard | null> {
  if (squadIds.length === 0) return null;
  const sessions = await query(tx, athleteId, squadIds, today);
  const ahead = sessions.filter((session) => session.day >= today);
  const session =
    ahead.filter((one) => one.day === ahead.at(-1)?.day).sort((a) => (a.athleteId === athleteId ? -1 : 1))[0] ??
    sessions[0];
  if (!session) return null;
  return {
    day: session.day,
    lines: athleteLines(cardOf(session), athleteId).map(({ line, exerciseId, dose }) => {
      const exercise = getExercise(library, exerciseId);
      return {
        slot: line.slot,
        name: exercise.name,
        family: exercise.family,
        dose: formatDose(dose, mass),
        cues: exercise.cues,
        caution: exercise.cautions[0] ?? '',
      };
    }),
  };
}
