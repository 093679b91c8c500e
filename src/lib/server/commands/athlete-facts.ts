import { eq, inArray } from 'drizzle-orm';
import type { z } from 'zod';
import { SIDES } from '$core/library';
import { fail, ok, type Result } from '$core/result';
import type { FocusId, RecentWork } from '$core/startline';
import { massToKg } from '$core/units';
import { ownValue } from '$core/own';
import type { athleteFactsSchema, backgroundSchema } from '$lib/model/forms';
import type { Tx } from '../db/client';
import { athlete } from '../db/schema';
import type { AthleteRow } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';
import { recordChanges } from './record-change';

/**
 * What is known of a person: name, birth date, levels, mass, growth, consent.
 * @param touched fields that were changed: the others stay as exactly as they are stored
 */
export async function keepFacts(
  tx: Tx,
  { club, row, actor }: { readonly club: ClubContext; readonly row: AthleteRow; readonly actor: string },
  value: z.output<typeof athleteFactsSchema>,
  touched: ReadonlySet<string>,
): Promise<Result<null>> {
  const mass = value.bodyMassKg;
  const whole = { ...value, bodyMassKg: mass === null ? null : massToKg(mass, club.massUnit) };
  const set = Object.fromEntries(Object.entries(whole).filter(([field]) => touched.has(field))) as Partial<
    typeof whole
  >;
  if (touched.size === 0) return ok(null);
  await tx
    .update(athlete)
    .set({ ...set, version: row.version + 1 })
    .where(eq(athlete.id, row.id));
  const changed = Object.entries(set).filter(([key, now]) => row[key as keyof typeof set] !== now);
  const before = Object.fromEntries(changed.map(([key]) => [key, row[key as keyof typeof set]]));
  if (changed.length > 0)
    await recordChanges(tx, club.clubId, [
      {
        day: club.today,
        actor,
        subject: 'facts',
        athleteId: row.id,
        from: before,
        to: Object.fromEntries(changed),
      },
    ]);
  return ok(null);
}

/** Past injuries, what is worn, take-off leg and the like. @returns nothing, or `injury_place_unknown` with the line */
export async function keepBackground(
  tx: Tx,
  club: ClubContext,
  row: AthleteRow,
  { injuries, ...rest }: z.output<typeof backgroundSchema>,
  actor: string,
): Promise<Result<null>> {
  const read = injuries.map((line) => readInjury(line, club.method.places));
  const bad = read.findIndex((one) => one === null);
  if (bad >= 0) return fail('injury_place_unknown', ['injuries'], { line: injuries[bad] ?? '' });
  const background = { ...rest, pastInjuries: read.filter((one) => one !== null) };
  await tx.update(athlete).set({ background }).where(eq(athlete.id, row.id));
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'background', athleteId: row.id, from: null, to: { changed: true } },
  ]);
  return ok(null);
}

/** `knee, 2024, left` as a past injury; null when its place is none of the body's. */
function readInjury(line: string, places: ClubContext['method']['places']) {
  const parts = line.split(',').map((part) => part.trim().toLowerCase());
  const place = Object.entries(places).find(([id, { name }]) =>
    [id, name, ...name.split(', ')].some((word) => word.toLowerCase() === parts[0]),
  )?.[0];
  const side = SIDES.find((one) => parts.includes(one)) ?? null;
  return place === undefined ? null : { place, year: parts.find((part) => /^(19|20)\d\d/.test(part)) ?? '', side };
}

/**
 * Sets or ends the focus of athletes: the Bench follows from the next card on (START-1).
 * @param wanted by athlete; null = none
 */
export async function setFocus(
  tx: Tx,
  club: ClubContext,
  rows: readonly Pick<AthleteRow, 'id' | 'focus'>[],
  wanted: ReadonlyMap<string, FocusId | null>,
  actor: string,
): Promise<Result<null>> {
  const set = rows.flatMap((row) => {
    const focus = wanted.get(row.id);
    return focus === undefined || focus === (row.focus?.id ?? null) ? [] : [{ row, focus }];
  });
  for (const focus of new Set(set.map((one) => one.focus)))
    await tx
      .update(athlete)
      .set({ focus: focus && { id: focus, since: club.today } })
      .where(
        inArray(
          athlete.id,
          set.filter((one) => one.focus === focus).map(({ row }) => row.id),
        ),
      );
  await recordChanges(
    tx,
    club.clubId,
    set.map(({ row, focus }) => ({
      day: club.today,
      actor,
      subject: 'focus',
      athleteId: row.id,
      from: row.focus,
      to: focus && { id: focus, since: club.today, name: ownValue(club.method.focuses, focus)?.name ?? focus },
      rules: ['START-1'],
    })),
  );
  return ok(null);
}

/** Recent training from memory; null = read the log again (START-4). */
export async function keepRecentWork(
  tx: Tx,
  row: Pick<AthleteRow, 'id'>,
  work: readonly RecentWork[] | null,
): Promise<Result<null>> {
  await tx.update(athlete).set({ recentWork: work }).where(eq(athlete.id, row.id));
  return ok(null);
}
