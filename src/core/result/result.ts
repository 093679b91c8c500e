/** Plain numbers and words a finding was judged by; sentences are made from them elsewhere. */
export type Facts = Readonly<Record<string, string | number | boolean | null | readonly string[]>>;

/** Something wrong with data: a stable code, where it is, and the numbers behind it. */
export interface Issue {
  readonly code: string;
  readonly path: readonly (string | number)[];
  readonly facts?: Facts;
}

/** Why something was decided: a stable code, the rule ids of the method, and the facts it used. */
export interface Reason {
  readonly code: string;
  readonly rules: readonly string[];
  readonly facts: Facts;
}

/** A judgement on a plan: a reason that forbids, warns or only notes. */
export interface Finding extends Reason {
  readonly severity: 'forbid' | 'warn' | 'note';
}

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issues: readonly Issue[] };

/** Wraps a value as a success. */
export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

/** One issue as a failure. */
export const fail = (code: string, path: readonly (string | number)[] = [], facts?: Facts): Result<never> => ({
  ok: false,
  issues: [facts === undefined ? { code, path } : { code, path, facts }],
});
