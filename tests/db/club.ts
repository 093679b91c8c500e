import { v7 } from 'uuid';
import { DEFAULT_KIT } from '../../src/lib/model/kit';
import { createClub } from '../../src/lib/server/auth/create-club';
import { auth } from '../../src/lib/server/auth/auth';
import { withClub } from '../../src/lib/server/db/client';
import { athlete, facility, squad, squadAthlete, testResult } from '../../src/lib/server/db/schema';

/** The day of every test here; JALEO_TODAY is set to it. */
/** When squads of these tests train. */
export const GYM_DAYS = [2, 4].map((weekday) => ({ weekday, start: '18:00', minutes: 60 }));

export const DAY = '2026-11-24';

export interface TestClub {
  readonly clubId: string;
  readonly coachId: string;
  readonly squadId: string;
  readonly athletes: readonly string[];
}

/** A club of its own for a test, with one squad of foundation athletes. */
export async function makeClub(size = 3): Promise<TestClub> {
  const made = await auth().api.signUpEmail({
    body: { name: 'Ada Brenn', email: `${v7()}@club.example`, password: 'a-long-password' },
  });
  const clubId = await createClub({ id: made.user.id, name: 'Ada Brenn' }, 'Test club', 'Europe/Madrid');
  const squadId = v7();
  const athletes = Array.from({ length: size }, () => v7());
  await withClub(clubId, async (tx) => {
    await tx.insert(facility).values({ clubId, id: squadId, name: 'Gym', kit: DEFAULT_KIT });
    await tx.insert(squad).values({
      clubId,
      id: squadId,
      facilityId: squadId,
      name: 'First',
      sportId: 'team-handball',
      phase: 'in-season',
      gymDays: [{ weekday: 2, start: '18:00', minutes: 60 }],
    });
    await tx.insert(athlete).values(athletes.map((id, i) => ({ clubId, id, name: `Athlete ${String(i + 1)}` })));
    await tx.insert(squadAthlete).values(athletes.map((athleteId) => ({ clubId, squadId, athleteId })));
  });
  return { clubId, coachId: made.user.id, squadId, athletes };
}

/** Values that pass every screen of range, control and skill. */
const GROUND = [
  { test: 'R1', value: 2, sides: false },
  { test: 'R2', value: 1, sides: false },
  { test: 'R4', value: 0.12, sides: true },
  ...['C1', 'C2', 'C3', 'C4', 'C5', 'C6'].map((test) => ({ test, value: 0, sides: test !== 'C2' })),
  ...['K1', 'K2', 'K3'].map((test) => ({ test, value: 0, sides: false })),
];

/** Every screen passed: what these athletes own may rise. */
export async function knownGround(club: TestClub, ids: readonly string[], day = '2026-11-20'): Promise<void> {
  await withClub(club.clubId, (tx) =>
    tx.insert(testResult).values(
      ids.flatMap((athleteId) =>
        GROUND.flatMap(({ test, value, sides }) =>
          (sides ? (['left', 'right'] as const) : (['both'] as const)).map((side) => ({
            clubId: club.clubId,
            id: v7(),
            athleteId,
            test,
            day,
            side,
            value,
          })),
        ),
      ),
    ),
  );
}
