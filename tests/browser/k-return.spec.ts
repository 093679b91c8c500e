import { expect, test, type Page } from '@playwright/test';
import { seriousOn } from './access';
import { doAsWritten, linkFor, ready, setToday, signIn, TUESDAY, WEDNESDAY } from './app';

test.afterEach(() => {
  setToday(TUESDAY);
});

const NAME = 'Jori Kest';

/** The athlete's own card of a day, done as it is written, and how the next morning was. */
async function ownDay(page: Page, bench: string, day: string, next: string, link: string): Promise<void> {
  setToday(day);
  await page.goto(bench.replace(/\d{4}-\d\d-\d\d/, day));
  await expect(page.getByRole('status').filter({ hasText: /^Kept/ })).toBeVisible();
  await ready(page);
  await doAsWritten(page);
  setToday(next);
  const context = await page
    .context()
    .browser()!
    .newContext({ viewport: { width: 390, height: 800 } });
  const phone = await context.newPage();
  await phone.goto(link);
  await expect(phone.getByText(new RegExp(`^${NAME.split(' ')[0]!}, after \\w+: `))).toBeVisible();
  // one tap when all is fine
  await phone.getByRole('button', { name: 'Fine' }).click();
  await expect(phone.getByRole('heading', { name: 'Thanks, Jori' })).toBeVisible();
  await context.close();
}

test('an athlete is hurt, goes back by stages on cards of their own, and Calls asks for the next note', async ({
  page,
  browser,
}) => {
  test.slow();
  setToday(WEDNESDAY);
  await signIn(page);
  const link = await linkFor(page, 'Freestyle', NAME);
  const athlete = page.url();
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const phone = await context.newPage();
  await phone.goto(link);
  await ready(phone);
  await phone.getByText('Pain', { exact: true }).click();
  await phone.getByText('6', { exact: true }).click();
  await phone.getByText('knee', { exact: true }).click();
  expect(await seriousOn(phone)).toEqual([]);
  await phone.getByRole('button', { name: 'Send' }).click();
  await expect(phone.getByText('Do not train on it.')).toBeVisible();
  await context.close();

  // Calls, by key alone
  await page.goto('/calls');
  await ready(page);
  const pain = page.locator('[data-call=pain]').filter({ hasText: NAME });
  await expect(pain).toContainText('pain 6 of 10');
  await pain.getByRole('button', { name: 'Record the referral' }).press('Enter');
  await expect(pain).toHaveCount(0);

  // the clinician's note, stage by stage
  await page.goto(athlete);
  await ready(page);
  await page.getByRole('button', { name: 'Note a clearance' }).click();
  await page.getByLabel('Cleared by (role)').fill('physio');
  await page.getByLabel('Holds through').fill('2027-03-01');
  await page.getByLabel('Lifts', { exact: true }).selectOption('stages');
  await page.getByLabel('This note opens up to').selectOption('slow-two-leg');
  await page.getByRole('button', { name: 'Keep clearance' }).click();
  const stages = page.getByRole('list', { name: 'Stages of the way back' });
  await expect(stages.locator('[aria-current=step]')).toContainText('holds');
  await expect(page.getByRole('button', { name: 'Keep clearance' })).toHaveCount(0);
  expect(await seriousOn(page)).toEqual([]);

  // their own card is of the return phase: holds, no jumps
  const squadId = /squad\/([0-9a-f-]+)\//.exec(athlete)![1]!;
  await page.goto(`/bench/${squadId}/2026-11-25`);
  await ready(page);
  await page
    .getByRole('note', { name: 'Days of their own' })
    .getByRole('link', { name: `${NAME}, own card` })
    .click();
  await page.waitForURL(/for=/);
  await ready(page);
  await expect(page.getByLabel('Phase')).toHaveValue('return');
  await expect(page.getByRole('complementary', { name: 'Ledger' })).toContainText('0 of');
  const bench = page.url();

  await ownDay(page, bench, '2026-11-25', '2026-11-26', link);
  await ownDay(page, bench, '2026-11-27', '2026-11-28', link);
  await page.goto(athlete);
  await ready(page);
  await expect(stages.locator('[aria-current=step]')).toContainText('slow, two legs');
  await ownDay(page, bench, '2026-11-29', '2026-11-30', link);
  await ownDay(page, bench, '2026-12-01', '2026-12-02', link);

  await page.goto('/calls');
  await ready(page);
  const call = page.locator('[data-call=return]');
  await expect(call).toContainText(`${NAME} is on the way back, knee: slow, two legs.`);
  await expect(call).toContainText('“slow, one leg” waits for the clinician’s next note');
  expect(await seriousOn(page)).toEqual([]);
  await call.getByRole('button', { name: 'The clinician is asked' }).press('Enter');
  await expect(call).toHaveCount(0);
  await expect(page.getByRole('complementary', { name: 'Today' })).toContainText(
    'the clinician is asked for the next note',
  );
});
