import { expect, test, type Page } from '@playwright/test';
import { seriousOn } from './access';
import { ready, setToday, signIn, TUESDAY } from './app';

/** Saturdays of a spring, as a league sends them, with a tournament of two days. */
const FIXTURES = [
  'BEGIN:VCALENDAR',
  'VERSION:2.0',
  ...['20270206', '20270213', '20270220', '20270227'].flatMap((day, i) => [
    'BEGIN:VEVENT',
    `UID:match-${String(i)}`,
    `DTSTART;VALUE=DATE:${day}`,
    `SUMMARY:Levante ${String(i + 1)}`,
    'END:VEVENT',
  ]),
  'BEGIN:VEVENT',
  'UID:open',
  'DTSTART;VALUE=DATE:20270320',
  'DTEND;VALUE=DATE:20270322',
  'SUMMARY:Coast final',
  'END:VEVENT',
  'END:VCALENDAR',
].join('\r\n');

async function familyOf(page: Page, squadId: string, day: string): Promise<string> {
  await page.goto(`/bench/${squadId}/${day}`);
  await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
  await page.locator('[data-slot="main"] .name').click();
  return (await page.locator('.why img, .why svg[aria-label]').first().getAttribute('aria-label')) ?? '';
}

test('a season from a fixture file: weeks that lead with knee and hip, a moved match, a school and back, a calendar out', async ({
  page,
}) => {
  setToday(TUESDAY);
  await signIn(page);
  await page.goto('/season');
  await ready(page);
  await page.locator('.thread select').first().selectOption({ label: 'Ultimate' });
  await expect(page.getByRole('heading', { level: 1, name: 'Season' })).toBeVisible();
  await expect(page.getByText('No season yet')).toBeVisible();
  const squadId = /season\/([0-9a-f-]{36})/.exec(page.url())![1]!;

  // silly dates are said at the field and stay typed
  await page.getByLabel('First day').fill('2026-11-23');
  await page.getByLabel('Last day').fill('2026-11-01');
  await page.getByRole('button', { name: 'Plan this season' }).click();
  await expect(page.getByText('The season ends before it starts.')).toBeVisible();
  await expect(page.getByLabel('Last day')).toHaveValue('2026-11-01');
  await page.getByLabel('Last day').fill('2027-04-25');
  await page.getByRole('button', { name: 'Plan this season' }).click();
  await expect(page.getByRole('link', { name: /^Week 1, / })).toBeVisible();

  await page
    .getByLabel(/^Fixture file/)
    .setInputFiles({ name: 'league.ics', mimeType: 'text/calendar', buffer: Buffer.from(FIXTURES) });
  await page.getByRole('button', { name: 'Import fixtures' }).click();
  await expect(page.getByText(/^6 added, 0 moved/)).toBeVisible();
  await expect(page.getByRole('link', { name: /^Week 11, in season/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Week 17, peak/ })).toBeVisible();
  expect(await seriousOn(page)).toEqual([]);

  // three cards of one week
  const led = [];
  for (const day of ['2026-11-30', '2026-12-02', '2026-12-04']) led.push(await familyOf(page, squadId, day));
  expect(led.slice(0, 2).sort()).toEqual(['hinge', 'squat']);

  // a match is moved by its day: the week's sessions change their roles or go
  await page.goto(`/season/${squadId}?week=11`);
  await ready(page);
  const week = page.getByRole('region', { name: 'Week 11' });
  const before = await week.locator('.session').allTextContents();
  await page.getByRole('button', { name: /^Change Levante 1/ }).click();
  await page.getByLabel('Levante 1: day').fill('2027-02-04');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(week.getByRole('listitem').filter({ hasText: 'Levante 1' })).toContainText('Thu 4 Feb');
  expect(await week.locator('.session').allTextContents()).not.toEqual(before);

  // another school of loading, seen at once, and back
  await page.goto(`/season/${squadId}?week=3`);
  const mains = async (): Promise<string[]> =>
    page.getByRole('region', { name: 'Week 3' }).locator('.session').allTextContents();
  const blocks = await mains();
  await page.request.post('/settings?/choose', {
    form: { school: 'loading', option: 'daily waves', squadId },
    headers: { origin: process.env.BASE_URL! },
  });
  await page.goto(`/season/${squadId}?week=3`);
  await ready(page);
  expect(await mains()).not.toEqual(blocks);
  await expect(page.getByRole('region', { name: 'Last change' })).toContainText(/main lift .* instead of/);
  await page.keyboard.press('Control+z');
  await expect.poll(mains).toEqual(blocks);

  const out = await (await page.request.get(`/season/${squadId}/calendar.ics`)).text();
  expect(out).toContain(`UID:${squadId}-2026-12-07@jaleo`);
  expect(out).toContain('Levante 2');
});

test('a week changed by hand: dragged, by key, with one tap, taken back; the Bench follows and the past stays', async ({
  page,
}) => {
  setToday(TUESDAY);
  await signIn(page);
  await page.goto('/season');
  await ready(page);
  await page.locator('.thread select').first().selectOption({ label: 'Handball' });
  const squadId = /season\/([0-9a-f-]{36})/.exec(page.url())![1]!;
  await page.goto(`/season/${squadId}?week=22`);
  await ready(page);
  const week = page.getByRole('region', { name: 'Week 22' });
  const last = page.getByRole('region', { name: 'Last change' });
  const days = week.locator('ol > li');
  await expect(days.nth(1)).toContainText('Lift A');

  // dragged from Tuesday to Wednesday, judged at once
  await week.locator('.session').first().scrollIntoViewIfNeeded();
  const from = (await week.locator('.session').first().boundingBox())!;
  const to = (await days.nth(2).boundingBox())!;
  await page.mouse.move(from.x + 30, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(from.x + 50, from.y + 20, { steps: 4 });
  await page.mouse.move(to.x + 30, to.y + 60, { steps: 8 });
  await page.mouse.up();
  await expect(days.nth(2)).toContainText('put here by hand');
  await expect(last).toContainText('Wed 2 Dec: role A, new.');
  // the day has its card now, made for the role
  await page.goto(`/bench/${squadId}/2026-12-02`);
  await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
  await page.goto(`/season/${squadId}?week=22`);
  await ready(page);

  await page.keyboard.press('Control+z');
  await expect(days.nth(1)).toContainText('Lift A');
  await expect(last.getByRole('button', { name: 'Put back: a session moved' })).toBeVisible();
  // by key, and the same move again
  await week.locator('.session').first().press('Alt+ArrowRight');
  await expect(days.nth(2)).toContainText('put here by hand');
  await last.getByRole('button', { name: 'Take it back' }).click();
  await expect(days.nth(1)).toContainText('Lift A');

  // what is offered about a note takes the note away
  const note = week.getByText('stays under what counts as heavy');
  await expect(note).toBeVisible();
  await week.getByRole('button', { name: 'Thu’s session on Wed' }).click();
  await expect(note).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(note).toBeVisible();

  await week.getByRole('button', { name: 'Off: practice of Wed 2 Dec' }).click();
  await expect(week.getByRole('button', { name: 'On again: practice of Wed 2 Dec' })).toBeVisible();
  await week.getByText('Change these weeks').click();
  await week.getByLabel('Phase').selectOption('transition');
  await week.getByRole('button', { name: 'Set phase' }).click();
  await expect(week).toContainText('transition');
  await expect(last).toContainText('transition instead of in season');
  expect(await seriousOn(page)).toEqual([]);
  await page.keyboard.press('Control+z');
  await expect(week).toContainText('in season, block 7');

  // a day that is over does not move
  await page.goto(`/season/${squadId}?week=20`);
  await ready(page);
  await expect(page.getByRole('region', { name: 'Week 20' }).locator('.session').first()).toBeVisible();
  await expect(page.getByRole('button', { name: /later, on/ })).toHaveCount(0);
});
