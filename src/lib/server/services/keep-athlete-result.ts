import { sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { z } from 'zod';
import { massToKg } from '$core/units';
import { JUMP_TESTS, LIFTS, type resultSchema } from '$lib/model/forms';
import type { CellBody } from '$lib/model/results';
import type { Tx } from '../db/client';
import { testResult } from '../db/schema';
import type { AthletePage } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';
import { keepResults } from './keep-results';
import { recordChanges } from './record-change';

/** What became of a result typed on an athlete's page. */
export interface KeptResult {
  /** far from the last: it does not count until the coach says so on its testing day */
  readonly asks: boolean;
  readonly trouble: { readonly field: 'load' | 'height'; readonly message: string } | null;
}

/**
 * Keeps a result typed on an athlete's page. Lifts and jumps go the way of a testing day, with its checks; a screen is
 * passed or failed as a whole. Of two results of one day the later stands; the history keeps both.
 */
export async function keepAthleteResult(
  tx: Tx,
  club: ClubContext,
  row: AthletePage,
  typed: z.output<typeof resultSchema>,
  actor: string,
): Promise<KeptResult> {
  const { test, day, load, reps, rir, height } = typed;
  const isLift = test in LIFTS;
  if (!isLift && !(test in JUMP_TESTS)) return keepScreen(tx, club, row.id, typed, actor);
  const standing = row.results.find((one) => one.test === test && one.day === day && one.side === 'both');
  const cell: CellBody = {
    athleteId: row.id,
    test,
    day,
    side: 'both',
    value: isLift ? null : (height ?? 0) / 100,
    trials: null,
    joints: null,
    loadKg: isLift ? massToKg(load ?? 0, club.massUnit) : null,
    reps: isLift ? reps : null,
    rir: isLift ? (rir ?? 0) : null,
    seen: standing?.version ?? 0,
    sure: false,
    source: 'typed',
  };
  const [answer] = await keepResults(tx, club, actor, [cell]);
  const message =
    answer?.state === 'kept' ? null : (answer?.message ?? 'Somebody else wrote this a moment ago. Look again.');
  return {
    asks: answer?.cell?.asks ?? false,
    trouble: message === null ? null : { field: isLift ? 'load' : 'height', message },
  };
}

async function keepScreen(
  tx: Tx,
  club: ClubContext,
  athleteId: string,
  { test, day, passed: answer }: z.output<typeof resultSchema>,
  actor: string,
): Promise<KeptResult> {
  const passed = answer === 'passed';
  const bare = { value: null, loadKg: null, reps: null, rir: null, trials: null, joints: null, passed, asks: false };
  await tx
    .insert(testResult)
    .values({ clubId: club.clubId, id: v7(), athleteId, test, day, typedBy: actor, ...bare })
    .onConflictDoUpdate({
      target: [testResult.clubId, testResult.athleteId, testResult.day, testResult.test, testResult.side],
      set: { ...bare, typedBy: actor, version: sql`${testResult.version} + 1`, changedAt: new Date() },
    });
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'test', athleteId, from: null, to: { test, passed } },
  ]);
  return { asks: false, trouble: null };
}
