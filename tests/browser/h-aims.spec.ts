import { join } from 'node:path';
import { seriousOn } from './access';
import { expect, test, type Page } from '@playwright/test';
import { linkFor, ready, setToday, signIn, TUESDAY } from './app';

test.beforeAll(() => {
  setToday(TUESDAY);
});

async function openSquad(page: Page, squad: string): Promise<void> {
  await page.goto('/squad');
  await ready(page);
  await page.locator('.thread select').first().selectOption({ label: squad });
  await expect(page.getByRole('heading', { level: 1, name: squad })).toBeVisible();
  await ready(page);
}
async function openReading(page: Page, athlete: string): Promise<void> {
  await page.goto('/start');
  await ready(page);
  await page.getByRole('link', { name: athlete, exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: athlete })).toBeVisible();
  await ready(page);
}

test('a squad names its result; a wrong number is told at its field and nothing typed is lost', async ({ page }) => {
  await signIn(page);
  await openSquad(page, 'Handball');
  await page.getByRole('button', { name: 'Change aims' }).click();
  await page.getByLabel('The result that counts').selectOption({ label: 'Result: speed of a throw, shot or serve' });
  await page.getByLabel('In your words').fill('Throw from nine metres');
  await page.getByLabel(/^Its error/).fill('one');
  await page.getByLabel('Squat, women').fill('1.2');
  await page.getByLabel('Squat is enough at').fill('1.1');
  await page.getByRole('button', { name: 'Keep aims' }).click();
  await expect(page.locator('aside')).toContainText('Error: a number from 0.001 to 1000');
  await expect(page.getByLabel('In your words')).toHaveValue('Throw from nine metres');
  await page.getByLabel(/^Its error/).fill('1.5');
  await page.getByRole('button', { name: 'Keep aims' }).click();
  await expect(page.locator('aside')).toContainText('Both or neither');
  await page.getByLabel('Hinge, women').fill('1.45');
  await page.getByRole('button', { name: 'Keep aims' }).click();
  await expect(page.locator('aside')).toContainText('strong enough starts there');
  await page.getByLabel('Squat is enough at').fill('2');
  await page.getByRole('button', { name: 'Keep aims' }).click();
  await expect(page.locator('aside')).toContainText('Throw from nine metres, ±1.5 km/h');
  await expect(page.locator('aside')).toContainText('women 1.2 and 1.45');
  // the testing day of the squad measures it under that name
  await page.goto('/start');
  await ready(page);
  await page.locator('.thread select').first().selectOption({ label: 'Handball' });
  await expect(page.getByRole('columnheader').filter({ hasText: 'Throw from nine metres' })).toBeVisible();
});

test('every tier passed: no tier limits but the lever; a squat the result does not follow is strong enough until the coach lets it rise', async ({
  page,
}) => {
  await signIn(page);
  // the result of the block, whatever other stations wrote today
  await page.goto('/start');
  await ready(page);
  await page.getByRole('gridcell', { name: /^Bryn Castell, 20 m sprint/ }).focus();
  await page.keyboard.type('3.07');
  await page.keyboard.press('Enter');
  await expect(page.locator('footer')).toContainText('All kept.');
  await openReading(page, 'Bryn Castell');
  await expect(page.locator('.stand')).toContainText('Every tier passes: no tier limits, the levers count.');
  await expect(page.locator('aside')).toContainText('Speed: CMJ ÷ SJ');
  await expect(page.locator('.tests')).toContainText('Back squat rose for a block while the result did not.');
  await page.getByRole('button', { name: 'Strong enough', exact: true }).click();
  await expect(page.locator('.tests')).toContainText('Back squat is strong enough at 154.0 kg');
  // below the target it cannot be said
  await page.getByRole('button', { name: 'Say a lift is strong enough' }).click();
  await page.getByLabel('Lift', { exact: true }).selectOption({ label: 'Deadlift' });
  await page.getByLabel('Strong enough at, kg').fill('60');
  await page.locator('.tests').getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.locator('.tests')).toContainText('Below the force target: strong enough starts at');
  await expect(page.getByLabel('Strong enough at, kg')).toHaveValue('60');

  await openReading(page, 'Bryn Castell');
  await page.getByRole('button', { name: 'Let it rise again' }).click();
  await expect(page.getByRole('button', { name: 'Strong enough', exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Facts, loads and history' }).click();
  await expect(page.getByText('Strong enough: back squat')).toBeVisible();
});

test('an athlete names where it goes wrong in play; the coach sees who named it, and can end it', async ({
  page,
  browser,
}) => {
  await signIn(page);
  const link = await linkFor(page, 'Ultimate', 'Noor Haddel');
  const phone = await (
    await browser.newContext({ viewport: { width: 390, height: 800 }, hasTouch: true, serviceWorkers: 'block' })
  ).newPage();
  await phone.goto(link);
  await ready(phone);
  await phone.getByRole('link', { name: 'Where it goes wrong in play' }).click();
  await phone.getByText('a slow first step after a fake').click();
  expect(await seriousOn(phone)).toEqual([]);
  await phone.getByRole('button', { name: 'Send' }).click();
  await expect(phone.getByRole('heading')).toHaveText('Thanks, Noor');
  await openReading(page, 'Noor Haddel');
  await expect(page.locator('aside')).toContainText('a slow first step after a fake');
  await expect(page.locator('aside')).toContainText('named by the athlete on 24 Nov 2026');
  await page.getByLabel('Where it goes wrong in play').selectOption({ label: 'none' });
  await page.locator('aside').getByRole('button', { name: 'Keep' }).click();
  await expect(page.locator('aside')).toContainText('None named.');
});

test('a clip from the disk: its own frame rate, stepped by keyboard, marked, with the error the rate allows', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/measure?tool=video');
  await ready(page);
  await page.getByLabel('Clip from this device').setInputFiles(join('tests', 'clips', 'jump-60.webm'));
  await expect(page.getByText('60 frames a second read from the clip')).toBeVisible();
  await expect(page.getByLabel('Frames a second')).toHaveValue('60');
  const clip = page.getByRole('group', { name: /^Clip, frame/ });
  await clip.focus();
  for (let i = 0; i < 2; i++) await page.keyboard.press('Shift+ArrowRight');
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('t');
  for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowRight');
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('l');
  await expect(page.getByLabel('Take-off frame')).toHaveValue('24');
  await expect(page.getByLabel('Landing frame')).toHaveValue('60');
  // 36 frames of a 60th: 0.6 s in the air, 44.1 cm
  await expect(page.locator('dl')).toContainText('44.1 cm');
  await expect(page.locator('dl')).toContainText('± 2.5 cm');
  expect(await page.locator('video').evaluate((video) => (video as HTMLVideoElement).currentTime)).toBeCloseTo(
    1.008,
    2,
  );
  await page
    .getByLabel('Clip from this device')
    .setInputFiles({ name: 'notes.txt', mimeType: 'video/mp4', buffer: Buffer.from('no film at all') });
  await expect(page.getByRole('alert')).toContainText('cannot be');
});

test('contract–relax is timed, with what it must not be done on said first', async ({ page }) => {
  await signIn(page);
  await page.goto('/measure?tool=contract-relax');
  await ready(page);
  await expect(page.locator('.caution')).toContainText('Not on a muscle strained');
  await page.getByLabel(/^Hold/).fill('30');
  await expect(page.getByRole('alert')).toContainText('Press for 6 to 10 seconds.');
  await page.getByLabel(/^Hold/).fill('6');
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByText('Ease to the end of the range')).toBeVisible();
  await expect(page.getByText('Press, slowly more')).toBeVisible();
  await expect(page.getByText('Hold the press')).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
});

test('in a hall without a network a testing day opens, takes values and sends them later; signed out nothing is left', async ({
  browser,
}) => {
  const context = await browser.newContext({
    baseURL: process.env.BASE_URL!,
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'allow',
  });
  const page = await context.newPage();
  await signIn(page);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.goto('/start');
  await page.waitForURL(/\/start\/[0-9a-f-]+\/2026-11-24/);
  await ready(page);
  const day = page.url();
  // once more, now that the browser keeps pages
  await page.reload();
  await ready(page);
  const kept = () =>
    page.evaluate(async () => {
      const found = await Promise.all(
        (await caches.keys()).filter((name) => name === 'jaleo-pages').map((name) => caches.open(name)),
      );
      return (await Promise.all(found.map((store) => store.keys()))).flat().length;
    });
  await expect.poll(kept).toBeGreaterThan(0);

  await context.setOffline(true);
  await page.reload();
  await expect(page.locator('tbody tr')).toHaveCount(18);
  await expect(page.getByRole('status').filter({ hasText: 'No network' })).toBeVisible();
  const cell = page.getByRole('gridcell', { name: /^Runa Eide, Countermovement jump/ });
  await cell.focus();
  await page.keyboard.type('30.5');
  await page.keyboard.press('Enter');
  await expect(page.locator('footer')).toContainText('1 value kept in this browser');
  // opened again, still without a network: what was typed is there
  await page.reload();
  await expect(cell).toHaveText('30.5');
  // a page never opened here says so, and shows the way to those that were
  await page.goto('/library');
  await expect(page.getByRole('heading', { name: 'No network' })).toBeVisible();
  await page.locator('#kept a').first().click();
  await expect(page.locator('tbody tr')).toHaveCount(18);

  await context.setOffline(false);
  await page.goto(day);
  await expect(page.locator('footer')).toContainText('All kept.');
  await page.reload();
  await ready(page);
  await expect(cell).toHaveText('30.5');

  await page.locator('summary[aria-label^="Account"]').click();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL(/sign-in/);
  await expect.poll(kept).toBe(0);
  await context.close();
});

test('aims, the reading and contract–relax pass the accessibility check in both themes', async ({ page }) => {
  await signIn(page);
  await openReading(page, 'Bryn Castell');
  const paths = [page.url(), '/measure?tool=contract-relax'];
  await openSquad(page, 'Handball');
  await page.getByRole('button', { name: 'Change aims' }).click();
  expect(await seriousOn(page)).toEqual([]);
  for (const path of paths) {
    await page.goto(path);
    await ready(page);
    expect(await seriousOn(page), path).toEqual([]);
  }
});
