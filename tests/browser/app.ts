import { writeFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';

export const TUESDAY = '2026-11-24';
export const WEDNESDAY = '2026-11-25';

/** The application reads its day from this file at each request. */
export function setToday(day: string): void {
  const file = process.env.JALEO_TODAY;
  if (!file) throw new Error('JALEO_TODAY must name a file: run through scripts/with-app.sh');
  writeFileSync(file, day);
}

export async function signIn(page: Page, email = 'coach@jaleo.example'): Promise<void> {
  await page.goto('/sign-in');
  await ready(page);
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password', { exact: true }).fill('tuesday-lift');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL((url) => !url.pathname.startsWith('/sign-in'));
  await ready(page);
}

/** Waits until the page answers to clicks. */
export const ready = (page: Page): Promise<void> => page.waitForLoadState('networkidle');

/** Opens the Bench for a squad from Calls and waits for its card to be kept. */
export async function openBench(page: Page, squad: string): Promise<void> {
  await page.goto('/squad');
  await ready(page);
  await page.locator('.thread select').first().selectOption({ label: squad });
  await expect(page.getByRole('heading', { level: 1, name: squad })).toBeVisible();
  await page.getByRole('link', { name: /card/ }).first().click();
  await page.waitForURL(/\/bench\//);
  await expect(page.getByRole('status').filter({ hasText: /^Kept/ })).toBeVisible();
  await ready(page);
}

/** A personal link for an athlete of the squad on screen. */
export async function linkFor(page: Page, squad: string, athlete: string): Promise<string> {
  await page.goto('/squad');
  await ready(page);
  await page.locator('.thread select').first().selectOption({ label: squad });
  await page.getByRole('link', { name: athlete }).click();
  await expect(page.getByRole('heading', { level: 1, name: athlete })).toBeVisible();
  await ready(page);
  await page.getByRole('button', { name: /check-in link/ }).click();
  return page.getByLabel('Check-in link').inputValue();
}

/** A club of its own, made by signing up, with one squad of handball players and nobody in it: on the squad's page. */
export async function newClub(page: Page, club: string): Promise<void> {
  const email = `${club.toLowerCase()}${String(Date.now())}@club.example`;
  const person = { name: 'Ana Roure', club, email, password: 'copper-wagon-violet', zone: 'Europe/Madrid' };
  const origin = process.env.BASE_URL!;
  expect((await page.request.post('/sign-up', { form: person, headers: { origin } })).ok()).toBe(true);
  await page.goto('/sign-in');
  await ready(page);
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password', { exact: true }).fill(person.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL(/\/calls/);
  await page.goto('/squad');
  await ready(page);
  await page.getByLabel('Squad', { exact: true }).fill('First');
  await page.getByLabel('Sport').selectOption({ label: 'Team handball' });
  for (const day of ['Tue', 'Thu']) await page.getByRole('checkbox', { name: day }).check();
  await page.getByLabel('Place').fill('Gym');
  await page.getByLabel('What it has').selectOption('gym');
  await page.getByLabel('Racks').fill('3');
  await page.getByRole('button', { name: 'Make the squad' }).click();
  // its own page: the one before is headed “Your first squad”
  await expect(page.getByRole('heading', { level: 1, name: 'First', exact: true })).toBeVisible();
  await ready(page);
}

/** Everybody does the card on screen as it is written. @returns the session */
export async function doAsWritten(page: Page): Promise<string> {
  await page.getByRole('link', { name: 'Open on the floor' }).click();
  await page.waitForURL(/\/floor\//);
  await ready(page);
  await page.getByRole('button', { name: 'All as written' }).click();
  await page.getByRole('button', { name: /^The whole session: \d+ sets$/ }).click();
  await expect(page.getByRole('status').filter({ hasText: 'all kept' })).toBeVisible({ timeout: 120_000 });
  return /floor\/([0-9a-f-]{36})/.exec(page.url())![1]!;
}
