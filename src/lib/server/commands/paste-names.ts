import Papa from 'papaparse';
import { isDay } from '$core/calendar';
import type { Issue } from '$core/result';

export interface PastedAthlete {
  readonly name: string;
  readonly birthDate: string | null;
  readonly bodyMassKg: number | null;
}

/** Most rows taken in one paste. */
const MOST = 200;
const HEADINGS = ['name', 'athlete', 'player', 'nombre'];

/**
 * Reads names as they come from a spreadsheet: one a line, or columns name, birth date, body mass, separated by tab,
 * comma or semicolon. A heading line is skipped; good rows are kept beside the issues of bad ones.
 * @returns rows in order, the lines left for another paste, and `name_missing`, `day_unreadable`, `mass_unreadable`, `name_twice` with the line's number
 */
export function readPastedAthletes(
  text: string,
  known: readonly string[],
): { rows: PastedAthlete[]; issues: Issue[]; left: string[] } {
  const parsed = Papa.parse<string[]>(text.trim(), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: ['\t', ';', ',', '|'],
  });
  const rows: PastedAthlete[] = [];
  const issues: Issue[] = [];
  const seen = new Set(known.map((name) => name.toLowerCase()));
  for (const [i, cells] of parsed.data.slice(0, MOST).entries()) {
    const [first = '', second = '', third = ''] = cells.map((cell) => cell.trim());
    if (i === 0 && HEADINGS.includes(first.toLowerCase())) continue;
    const path = [i + 1];
    const birthDate = second === '' ? null : toDay(second);
    const bodyMassKg = third === '' ? null : Number(third.replace(',', '.'));
    if (first.length < 2) issues.push({ code: 'name_missing', path });
    else if (seen.has(first.toLowerCase())) issues.push({ code: 'name_twice', path, facts: { name: first } });
    else if (birthDate === undefined) issues.push({ code: 'day_unreadable', path, facts: { text: second } });
    else if (bodyMassKg !== null && !(bodyMassKg >= 20 && bodyMassKg <= 250))
      issues.push({ code: 'mass_unreadable', path, facts: { text: third } });
    else {
      seen.add(first.toLowerCase());
      rows.push({ name: first.slice(0, 80), birthDate, bodyMassKg });
    }
  }
  return { rows, issues, left: parsed.data.slice(MOST).map((cells) => cells.join('\t')) };
}

/** 2008-05-17, 17/05/2008 or 17.5.2008 as a day; undefined when it is none. */
function toDay(text: string): string | undefined {
  const local = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4})$/.exec(text);
  const day = local
    ? `${local[3] ?? ''}-${(local[2] ?? '').padStart(2, '0')}-${(local[1] ?? '').padStart(2, '0')}`
    : text;
  return isDay(day) ? day : undefined;
}
