import type { MethodTables } from './tables-schema';

/** A club's own values for one table: only what differs from the built-in one. */
export interface ClubTable {
  readonly table: string;
  readonly json: unknown;
}

/**
 * Lays a club's own rows over the built-in tables. Objects merge key by key; lists and plain values replace.
 * The result is not validated here: the border parses it with `methodTablesSchema` when a club saves a table.
 * @example overlayTables(tables, [{ table: 'doses', json: { 'D-SLOW': { sets: [2, 4] } } }])
 */
export function overlayTables(builtIn: MethodTables, own: readonly ClubTable[]): MethodTables {
  return own.reduce<MethodTables>(
    (tables, { table, json }) => (table in tables ? (merge(tables, { [table]: json }) as MethodTables) : tables),
    builtIn,
  );
}

function merge(base: unknown, over: unknown): unknown {
  if (!isPlainObject(base) || !isPlainObject(over)) return over;
  const merged: Record<string, unknown> = { ...base };
  for (const [key, value] of Object.entries(over)) merged[key] = key in base ? merge(base[key], value) : value;
  return merged;
}

const isPlainObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
