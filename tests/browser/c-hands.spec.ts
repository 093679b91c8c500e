import { expect, test, type Page } from '@playwright/test';
import { openBench, ready, setToday, signIn, TUESDAY } from './app';

test.beforeEach(() => {
  setToday(TUESDAY);
});

async function tabTo(page: Page, name: RegExp | string, most = 60): Promise<void> {
  for (let i = 0; i < most; i++) {
    const label = await page.evaluate(() => {
      const e = document.activeElement;
      return e && e !== document.body ? `${e.getAttribute('aria-label') ?? ''} ${e.textContent}` : '';
    });
    if (typeof name === 'string' ? label.includes(name) : name.test(label)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`tabTo: ${String(name)} was not reached`);
}

test('with the keyboard alone: sign in, choose, change a dose, swap, log a set', async ({ page }) => {
  await page.goto('/sign-in');
  await ready(page);
  await page.keyboard.press('Tab');
  await page.keyboard.type('coach@jaleo.example');
  await page.keyboard.press('Tab');
  await page.keyboard.type('tuesday-lift');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/calls/);
  await ready(page);
  await page.keyboard.press('g');
  await page.keyboard.press('b');
  await page.waitForURL(/\/bench\//);
  await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
  await ready(page);
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowDown');
  const slot = await page.locator('li.chosen').getAttribute('data-slot');
  await page.keyboard.press('Enter');
  const editor = page.getByRole('textbox', { name: /^Dose of/ });
  await expect(editor).toBeFocused();
  await page.keyboard.type('4 x');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Write sets × reps first');
  await expect(editor).toHaveValue('4 x');
  await editor.press('Control+a');
  await page.keyboard.type('2 x 5 rest 1:00');
  await page.keyboard.press('Enter');
  await expect(page.locator(`[data-slot="${slot!}"] .text`)).toContainText('2 × 5');
  await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
  const name = await page.locator(`[data-slot="${slot!}"] .name b`).textContent();
  await page.locator(`[data-slot="${slot!}"] .name`).focus();
  await page.keyboard.press('s');
  await expect(page.locator(`[data-slot="${slot!}"] .name b`)).not.toHaveText(name!);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys of this screen' })).toBeVisible();
  await page.keyboard.press('Escape');
  await tabTo(page, 'Open on the floor');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/floor\//);
  await ready(page);
  await tabTo(page, 'As written');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status')).toHaveText('all kept');
});

test('bad numbers are said at their place and stay typed', async ({ page }) => {
  await signIn(page);
  await openBench(page, 'Ultimate');
  await page.locator('[data-slot="jump-1"] .text').click();
  const editor = page.getByRole('textbox', { name: /^Dose of/ });
  for (const [typed, said] of [
    ['3 x 500', 'too much for one line'],
    ['3x4 -20 kg', 'must be'],
    ['3x4 heavy', 'is not a load'],
  ] as const) {
    await editor.fill(typed);
    await editor.press('Enter');
    await expect(page.getByRole('alert')).toContainText(said);
    await expect(editor).toHaveValue(typed);
  }
  await editor.press('Escape');
  await page.getByLabel('Other minutes').fill('5');
  await page.getByLabel('Other minutes').press('Enter');
  await expect(page.getByText('At least 10 min for any session.')).toBeVisible();
});

test('two people on one card: nobody is overwritten, what was typed stays', async ({ page, browser }) => {
  await signIn(page);
  await openBench(page, 'Freestyle');
  const context = await browser.newContext({ baseURL: process.env.BASE_URL! });
  const second = await context.newPage();
  await signIn(second);
  await openBench(second, 'Freestyle');
  const change = async (who: Page, dose: string) => {
    await who.locator('[data-slot="main-trunk"] .text').click();
    await who.getByRole('textbox', { name: /^Dose of/ }).fill(dose);
    await who.keyboard.press('Enter');
  };
  await change(page, '2 x 8');
  await expect(page.locator('[data-slot="main-trunk"] .text')).toContainText('2 × 8');
  await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
  await change(second, '3 x 7');
  await expect(second.getByText('Somebody else changed this line meanwhile')).toContainText(/2 × 8[^]*3 × 7/);
  await second.getByRole('button', { name: 'Put mine back' }).click();
  await expect(second.locator('[data-slot="main-trunk"] .text')).toContainText('3 × 7');
  await expect(second.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
  await page.reload();
  await expect(page.locator('[data-slot="main-trunk"] .text')).toContainText('3 × 7');
  await context.close();
});

test('taps made while the server is away are kept and arrive', async ({ page, context }) => {
  await signIn(page);
  await openBench(page, 'Freestyle');
  await page.getByRole('link', { name: 'Open on the floor' }).click();
  await page.waitForURL(/\/floor\//);
  await ready(page);
  await page.getByLabel('Line', { exact: true }).selectOption('main-trunk');
  await context.setOffline(true);
  const button = page.getByRole('button', { name: /^As written:/ }).first();
  const first = (await button.getAttribute('aria-label'))!;
  await button.click();
  await page
    .getByRole('button', { name: /^As written:/ })
    .first()
    .click();
  await expect(page.getByRole('status')).toContainText('2 kept here');
  await context.setOffline(false);
  await expect(page.getByRole('status')).toHaveText('all kept', { timeout: 15_000 });
  await page.reload();
  await ready(page);
  await page.getByLabel('Line', { exact: true }).selectOption('main-trunk');
  await expect(page.getByRole('button', { name: first })).toHaveCount(0);
});

test('a wrong link and a link of another club answer alike', async ({ page }) => {
  for (const token of ['nonsense', `00000000-0000-7000-8000-000000000000.${'B'.repeat(43)}`]) {
    const response = await page.goto(`/a/${token}`);
    expect(response?.status()).toBe(404);
    await expect(page.getByText('This link does not open anything')).toBeVisible();
  }
});
