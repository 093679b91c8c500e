import { spawn } from 'node:child_process';
import { expect, test, type Page } from '@playwright/test';
import { seriousOn } from './access';
import { openBench, ready, setToday, signIn, TUESDAY } from './app';

test.beforeAll(() => {
  setToday(TUESDAY);
});

async function openGrid(page: Page): Promise<void> {
  await page.goto('/start');
  await page.waitForURL(/\/start\/[0-9a-f-]+\/2026-11-24/);
  await ready(page);
}
const row = (page: Page, athlete: string) => page.locator('tbody tr').filter({ hasText: athlete });
const cell = (page: Page, athlete: string, test: string) =>
  page.getByRole('gridcell', { name: new RegExp(`^${athlete}, ${test}`) });
const foot = (page: Page) => page.locator('footer');
const allKept = (page: Page) => expect(foot(page)).toContainText('All kept.');

async function openReading(page: Page, athlete: string): Promise<void> {
  await openGrid(page);
  await page.getByRole('link', { name: athlete, exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: athlete })).toBeVisible();
  await ready(page);
}

test('a testing day: keyboard, paste, silly input, an unlikely value, and the network cut', async ({
  page,
  context,
}) => {
  await signIn(page);
  await page.keyboard.press('g');
  await page.keyboard.press('l');
  await page.waitForURL(/\/start\//);
  await ready(page);
  await expect(page.locator('tbody tr')).toHaveCount(18);

  // typed straight into the chosen cell; Enter goes down
  await cell(page, 'Vera Modin', 'Countermovement jump').focus();
  await page.keyboard.type('36.5');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'Vera Modin', 'Countermovement jump')).toHaveText('36.5');
  await allKept(page);

  // impossible: refused with the reason, and what was typed stays
  await cell(page, 'Teo Lizar', 'Countermovement jump').focus();
  await page.keyboard.type('310');
  await page.keyboard.press('Enter');
  await expect(foot(page)).toContainText('310.0 cm is not possible; from 3.0 to 130.0 cm.');
  await expect(cell(page, 'Teo Lizar', 'Countermovement jump')).toContainText('310');
  // unlikely: asks, and counts once the coach says so
  await foot(page).getByRole('button', { name: 'Change it' }).click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('71');
  await page.keyboard.press('Enter');
  await expect(foot(page)).toContainText('is far from the last');
  await foot(page).getByRole('button', { name: 'It is right' }).click();
  await allKept(page);

  // a lift as it is said, and a maximum nobody can read out of thirty reps
  await cell(page, 'Teo Lizar', 'Back squat').focus();
  await page.keyboard.type('60 x 30');
  await page.keyboard.press('Enter');
  await expect(foot(page)).toContainText('up to 12 reps');
  await foot(page).getByRole('button', { name: 'Take it off' }).click();
  await cell(page, 'Teo Lizar', 'Back squat').focus();
  await page.keyboard.type('70 x 5');
  await page.keyboard.press('Enter');
  // an earlier set within its time tells more than today's lighter one
  await expect(row(page, 'Teo Lizar')).toContainText('70 × 5');
  await expect(row(page, 'Teo Lizar')).toContainText(/Squat 1\.3\d ×BM/);

  // both sides, without the mouse
  await cell(page, 'Teo Lizar', 'Single-leg squat, left').focus();
  await page.keyboard.type('0100');
  await page.keyboard.press('Enter');
  await cell(page, 'Teo Lizar', 'Single-leg squat, left').focus();
  await page.keyboard.press('/');
  await page.keyboard.type('0000');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'Teo Lizar', 'Single-leg squat, right')).toHaveText('0');
  await allKept(page);

  // a block from a spreadsheet
  await cell(page, 'Runa Eide', 'Toe touch').focus();
  await page.evaluate(() => {
    const clip = new DataTransfer();
    clip.setData('text/plain', 'pass\tfail\t7.5\t8\nhigh\tpass\t11\t11.5');
    document.activeElement?.dispatchEvent(new ClipboardEvent('paste', { clipboardData: clip, bubbles: true }));
  });
  await expect(row(page, 'Runa Eide')).toContainText('range');
  await expect(row(page, 'Runa Eide')).toContainText('squat on heels');
  await expect(foot(page)).toContainText('“high” is not an answer here: fail, pass and good.');
  await foot(page).getByRole('button', { name: 'Take it off' }).click();

  // units switch, values do not
  await page.getByRole('button', { name: 'in · lb' }).click();
  await expect(cell(page, 'Vera Modin', 'Countermovement jump')).toHaveText('14.4');
  await page.getByRole('button', { name: 'cm · kg' }).click();
  await expect(cell(page, 'Vera Modin', 'Countermovement jump')).toHaveText('36.5');

  // the network goes; the notebook stays
  await context.setOffline(true);
  await cell(page, 'Vera Modin', '20 m sprint').focus();
  await page.keyboard.type('3.21 3.18');
  await page.keyboard.press('Enter');
  await expect(foot(page)).toContainText('Server away: 1 value kept in this browser');
  await context.setOffline(false);
  await expect(foot(page)).not.toContainText('Server away', { timeout: 10_000 });
  await page.reload();
  await ready(page);
  await expect(cell(page, 'Vera Modin', '20 m sprint')).toHaveText('3.18');
});

test('a second, phone-sized station: each sees the other, and nobody is overwritten silently', async ({
  page,
  browser,
}) => {
  await signIn(page);
  await openGrid(page);
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await signIn(phone, 'assistant@jaleo.example');
  await openGrid(phone);
  await cell(phone, 'Abel Corrin', '20 m sprint').focus();
  await phone.keyboard.type('3.05');
  await phone.keyboard.press('Enter');
  await expect(cell(page, 'Abel Corrin', '20 m sprint')).toHaveText('3.05');
  await expect(page.locator('.page header')).toContainText('Lior Pask writing too');

  // both type the same cell before they see each other
  await page.route(/\/api\/results\?/, (route) => route.abort());
  await cell(phone, 'Bryn Castell', '20 m sprint').focus();
  await phone.keyboard.type('2.95');
  await phone.keyboard.press('Enter');
  await allKept(phone);
  await cell(page, 'Bryn Castell', '20 m sprint').focus();
  await page.keyboard.type('2.99');
  await page.keyboard.press('Enter');
  await expect(foot(page)).toContainText('Lior Pask wrote 2.95; here it is 2.99.');
  await foot(page).getByRole('button', { name: 'Mine' }).click();
  await allKept(page);
  await expect(cell(phone, 'Bryn Castell', '20 m sprint')).toHaveText('2.99');
  await phone.context().close();
});

test('the mat writes into the chosen cell, and going away mid-set loses nothing', async ({ page }) => {
  const [, port = ''] = (process.env.JALEO_MAT ?? '').split(':');
  await signIn(page);
  await openGrid(page);
  await page.getByRole('button', { name: 'Listen to the mat' }).click();
  await expect(foot(page)).toContainText('No mat answers');
  const mat = spawn(
    'npx',
    [
      'tsx',
      'scripts/jump-mat.ts',
      '--port',
      port,
      '--height',
      '0.39',
      '--loss',
      '0',
      '--every',
      '2',
      '--unplug-after',
      '9',
    ],
    { stdio: 'ignore', detached: true },
  );
  try {
    await cell(page, 'Noor Haddel', 'Countermovement jump').focus();
    await expect(async () => {
      await page.getByRole('button', { name: 'Listen to the mat' }).click();
      await expect(foot(page)).toContainText('Mat listening', { timeout: 1500 });
    }).toPass();
    await expect(foot(page)).toContainText(/trial \d/, { timeout: 15_000 });
    await expect(foot(page)).toContainText('The mat went away', { timeout: 20_000 });
    await allKept(page);
    await expect(cell(page, 'Noor Haddel', 'Countermovement jump')).toHaveText(/^(39|4\d)\.\d$/);
  } finally {
    if (mat.pid !== undefined) process.kill(-mat.pid);
  }
});

test('a failed squat that passes on heels gets ankle work; a fault seen and a pass do not go together', async ({
  page,
}) => {
  await signIn(page);
  await openReading(page, 'Hana Brix');
  await page.getByRole('link', { name: 'Screens with drawings' }).click();
  await page.waitForURL(/screens/);
  await ready(page);
  const squat = page.getByRole('article', { name: 'Deep squat', exact: true });
  await expect(page.getByRole('article', { name: 'Deep squat, heels raised' })).toHaveCount(0);
  await squat.getByRole('button', { name: 'heels come up' }).click();
  await squat.getByRole('button', { name: 'pass', exact: true }).click();
  await expect(squat.getByRole('alert')).toContainText('that is not a pass');
  await squat.getByRole('button', { name: 'Write it as fail' }).click();
  const heels = page.getByRole('article', { name: 'Deep squat, heels raised' });
  await heels.getByRole('button', { name: 'better', exact: true }).click();
  await expect(page.locator('footer')).toContainText('ankle or upper body; the hips are fine');
  const stand = page.getByRole('article', { name: 'Single-leg stand' });
  await stand.getByRole('button', { name: 'Single-leg stand left, knee: fault' }).click();
  await expect(stand).toContainText('Not looked at yet');
  await stand.getByRole('button', { name: 'The rest is clean' }).first().click();
  await expect(stand).toContainText('not passed');
  await stand.getByRole('button', { name: 'Single-leg stand left, knee: clean' }).click();
  await expect(page.getByRole('status')).toHaveText('All kept.');

  await page.getByRole('link', { name: 'The reading' }).click();
  await page.waitForURL(/\/start$/);
  await ready(page);
  await expect(page.locator('.stand')).toContainText('Range limits.');
  await expect(page.locator('aside')).toContainText('Knee to wall');
  await expect(page.locator('aside')).toContainText('8 Dec 2026 and 22 Dec 2026');
  await page.getByRole('button', { name: 'Set focus: ankle range' }).click();
  await expect(page.locator('aside')).toContainText('Set: ankle range since 24 Nov 2026.');

  // the Bench follows: her own card works on it, the rest holds
  await openBench(page, 'Ultimate');
  await page.getByLabel('Who', { exact: true }).selectOption({ label: 'Hana Brix, own card' });
  await page.waitForURL(/for=/);
  await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
  const said: string[] = [];
  for (const name of await page.locator('[data-slot] .name').all()) {
    await name.click();
    said.push((await page.locator('.why').textContent()) ?? '');
  }
  expect(said.join()).toContain('Works on the focus: ankle range.');
});

test('a history that leans to the hip with a mild knee gets gentle knee work and low jumps, with reasons', async ({
  page,
}) => {
  await signIn(page);
  await openReading(page, 'Silas Veen');
  await page.getByRole('button', { name: 'Type it from memory' }).click();
  // the log stands in the form: what he remembers replaces it
  const lines = page.locator('.memory select');
  const count = await lines.count();
  for (let i = 0; i < count; i++) await lines.nth(i).selectOption('');
  await lines.first().selectOption({ label: 'Hip thrust' });
  await page.locator('.memory input:not([type=hidden])').first().fill('lots');
  await page.getByRole('button', { name: 'Use this' }).click();
  await expect(page.getByRole('alert')).toContainText('Sets a week are a number');
  await page.locator('.memory input:not([type=hidden])').first().fill('12');
  await page.getByRole('button', { name: 'Use this' }).click();
  await expect(page.locator('.tests')).toContainText('The history leans to the hip.');
  await page.getByRole('link', { name: 'Facts, loads and history' }).click();
  await ready(page);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByText('knee', { exact: true }).click();
  await page.locator('.scores').getByText('2', { exact: true }).click();
  await expect(page.getByRole('status').filter({ hasText: 'tier' })).toContainText('Jumps of low tier at most.');
  await page.getByRole('button', { name: 'Keep complaint' }).click();
  await expect(page.locator('.one').filter({ hasText: 'knee, 2 of 10' })).toBeVisible();
  await openReading(page, 'Silas Veen');
  await expect(page.locator('aside')).toContainText('Knee work from the gentle end');
  await page.getByRole('button', { name: /^Set focus: knee work/ }).click();
  await expect(page.locator('aside')).toContainText('Set: knee work from the gentle end');

  await openBench(page, 'Ultimate');
  await page.getByLabel('Who', { exact: true }).selectOption({ label: 'Silas Veen, own card' });
  await page.waitForURL(/for=/);
  await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
  const lines2 = page.locator('[data-slot^="jump"]');
  for (const line of await lines2.all()) await expect(line).not.toContainText(/medium|high|shock/);
});

test('never tested is unknown, not passed: the cheapest test first', async ({ page }) => {
  await signIn(page);
  await page.goto('/squad');
  await ready(page);
  await page.locator('.thread select').first().selectOption({ label: 'Handball' });
  await page.getByRole('link', { name: 'Edda Kirn' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Edda Kirn' })).toBeVisible();
  await page.goto(`${page.url()}/start`);
  await ready(page);
  await expect(page.locator('.stand')).toContainText('not tested');
  await expect(page.locator('aside')).toContainText('Toe touch');
  await expect(page.locator('aside')).toContainText('bottom of its range');
});

test('a squad seen as a few groups', async ({ page }) => {
  await signIn(page);
  await openGrid(page);
  await page.getByRole('link', { name: 'Who has what focus' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Who has what focus');
  await expect(page.locator('article').first()).toContainText('strength');
  await expect(page.locator('section').nth(1)).toContainText('Elke Tarrant');
});

test('a file with three bad lines: the good ones are seen, the bad ones named, nothing written until agreed', async ({
  page,
}) => {
  await signIn(page);
  await openGrid(page);
  await page.getByRole('link', { name: 'Import a file' }).click();
  await ready(page);
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(page.getByRole('alert')).toContainText('Choose a file or paste a table first.');
  const csv = [
    'Name;Date;CMJ;10-5 RSI',
    'Luc Ferran;24.11.2026;39.9;1.61',
    'Nobody Here;24.11.2026;40;1.5',
    'Isa Peral;2027-01-02;38;1.5',
    'Ingrid Solo;24.11.2026;500;1.4',
    'Davit Ormo;24.11.2026;45.0;',
  ].join('\n');
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'jumps.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(page.locator('.bad li')).toHaveCount(3);
  await expect(page.locator('.bad')).toContainText('Line 3 “Nobody Here” is nobody of this squad.');
  await expect(page.locator('.bad')).toContainText('500.0 cm is not possible');
  await expect(page.getByLabel('10-5 RSI')).toHaveValue('ignore');
  await page.getByLabel('10-5 RSI').selectOption({ label: 'Ten repeated jumps' });
  await page.getByRole('button', { name: 'Read again' }).click();
  await expect(page.getByRole('button', { name: 'Take in 4, leave out what is wrong in 3 lines' })).toBeVisible();
  await page.getByRole('button', { name: /^Take in 4/ }).click();
  await expect(page.getByRole('status')).toContainText('4 results taken in');
  await page.getByRole('link', { name: 'Back to the testing day' }).click();
  await ready(page);
  await expect(cell(page, 'Luc Ferran', 'Countermovement jump')).toHaveText('39.9');
});

test('what is measured by the small tools is what the formulas say', async ({ page }) => {
  await signIn(page);
  await page.goto('/measure?tool=lift');
  await ready(page);
  await page.getByLabel('Load, kg').fill('95');
  await page.getByLabel('Reps').fill('11');
  await expect(page.locator('dl')).toContainText('129.8 kg');
  await expect(page.locator('dl')).toContainText('132.10 kg');
  await page.getByRole('link', { name: 'Sprint profile' }).click();
  await page.getByLabel('Metres and seconds').fill('5 1.43314\n10 2.17215\n20 3.40606\n30 4.52978');
  await expect(page.locator('dl')).toContainText('9.521 m/s');
  await expect(page.locator('dl')).toContainText('1.441 s');
  await page.getByLabel('Metres and seconds').fill('5 1.43\n20 3.41\n10 2.2');
  await expect(page.getByRole('alert')).toContainText('Split 3 is not after the one before it');
  await page.getByRole('link', { name: 'Jump by flight time' }).click();
  await page.getByLabel('Flight, s').fill('0.474');
  await page.getByLabel('Contact before it, s (may stay empty)').fill('0');
  await expect(page.getByRole('alert')).toContainText('A contact lasts longer than 0 s.');
  await page.getByLabel('Contact before it, s (may stay empty)').fill('0.259');
  await expect(page.locator('dl')).toContainText('1.063 m/s');
  await expect(page.locator('dl')).toContainText('1.830');
  await page.getByRole('link', { name: 'Jump from a film' }).click();
  await page.getByLabel('Take-off frame').fill('100');
  await page.getByLabel('Landing frame').fill('160');
  await expect(page.locator('dl')).toContainText('± 1.0 cm');
  await page.getByLabel('Write down for').selectOption({ label: 'Cleo Varga' });
  await page.getByLabel('A height is of').selectOption({ label: 'Approach jump, two feet' });
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('status')).toContainText('Kept: Cleo Varga, Approach jump, two feet 30.6 cm');
});

test('the start line and Measure pass the accessibility check in both themes', async ({ page }) => {
  await signIn(page);
  await openGrid(page);
  const grid = new URL(page.url()).pathname;
  const athlete = (await page.locator('tbody th a').first().getAttribute('href'))!;
  const [, , squad, id] = athlete.split('/');
  for (const path of [
    grid,
    `${grid}/import`,
    athlete,
    `/start/${squad!}/groups`,
    `/start/${squad!}/screens/${id!}`,
    '/measure?tool=sprint',
    '/measure?tool=video',
    '/measure?tool=counter',
  ]) {
    await page.goto(path);
    await ready(page);
    expect(await seriousOn(page), path).toEqual([]);
  }
});
