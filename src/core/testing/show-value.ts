import type { TestSpec } from './test-spec';

/** A stored value as the grid shows it, without its unit: `41.2`, `pass`, `1`. */
export function showValue(spec: TestSpec, value: number): string {
  if (spec.kind === 'grade') return spec.grades[value] ?? '';
  return spec.kind === 'joints' ? String(value) : (value * spec.per).toFixed(spec.decimals);
}
