import { chromium, type Page } from '@playwright/test';

/** Writes every picture of docs/screenshots from the demo data; run through `npm run shots`. */
const base = process.env.BASE_URL;
if (!base) throw new Error('shots: BASE_URL must be set; use npm run shots');
const folder = 'docs/screenshots';

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const context = await browser.newContext({ baseURL: base, viewport: { width: 1280, height: 800 } });
const page = await context.newPage();

async function shot(of: Page, name: string): Promise<void> {
  await of.waitForLoadState('networkidle');
  await of.waitForTimeout(400);
  await of.screenshot({ path: `${folder}/${name}.png` });
  console.log(`${folder}/${name}.png`);
}
async function theme(value: 'cal' | 'noche'): Promise<void> {
  await context.addCookies([{ name: 'theme', value, url: base ?? '' }]);
}

await page.goto('/sign-in');
await page.getByLabel('E-mail').fill('coach@jaleo.example');
await page.getByLabel('Password', { exact: true }).fill('tuesday-lift');
await page.getByRole('button', { name: 'Sign in' }).click();
await page.waitForURL(/calls/);
await shot(page, 'calls');
await page.goto('/squad');
await page.waitForLoadState('networkidle');
await page.locator('.thread select').first().selectOption({ label: 'Handball' });
await page.getByRole('heading', { level: 1, name: 'Handball' }).waitFor();
await shot(page, 'squad');
await page.goto('/season');
await page.getByRole('region', { name: /^Week/ }).waitFor();
await shot(page, 'season');
await page.goto('/squad');
await page.waitForLoadState('networkidle');
await page.locator('.thread select').first().selectOption({ label: 'Handball' });
await page.getByRole('heading', { level: 1, name: 'Handball' }).waitFor();
await page.getByRole('link', { name: 'Dunja Falk' }).click();
await page.getByRole('heading', { level: 1, name: 'Dunja Falk' }).waitFor();
await shot(page, 'athlete');
const athletePage = page.url();
await page.getByRole('link', { name: 'History over time' }).click();
await page.getByRole('slider').locator('svg').waitFor();
await shot(page, 'history');
await page.goto(athletePage);
await page.getByRole('heading', { level: 1, name: 'Dunja Falk' }).waitFor();
await page.getByRole('button', { name: /check-in link/ }).click();
const link = await page.getByLabel('Check-in link').inputValue();
await page.goto('/calls');
await page.waitForLoadState('networkidle');
await page
  .locator('aside')
  .getByRole('link', { name: /^Handball, / })
  .click();
await page.waitForURL(/bench/);
await page.getByRole('status').filter({ hasText: 'Kept' }).waitFor();
await shot(page, 'bench');
await theme('noche');
await page.reload();
await page.getByRole('button', { name: /^Swap for/ }).waitFor();
await shot(page, 'bench-dark');
await theme('cal');
await page.reload();
await page.getByRole('tab', { name: 'Everybody' }).click();
await page.getByRole('grid', { name: /^Everybody/ }).waitFor();
await shot(page, 'everybody');
await page.getByRole('link', { name: 'Open on the floor' }).click();
await page.waitForURL(/floor/);
await page.setViewportSize({ width: 1024, height: 768 });
await page.waitForLoadState('networkidle');
await page.getByLabel('Line', { exact: true }).selectOption('main');
for (const name of await page.getByRole('button', { name: /^As written:/ }).all()) await name.click();
await shot(page, 'floor');
await page.setViewportSize({ width: 1280, height: 800 });
await page.goto(page.url().replace('/floor/', '/print/'));
await shot(page, 'print');
await page.goto('/start');
await page.getByRole('gridcell').first().waitFor();
const reading = await page.getByRole('link', { name: 'Elke Tarrant', exact: true }).getAttribute('href');
await page.getByRole('gridcell', { name: /^Elke Tarrant, Single-leg squat, left/ }).focus();
await shot(page, 'start-line');
await page.goto(reading ?? '');
await shot(page, 'reading');
await page.goto('/measure?tool=sprint');
await page.getByLabel('Body mass').fill('72');
await page.getByLabel('Body height').fill('178');
await shot(page, 'measure');
await page.goto('/library');
await page.waitForLoadState('networkidle');
await page.locator('#find').fill('knee-friendly single-leg');
await shot(page, 'library');
await page.goto('/library/single-leg-deadlift');
await shot(page, 'exercise');
await page.goto('/library/ladders?ladder=horizontal');
await shot(page, 'ladders');
await page.goto('/settings');
await shot(page, 'schools');
const phone = await context.newPage();
await phone.setViewportSize({ width: 390, height: 844 });
await phone.goto(link);
await phone.waitForLoadState('networkidle');
await phone.getByText('Overly tight').click();
await phone.getByText('calf', { exact: true }).click();
await shot(phone, 'check-in');
await phone.goto(`${link}/card`);
await shot(phone, 'own-card');
await browser.close();
