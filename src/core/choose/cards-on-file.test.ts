import fc from 'fast-check';
import { expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { asked } from '../../../tests/random-briefs';
import { formatDose } from '../exchange';
import type { Reason } from '../result';
import { solveCard, type Brief } from '.';

/**
 * Cards on file: what the rules make of fixed squads and days, in words. Every change of a rule, a weight or a table that
 * moves a card shows here as lines to be read like a card; `vitest -u` keeps them once they read right.
 */
const why = ({ code, facts }: Reason): string => `${code} ${JSON.stringify(facts)}`;

function told(brief: Brief): string {
  const head = `# ${brief.sportId}, ${brief.phase}, ${String(brief.minutes)} min, ${String(brief.athletes.length)} athletes, events ${brief.events.map(({ day, kind }) => `${day.slice(5)} ${kind}`).join(', ') || 'none'}${brief.primer ? ', primer' : ''}`;
  const solved = solveCard(brief, LIBRARY, METHOD);
  if (!solved.ok) return `${head}\n  ${solved.issues.map(({ code }) => code).join(', ')}`;
  const { card, view, assessment, points, swaps } = solved.value;
  const lines = card.lines.flatMap((line) => [
    `${line.slot} ${line.group ?? '-'} ${line.exerciseId} ${line.row} ${formatDose(line.dose, 'kg')} rest ${String(line.dose.restSeconds)}${line.full ? ` of ${formatDose(line.full.dose, 'kg')}` : ''}`,
    ...line.reasons.map((reason) => `    ${why(reason)}`),
    `    else ${line.substitutes.map(({ exerciseId, row }) => `${exerciseId} ${row}`).join(', ')}`,
    `    swap ${(swaps[line.slot] ?? []).map(({ exerciseId, lossPoints, lossShare }) => `${exerciseId} ${lossPoints.toFixed(1)} ${lossShare.toFixed(4)}`).join(', ')}`,
    ...view
      .filter(
        ({ slot, eased, exerciseId }) => slot === line.slot && (eased.length > 0 || exerciseId !== line.exerciseId),
      )
      .map(
        (one) =>
          `    ${one.athleteId}: ${one.exerciseId ?? 'without'} ${formatDose(one.dose, 'kg')} ${one.eased.join('+')} ${one.reasons.map(({ code }) => code).join(' ')}`,
      ),
  ]);
  const { contacts, budget, minutes, findings, kneeShareAfter } = assessment;
  return [
    head,
    `  ${minutes.toFixed(2)} min, ${points.toFixed(0)} points, contacts ${String(contacts.raw)}/${String(contacts.weighted)} of ${JSON.stringify(budget)}, knee ${String(kneeShareAfter?.toFixed(3))}`,
    ...lines.map((line) => `  ${line}`),
    ...findings.map(({ code, facts }) => `  ! ${code} ${JSON.stringify(facts)}`),
  ].join('\n');
}

it('stand as they were read last', async () => {
  const sports = [...LIBRARY.sports.keys()];
  const briefs = fc.sample(asked, { seed: 20, numRuns: 22 }).map((brief, i) => ({
    ...brief,
    sportId: sports[(i * 7) % sports.length] ?? brief.sportId,
    weekOfBlock: (i % 4) + 1,
  }));
  await expect(briefs.map(told).join('\n\n')).toMatchFileSnapshot('../../../tests/cards-on-file.txt');
}, 60_000);
