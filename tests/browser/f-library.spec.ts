import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { seriousOn } from './access';
import { openBench, ready, setToday, signIn, TUESDAY } from './app';

test.beforeAll(() => {
  setToday(TUESDAY);
});

const found = (page: Page) => page.locator('main ul li a .name');

test('with the keyboard: a knee-friendly single-leg exercise for two dumbbells and a band, in three actions', async ({
  page,
}) => {
  await signIn(page);
  await page.keyboard.press('g');
  await page.keyboard.press('i');
  await page.waitForURL(/\/library$/);
  await ready(page);
  await expect(page.getByRole('searchbox')).toBeFocused();
  // one: what; two: with what; three: open it
  await page.keyboard.type('single-leg knee-friendly');
  await page.getByLabel('Or only this kit').focus();
  await page.keyboard.type('2 dumbbells, band');
  await expect(found(page).first()).toBeVisible();
  const names = await found(page).allTextContents();
  expect(names.length).toBeGreaterThan(3);
  expect(names.join()).not.toContain('kettlebell');
  await page.locator('main ul li a').first().focus();
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/library\/[a-z-]+$/);
  await expect(page.locator('dd').filter({ hasText: 'knee' }).first()).toBeVisible();
  await expect(page.getByRole('img', { name: /:/ }).first()).toBeVisible();
});

test('kit nobody knows is said, and filters that fit nothing say how to go on', async ({ page }) => {
  await signIn(page);
  await page.goto('/library');
  await ready(page);
  await page.getByLabel('Or only this kit').fill('dumbbells, trampoline');
  await expect(page.getByText('Not known here: trampoline')).toBeVisible();
  await page.getByLabel('Or only this kit').fill('');
  await page.getByRole('searchbox').fill('zzzz');
  await expect(page.getByText('Nothing fits all of that.')).toBeVisible();
  await page.getByRole('button', { name: 'Start over' }).click();
  await expect(page.getByRole('status').first()).toHaveText(/^(\d+) of \1$/);
  await page.getByRole('button', { name: 'Figures' }).click();
  await expect(page.locator('main li svg').first()).toBeVisible();
});

test('the RDL school is switched, and shares are read again', async ({ page }) => {
  await signIn(page);
  await page.goto('/library/romanian-deadlift');
  const share = (muscle: string) => page.locator('dl.bars dt', { hasText: muscle }).locator('+ dd b');
  await expect(share('hamstrings')).toHaveText('44 %');
  await page.goto('/settings');
  await ready(page);
  await page.locator('#rdlShares').getByText('glute-led').click();
  await expect(page.locator('#rdlShares')).toContainText('It counts from now.');
  await page.goto('/library/romanian-deadlift');
  await expect(share('glutes')).toHaveText('56 %');
  await expect(page.getByText('as the glute-led school reads them')).toBeVisible();
  // a squad may see it otherwise
  await page.goto('/settings');
  await ready(page);
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'Handball' });
  await page.waitForURL(/squad=/);
  await page.locator('#rdlShares').getByText('hamstring-led').click();
  await expect(page.locator('#rdlShares')).toContainText('It counts from now.');
  await page.goto('/settings');
  await ready(page);
  await expect(page.locator('#rdlShares').getByLabel('glute-led')).toBeChecked();
  await page.locator('#rdlShares').getByText('balanced').click();
  await expect(page.locator('#rdlShares')).toContainText('It counts from now.');
});

test('a sport copied and a demand raised: the Bench chooses otherwise, and back again', async ({ page }) => {
  await signIn(page);
  await openBench(page, 'Freestyle');
  const bench = page.url().replace(/\d{4}-\d\d-\d\d$/, '2026-12-08');
  const names = async (): Promise<string> => {
    await page.goto(bench);
    await ready(page);
    await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
    // what runs in a block stays; anew, the sport decides
    await page.getByRole('button', { name: 'Choose all lines anew' }).click();
    await expect(page.getByRole('status').filter({ hasText: /Kept \d/ })).toBeVisible();
    return (await page.locator('.card .name b').allTextContents()).join(' | ');
  };
  await page.goto('/library/sports?a=snowboard-freestyle');
  // the chart is drawn in the built application too
  await expect(page.getByRole('button', { name: 'Save as image' })).toBeVisible();
  await ready(page);
  await page.getByLabel('Weight of groin').fill('9');
  await page.getByLabel('Weight of groin').press('Enter');
  await expect(page.getByText('A weight from 0 to 5')).toBeVisible();
  const before = await names();
  await page.goto('/library/sports?a=snowboard-freestyle');
  await ready(page);
  for (const [demand, weight] of [
    ['groin', '5'],
    ['hamstring', '5'],
    ['grip and pull', '5'],
    ['knee tendon', '0'],
    ['landing', '0'],
  ] as const) {
    await page.getByLabel(`Weight of ${demand}`).fill(weight);
    await page.getByLabel(`Weight of ${demand}`).press('Enter');
    await expect(
      page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: demand, exact: true }) }),
    ).toContainText('built in');
  }
  await expect(page.getByText('the club’s own copy')).toBeVisible();
  expect(await names()).not.toBe(before);
  await page.goto('/library/sports?a=snowboard-freestyle');
  await ready(page);
  await page.getByRole('button', { name: 'Put the built-in profile back' }).click();
  await expect(page.getByText('the club’s own copy')).toHaveCount(0);
});

test('out as CSV, one cue changed, in again: just that change; a broken file takes nothing in', async ({ page }) => {
  await signIn(page);
  await page.goto('/library/exchange');
  await ready(page);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Exercises as CSV' }).click(),
  ]);
  const csv = readFileSync(await download.path(), 'utf8');
  expect(csv).toContain('Bell at the breastbone.');
  const send = async (text: string, name = 'exercises.csv'): Promise<void> => {
    await page
      .getByLabel('Library file, .json or .csv')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
    await page.getByRole('button', { name: 'Preview' }).click();
  };
  await send(csv.replace('goblet-squat,Goblet squat', 'goblet-squat,Go').replace('squat-depth', ''));
  await expect(page.getByText('Nothing is taken in until these are right')).toBeVisible();
  await expect(page.locator('table tr', { hasText: 'name' }).first()).toContainText('goblet-squat');
  await expect(page.getByRole('button', { name: /^Take in/ })).toHaveCount(0);

  await send(csv.replace('Bell at the breastbone.', 'Bell under the chin.'));
  await expect(page.getByText('1 would change.')).toBeVisible();
  await expect(page.locator('.changes li')).toHaveCount(1);
  await expect(page.locator('.changes')).toContainText('Bell under the chin.');
  await page.getByRole('button', { name: 'Take in 1 change' }).click();
  await expect(page.getByText('1 taken in.')).toBeVisible();
  await page.goto('/library/goblet-squat');
  await expect(page.locator('section.words')).toContainText('Bell under the chin.');
  await page.getByRole('button', { name: 'Put the built-in one back' }).click();
  await expect(page.locator('section.words')).toContainText('Bell at the breastbone.');

  await page.goto('/library/exchange');
  await ready(page);
  await send('{ "exercises": [ { "id": 4 } ] }', 'library.json');
  await expect(page.locator('table')).toContainText('exercises.0.id');
  await send('{ "exercises": [', 'library.json');
  await expect(page.getByText('This is not JSON here')).toBeVisible();
});

test('an exercise of the club’s own: silly input stays typed, then it is found, chosen from and removed', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/library/step-up/edit?new=1');
  await ready(page);
  await page.getByLabel('Name', { exact: true }).fill('Step-up with a sandbag');
  await page.getByLabel('Cues, one a line').fill('Up.');
  await page.locator('input[name="share.quadriceps"]').fill('90');
  await page.getByRole('button', { name: 'Add to the library' }).click();
  await expect(page.getByText('Two to four cues')).toBeVisible();
  await expect(page.getByText(/They should make 100/)).toBeVisible();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Step-up with a sandbag');
  await page.getByLabel('Cues, one a line').fill('Whole foot on.\nStand tall.');
  await page.locator('input[name="share.quadriceps"]').fill('42');
  await page.getByRole('button', { name: 'Add to the library' }).click();
  await page.waitForURL(/\/library\/step-up-with-a-sandbag$/);
  await expect(page.getByText('the club’s own')).toBeVisible();
  await page.goto('/library');
  await ready(page);
  await page.getByRole('searchbox').fill('sandbag');
  await expect(found(page)).toHaveCount(1);
  await page.goto('/library/step-up-with-a-sandbag');
  await ready(page);
  await page.getByRole('button', { name: 'Remove it' }).click();
  await page.waitForURL(/\/library$/);
});

test('a number of the method is changed, refused when silly, and put back', async ({ page }) => {
  await signIn(page);
  await page.goto('/settings/method?table=doses&row=D-LAND');
  await ready(page);
  const from = page.getByLabel('sets · from', { exact: true });
  let sent = 0;
  page.on('request', (request) => (sent += Number(request.method() === 'POST')));
  await from.fill('9');
  await from.press('Enter');
  await expect(page.getByText('may not be above the second')).toBeVisible();
  await from.fill('3');
  await from.press('Enter');
  await expect(page.getByRole('button', { name: 'Put back sets · from' })).toBeVisible();
  // Enter in a changed field is one sending: a second one's late answer wrote over what was typed meanwhile
  expect(sent).toBe(2);
  await page.getByRole('button', { name: 'Put back sets · from' }).click();
  await expect(from).toHaveValue('2');
});

test('the ladders show where athletes stand, and one athlete from the goal backwards', async ({ page }) => {
  await signIn(page);
  await page.goto('/library/ladders?ladder=squat');
  await ready(page);
  await expect(page.locator('ol li')).toHaveCount(4);
  await expect(page.locator('ol li').first()).toContainText('back');
  await page.getByLabel('From the goal backwards for').selectOption({ index: 1 });
  await page.waitForURL(/athlete=/);
  await expect(page.getByRole('status')).toContainText(/stands on rung|has not been on this ladder/);
});

test('library and settings pass the accessibility check in both themes', async ({ page }) => {
  await signIn(page);
  for (const path of [
    '/library',
    '/library/back-squat',
    '/library/back-squat/edit',
    '/library/ladders',
    '/library/sports?b=ultimate',
    '/library/exchange',
    '/settings',
    '/settings/places',
    '/settings/policy',
    '/settings/method',
  ]) {
    await page.goto(path);
    await ready(page);
    expect(await seriousOn(page), path).toEqual([]);
  }
});
