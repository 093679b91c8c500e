import { asc, eq } from 'drizzle-orm';
import type { Tx } from '../db/client';
import { athlete, squadAthlete } from '../db/schema';

/** Everybody of the club with their squads, by name: one statement. */
export const loadPeople = (tx: Tx): Promise<{ id: string; name: string; squadId: string }[]> =>
  tx
    .select({ id: athlete.id, name: athlete.name, squadId: squadAthlete.squadId })
    .from(athlete)
    .innerJoin(squadAthlete, eq(squadAthlete.athleteId, athlete.id))
    .orderBy(asc(athlete.name));
