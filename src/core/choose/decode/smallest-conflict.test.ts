import { expect, test } from 'vitest';
import { LIBRARY } from '$catalog';
import { brief } from '../../../../tests/fixtures';
import { AS_TEMPLATE } from '../../session';
import type { Brief } from '../brief';
import { smallestConflict } from './smallest-conflict';

const bareHall = (of: Brief): boolean => of.place.equipment.length === 0;
const hurt = (of: Brief): boolean => of.athletes.every(({ complaints }) => complaints.length > 0);
const banned = (of: Brief): boolean => of.shape.banned.length > 0;
const short = (of: Brief): boolean => of.minutes < 20;
const failed = (of: Brief): boolean => of.athletes.every(({ tests }) => tests.R2 !== 'passed');
const tight = brief({
  minutes: 12,
  place: { ...brief().place, equipment: [], lane: false },
  shape: { ...AS_TEMPLATE, banned: ['back-squat'], kind: 'jumps' },
  athletes: brief().athletes.map((one) => ({
    ...one,
    tests: { R2: 'failed' as const },
    complaints: [{ place: 'knee', side: null, score: 5, column: 'stop' as const }],
  })),
});

test.each<[string, (of: Brief) => boolean, string[]]>([
  ['one thing alone', hurt, ['complaints']],
  ['two that only together leave nothing', (of) => bareHall(of) && banned(of), ['kit', 'bans']],
  ['the smaller of two conflicts', (of) => (bareHall(of) && hurt(of)) || short(of), ['minutes']],
  ['the first of two as small', (of) => hurt(of) || banned(of), ['complaints']],
  ['three', (of) => bareHall(of) && hurt(of) && of.shape.kind !== null, ['kit', 'complaints', 'kind']],
  ['a test that was failed', failed, ['levels']],
  ['nothing that was asked', () => true, []],
])('of what a brief asks it names %s', (_name, fails, expected) => {
  expect(smallestConflict(tight, LIBRARY, fails)).toEqual(expected);
});
