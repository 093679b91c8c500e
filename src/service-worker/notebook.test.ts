import { expect, test } from 'vitest';
import { forgetsPages, isNotebookPage } from './notebook';

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
