import { squadDoseOf, type DayLine, type Variant } from '$core/day';
import { formatDose, formatMass, formatSets } from '$core/exchange';
import { shareStations } from '$core/floor';
import type { Line } from '$core/session';
import { massFromKg, type MassUnit } from '$core/units';

/** A line as it stands over the athletes. */
export interface MatrixColumn {
  readonly slot: string;
  readonly exerciseId: string;
  readonly sets: string;
  readonly rest: string;
  /** how many do which of its doses, those that anybody does */
  readonly counts: readonly (readonly [Variant, number])[];
}

/** What one athlete does on one line, in as few words as tell it. */
export interface MatrixCell {
  readonly slot: string;
  readonly variant: Variant;
  /** empty = as written, without a load of one's own */
  readonly words: string;
  /** the rule behind a line that is left out */
  readonly rule: string;
}

/** Blocks everybody does alike. */
const ALIKE: readonly string[] = ['prep', 'cool-down'];
const DIFFER: readonly Variant[] = ['less', 'other', 'safe', 'typed', 'without'];

export const matrixLines = (lines: readonly Line[]): Line[] => lines.filter(({ block }) => !ALIKE.includes(block));

/** @param athletes how many there are: who is not told of does the line as it stands */
export const matrixColumns = (
  lines: readonly Line[],
  view: readonly DayLine[],
  athletes: number,
  mass: MassUnit,
): MatrixColumn[] =>
  matrixLines(lines).map((line) => {
    const dose = squadDoseOf(line, view);
    const of = view.filter(({ slot }) => slot === line.slot);
    const words = formatDose({ ...dose, loadKg: null, percent: null }, mass);
    return {
      slot: line.slot,
      exerciseId: line.exerciseId,
      sets: formatSets(dose),
      rest: words.slice(formatSets(dose).length).replace(/^ · /, ''),
      counts: countsOf(of, athletes),
    };
  });

function countsOf(of: readonly DayLine[], athletes: number): MatrixColumn['counts'] {
  const differ = DIFFER.map((variant) => [variant, of.filter((own) => own.variant === variant).length] as const);
  const asWritten = athletes - differ.reduce((sum, [, count]) => sum + count, 0);
  return [['squad', asWritten] as const, ...differ].filter(([, count]) => count > 0);
}

/** @param nameOf of an entry */
export function matrixCell(
  own: DayLine | undefined,
  { slot, exerciseId: squadEntry }: Pick<MatrixColumn, 'slot' | 'exerciseId'>,
  mass: MassUnit,
  nameOf: (exerciseId: string) => string,
): MatrixCell {
  // the page's first sight of a card brings only who does something else
  if (!own) return { slot, variant: 'squad', words: '', rule: '' };
  if (own.exerciseId === null)
    return { slot, variant: 'without', words: 'without', rule: own.reasons[0]?.rules.at(-1) ?? '' };
  if (own.stopped) return { slot, variant: 'without', words: 'stopped', rule: own.stopped.rules.at(-1) ?? '' };
  const load = own.dose.loadKg === null ? '' : numberOf(own.dose.loadKg, mass);
  const sets = formatSets({ ...own.dose, per: null });
  const name = own.exerciseId === squadEntry ? 'other' : nameOf(own.exerciseId);
  const words: Readonly<Record<Variant, readonly string[]>> = {
    squad: [load],
    less: ['less', sets, load && `· ${load}`],
    other: [name, sets, load && `· ${load}`],
    safe: [name, sets, load && `· ${load}`],
    typed: ['yours', sets, load && `· ${load}`],
    without: ['without'],
  };
  return { slot, variant: own.variant, words: words[own.variant].filter(Boolean).join(' '), rule: '' };
}

const numberOf = (loadKg: number, mass: MassUnit): string => String(Math.round(massFromKg(loadKg, mass) * 4) / 4);

/** Who lifts at which rack, lightest first, so that plates change least (FLOOR-1). */
export interface MatrixRack {
  readonly athletes: readonly { readonly id: string; readonly loadKg: number }[];
  readonly words: string;
}

/** @param racks how many there are; 0 = none, nobody is shared out */
export function matrixRacks(
  lines: readonly Line[],
  view: readonly DayLine[],
  racks: number,
  mass: MassUnit,
): MatrixRack[] {
  const main = lines.find(({ slot }) => slot === 'main') ?? null;
  const loads = view.flatMap(({ slot, athleteId, exerciseId, dose: { loadKg } }) =>
    main && slot === main.slot && exerciseId === main.exerciseId && loadKg !== null ? [{ id: athleteId, loadKg }] : [],
  );
  if (racks < 1 || loads.length === 0) return [];
  const loadOf = new Map(loads.map((one) => [one.id, one]));
  return shareStations(loads, racks).map((ids) => {
    const athletes = ids.flatMap((id) => loadOf.get(id) ?? []);
    const [low, high] = [athletes[0]?.loadKg ?? 0, athletes.at(-1)?.loadKg ?? 0];
    return {
      athletes,
      words: low === high ? formatMass(low, mass) : `${numberOf(low, mass)}–${formatMass(high, mass)}`,
    };
  });
}
