import { and, eq } from 'drizzle-orm';
import type { Day } from '$core/calendar';
import { measureCard } from '$core/choose';
import { fail, ok, type Issue, type Result } from '$core/result';
import type { Line, TypedLine } from '$core/session';
import type { KeepCard } from '$lib/model/bodies';
import type { CardAnswer, StoredCard } from '$lib/model/card';
import type { Tx } from '../db/client';
import { gymSession, sessionLine, squad, typedLine } from '../db/schema';
import { makeBrief } from '../reads/make-brief';
import { loadSquadDay, type SquadDay } from '../reads/squad-day';
import { planOf } from '../reads/squad-plan';
import { roleOn } from '../reads/squad-role';
import { cardOf, loadSession, type SessionRow } from '../repositories/sessions';
import { recordChanges, type ChangeRecord } from './record-change';
import { canonical, KEPT, refused, type ItemAnswer } from './run-command';

const typedKey = ({ slot, athleteId }: Pick<TypedLine, 'slot' | 'athleteId'>): string => `${slot} ${athleteId}`;

/** The card as it stands, every line with its version. */
export function storedCard(row: SessionRow): StoredCard {
  const { lines, typed, shape } = cardOf(row);
  const { id, version, minutes, phase, template, facilityId } = row;
  return {
    id,
    version,
    minutes,
    phase,
    template,
    facilityId,
    shape,
    lines: row.lines.map((one, i) => ({ version: one.version, position: one.position, line: lines[i] as Line })),
    typed: row.typed.map((one, i) => ({ version: one.version, own: typed[i] as TypedLine })),
  };
}

/**
 * Keeps what the Bench changed on a card, line by line. The same functions that chose the lines check a person's word on
 * them; a line that somebody else changed meanwhile conflicts and the others are kept.
 * @param id the session's, made by the client
 * @param today the club's day where it is not the real one (a history being loaded)
 * @returns an answer for the head and each line, with the card as it stands now; or `squad_unknown`, `card_frozen`, `card_elsewhere`
 */
export async function keepCard(
  tx: Tx,
  actor: string,
  id: string,
  body: KeepCard,
  today: Day | null = null,
): Promise<Result<CardAnswer>> {
  const found = await loadSquadDay(tx, body.squadId, body.day, body.athleteId);
  if (!found) return fail('squad_unknown');
  const rows = today === null ? found : { ...found, club: { ...found.club, today } };
  if (body.athleteId !== null && !rows.athletes.some((one) => one.id === body.athleteId))
    return fail('athlete_not_in_squad');
  if (body.day < rows.club.today) return fail('card_frozen', [], { day: body.day });
  if (rows.session && rows.session.id !== id) return fail('card_elsewhere', [], { id: rows.session.id });
  if (rows.session) {
    await tx.select({ id: gymSession.id }).from(gymSession).where(eq(gymSession.id, id)).for('update');
    // what stood before the lock may be older than what somebody else has just kept
    const now = await loadSession(tx, id);
    if (now) return keepOn(tx, actor, { ...rows, session: now }, body);
  }
  if (!body.head || body.head.seen !== 0) return fail('session_unknown');
  const { minutes, phase, template, facilityId, shape } = body.head;
  const made = await tx
    .insert(gymSession)
    .values({
      clubId: rows.club.clubId,
      id,
      squadId: body.squadId,
      athleteId: body.athleteId,
      day: body.day,
      minutes,
      phase,
      template,
      facilityId: knownPlace(rows, facilityId),
      shape,
      role: body.athleteId === null ? (roleOn(rows, planOf(rows))?.role ?? null) : null,
      version: 0,
    })
    .onConflictDoNothing()
    .returning({ id: gymSession.id });
  if (made.length === 0) return fail('card_elsewhere');
  const session = await loadSession(tx, id);
  return session ? keepOn(tx, actor, { ...rows, session }, body) : fail('session_unknown');
}

const knownPlace = ({ club }: SquadDay, facilityId: string | null): string | null =>
  club.facilities.find(({ id }) => id === facilityId)?.id ?? null;

type Standing = SquadDay & { readonly session: SessionRow };

async function keepOn(tx: Tx, actor: string, rows: Standing, body: KeepCard): Promise<Result<CardAnswer>> {
  const { session, club } = rows;
  const versions = new Map(session.lines.map(({ slot, version }) => [slot, version]));
  const own = new Map(session.typed.map((one) => [typedKey(one), one.version]));
  const members = new Set(rows.athletes.map((athlete) => athlete.id));
  const known = (exerciseId: string | null): boolean => exerciseId === null || club.library.exercises.has(exerciseId);

  const head: ItemAnswer | null =
    body.head && (body.head.seen === session.version ? KEPT : { state: 'conflict', there: null });
  const lines = new Map<string, ItemAnswer>();
  for (const { seen, line } of body.lines)
    lines.set(
      line.slot,
      !known(line.exerciseId)
        ? refused({ code: 'entry_unknown', path: [line.slot], facts: { exerciseId: line.exerciseId } })
        : line.only?.some((athleteId) => !members.has(athleteId))
          ? refused({ code: 'athlete_not_in_squad', path: [line.slot] })
          : seen === (versions.get(line.slot) ?? 0)
            ? KEPT
            : { state: 'conflict', there: null },
    );
  for (const { slot, seen } of body.removed)
    lines.set(slot, !versions.has(slot) || versions.get(slot) === seen ? KEPT : { state: 'conflict', there: null });
  const typed = new Map<string, ItemAnswer>();
  for (const { seen, own: line } of body.typed)
    typed.set(
      typedKey(line),
      !members.has(line.athleteId)
        ? refused({ code: 'athlete_not_in_squad', path: [line.slot] })
        : !known(line.exerciseId)
          ? refused({ code: 'entry_unknown', path: [line.slot], facts: { exerciseId: line.exerciseId } })
          : seen === (own.get(typedKey(line)) ?? 0)
            ? KEPT
            : { state: 'conflict', there: null },
    );
  for (const one of body.untyped)
    typed.set(
      typedKey(one),
      !own.has(typedKey(one)) || own.get(typedKey(one)) === one.seen ? KEPT : { state: 'conflict', there: null },
    );
  checkWords(rows, body, { head, lines, typed });

  const is = (answer: ItemAnswer | null | undefined): boolean => answer?.state === 'kept';
  const changes = {
    head: is(head) ? body.head : null,
    lines: body.lines.filter(({ line }) => is(lines.get(line.slot))),
    removed: body.removed.filter(({ slot }) => is(lines.get(slot))),
    typed: body.typed.filter(({ own: line }) => is(typed.get(typedKey(line)))),
    untyped: body.untyped.filter((one) => is(typed.get(typedKey(one)))),
  };
  await write(tx, rows, changes);
  await keepPhase(tx, rows, body, actor);
  await recordChanges(tx, club.clubId, diff(rows, body, changes, actor));
  const now = await loadSession(tx, session.id);
  return ok({
    head,
    lines: Object.fromEntries(lines),
    typed: Object.fromEntries(typed),
    card: storedCard(now ?? session),
  });
}

interface Answers {
  readonly head: ItemAnswer | null;
  readonly lines: Map<string, ItemAnswer>;
  readonly typed: Map<string, ItemAnswer>;
}

/** SAFE, gates and WEEK-2 refuse what a person put down now; what stood before is the day view's to ease (DOSE-12). */
function checkWords(rows: Standing, body: KeepCard, { head, lines, typed }: Answers): void {
  const { session, club } = rows;
  const is = (answer: ItemAnswer | undefined): boolean => answer?.state === 'kept';
  const card = cardOf(session);
  const gone = new Set(body.removed.map(({ slot }) => slot));
  const wanted = new Map(
    body.lines.filter(({ line }) => is(lines.get(line.slot))).map(({ line }) => [line.slot, line]),
  );
  const after: Line[] = [
    ...card.lines.filter(({ slot }) => !gone.has(slot) && !wanted.has(slot)),
    ...wanted.values(),
  ].filter(({ exerciseId }) => club.library.exercises.has(exerciseId));
  const said = new Map(
    body.typed.filter(({ own }) => is(typed.get(typedKey(own)))).map(({ own }) => [typedKey(own), own]),
  );
  const words = [...card.typed.filter((one) => !said.has(typedKey(one))), ...said.values()];
  const asked = head?.state === 'kept' && body.head ? body.head : session;
  const brief = {
    ...makeBrief(rows, {
      phase: asked.phase,
      minutes: asked.minutes,
      keepRunning: true,
      primer: asked.template === 'primer',
    }),
    typed: words,
  };
  const { findings } = measureCard(
    { ...card, lines: after, typed: words },
    brief,
    club.library,
    club.method,
  ).assessment;
  for (const { severity, code, rules, facts } of findings) {
    if (severity !== 'forbid') continue;
    const slot = String(facts.slot ?? '');
    const athleteId = typeof facts.athleteId === 'string' ? facts.athleteId : null;
    const issue: Issue = { code, path: [slot], facts: { ...facts, rules } };
    const at = athleteId === null ? null : typedKey({ slot, athleteId });
    if (at !== null && said.has(at)) typed.set(at, refused(issue));
    else if (
      at === null &&
      wanted.has(slot) &&
      !isSame(
        card.lines.find((one) => one.slot === slot),
        wanted.get(slot),
      )
    )
      lines.set(slot, refused(issue));
  }
}

const isSame = (a: Line | undefined, b: Line | undefined): boolean => canonical(a ?? null) === canonical(b ?? null);

type Changes = Pick<KeepCard, 'head' | 'lines' | 'removed' | 'typed' | 'untyped'>;

async function write(tx: Tx, { session, club, ...rows }: Standing, changes: Changes): Promise<void> {
  const { clubId } = club;
  const sessionId = session.id;
  if (changes.head) {
    const { minutes, phase, template, facilityId, shape } = changes.head;
    await tx
      .update(gymSession)
      .set({
        minutes,
        phase,
        template,
        facilityId: knownPlace({ ...rows, session, club }, facilityId),
        shape,
        version: session.version + 1,
      })
      .where(eq(gymSession.id, sessionId));
  }
  for (const { slot } of changes.removed)
    await tx.delete(sessionLine).where(and(eq(sessionLine.sessionId, sessionId), eq(sessionLine.slot, slot)));
  for (const { seen, position, line } of changes.lines) {
    const over = { override: line.override ?? null, overrideFor: line.overrideFor ?? null };
    await tx
      .insert(sessionLine)
      .values({ clubId, sessionId, position, ...line, ...over, version: seen + 1 })
      .onConflictDoUpdate({
        target: [sessionLine.clubId, sessionLine.sessionId, sessionLine.slot],
        set: { position, ...line, ...over, version: seen + 1 },
      });
  }
  for (const { slot, athleteId } of changes.untyped)
    await tx
      .delete(typedLine)
      .where(and(eq(typedLine.sessionId, sessionId), eq(typedLine.slot, slot), eq(typedLine.athleteId, athleteId)));
  for (const { seen, own } of changes.typed)
    await tx
      .insert(typedLine)
      .values({ clubId, sessionId, ...own, version: seen + 1 })
      .onConflictDoUpdate({
        target: [typedLine.clubId, typedLine.sessionId, typedLine.slot, typedLine.athleteId],
        set: { ...own, version: seen + 1 },
      });
}

/** Until there is a season plan the coach's choice of phase stands for the squad's next cards too, not for days before. */
async function keepPhase(tx: Tx, { club, squad: row }: Standing, body: KeepCard, actor: string): Promise<void> {
  const phase = body.head?.phase;
  if (phase === undefined || row.phase === phase || body.athleteId !== null || body.day !== club.today) return;
  await tx
    .update(squad)
    .set({ phase, version: row.version + 1 })
    .where(eq(squad.id, row.id));
  await recordChanges(tx, club.clubId, [
    { day: body.day, actor, subject: 'phase', squadId: row.id, from: row.phase, to: phase, rules: ['PHASE-3'] },
  ]);
}

/** What the history says of a kept card: each line that changed, came or went, and each dose typed for one athlete. */
function diff({ session, squad: of }: Standing, body: KeepCard, changes: Changes, actor: string): ChangeRecord[] {
  const base = { day: body.day, actor, squadId: of.id, sessionId: session.id };
  if (session.lines.length === 0)
    return [
      {
        ...base,
        subject: 'card-made',
        from: null,
        to: { phase: session.phase, minutes: session.minutes, lines: changes.lines.length },
      },
    ];
  type Recorded = Pick<Line, 'exerciseId' | 'dose'> & {
    readonly override?: string | null;
    readonly overrideFor?: Line['overrideFor'] | null;
  };
  const brief = (line: Recorded) => ({
    exerciseId: line.exerciseId,
    dose: line.dose,
    // the written reason is kept with what it let through (JUMP-2)
    ...(line.override ? { override: line.override } : {}),
    ...(line.overrideFor ? { overrideFor: line.overrideFor } : {}),
  });
  const records: ChangeRecord[] = [];
  for (const { line } of changes.lines) {
    const before = session.lines.find(({ slot }) => slot === line.slot);
    if (before && canonical(brief(before)) === canonical(brief(line))) continue;
    records.push({
      ...base,
      subject: 'line',
      from: before ? brief(before) : null,
      to: brief(line),
      rules: line.override ? ['JUMP-2'] : line.pinned ? ['SEL-3'] : ['SEL-2'],
    });
  }
  for (const { slot } of changes.removed) {
    const gone = session.lines.find((line) => line.slot === slot);
    if (gone) records.push({ ...base, subject: 'line', from: brief(gone), to: null, rules: ['SEL-2'] });
  }
  for (const { own } of changes.typed) {
    const before = session.typed.find((one) => typedKey(one) === typedKey(own));
    records.push({
      ...base,
      subject: 'own-line',
      athleteId: own.athleteId,
      from: before ? { exerciseId: before.exerciseId, dose: before.dose } : null,
      to: { exerciseId: own.exerciseId, dose: own.dose },
      rules: ['SEL-3'],
    });
  }
  return records;
}
