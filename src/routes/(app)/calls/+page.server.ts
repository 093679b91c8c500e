import { fail } from '@sveltejs/kit';
import { answerCallSchema, giveSideSchema } from '$lib/model/forms';
import { referComplaint } from '$lib/server/commands/complaints';
import { runOne } from '$lib/server/commands/run-command';
import { openSquad } from '$lib/server/commands/on-squad';
import { giveSide } from '$lib/server/commands/sides';
import { settleCall } from '$lib/server/commands/settle-call';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { remembered } from '$lib/server/db/remembered';
import { commandIdOf, readForm, textOf } from '$lib/server/forms';
import { isId } from '$lib/server/http';
import { loadCalls } from '$lib/server/reads/call-rows';
import { readCalls } from '$lib/server/reads/calls';
import { loadClub } from '$lib/server/repositories/club-context';
import { sayIssue } from '$lib/messages';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const { clubId, role } = identityOf(locals);
  const squad = url.searchParams.get('squad');
  return remembered(clubId, `calls ${squad ?? ''} ${role}`, async (tx) =>
    readCalls(await loadCalls(tx), squad, can(role, 'health')),
  );
};

export const actions: Actions = {
  answer: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const read = await readForm(request, 'answer', answerCallSchema);
    if (!read.ok) return read.failure;
    const id = read.commandId;
    const done = await runOne({ clubId, id, verb: 'answer-call', actor: userId }, read.value, (tx) =>
      settleCall(tx, id, read.value, userId),
    );
    return done.ok ? { answered: read.value.key } : fail(400, { message: done.issues.map(sayIssue).join(' ') });
  },
  give: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const read = await readForm(request, 'give', giveSideSchema);
    if (!read.ok) return read.failure;
    const { squadId, ...value } = read.value;
    const id = read.commandId;
    const done = await runOne({ clubId, id, verb: 'give-side', actor: userId }, read.value, async (tx) => {
      const { club, squad } = await openSquad(tx, squadId);
      return giveSide(tx, club, squad, id, value, userId);
    });
    return done.ok ? { given: value.programme } : fail(400, { message: done.issues.map(sayIssue).join(' ') });
  },
  refer: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const data = await request.formData();
    const complaintId = textOf(data, 'complaintId');
    if (!isId(complaintId)) return fail(400, { message: 'This complaint is not there any more.' });
    const id = commandIdOf(data);
    const done = await runOne({ clubId, id, verb: 'refer', actor: userId }, { complaintId }, async (tx) =>
      referComplaint(tx, await loadClub(tx), id, complaintId, userId),
    );
    return done.ok ? { referred: complaintId } : fail(400, { message: done.issues.map(sayIssue).join(' ') });
  },
};
