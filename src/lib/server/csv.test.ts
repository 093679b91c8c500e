import fc from 'fast-check';
import Papa from 'papaparse';
import { expect, it, test } from 'vitest';
import { readCell, writeCsv } from './csv';

test.each(['=1+1', '+34 600', '-3', '@home', '\tx', '\rx', "'=1", "''@x"])('%j is text to a spreadsheet', (text) => {
  const [, cell = ''] = writeCsv([{ a: text }]).split(/\n(.*)/s);
  expect(cell.replace(/^"/, '')).toMatch(/^'/);
});

it('writes numbers as numbers, and plain text as it is', () => {
  expect(writeCsv([{ a: -3, b: "O'Hara", c: "'tis" }])).toBe("a,b,c\n-3,O'Hara,'tis");
});

it('reads back what was written, whatever it was', () => {
  const text = fc.oneof(fc.string(), fc.string({ unit: fc.constantFrom("'", '=', '-', '"', ',', '\n', '\t', 'a') }));
  fc.assert(
    fc.property(text, (value) => {
      const parsed = Papa.parse<Record<string, string>>(writeCsv([{ a: value, b: 'x' }]), { header: true });
      expect(readCell(parsed.data[0]?.a ?? '')).toBe(value);
    }),
    { seed: 5, numRuns: 400 },
  );
});
