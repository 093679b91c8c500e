import { expect, test } from '@playwright/test';
import { seriousOn } from './access';
import { linkFor, ready, setToday, signIn, TUESDAY } from './app';

test.afterEach(() => {
  setToday(TUESDAY);
});

test('what two weeks forgot is named on Calls, given to do beside training, and done on a phone', async ({
  page,
  browser,
}) => {
  setToday(TUESDAY);
  await signIn(page);
  await page.goto('/calls');
  await ready(page);
  const call = page.locator('[data-call=neglected]');
  await expect(call).toContainText('Little or nothing in 14 days');
  const offered = call.getByRole('listitem').filter({ hasText: 'Give “Hip flexors and trunk”' }).first();
  const squad = (await offered.innerText()).split(':')[0]!.trim();
  const row = call.getByRole('listitem').filter({ hasText: squad });
  await row.getByRole('button', { name: 'Give “Hip flexors and trunk” beside training' }).click();
  await expect(row.getByRole('button', { name: /Hip flexors and trunk/ })).toHaveCount(0);
  await call.getByRole('button', { name: 'Seen for this week' }).click();
  await expect(call).toHaveCount(0);
  const today = page.getByRole('complementary', { name: 'Today' });
  await expect(today).toContainText('Forgotten muscles: seen');

  // the squad's page of it: who has it, and how much of it was done
  await page.goto('/squad');
  await ready(page);
  await page.locator('.thread select').first().selectOption({ label: squad });
  await expect(page.getByRole('heading', { level: 1, name: squad })).toBeVisible();
  await page.getByRole('link', { name: 'Beside training' }).click();
  await ready(page);
  const part = page.getByRole('region', { name: 'Hip flexors and trunk' });
  await expect(part.getByText('Everybody', { exact: true })).toBeVisible();
  const daily = page.getByRole('region', { name: 'Daily mobility' });
  const name = (await part.locator('tbody th').first().textContent())!.trim();
  await daily.getByLabel('For').selectOption({ label: name });
  await daily.getByRole('button', { name: 'Give it' }).click();
  await expect(daily.getByRole('row', { name: new RegExp(name) })).toBeVisible();
  expect(await seriousOn(page)).toEqual([]);
  const beside = page.url();

  const link = await linkFor(page, squad, name);
  const context = await browser.newContext({ viewport: { width: 390, height: 800 } });
  const phone = await context.newPage();
  await phone.goto(link);
  await phone.getByRole('link', { name: 'Beside training, today' }).click();
  await ready(phone);
  const mobility = phone.getByRole('region', { name: 'Daily mobility' });
  await expect(mobility.getByText('Today.')).toBeVisible();
  expect(await seriousOn(phone)).toEqual([]);
  // the day the two-a-week one falls on: the page says which, and the clock goes there
  const hips = phone.getByRole('region', { name: 'Hip flexors and trunk' });
  const next = /Next on \w+ (\d+) (\w+)/.exec((await hips.textContent()) ?? '');
  const due = next ? `2026-${next[2] === 'Nov' ? '11' : '12'}-${next[1]!.padStart(2, '0')}` : TUESDAY;
  setToday(due);
  await phone.reload();
  await ready(phone);
  await expect(hips.getByText('Side plank', { exact: true })).toBeVisible();
  await hips.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(hips.getByText('Done today.')).toBeVisible();
  await hips.getByRole('button', { name: 'It was not done after all' }).click();
  await expect(hips.getByRole('button', { name: 'Done', exact: true })).toBeVisible();
  await hips.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(hips.getByText('Done today.')).toBeVisible();
  await context.close();

  // who trains with two squads has what either gave, whichever comes first by name
  setToday(TUESDAY);
  const two = await browser.newContext({ viewport: { width: 390, height: 800 } });
  const other = await two.newPage();
  await other.goto(`${await linkFor(page, 'Handball', 'Abe Tolland')}/side`);
  await expect(other.getByRole('region', { name: 'Foot, calf and ankle' })).toBeVisible();
  await two.close();

  // counted from the day it was done on
  setToday(due);
  await page.goto(beside);
  await ready(page);
  await expect(part.getByRole('row', { name: new RegExp(name) })).toContainText('1 of');
  await part.getByRole('button', { name: 'End Hip flexors and trunk for everybody' }).click();
  await expect(part.getByText('Nobody has it.')).toBeVisible();
  await daily.getByRole('button', { name: `End Daily mobility for ${name}` }).click();
  await expect(daily.getByText('Nobody has it.')).toBeVisible();
});
