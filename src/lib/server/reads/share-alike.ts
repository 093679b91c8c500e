/**
 * The same value with equal parts made one object, so that a page that says a dose or a reason for forty athletes carries
 * it once: what is sent tells objects that are the same apart from those that only look it.
 */
export function shareAlike<T>(value: T): T {
  const known = new Map<string, unknown>();
  const share = (one: unknown): unknown => {
    if (one === null || typeof one !== 'object') return one;
    const made: unknown = Array.isArray(one)
      ? one.map(share)
      : Object.fromEntries(Object.entries(one).map(([key, inner]) => [key, share(inner)]));
    const key = JSON.stringify(made);
    if (known.has(key)) return known.get(key);
    known.set(key, made);
    return made;
  };
  return share(value) as T;
}
