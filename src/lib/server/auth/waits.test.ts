import { expect, it, test } from 'vitest';
import { ACCOUNT_WAITS, countTry, type Tries } from './waits';

const T0 = new Date('2026-11-24T18:00:00Z');
const after = (s: number): Date => new Date(T0.getTime() + s * 1000);

/** Tries, each as soon as it is let in. @returns the pause before each */
function patient(tries: number): number[] {
  const pauses: number[] = [];
  let [now, known] = [T0, null as Tries | null];
  for (let i = 0; i < tries; i++) {
    const blocked = known?.blockedUntil ?? null;
    pauses.push(blocked && blocked > now ? (blocked.getTime() - now.getTime()) / 1000 : 0);
    if (blocked && blocked > now) now = blocked;
    known = countTry(known, now, ACCOUNT_WAITS).after;
  }
  return pauses;
}

it('lets a handful of slips go, then waits twice as long each time, up to a quarter of an hour', () => {
  expect(patient(14)).toEqual([0, 0, 0, 0, 0, 15, 30, 60, 120, 240, 480, 900, 900, 900]);
});

it('lets nobody in while a wait runs, however often they ask, and counts none of it', () => {
  let known: Tries | null = null;
  let entered = 0;
  for (let i = 0; i < 400; i++) {
    const { waitS, after: next } = countTry(known, after(i / 100), ACCOUNT_WAITS);
    if (waitS === 0) entered += 1;
    known = next;
  }
  expect(entered).toBe(ACCOUNT_WAITS.free);
  expect(known?.failures).toBe(ACCOUNT_WAITS.free);
});

test('wrong tries of a day ago are forgotten', () => {
  const known = { failures: 9, lastAt: T0, blockedUntil: after(600) };
  expect(countTry(known, after(599), ACCOUNT_WAITS).waitS).toBe(1);
  expect(countTry(known, after(600), ACCOUNT_WAITS).after.failures).toBe(10);
  expect(countTry(known, after(86_401), ACCOUNT_WAITS).after).toMatchObject({ failures: 1, blockedUntil: null });
});
