import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief } from '../../../../tests/fixtures';
import { overlayTables } from '../../method';
import { makeContext, type Brief } from '..';
import { buildModel, type Compiled } from '../compile/build-model';
import { search } from '../engine/search';
import { totalsOf } from '../engine/selection';
import { openCard } from './open-card';
import { searchMains } from './search-mains';
import { clockSeconds, searchToTheClock } from './search-to-the-clock';

const { time } = METHOD.settings;
const FOURTEEN = Array.from({ length: 14 }, (_, i) => athlete({ id: `a${String(i)}`, liftLevel: 'trained' }));

function opened(over: Partial<Brief> = {}, method = METHOD) {
  const context = makeContext(brief({ events: [], athletes: FOURTEEN, ...over }), LIBRARY, method);
  const open = openCard(context);
  if (!open.ok) throw new Error('no card');
  const slots = open.value.filled(context);
  const { template } = open.value.template;
  return { context, slots, template, open: open.value, compiled: buildModel(slots, template, context) };
}

/** The model with every line longer than it is, as where it cannot know how lines share their rests. */
const slower = ({ model, options }: Compiled, times: number): Compiled => ({
  options,
  model: {
    ...model,
    slots: model.slots.map((of) => of.map((one) => ({ ...one, timeS: Math.round(one.timeS * times) }))),
  },
});

describe('the session on its clock', () => {
  it.each([
    [20, 'in-season'],
    [30, 'general'],
    [45, 'pre-season'],
    [60, 'specific'],
    [75, 'in-season'],
    [90, 'general'],
  ] as const)('%i minutes of %s: the model tells the clock to a twentieth', (minutes, phase) => {
    const { slots, compiled, context } = opened({ minutes, phase });
    const found = search(compiled.model)!;
    const told = totalsOf(compiled.model, found.picks).timeS - time.transitionS;
    const clock = clockSeconds(slots, compiled, found.picks, context);
    expect(Math.abs(told - clock) / clock).toBeLessThan(0.05);
  });

  it.each([0.7, 0.85, 1, 1.2, 1.4])('fits, and uses its minutes, however wrong the model is: × %f', (times) => {
    const { slots, compiled, context } = opened({ minutes: 60, phase: 'specific' });
    const wrong = slower(compiled, times);
    const found = searchToTheClock(slots, wrong, context)!;
    expect(found.overS).toBe(0);
    // no worse a card than with the right seconds, but for what a search misses
    expect(found.worth).toBeGreaterThan(0.97 * searchToTheClock(slots, compiled, context)!.worth);
    const clock = clockSeconds(slots, wrong, found.selection.picks, context);
    expect(clock).toBeLessThanOrEqual(3600);
    expect(clock).toBeGreaterThanOrEqual(3600 * 0.93);
  });
});

describe('sets of the mains and the minutes (WEEK-9)', () => {
  const setsOfMain = (minutes: number, mainSets: number) => {
    const method = overlayTables(METHOD, [{ table: 'settings', json: { choice: { mainSets } } }]);
    const { slots, template, open, context } = opened({ minutes, phase: 'specific' }, method);
    const fewer = () => open.filled({ ...context, mainsWhole: false });
    const { slots: taken, compiled, found } = searchMains(slots, fewer, template, context);
    const main = taken.findIndex(({ slot }) => slot.id === 'main');
    return compiled.options[main]?.[found!.selection.picks[main]!]?.dose.sets;
  };
  const worth = METHOD.settings.choice.mainSets;

  it.each([
    [90, worth, 4],
    [45, worth, 3],
    [45, 10 * worth, 4],
  ])('%i minutes, sets worth %i points: %i', (minutes, points, sets) => {
    expect(setsOfMain(minutes, points)).toBe(sets);
  });
});
