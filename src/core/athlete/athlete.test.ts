import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete } from '../../../tests/fixtures';
import { NO_HISTORY } from './athlete-facts';
import type { Gate } from '../library';
import { overlayTables } from '../method';
import { massFromKg, massToKg } from '../units';
import { meetsGate, ownedRung, standsOn } from '.';

const gate = (test: string): Gate => ({ kind: 'test', test: test as 'C1' });
const owns = (id: string, sessions: number) => ({ history: { ...NO_HISTORY, mastered: { [id]: sessions } } });
const meets = (of: Gate, own: Parameters<typeof athlete>[0]) => meetsGate(of, athlete(own), LIBRARY);

describe('gates', () => {
  test.each([
    ['passed', gate('R1'), { tests: { R1: 'passed' } }, true],
    ['failed', gate('R1'), { tests: { R1: 'failed' } }, false],
    ['never tested', gate('R1'), { tests: {} }, false],
    ['a harder control screen counts for an easier one', gate('C2'), { tests: { C5: 'passed' } }, true],
    ['but not the other way', gate('C5'), { tests: { C2: 'passed' } }, false],
    ['nor over one that was failed', gate('C2'), { tests: { C2: 'failed', C5: 'passed' } }, false],
    ['the drop landing stands for none', gate('C6'), { tests: { C7: 'passed' } }, false],
    ['a harder range screen counts for none', gate('R1'), { tests: { R2: 'passed' } }, false],
    ['a level reached', { kind: 'level', of: 'jump', atLeast: 'developing' }, { jumpLevel: 'trained' }, true],
    ['a level not reached', { kind: 'level', of: 'lift', atLeast: 'trained' }, { liftLevel: 'developing' }, false],
    ['a rung owned', { kind: 'rung', ladder: 'pogos', rung: 2 }, owns('pogo', 3), true],
    ['a rung done twice, not three times', { kind: 'rung', ladder: 'pogos', rung: 2 }, owns('pogo', 2), false],
    ['a rung below it owned', { kind: 'rung', ladder: 'pogos', rung: 2 }, owns('assisted-pogo', 3), false],
    ['a ladder nobody knows', { kind: 'rung', ladder: 'none', rung: 1 }, {}, false],
  ] as [string, Gate, Parameters<typeof athlete>[0], boolean][])('%s', (_name, of, own, expected) => {
    expect(meets(of, own)).toBe(expected);
  });

  it('owns the highest rung mastered', () => {
    expect(ownedRung('pogos', athlete(), LIBRARY)).toBe(0);
    expect(ownedRung('pogos', athlete(owns('lateral-pogo', 3)), LIBRARY)).toBe(3);
  });
});

it('stands on the control ladder where the screens say, and elsewhere on what is owned', () => {
  const { controlLadder } = METHOD.start;
  const known = athlete({ controlRung: 4, ...owns('lateral-pogo', 3) });
  expect(standsOn(controlLadder, known, LIBRARY, METHOD)).toBe(4);
  expect(standsOn('pogos', known, LIBRARY, METHOD)).toBe(3);
  expect(standsOn(controlLadder, athlete(), LIBRARY, METHOD)).toBe(0);
});

describe('a club’s own tables', () => {
  it('changes only what the club says, key by key', () => {
    const own = overlayTables(METHOD, [
      { table: 'doses', json: { 'D-STR': { sets: [2, 2] } } },
      { table: 'settings', json: { rest: { fullSeconds: 75 } } },
    ]);
    expect(own.doses['D-STR']).toEqual({ ...METHOD.doses['D-STR'], sets: [2, 2] });
    expect(own.doses['D-MAX']).toBe(METHOD.doses['D-MAX']);
    expect(own.settings.rest).toEqual({ ...METHOD.settings.rest, fullSeconds: 75 });
    expect(METHOD.settings.rest.fullSeconds).toBe(90);
  });

  it('leaves tables it does not know alone', () => {
    expect(overlayTables(METHOD, [{ table: 'weather', json: { rain: true } }])).toEqual(METHOD);
    expect(overlayTables(METHOD, [])).toBe(METHOD);
  });
});

it('turns masses into the coach’s unit and back', () => {
  for (const kg of [0.5, 20, 82.5, 300]) expect(massToKg(massFromKg(kg, 'lb'), 'lb')).toBeCloseTo(kg, 9);
  expect(massToKg(100, 'kg')).toBe(100);
  expect(massFromKg(100, 'lb')).toBeCloseTo(220.462, 3);
});
