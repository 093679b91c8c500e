/**
 * A reading of something that is never changed in place, worked out once for it as long as it is asked with the same
 * else: many rules ask the same of what an athlete owns, and most of it stands as it stood.
 * @param read pure
 */
export function remember<Of extends object, By extends readonly unknown[], Found>(
  read: (of: Of, ...by: By) => Found,
): (of: Of, ...by: By) => Found {
  const known = new WeakMap<Of, { readonly by: By; readonly found: Found }>();
  return (of, ...by) => {
    const last = known.get(of);
    if (last?.by.every((one, i) => one === by[i])) return last.found;
    const found = read(of, ...by);
    known.set(of, { by, found });
    return found;
  };
}
