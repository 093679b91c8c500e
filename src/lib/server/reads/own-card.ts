import { and, asc, eq, gte, inArray, isNull, lte, or } from 'drizzle-orm';
import { addDays, type Day } from '$core/calendar';
import { rampSets } from '$core/dose';
import { formatDose, formatMass } from '$core/exchange';
import { getExercise } from '$core/library';
import type { Tx } from '../db/client';
import { gymSession } from '../db/schema';
import { isMainSlot } from '$core/session';
import { placeOf } from '$lib/model/kit';
import { kitFor } from './make-brief';
import { readCard } from './read-card';
import { loadSquadDay } from './squad-day';

const AHEAD_DAYS = 7;

export interface OwnCard {
  readonly day: Day;
  readonly lines: readonly {
    slot: string;
    block: string;
    name: string;
    family: string;
    dose: string;
    /** on the way to the working load; empty = none */
    ramp: string;
    cues: readonly string[];
    caution: string;
  }[];
}

/** The athlete's next card (today's first; an own card before the squad's), as they do it today; null when none is made yet. */
export async function ownCard(
  tx: Tx,
  athleteId: string,
  squadIds: readonly string[],
  today: Day,
): Promise<OwnCard | null> {
  if (squadIds.length === 0) return null;
  const ahead = await tx
    .select({ squadId: gymSession.squadId, day: gymSession.day, athleteId: gymSession.athleteId })
    .from(gymSession)
    .where(
      and(
        inArray(gymSession.squadId, [...squadIds]),
        or(isNull(gymSession.athleteId), eq(gymSession.athleteId, athleteId)),
        gte(gymSession.day, today),
        lte(gymSession.day, addDays(today, AHEAD_DAYS)),
      ),
    )
    .orderBy(asc(gymSession.day));
  const next = ahead.find((one) => one.day === ahead[0]?.day && one.athleteId === athleteId) ?? ahead[0];
  const rows = next && (await loadSquadDay(tx, next.squadId, next.day, next.athleteId));
  const read = rows && readCard(rows, false);
  if (!rows || !read) return null;
  const { loading } = placeOf(kitFor(rows));
  const blocks = new Map(read.card.lines.map(({ slot, block }) => [slot, block]));
  return {
    day: rows.day,
    lines: read.view.flatMap((own) => {
      if (own.athleteId !== athleteId || own.exerciseId === null || own.stopped) return [];
      const exercise = getExercise(rows.club.library, own.exerciseId);
      return [
        {
          slot: own.slot,
          block: blocks.get(own.slot) ?? '',
          name: exercise.name,
          family: exercise.family,
          dose: formatDose(own.dose, rows.club.massUnit),
          ramp: isMainSlot(own.slot)
            ? rampSets(exercise, own.dose, loading, rows.club.method)
                .map(({ loadKg, reps }) => `${formatMass(loadKg, rows.club.massUnit)} × ${String(reps)}`)
                .join(', ')
            : '',
          cues: exercise.cues,
          caution: exercise.cautions[0] ?? '',
        },
      ];
    }),
  };
}
