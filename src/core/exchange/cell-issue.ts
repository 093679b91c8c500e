import type { z } from 'zod';
import type { ExerciseColumn } from './exercise-columns';

/** What is wrong with a cell. */
export interface CellIssue {
  readonly column: ExerciseColumn;
  readonly value: string;
  /** what would do there, where that can be said */
  readonly wants: CellWant | null;
}
export type CellWant =
  | { readonly kind: 'number' }
  | { readonly kind: 'one-of'; readonly words: readonly string[] }
  | { readonly kind: 'at-least' | 'at-most'; readonly n: number; readonly of: 'items' | 'letters' | 'value' };

const SIZE_OF: Readonly<Record<string, 'items' | 'letters'>> = { array: 'items', string: 'letters' };
/** What a refused field would have taken. */
export function wantOf(issue: z.core.$ZodIssue): CellWant | null {
  if (issue.code === 'invalid_value') return { kind: 'one-of', words: issue.values.map(String) };
  if (issue.code === 'invalid_type' && issue.expected === 'number') return { kind: 'number' };
  const of = issue.code === 'too_small' || issue.code === 'too_big' ? (SIZE_OF[issue.origin] ?? 'value') : 'value';
  if (issue.code === 'too_small') return { kind: 'at-least', n: Number(issue.minimum), of };
  if (issue.code === 'too_big') return { kind: 'at-most', n: Number(issue.maximum), of };
  return null;
}
