import type { TestSpecs } from '../testing';

/** What a column of a results file holds; a test's id = a value of that test. */
export type ResultColumn = 'athlete' | 'day' | 'side' | 'test' | 'value' | 'ignore' | `test:${string}`;

/** A name as it is compared: small letters, single blanks. */
export const plain = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ');

/** Guesses what each column holds from its heading. */
export function guessColumns(header: readonly string[], specs: TestSpecs): ResultColumn[] {
  const known: Readonly<Record<string, ResultColumn>> = {
    athlete: 'athlete',
    name: 'athlete',
    player: 'athlete',
    day: 'day',
    date: 'day',
    side: 'side',
    leg: 'side',
    test: 'test',
    value: 'value',
    result: 'value',
  };
  const byName = new Map<string, ResultColumn>();
  for (const spec of specs.values())
    for (const name of [spec.id, spec.name, spec.short]) byName.set(plain(name), `test:${spec.id}`);
  return header.map((heading) => {
    const text = plain(heading).replace(/\s*\(.*\)$/, '');
    const bare = text.replace(/[, ]+(left|right|l|r)$/, '');
    const side = /[, ]+(left|l)$/.test(text) ? '@left' : /[, ]+(right|r)$/.test(text) ? '@right' : '';
    const test = byName.get(bare);
    return known[text] ?? (test ? (`${test}${side}` as ResultColumn) : 'ignore');
  });
}
