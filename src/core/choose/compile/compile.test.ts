import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief, dose } from '../../../../tests/fixtures';
import type { AthleteFacts } from '../../athlete';
import { getExercise } from '../../library';
import { setSeconds } from '../../order';
import { makeContext, type Brief } from '..';
import { slotOptions } from '../candidates/options';
import { helps } from './bonuses';
import { buildModel } from './build-model';
import { compileOption } from './compile-option';
import { emphasise } from './emphasise';
import { slotField } from './slot-field';

const { choice, time } = METHOD.settings;
const template = METHOD.templates.full!;
function compiled(over: Partial<Brief> = {}) {
  const context = makeContext(brief({ events: [], ...over }), LIBRARY, METHOD);
  const slots = template.slots.map((slot) => slotOptions(slot, context));
  return { context, slots, ...buildModel(slots, template, context) };
}

describe('the model is the brief in whole numbers', () => {
  it('has its minutes, and the way to its first group that no clock counts', () => {
    expect(compiled({ minutes: 60 }).model.timeLimitS).toBe(3600 + time.transitionS);
  });

  it('counts the way to a group with the first that is chosen of it, and a switch to each set of the others', () => {
    const { slots, model, options } = compiled();
    const first = (id: string) => {
      const at = slots.findIndex(({ slot }) => slot.id === id);
      const pick = options[at]!.findIndex((option) => option !== null);
      return { option: options[at]![pick]!, ...model.slots[at]![pick]! };
    };
    const [pull, calf, jump] = [first('upper-pull'), first('calf'), first('jump-1')];
    expect(pull.group).toBe(calf.group);
    expect(jump.group).not.toBe(calf.group);
    expect([pull.groupS, jump.groupS]).toEqual([time.transitionS - time.switchS, time.transitionS]);
    const { dose: alone, exercise } = jump.option;
    expect(jump.timeS).toBe(
      Math.round(alone.sets * setSeconds(exercise, alone) + (alone.sets - 1) * (alone.restSeconds ?? 0)),
    );
    const { dose: inTurn } = pull.option;
    const rest = (inTurn.restSeconds ?? 0) * choice.pairedRest;
    expect(pull.timeS).toBe(
      Math.round(inTurn.sets * (setSeconds(pull.option.exercise, inTurn) + time.switchS) + (inTurn.sets - 1) * rest),
    );
  });

  it('begins where the ledger stands, in tenths of a set', () => {
    expect(compiled({ balance: { knee: 4.26, hip: 3.04 } }).model).toMatchObject({ kneeStart: 43, hipStart: 30 });
  });

  it('lets a pattern stand twice only where the coach pinned both', () => {
    const dosed = { row: 'D-MAINT' as const, dose: dose({ sets: 2, rir: 4 }), full: null };
    const pin = { exerciseId: 'back-squat', dosed, typed: false, byCoach: true };
    const patterns = ({ model, slots }: ReturnType<typeof compiled>, id: string) =>
      model.slots[slots.findIndex(({ slot }) => slot.id === id)]?.map(({ pattern }) => pattern) ?? [];
    const twice = compiled({ pins: { main: pin, guard: pin } });
    expect(patterns(twice, 'main').every((pattern) => pattern >= 0)).toBe(true);
    expect(patterns(twice, 'guard')).toContain(-1);
    expect(patterns(compiled({ pins: { guard: pin } }), 'guard')).not.toContain(-1);
  });

  it('keeps a slot that names one pattern to it', () => {
    const { slots } = compiled();
    const cool = slots.find(({ slot }) => slot.id === 'cool-down')!;
    expect(new Set(cool.options.map(({ exercise }) => exercise.pattern))).toEqual(new Set(['cool-down']));
  });

  it('sets a bell aside where a bar could do its lift, not for beginners (SEL-10)', () => {
    const lin = (id: string, over: Partial<Brief> = {}) => {
      const { context, slots } = compiled({ phase: 'pre-season', events: [], ...over });
      const main = slots.find(({ slot }) => slot.id === 'main')!;
      const option = main.options.find(({ exercise }) => exercise.id === id)!;
      return [option.row, compileOption(option, main, slotField(main, context), context).lin];
    };
    const { usualMain, lightBell } = METHOD.settings.choice;
    expect(lin('goblet-squat')).toEqual(['D-MAX', usualMain + lightBell]);
    expect(lin('back-squat')).toEqual(['D-MAX', usualMain]);
    expect(lin('goblet-squat', { phase: 'general' })).toEqual(['D-STR', usualMain + lightBell]);
    const bells = { place: { ...brief().place, equipment: ['dumbbell', 'kettlebell'] } };
    expect(lin('goblet-squat', bells)).toEqual(['D-MAX', usualMain]);
    const beginners = { athletes: ['a', 'b'].map((id) => athlete({ id, liftLevel: 'foundation' })) };
    expect(lin('goblet-squat', beginners)[1]).toBe(usualMain);
  });

  it('counts the time of a pair as its clock does: the partner of a main lift works inside its rest', () => {
    const { slots, model, options } = compiled();
    const timeOf = (id: string) => {
      const at = slots.findIndex(({ slot }) => slot.id === id);
      const pick = options[at]!.findIndex((option) => option !== null && option.dose.sets > 1);
      return { seconds: model.slots[at]![pick]!.timeS, option: options[at]![pick]! };
    };
    const trunk = timeOf('main-trunk');
    expect(trunk.seconds).toBe(Math.round(setSeconds(trunk.option.exercise, trunk.option.dose)));
  });

  it('counts soreness only near an event that is there', () => {
    const lin = (over: Partial<Brief>) => {
      const { context, slots } = compiled(over);
      const main = slots.find(({ slot }) => slot.id === 'main')!;
      const option = main.options.find(({ exercise }) => exercise.soreness > 0)!;
      return compileOption(option, main, slotField(main, context), context).lin;
    };
    const on = (day: string) => ({ events: [{ day, kind: 'league' as const }] });
    expect(lin({})).toBe(lin(on('2026-11-28')));
    expect(lin(on('2026-11-27'))).toBeLessThan(lin({}));
  });
});

describe('a purpose', () => {
  it('is helped from its number on, not past it', () => {
    const exercise = { ...getExercise(LIBRARY, 'back-squat'), demands: { groin: choice.helpsFrom } };
    expect(helps(exercise, { groin: 1 }, choice)).toBe(true);
    expect(helps({ ...exercise, demands: { groin: choice.helpsFrom - 1 } }, { groin: 1 }, choice)).toBe(false);
  });
});

describe('the sport as a squad needs it (START-6, DOSE-6)', () => {
  const sport = LIBRARY.sports.get('team-handball')!;
  const squad = (own: Partial<AthleteFacts>, of = 4, all = 4) =>
    Array.from({ length: all }, (_, i) => athlete({ id: String(i), ...(i < of ? own : {}) }));
  const weights = (people: readonly AthleteFacts[], at = sport) => emphasise(at, people, choice).demands;

  it('is as it is for a squad with nothing of its own', () => {
    expect(emphasise(sport, squad({}), choice)).toBe(sport);
  });

  test.each([
    ['how they jump', { jumper: 'one-foot' as const }, 'vertical-jump-one-foot' as const, choice.jumperPoints],
    ['a lift that is strong enough', { atCeiling: ['back-squat'] }, 'max-strength' as const, -choice.enoughPoints],
  ])('moves with %s, by its share', (_name, own, demand, points) => {
    expect(weights(squad(own))[demand]).toBe(Math.max(0, sport.demands[demand] + points));
    expect(weights(squad(own, 1, 8))[demand]).toBe(sport.demands[demand] + Math.round(points / 8));
  });

  it('raises no jump that the sport does not ask for, and never falls below nothing', () => {
    const still = { ...sport, demands: { ...sport.demands, 'vertical-jump-one-foot': 0, 'max-strength': 0 } };
    expect(weights(squad({ jumper: 'one-foot' }), still)['vertical-jump-one-foot']).toBe(0);
    expect(weights(squad({ atCeiling: ['back-squat'] }), still)['max-strength']).toBe(0);
  });
});
