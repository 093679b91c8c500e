import type { SharedWeek } from '../calendar';
import { hardSets } from '../dose';
import { ledBy } from '../ledger';
import type { MethodTables } from '../method';
import type { DayContext } from './day-context';
import { easedTo, type WorkingLine } from './working-line';

/** What leads the sets that two squads share: the legs'. */
const SHARED = ['knee', 'hip'] as const;
type Shared = (typeof SHARED)[number];

/**
 * Hard sets a week leaves an athlete of two squads: the lower of the phases' rows, less what was done with either
 * (section 7). A peak has no row and lowers none.
 */
export function setsLeft(
  week: SharedWeek,
  lighter: boolean,
  { phases, settings }: MethodTables,
): Readonly<Record<Shared, number>> {
  const part = lighter ? settings.season.lighterSets : 1;
  const left = (led: Shared): number => {
    const rows = week.phases.flatMap((phase) => phases[phase].weeklySets?.[led][1] ?? []);
    return Math.max(0, Math.round(Math.min(...rows) * part) - week[led]);
  };
  return { knee: left('knee'), hip: left('hip') };
}

/**
 * Takes sets off the legs' lines of an athlete who has trained with another squad this week, last line first, until the
 * week's row holds; a line that does not fit at one set is left out. What the coach typed stays (DOSE-12).
 * @param lines in the order of the card; null = left out already
 */
export function trimSharedSets(lines: readonly (WorkingLine | null)[], context: DayContext): (WorkingLine | null)[] {
  const { setsLeft: left, method } = context;
  if (left === null) return [...lines];
  const trimmed = [...lines];
  const led = (line: WorkingLine | null): Shared | null =>
    SHARED.find((one) => line !== null && ledBy(line.exercise) === one) ?? null;
  const hard = ({ dose, exercise, row }: WorkingLine): number => hardSets(dose, exercise, method.doses[row], method);
  for (const kind of SHARED) {
    let over = trimmed.reduce((sum, line) => sum + (line && led(line) === kind ? hard(line) : 0), -left[kind]);
    for (const least of [1, 0])
      for (let i = trimmed.length - 1; i >= 0 && over > 0; i--) {
        const line = trimmed[i];
        if (!line || line.typed || led(line) !== kind || hard(line) === 0) continue;
        const off = Math.min(line.dose.sets - least, over);
        if (off <= 0) continue;
        over -= off;
        const to = line.dose.sets - off;
        trimmed[i] = to === 0 ? null : easedTo(line, { ...line.dose, sets: to }, sharedWeek(line.dose.sets, to));
      }
  }
  return trimmed;
}

export const sharedWeek = (from: number, to: number) => ({
  code: 'shared_week',
  rules: ['WEEK-7'],
  facts: { from, to },
});

/** A line steps once a week over both squads: who stepped with the other one stays there until the week is over. */
export function holdStep(line: WorkingLine, { stepped }: Pick<DayContext, 'stepped'>): WorkingLine {
  const key = `${line.exercise.id} ${line.row}`;
  const to = Object.hasOwn(stepped, key) ? stepped[key] : undefined;
  if (!to || line.typed) return line;
  const { dose } = line;
  const held = { ...dose, sets: Math.min(dose.sets, to.sets), amount: Math.min(dose.amount, to.amount) };
  return held.sets === dose.sets && held.amount === dose.amount
    ? line
    : easedTo(line, held, { code: 'stepped_elsewhere', rules: ['PROG-16'], facts: { ...to } });
}
