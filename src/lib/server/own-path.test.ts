import { expect, test, vi } from 'vitest';
import { ownPath } from './own-path';

vi.stubEnv('ORIGIN', 'https://club.example');

test.each([
  ['/calls', '/calls'],
  ['/bench/1/2026-11-24?minutes=30#why', '/bench/1/2026-11-24?minutes=30#why'],
  ['/a//b', '/a//b'],
  ['/%2F%2Fevil.example', '/%2F%2Fevil.example'],
  ['/../settings', '/settings'],
  [null, '/home'],
  ['', '/home'],
  ['calls', '/home'],
  ['//evil.example', '/home'],
  ['///evil.example', '/home'],
  ['/\\evil.example', '/home'],
  ['\\\\evil.example', '/home'],
  ['/\t/evil.example', '/home'],
  ['/\n/evil.example', '/home'],
  ['/.//evil.example', '/home'],
  ['/..//evil.example', '/home'],
  ['/x/..//evil.example', '/home'],
  ['https://evil.example', '/home'],
  ['https:evil.example', '/home'],
  ['javascript:alert(1)', '/home'],
  ['//[', '/home'],
])('%j goes to %j', (to, expected) => {
  expect(ownPath(to, '/home')).toBe(expected);
});
