import { parseArgs } from 'node:util';
import { LIBRARY, METHOD } from '../src/catalog/index.js';
import { surveyCards } from '../src/core/survey/index.js';

// Cards over every sport, phase, length, people and place, and what holds of them. `--step N` takes every N-th (37 by
// default), `--json` prints everything.
const { values } = parseArgs({ options: { step: { type: 'string', default: '37' }, json: { type: 'boolean' } } });
const started = performance.now();
const survey = surveyCards(LIBRARY, METHOD, Math.max(1, Number(values.step) || 1));
const percent = (value: number): string => `${(value * 100).toFixed(1)} %`;
if (values.json) console.log(JSON.stringify(survey, null, 2));
else {
  console.log(`${String(survey.cards)} cards in ${((performance.now() - started) / 1000).toFixed(1)} s`);
  for (const { id, wanted, held, of, worst } of survey.measures) {
    const share = of === 0 ? 1 : held / of;
    console.log(`${share >= wanted ? '  ' : '! '}${percent(share).padStart(8)} of ${String(of).padStart(5)}  ${id}`);
    if (share < wanted) for (const brief of worst) console.log(`               ${brief}`);
  }
  console.log(`  sports share ${percent(survey.sportsShare)} of lines, phases ${percent(survey.phasesShare)}`);
  console.log(`  never chosen ${percent(survey.neverChosen.length / LIBRARY.exercises.size)}`);
  for (const { exerciseId, why } of survey.neverChosen) console.log(`               ${exerciseId}: ${why}`);
  console.log(`  no card: ${String(survey.without.length)} ${survey.without.slice(0, 5).join('; ')}`);
}
