import Papa from 'papaparse';

/** What a spreadsheet would take for a formula, with the marks that may already stand before it. */
const FORMULA = /^'*[=+\-@\t\r]/;

/**
 * Rows as CSV. Text that a spreadsheet would run as a formula gets a mark before it that makes it text; `readCell` takes
 * it off again. Numbers are numbers.
 */
export const writeCsv = (rows: readonly object[], columns?: readonly string[]): string =>
  Papa.unparse([...rows], {
    escapeFormulae: FORMULA,
    newline: '\n',
    ...(columns ? { columns: [...columns] } : {}),
  });

/** A cell as it was before `writeCsv`. */
export const readCell = (cell: string): string => (cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell);
