import { expect, test } from 'vitest';
import { forgetsPages, isNotebookPage, mayKeep, saysGone } from './notebook';

test.each([
  ['/start', true],
  ['/start/0198/2026-11-24', true],
  ['/start/0198/screens/0199', true],
  ['/measure', true],
  ['/floor/0198', true],
  ['/squad/0198/0199/start', true],
  ['/squad/0198/0199', false],
  ['/startling', false],
  ['/sign-in', false],
  ['/api/results', false],
])('%s opens without a network: %s', (path, opens) => {
  expect(isNotebookPage(path)).toBe(opens);
});

test('coming and going of a person drops the pages kept; looking does not', () => {
  expect(forgetsPages('POST', '/sign-out')).toBe(true);
  expect(forgetsPages('POST', '/sign-in')).toBe(true);
  expect(forgetsPages('GET', '/sign-in')).toBe(false);
  expect(forgetsPages('POST', '/api/results')).toBe(false);
});

const page = { status: 200, redirected: false, person: 'session-1', asked: 3, now: 3 };
test.each([
  ['a page of who is signed in', {}, true],
  ['one asked for before the person left', { now: 4 }, false],
  ['one that is nobody’s', { person: null }, false],
  ['what sign-in answered instead', { redirected: true }, false],
  ['a page of trouble', { status: 503 }, false],
])('%s', (_, change, keeps) => {
  expect(mayKeep({ ...page, ...change })).toBe(keeps);
});

test('being sent to sign in says that the person is gone; another way round does not', () => {
  expect(saysGone(true, 'http://x.example/sign-in?to=%2Fstart')).toBe(true);
  expect(saysGone(true, 'http://x.example/start/1/2026-11-24')).toBe(false);
  expect(saysGone(false, 'http://x.example/sign-in')).toBe(false);
});
