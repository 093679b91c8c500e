import { squadDoseOf, type DayLine } from '$core/day';
import { formatDose, formatMass, formatSets } from '$core/exchange';
import type { Line } from '$core/session';
import { massFromKg, type MassUnit } from '$core/units';

const of = (line: Line, view: readonly DayLine[]): DayLine[] => view.filter(({ slot }) => slot === line.slot);

/** A squad line's dose as it reads, with the range of the athletes' loads; or one athlete's own. */
export function doseWords(
  line: Line,
  view: readonly DayLine[],
  athleteId: string | null,
  mass: MassUnit,
): { sets: string; rest: string; leftOut: boolean } {
  const own = athleteId === null ? null : of(line, view).find((one) => one.athleteId === athleteId);
  if (own?.exerciseId === null) return { sets: 'left out', rest: '', leftOut: true };
  const dose = own?.dose ?? squadDoseOf(line, view);
  const loads = athleteId === null && line.dose.loadKg === null ? loadRange(line, view, mass) : null;
  const words = formatDose(loads ? { ...dose, loadKg: null, percent: null } : dose, mass);
  const rest = words.slice(formatSets(dose).length).replace(/^ · /, '');
  return {
    sets: formatSets(dose),
    rest: [loads, rest, own?.stopped ? 'stopped' : ''].filter((part) => part !== null && part !== '').join(' · '),
    leftOut: false,
  };
}

/** `52.5–95 kg` over the squad, or null when nobody has a load on this line. */
function loadRange(line: Line, view: readonly DayLine[], mass: MassUnit): string | null {
  const loads = of(line, view).flatMap((own) =>
    own.dose.loadKg !== null && own.exerciseId === line.exerciseId ? [own.dose.loadKg] : [],
  );
  if (loads.length === 0) return null;
  const [low, high] = [Math.min(...loads), Math.max(...loads)];
  return low === high
    ? formatMass(low, mass)
    : `${String(Math.round(massFromKg(low, mass) * 4) / 4)}–${formatMass(high, mass)}`;
}

/** Who does not do the squad's dose, by which of the line's doses it is, in a few words under the name (SEL-8). */
export function whoDiffers(line: Line, view: readonly DayLine[], nameOf: (id: string) => string): string[] {
  const own = of(line, view);
  return (['less', 'other', 'safe', 'typed', 'without'] as const).flatMap((variant) => {
    const who = own.filter((one) => (one.stopped ? 'without' : one.variant) === variant);
    const [first] = who;
    if (!first) return [];
    const word = variant === 'typed' ? 'by hand' : variant;
    return [`${who.length === 1 ? nameOf(first.athleteId) : String(who.length)} ${word}`];
  });
}
