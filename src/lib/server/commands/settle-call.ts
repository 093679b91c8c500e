import { eq } from 'drizzle-orm';
import { fail, ok, type Result } from '$core/result';
import type { CallOf } from '$lib/model/call';
import type { AnswerCall } from '$lib/model/forms';
import { mayLeave } from '$lib/model/way-back';
import type { Tx } from '../db/client';
import { athlete } from '../db/schema';
import { loadCalls, type CallAnswer } from '../reads/call-rows';
import { makeCalls } from '../reads/make-calls';
import { leaveReturn } from './complaints';
import { addFacts, derivedId } from './facts';
import { recordChanges } from './record-change';
import { setCeiling } from './squad-aims';

/**
 * The coach's word on a call that moves no dose by itself: put off, seen, a talk, or lighter work for the
 * athlete's next answered sessions (PROG-8, PROG-10, PROG-11, LED-1).
 * @returns nothing, or `call_gone` when the call does not stand any more or cannot be answered so
 */
export async function settleCall(
  tx: Tx,
  id: string,
  { key, choice }: AnswerCall,
  actor: string,
): Promise<Result<null>> {
  const rows = await loadCalls(tx);
  const { clubId, today } = rows.club;
  const call = makeCalls(rows, null, true).find((one) => one.key === key);
  if (!call || !mayAnswer(call, choice)) return fail('call_gone', ['key']);
  if (call.kind === 'return' && choice === 'leave') {
    const row = [...rows.squads.values()].flat().find((one) => one.id === call.athleteId);
    if (!row) return fail('call_gone', ['key']);
    const left = await leaveReturn(tx, rows.club, row, derivedId(id, 'returned'), call.complaintId, actor);
    if (!left.ok) return left;
  }
  if (call.kind === 'stall' && choice === 'quality') {
    const kept = await keepLift(tx, rows, call, actor);
    if (!kept.ok) return kept;
  }
  const body: CallAnswer = { key, choice };
  const athleteId = call.kind === 'stall' || call.kind === 'return' ? call.athleteId : null;
  await addFacts(tx, clubId, [{ id, kind: 'call', day: today, actor, squadId: call.squadId, athleteId, body }]);
  if (call.kind !== 'stall' || choice !== 'lighter') return ok(null);
  await tx.update(athlete).set({ lighterFrom: today, fullFrom: null }).where(eq(athlete.id, call.athleteId));
  await recordChanges(tx, clubId, [
    {
      day: today,
      actor,
      subject: 'lighter',
      athleteId: call.athleteId,
      from: null,
      to: { from: today },
      rules: call.rules,
      saw: { firstKg: call.firstKg, nowKg: call.nowKg },
    },
  ]);
  return ok(null);
}

/** Another quality: the stuck lift is kept where it is, so that what is weaker gets the work (PROG-10, DOSE-6). */
async function keepLift(
  tx: Tx,
  { club, squads }: Awaited<ReturnType<typeof loadCalls>>,
  { keep, squadId, athleteId }: CallOf<'stall'>,
  actor: string,
): Promise<Result<null>> {
  const squad = club.squads.find(({ id }) => id === squadId);
  const row = [...squads.values()].flat().find(({ id }) => id === athleteId);
  if (!keep || !squad || !row) return fail('call_gone', ['key']);
  return setCeiling(tx, { club, squad, row }, { ...keep, why: 'typed' }, actor);
}

function mayAnswer(call: ReturnType<typeof makeCalls>[number], choice: AnswerCall['choice']): boolean {
  if (call.kind === 'stall')
    return choice !== 'seen' && choice !== 'leave' && (choice !== 'quality' || call.keep !== null);
  if (call.kind === 'return')
    return choice === (call.way.needsNote ? 'talk' : 'later') || (choice === 'leave' && mayLeave(call.way));
  if (call.kind === 'neglected') return choice === 'seen';
  return call.kind === 'test' && call.mayWait && choice === 'later';
}
