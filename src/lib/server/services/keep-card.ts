import { and, eq } from 'drizzle-orm';
import { assessCard } from '$core/choose';
import type { Issue, Result } from '$core/result';
import { fail, ok } from '$core/result';
import type { Line } from '$core/session';
import type { KeepCard } from '$lib/model/bodies';
import type { Tx } from '../db/client';
import { gymSession, lineOverride, sessionLine, squad } from '../db/schema';
import { cardOf, type SessionRow } from '../repositories/sessions';
import { loadSquadDay, type SquadDay } from './load-squad-day';
import { makeBrief } from './make-brief';
import { recordChanges, type ChangeRecord } from './record-change';

/**
 * Keeps a card the Bench made or changed. The server checks the lines with the same rules before it keeps them; a card
 * somebody else changed meanwhile is not overwritten.
 * @param id the session's id, made by the client: a repeat of the same write changes nothing
 * @returns the new version, or `squad_unknown`, `entry_unknown`, `card_changed` (a conflict), or what the rules forbid
 */
export async function keepCard(
  tx: Tx,
  actor: string,
  id: string,
  body: KeepCard,
): Promise<Result<{ version: number }>> {
  const rows = await loadSquadDay(tx, body.squadId, body.day, body.athleteId);
  if (!rows) return fail('squad_unknown');
  const { library } = rows.club;
  const known = (exerciseId: string | null): boolean => exerciseId === null || library.exercises.has(exerciseId);
  const unknown = [...body.card.lines, ...body.card.overrides].find(({ exerciseId }) => !known(exerciseId));
  if (unknown) return fail('entry_unknown', [unknown.slot], { exerciseId: unknown.exerciseId });

  const stored = rows.session;
  if (stored ? stored.id !== id || stored.version !== body.version : body.version !== 0) {
    if (stored?.id === id && sameCard(stored, body)) return ok({ version: stored.version });
    return fail('card_changed', [], { version: stored?.version ?? 0 });
  }
  const members = new Set(rows.athletes.map((athlete) => athlete.id));
  const overrides = body.card.overrides.filter((override) => members.has(override.athleteId));
  const brief = makeBrief(rows, {
    day: body.day,
    phase: body.card.phase,
    minutes: body.minutes,
    keepPrevious: true,
    athleteId: body.athleteId,
  });
  const { findings } = assessCard({ lines: body.card.lines, overrides }, brief, library, rows.club.method);
  const forbidden = findings.filter((finding) => finding.severity === 'forbid');
  if (forbidden.length > 0)
    return {
      ok: false,
      issues: forbidden.map((finding): Issue => ({
        code: finding.code,
        path: [String(finding.facts.slot ?? 'card')],
        facts: { ...finding.facts, rules: finding.rules },
      })),
    };

  const version = (stored?.version ?? 0) + 1;
  const head = { phase: body.card.phase, minutes: body.minutes, template: body.card.template, version };
  if (stored) {
    const updated = await tx
      .update(gymSession)
      .set(head)
      .where(and(eq(gymSession.id, id), eq(gymSession.version, body.version)))
      .returning({ id: gymSession.id });
    if (updated.length === 0) return fail('card_changed');
    await tx.delete(sessionLine).where(eq(sessionLine.sessionId, id));
    await tx.delete(lineOverride).where(eq(lineOverride.sessionId, id));
  } else {
    const made = await tx
      .insert(gymSession)
      .values({
        clubId: rows.club.clubId,
        id,
        squadId: body.squadId,
        athleteId: body.athleteId,
        day: body.day,
        ...head,
      })
      .onConflictDoNothing()
      .returning({ id: gymSession.id });
    if (made.length === 0) return fail('card_changed');
  }
  await tx
    .insert(sessionLine)
    .values(body.card.lines.map((line, position) => ({ clubId: rows.club.clubId, sessionId: id, position, ...line })));
  if (overrides.length > 0)
    await tx
      .insert(lineOverride)
      .values(overrides.map((override) => ({ clubId: rows.club.clubId, sessionId: id, ...override })));
  await keepPhase(tx, rows, body, actor);
  await recordChanges(
    tx,
    rows.club.clubId,
    diff(stored, body, { day: body.day, actor, squadId: body.squadId, sessionId: id }),
  );
  return ok({ version });
}

/** Until there is a season plan the coach's choice of phase stands for the squad's next cards too. */
async function keepPhase(tx: Tx, { club, squad: row }: SquadDay, body: KeepCard, actor: string): Promise<void> {
  if (row.phase === body.card.phase || body.athleteId !== null) return;
  await tx
    .update(squad)
    .set({ phase: body.card.phase, version: row.version + 1 })
    .where(eq(squad.id, row.id));
  await recordChanges(tx, club.clubId, [
    {
      day: body.day,
      actor,
      subject: 'phase',
      squadId: row.id,
      from: row.phase,
      to: body.card.phase,
      rules: ['PHASE-3'],
    },
  ]);
}

const brief = (line: Pick<Line, 'exerciseId' | 'dose'>) => ({ exerciseId: line.exerciseId, dose: line.dose });
const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

const sameCard = (stored: SessionRow, body: KeepCard): boolean => {
  const card = cardOf(stored);
  return (
    card.lines.length === body.card.lines.length &&
    card.lines.every((line) =>
      body.card.lines.some(
        (other) =>
          other.slot === line.slot &&
          other.exerciseId === line.exerciseId &&
          other.dose.sets === line.dose.sets &&
          other.dose.amount === line.dose.amount,
      ),
    )
  );
};

/** What the history says of a kept card: each line that changed, came or went, and each dose typed for one athlete. */
function diff(
  stored: SessionRow | null,
  body: KeepCard,
  base: Pick<ChangeRecord, 'day' | 'actor' | 'squadId' | 'sessionId'>,
): ChangeRecord[] {
  if (!stored)
    return [
      {
        ...base,
        subject: 'card-made',
        from: null,
        to: { phase: body.card.phase, minutes: body.minutes, lines: body.card.lines.length },
      },
    ];
  const records: ChangeRecord[] = [];
  for (const line of body.card.lines) {
    const before = stored.lines.find((old) => old.slot === line.slot);
    if (!before || !same(ordered(brief(before)), ordered(brief(line))))
      records.push({
        ...base,
        subject: 'line',
        from: before ? brief(before) : null,
        to: brief(line),
        rules: line.pinned ? ['SEL-3'] : ['SEL-2'],
      });
  }
  for (const gone of stored.lines.filter((old) => !body.card.lines.some((line) => line.slot === old.slot)))
    records.push({ ...base, subject: 'line', from: brief(gone), to: null, rules: ['SEL-2'] });
  for (const own of body.card.overrides.filter(({ typed }) => typed)) {
    const before = stored.overrides.find((old) => old.slot === own.slot && old.athleteId === own.athleteId);
    const shown = { exerciseId: own.exerciseId, dose: own.dose };
    const from = before ? { exerciseId: before.exerciseId, dose: before.dose } : null;
    if (!same(from && ordered(from), ordered(shown)))
      records.push({ ...base, subject: 'own-line', athleteId: own.athleteId, from, to: shown, rules: ['SEL-3'] });
  }
  return records;
}

/** jsonb gives keys back in its own order. */
const ordered = (value: { exerciseId: string | null; dose: object }): unknown => [
  value.exerciseId,
  Object.entries(value.dose).sort(([a], [b]) => (a < b ? -1 : 1)),
];
