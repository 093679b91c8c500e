import type { Dose } from '$core/dose';
import { formatDose, formatMass, formatSets } from '$core/exchange';
import { athleteLines, type Card, type Line } from '$core/session';
import { massFromKg, type MassUnit } from '$core/units';

/** A squad line's dose as it reads, with the range of the athletes' loads; or one athlete's own. */
export function doseWords(
  line: Line,
  card: Card,
  athleteId: string | null,
  mass: MassUnit,
): { sets: string; rest: string; leftOut: boolean } {
  const own = athleteId === null ? null : athleteLines(card, athleteId).find((one) => one.line.slot === line.slot);
  if (athleteId !== null && !own) return { sets: 'left out', rest: '', leftOut: true };
  const dose = own?.dose ?? line.dose;
  const loads = athleteId === null ? loadRange(line, card, mass) : null;
  const words = formatDose(loads ? { ...dose, loadKg: null, percent: null } : dose, mass);
  const rest = words.slice(formatSets(dose).length).replace(/^ · /, '');
  return {
    sets: formatSets(dose),
    rest: [loads, rest].filter((part) => part !== null && part !== '').join(' · '),
    leftOut: false,
  };
}

/** `52.5–95 kg` over the squad, or null when nobody has a load on this line. */
function loadRange(line: Line, card: Card, mass: MassUnit): string | null {
  const loads = card.overrides.flatMap((own) =>
    own.slot === line.slot && own.dose.loadKg !== null && own.exerciseId === line.exerciseId ? [own.dose.loadKg] : [],
  );
  if (loads.length === 0) return null;
  const [low, high] = [Math.min(...loads), Math.max(...loads)];
  return low === high
    ? formatMass(low, mass)
    : `${String(Math.round(massFromKg(low, mass) * 4) / 4)}–${formatMass(high, mass)}`;
}

/** Who does another entry, and how many have another dose, in a few words under the name. */
export function whoDiffers(
  line: Line,
  card: Card,
  nameOf: (id: string) => string,
): { others: string[]; leftOut: string[]; ownDose: number } {
  const own = card.overrides.filter((override) => override.slot === line.slot);
  return {
    others: own
      .filter(({ exerciseId }) => exerciseId !== null && exerciseId !== line.exerciseId)
      .map(({ athleteId }) => nameOf(athleteId)),
    leftOut: own.filter(({ exerciseId }) => exerciseId === null).map(({ athleteId }) => nameOf(athleteId)),
    ownDose: own.filter(({ exerciseId, dose }) => exerciseId === line.exerciseId && differs(dose, line.dose)).length,
  };
}

const differs = (a: Dose, b: Dose): boolean => a.sets !== b.sets || a.amount !== b.amount;
