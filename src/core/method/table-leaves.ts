/** One value of a table, with the way to it: keys, and places in lists as numbers. */
export interface Leaf {
  readonly path: readonly (string | number)[];
  readonly value: string | number | boolean | null;
}

/** Every single value of a table, in order. */
export function leavesOf(table: unknown, path: Leaf['path'] = []): Leaf[] {
  if (table === undefined) return [];
  if (table === null || typeof table !== 'object') return [{ path, value: table as Leaf['value'] }];
  if (Array.isArray(table)) return table.flatMap((one, i) => leavesOf(one, [...path, i]));
  return Object.entries(table).flatMap(([key, one]) => leavesOf(one, [...path, key]));
}

/** The value at a path, or undefined. */
export const valueAt = (table: unknown, path: Leaf['path']): unknown =>
  path.reduce<unknown>(
    (at, key) => (typeof at === 'object' && at !== null ? (at as Record<string | number, unknown>)[key] : undefined),
    table,
  );

/**
 * A club's own rows with one value changed. Overlays replace lists whole, so a value inside a list takes its list
 * along from the table as it stands.
 * @param own what the club has changed so far
 * @param current the whole table, with the club's own rows in it
 */
export function withLeaf(own: unknown, current: unknown, path: Leaf['path'], value: Leaf['value']): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return value;
  if (Array.isArray(current))
    return current.map((one: unknown, i) => (i === key ? withLeaf(one, one, rest, value) : one));
  const before = typeof own === 'object' && own !== null ? (own as Record<string, unknown>) : {};
  const inside = (current as Record<string, unknown> | null)?.[String(key)];
  return { ...before, [key]: withLeaf(before[String(key)], inside, rest, value) };
}

/** A club's own rows without one value (or the list it stands in): the built-in one counts again. Empty rows go too. */
export function withoutLeaf(own: unknown, path: Leaf['path']): unknown {
  const [key, ...rest] = path;
  if (key === undefined || typeof own !== 'object' || own === null || Array.isArray(own)) return undefined;
  const inside = withoutLeaf((own as Record<string, unknown>)[String(key)], rest);
  const others = Object.fromEntries(Object.entries(own).filter(([name]) => name !== String(key)));
  const left = inside === undefined ? others : { ...others, [key]: inside };
  return Object.keys(left).length === 0 ? undefined : left;
}
