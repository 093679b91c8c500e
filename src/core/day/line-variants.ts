import { takesLoad, type Dose } from '../dose';
import type { Exercise } from '../library';
import type { DoseRowId } from '../method';
import type { Line } from '../session';
import type { DayContext } from './day-context';
import type { DayLine } from './day-line';
import { lesserDose } from './lesser-dose';

/** Which of a line's written doses an athlete does (SEL-8). */
export type Variant = 'squad' | 'less' | 'other' | 'safe' | 'without' | 'typed';

/** A dose as it is written on a squad's card; everybody's load is their own. */
export interface Written {
  readonly variant: Exclude<Variant, 'without' | 'typed'>;
  readonly exerciseId: string;
  readonly row: DoseRowId;
  readonly dose: Dose;
}

/** Whether one of some written doses may stand for what an athlete would do. */
export type Covered = (cell: Doing, by: readonly Written[]) => boolean;

/** A line somebody does something on. */
export type Doing = DayLine & { readonly exerciseId: string };

export const isDoing = (line: DayLine): line is Doing => line.exerciseId !== null;

/** What a line says, told apart as a coach reads it: a % and its reserve are one dose, loads are everybody's own. */
export const writtenKey = ({ exerciseId, dose }: Pick<DayLine, 'exerciseId' | 'dose'>): string =>
  [exerciseId, dose.sets, dose.amount, dose.unit, dose.per, dose.rir].join(' ');

const EASED_FOR_COMPLAINT: readonly string[] = [
  'barred_by_complaint',
  'eased_for_complaint',
  'not_yet_in_return',
  'eased_for_return',
  'sides_apart',
];
export const isForComplaint = ({ reasons }: Pick<DayLine, 'reasons'>): boolean =>
  reasons.some(({ code }) => EASED_FOR_COMPLAINT.includes(code));

/**
 * The doses a line is written in: the squad's, which most do; *less*, one step of PROG-4 under it; *other*, what most of
 * those do whom neither fits by level, gate or age; *safe*, the same for complaints.
 */
export function lineVariants(line: Line, cells: readonly Doing[], covered: Covered, context: DayContext): Written[] {
  const squad = squadDose(line, cells);
  const dose = lesserDose(squad, context);
  const less = dose && { ...squad, variant: 'less' as const, dose };
  const own = less ? [squad, less] : [squad];
  const left = cells.filter((cell) => !cell.typed && !covered(cell, own));
  const others = left.filter((cell) => !isForComplaint(cell));
  const other = servesMost(others, 'other', covered);
  const safe = servesMost(left.filter(isForComplaint), 'safe', covered);
  return [...own, ...(other ? [other] : []), ...(safe ? [safe] : [])];
}

/** The dose most do of the squad's entry; of two done by as many the card's own, then the larger: fewer are held back by it. */
function squadDose(line: Line, cells: readonly Doing[]): Written {
  const same = cells.filter((cell) => cell.exerciseId === line.exerciseId && (!cell.typed || line.typed));
  const [most] = [...grouped(same, writtenKey).values()]
    .flatMap((of) => (of[0] ? [{ cell: of.find(({ row }) => row === line.row) ?? of[0], count: of.length }] : []))
    .sort(
      (a, b) =>
        b.count - a.count ||
        Number(writtenKey(b.cell) === writtenKey(line)) - Number(writtenKey(a.cell) === writtenKey(line)) ||
        (isAtMost(a.cell.dose, b.cell.dose) ? 1 : -1),
    );
  const { exerciseId, row, dose } = most?.cell ?? line;
  return { variant: 'squad', exerciseId, row, dose };
}

/**
 * Of what is done the entry that serves most of them, at the least dose of those who do it; of two that serve as many the
 * one more do.
 */
function servesMost(cells: readonly Doing[], variant: 'other' | 'safe', covered: Covered): Written | null {
  const [best] = [...grouped(cells, ({ exerciseId }) => exerciseId)]
    .map(([exerciseId, of]) => {
      const [least] = [...of].sort((a, b) => (isAtMost(a.dose, b.dose) ? -1 : 1));
      const written = least && { variant, exerciseId, row: least.row, dose: least.dose };
      const serves = written ? cells.filter((cell) => covered(cell, [written])).length : 0;
      return { written, serves, count: of.length, exerciseId };
    })
    .sort((a, b) => b.serves - a.serves || b.count - a.count || (a.exerciseId < b.exerciseId ? -1 : 1));
  return best?.written ?? null;
}

function grouped(cells: readonly Doing[], by: (cell: Doing) => string): Map<string, Doing[]> {
  const groups = new Map<string, Doing[]>();
  for (const cell of cells) groups.set(by(cell), [...(groups.get(by(cell)) ?? []), cell]);
  return groups;
}

/** Whether a dose asks no more than another: fewer sets, then more in reserve, then fewer reps (SEL-8). */
export function isAtMost(dose: Dose, than: Dose): boolean {
  if (dose.sets !== than.sets) return dose.sets < than.sets;
  if (dose.unit !== than.unit || dose.per !== than.per) return false;
  const [own, other] = [dose.rir ?? 0, than.rir ?? 0];
  return own === other ? dose.amount <= than.amount : own > other;
}

/** Whether a dose on the squad's entry is the athlete's own to load: sets and reps are the squad's (PROG-15). */
export const ownsLoad = (exercise: Exercise, { dose, eased }: Pick<DayLine, 'dose' | 'eased'>): boolean =>
  takesLoad(exercise, dose) && dose.loadKg !== null && eased.length === 0;

/** The dose that most do of a squad's line today, which stands on it; the line's own where nobody does. */
export const squadDoseOf = (line: Line, view: readonly DayLine[]): Dose => {
  const most = view.find(
    (own) => own.slot === line.slot && own.variant === 'squad' && own.exerciseId === line.exerciseId,
  );
  return most ? { ...most.dose, loadKg: line.dose.loadKg, percent: line.dose.percent } : line.dose;
};
