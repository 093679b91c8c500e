/** A value with what is usual of it left out. */
export type Sparse<T, U> = Omit<T, keyof U> & Partial<Pick<T, keyof U & keyof T>>;

/** Leaves out what is usual: it is not sent with each of a few hundred. */
export function sparse<T extends object, U extends object>(of: T, usual: U): Sparse<T, U> {
  const same = (key: string, value: unknown): boolean => {
    const as = usual[key as keyof U];
    return value === as || (Array.isArray(value) && value.length === 0 && Array.isArray(as));
  };
  const kept = Object.entries(of).filter(([key, value]) => !Object.hasOwn(usual, key) || !same(key, value));
  return Object.fromEntries(kept) as Sparse<T, U>;
}
