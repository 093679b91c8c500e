import type { Dose } from '$core/dose';
import { formatMass, formatSets } from '$core/exchange';
import type { MassUnit } from '$core/units';

interface Side {
  readonly exerciseId: string;
  readonly dose: Dose;
}

const RULES: Readonly<Record<string, string>> = {
  'PROG-2': 'Fine and clean: one set more, then reps, then the next rung.',
  'PROG-3': 'Usual tightness twice at the most, all clean, counts as two fines.',
  'PROG-4': 'Overly tight takes one set off, at the fewest sets a third of the reps; twice in a row, one rung down.',
  'PROG-6': 'Nothing rises on silence.',
  'PROG-7': 'After a layoff dose and load both step back.',
  'PROG-9':
    'All sets done with enough left: one rep more, at the top of the range the smallest step of 2 % or more. Short or missed: 2.5 to 5 % off.',
  'PROG-8': 'Clean at the most of a rung time after time, with its gate unmet: test what opens the next one.',
  'PROG-10':
    'A main lift well under its block’s first: lighter work, another lift, another quality, or sleep and practice.',
  'PROG-11': 'A lift that rose beyond its error: test a jump while it is fresh.',
  'LED-1': 'Muscles with fewer than two hard sets in two weeks are named once a week.',
  'DOSE-11': 'The bar decides the step.',
  'SAFE-2':
    'From 4, or with a sign, the named work stops and the athlete is referred. Only a dated clearance lifts it.',
  'SAFE-8': 'What a complaint stops is read from its place and score.',
};

/** The first rule of a change in words. */
export const ruleWords = (rules: readonly string[]): string => RULES[rules[0] ?? ''] ?? '';

/** What moves, short: `4 × 4 → 3 × 4`, `80 kg → 82.5 kg`, or both exercises when the rung changes. */
export function changeWords(
  from: Side,
  to: Side,
  name: (exerciseId: string) => string,
  mass: MassUnit,
): { from: string; to: string } {
  if (from.exerciseId !== to.exerciseId)
    return {
      from: `${name(from.exerciseId)} ${formatSets(from.dose)}`,
      to: `${name(to.exerciseId)} ${formatSets(to.dose)}`,
    };
  const sets = from.dose.sets !== to.dose.sets || from.dose.amount !== to.dose.amount;
  const load = from.dose.loadKg !== to.dose.loadKg;
  const say = ({ dose }: Side): string =>
    [
      sets ? formatSets(dose) : null,
      load ? (dose.loadKg === null ? 'load to be found' : formatMass(dose.loadKg, mass)) : null,
    ]
      .filter((part) => part !== null)
      .join(' · ');
  return { from: say(from), to: say(to) };
}
