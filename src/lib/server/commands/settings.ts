import { and, eq } from 'drizzle-orm';
import { METHOD } from '$catalog';
import type { DayOrder } from '$core/calendar';
import {
  leavesOf,
  methodTablesSchema,
  overlayTables,
  schoolsSchema,
  tableBounds,
  valueAt,
  withLeaf,
  withoutLeaf,
  type SchoolId,
} from '$core/method';
import { fail, ok, type Result } from '$core/result';
import { TABLE_WORDS, type TableId } from '$lib/messages';
import type { Kit } from '$lib/model/kit';
import type { Tx } from '../db/client';
import { club as clubRow, clubTable, facility, squad } from '../db/schema';
import type { ClubContext } from '../repositories/club-context';
import { recordChanges } from './record-change';

export const TABLES = Object.keys(TABLE_WORDS) as TableId[];

/**
 * Takes a school for the club, or for one squad (empty option = as the club). It counts at once: every card, shares and
 * cues are read by the schools as they stand.
 * @returns nothing, or `option_unknown`
 */
export async function chooseSchool(
  tx: Tx,
  club: ClubContext,
  { school, option, squadId }: { readonly school: SchoolId; readonly option: string; readonly squadId?: string },
  actor: string,
): Promise<Result<SchoolId>> {
  const shown = squadId ? club.squads.find(({ id }) => id === squadId) : null;
  const asClub = shown && option === '';
  const own = schoolsSchema.partial().safeParse({ [school]: option });
  if (shown === undefined || (!asClub && !own.success)) return fail('option_unknown', ['option']);
  const before = shown ? shown.ownSchools : club.schools;
  const rest = Object.fromEntries(Object.entries(before).filter(([id]) => id !== school));
  const schools = asClub ? rest : { ...rest, ...own.data };
  if (shown)
    await tx
      .update(squad)
      .set({ schools, version: shown.version + 1 })
      .where(eq(squad.id, shown.id));
  else await tx.update(clubRow).set({ schools, version: club.version + 1 });
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'school',
      squadId: shown?.id ?? null,
      from: { [school]: before[school] ?? null },
      to: { [school]: asClub ? null : option },
    },
  ]);
  return ok(school);
}

/** How the club tells and reads days, from now on. */
export async function chooseDayOrder(
  tx: Tx,
  club: ClubContext,
  order: DayOrder,
  actor: string,
): Promise<Result<DayOrder>> {
  await tx.update(clubRow).set({ dayOrder: order, version: club.version + 1 });
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'day-order', from: { order: club.dayOrder }, to: { order } },
  ]);
  return ok(order);
}

/** Makes a place under an id, or changes the one that has it; every squad that trains there follows. */
export async function keepPlace(
  tx: Tx,
  club: ClubContext,
  id: string,
  { name, ...kit }: Kit & { readonly name: string },
  actor: string,
): Promise<Result<null>> {
  const known = club.facilities.find((one) => one.id === id);
  if (known)
    await tx
      .update(facility)
      .set({ name, kit, version: known.version + 1 })
      .where(eq(facility.id, known.id));
  else await tx.insert(facility).values({ clubId: club.clubId, id, name, kit });
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'place-kit',
      from: known ? { name: known.name, kit: known.kit } : null,
      to: { name, kit },
    },
  ]);
  return ok(null);
}

/** @returns nothing, or `place_in_use` with the squads that train there */
export async function removePlace(tx: Tx, club: ClubContext, id: string, actor: string): Promise<Result<null>> {
  const known = club.facilities.find((one) => one.id === id);
  const users = club.squads.filter(({ facilityId }) => facilityId === id).map(({ name }) => name);
  if (users.length > 0) return fail('place_in_use', ['name'], { squads: users });
  await tx.delete(facility).where(eq(facility.id, id));
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'place-kit', from: known ?? null, to: null },
  ]);
  return ok(null);
}

function findLeaf(club: ClubContext, tableText: string, pathText: string) {
  const table = TABLES.find((id) => id === tableText);
  if (!table) return null;
  const leaf = leavesOf(club.method[table]).find(({ path }) => JSON.stringify(path) === pathText);
  if (!leaf) return null;
  return {
    table,
    path: leaf.path,
    current: leaf.value,
    standard: valueAt(METHOD[table], leaf.path) as string | number | boolean | null,
    own: club.tables.find((one) => one.table === table)?.json,
  };
}

/** One value of a method's table as its form shows it; null = there is none at this path. */
export function tableText(club: ClubContext, table: string, path: string): string | null {
  const found = findLeaf(club, table, path);
  return found && found.current !== null ? String(found.current) : null;
}

/**
 * Changes one value of a method's table for the club.
 * @returns nothing, or `value_gone`, `number_wanted`, `number_out_of_bounds`, `word_wanted`, `value_unfit`, `values_out_of_order`
 */
export async function changeTable(
  tx: Tx,
  club: ClubContext,
  { table: tableText, path, value: text }: { readonly table: string; readonly path: string; readonly value: string },
  actor: string,
): Promise<Result<null>> {
  const found = findLeaf(club, tableText, path);
  if (!found) return fail('value_gone', ['value']);
  const value = readValue(text, found.standard);
  if (value === undefined) return fail(typeof found.standard === 'number' ? 'number_wanted' : 'word_wanted', ['value']);
  if (typeof value === 'number' && typeof found.standard === 'number') {
    const { least, most } = tableBounds(found.standard);
    if (value < least || value > most) return fail('number_out_of_bounds', ['value'], { least, most });
  }
  const json = withLeaf(found.own, club.method[found.table], found.path, value);
  const parsed = methodTablesSchema.safeParse(
    overlayTables(METHOD, [...club.tables.filter((one) => one.table !== found.table), { table: found.table, json }]),
  );
  if (!parsed.success) return fail('value_unfit', ['value']);
  if (!inOrder(valueAt(parsed.data[found.table], found.path.slice(0, -1))))
    return fail('values_out_of_order', ['value']);
  await keepTable(tx, club, { table: found.table, json, path, from: found.current, to: value }, actor);
  return ok(null);
}

/** The built-in value counts again. @returns nothing, or `value_gone` */
export async function putTableBack(
  tx: Tx,
  club: ClubContext,
  { table, path }: { readonly table: string; readonly path: string },
  actor: string,
): Promise<Result<null>> {
  const found = findLeaf(club, table, path);
  if (!found) return fail('value_gone', ['value']);
  const json = withoutLeaf(found.own, found.path);
  await keepTable(tx, club, { table: found.table, json, path, from: found.current, to: found.standard }, actor);
  return ok(null);
}

/** Text as the kind of value the built-in one is; undefined when it cannot be. */
function readValue(text: string, standard: unknown): string | number | boolean | undefined {
  if (typeof standard === 'boolean') return text === 'true' ? true : text === 'false' ? false : undefined;
  if (typeof standard !== 'number') return text.trim() === '' ? undefined : text.trim();
  const value = Number(text.replace(',', '.'));
  return text.trim() === '' || !Number.isFinite(value) || value < 0 ? undefined : value;
}

const inOrder = (list: unknown): boolean =>
  !Array.isArray(list) || list.length !== 2 || typeof list[0] !== 'number' || list[0] <= (list[1] as number);

async function keepTable(
  tx: Tx,
  club: ClubContext,
  of: { table: TableId; json: unknown; path: string; from: unknown; to: unknown },
  actor: string,
): Promise<void> {
  const { clubId } = club;
  const mine = and(eq(clubTable.clubId, clubId), eq(clubTable.table, of.table));
  const stored = club.tables.find((one) => one.table === of.table);
  if (of.json === undefined) await tx.delete(clubTable).where(mine);
  else if (stored)
    await tx
      .update(clubTable)
      .set({ json: of.json, version: stored.version + 1 })
      .where(mine);
  else await tx.insert(clubTable).values({ clubId, table: of.table, json: of.json });
  await recordChanges(tx, clubId, [
    {
      day: club.today,
      actor,
      subject: 'method-table',
      from: { table: of.table, path: of.path, value: of.from },
      to: { table: of.table, path: of.path, value: of.to },
    },
  ]);
}
