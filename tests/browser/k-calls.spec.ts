import { expect, test } from '@playwright/test';
import { v7 } from 'uuid';
import { doAsWritten, newClub, ready, setToday, TUESDAY, WEDNESDAY } from './app';

test.afterEach(() => {
  setToday(TUESDAY);
});

const SIZE = 40;

test('forty athletes train, answer as they do, and the morning is settled by key alone', async ({ page }) => {
  test.slow();
  setToday(TUESDAY);
  await newClub(page, 'Forty');
  const line = (i: number): string =>
    `Player ${String(i + 1).padStart(2, '0')};developing;f;${String(60 + 2.5 * (i % 12))} x 5;${String(80 + (i % 20))}`;
  const table = ['Name;Level;Sex;Back squat;Deadlift', ...Array.from({ length: SIZE }, (_, i) => line(i))];
  await page.getByLabel('Names, one a line').fill(table.join('\n'));
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Player 40' })).toBeVisible();
  const ids = await page
    .getByRole('link', { name: /^Player \d\d$/ })
    .evaluateAll((all) => all.map((one) => /squad\/[^/]+\/([^/?]+)/.exec((one as HTMLAnchorElement).href)![1]!));
  expect(new Set(ids).size).toBe(SIZE);

  await page.getByRole('link', { name: "Today's card" }).click();
  await expect(page.getByRole('status').filter({ hasText: /^Kept/ })).toBeVisible({ timeout: 60_000 });
  await doAsWritten(page);

  // the next morning: most are fine, some are tight, three hurt, two forgot
  setToday(WEDNESDAY);
  const origin = process.env.BASE_URL!;
  const calm = { place: null, side: null, score: null, signs: [] };
  const said = (i: number): object =>
    i < 3
      ? { answer: 'pain', place: ['knee', 'calf', 'back'][i], side: null, score: 3 + i, signs: [] }
      : i < 9
        ? { ...calm, answer: 'tight', place: 'calf' }
        : { ...calm, answer: i % 3 === 0 ? 'usual' : 'fine' };
  for (const [i, athleteId] of ids.slice(0, SIZE - 2).entries()) {
    const data = { athleteId, checkIn: { id: v7(), ...said(i) } };
    expect((await page.request.post('/api/check-ins', { data, headers: { origin } })).ok()).toBe(true);
  }

  await page.goto('/calls');
  await ready(page);
  const calls = page.locator('[data-call]');
  const waiting = await calls.count();
  // three who hurt are calls; what six tight calves and two who forgot ask for is settled by rule (PROG-17)
  await expect(page.locator('[data-call=pain]')).toHaveCount(3);
  expect(waiting).toBeLessThanOrEqual(5);
  for (let left = waiting; left > 0; left--) {
    await page.keyboard.press('j');
    await page.keyboard.press('Enter');
    await expect(calls).toHaveCount(left - 1);
    await ready(page);
  }
  await expect(page.getByRole('heading', { level: 1, name: 'No calls' })).toBeVisible();
});
