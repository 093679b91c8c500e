import { expect, test } from '@playwright/test';
import { seriousOn } from './access';
import { openBench, ready, setToday, signIn, TUESDAY } from './app';

test('links for a whole squad at once: as codes and as a list, opened on a phone, ended in one tap', async ({
  page,
  browser,
}) => {
  setToday(TUESDAY);
  await signIn(page);
  await page.goto('/squad');
  await ready(page);
  await page.locator('.thread select').first().selectOption({ label: 'Ultimate' });
  await page.getByRole('link', { name: 'Check-in links' }).click();
  await ready(page);
  const all = Number(/of (\d+) have one/.exec((await page.getByText(/of \d+ have one/).textContent())!)![1]);
  expect(all).toBeGreaterThan(5);
  await page.getByRole('button', { name: 'New links for everybody, end the old' }).click();
  await expect(page.getByRole('img', { name: /^Code of / })).toHaveCount(all);
  await expect(page.getByText(`${String(all)} of ${String(all)} have one`)).toBeVisible();
  expect(await seriousOn(page)).toEqual([]);
  const link = await page
    .getByLabel(/^Link of /)
    .first()
    .inputValue();
  // each athlete has their own
  const links = await page
    .getByLabel(/^Link of /)
    .evaluateAll((fields) => fields.map((one) => (one as HTMLInputElement).value));
  expect(new Set(links).size).toBe(all);
  const pdf = await page.pdf();
  expect(pdf.byteLength).toBeGreaterThan(10_000);

  const phone = await browser.newPage({ viewport: { width: 390, height: 800 } });
  await phone.goto(link);
  await expect(phone.getByText('Tue 24 Nov').first()).toBeVisible();
  const calendar = await phone.request.get(`${link}/calendar.ics`);
  expect(calendar.headers()['content-type']).toContain('text/calendar');
  expect(await calendar.text()).toContain('BEGIN:VCALENDAR');

  // shown once: the page read again has no secret on it
  await page.reload();
  await expect(page.getByRole('img', { name: /^Code of / })).toHaveCount(0);
  await ready(page);
  await page.getByRole('button', { name: `End all ${String(all)}` }).click();
  await expect(page.getByText(`0 of ${String(all)} have one`)).toBeVisible();
  expect((await phone.request.get(link)).status()).toBe(404);
  expect((await phone.request.get(`${link}/calendar.ics`)).status()).toBe(404);
  await phone.close();
});

// stands last: it logs a whole session, which nobody after it should find
test('a whole session as written: who is not here, one tap a line, exceptions after, what nobody did is asked once', async ({
  page,
}) => {
  setToday(TUESDAY);
  await signIn(page);
  await openBench(page, 'Ultimate');
  await page.getByRole('link', { name: 'Open on the floor' }).click();
  await page.waitForURL(/\/floor\//);
  await ready(page);
  let taps = 0;
  const tap = async (name: string | RegExp): Promise<void> => {
    await page.getByRole('button', { name }).first().click();
    taps += 1;
  };
  const line = page.getByLabel('Line', { exact: true });
  await tap('Who is here');
  const people = page.getByRole('region', { name: 'Who is here' }).getByRole('button');
  const count = await people.count();
  const gone = (await people.last().textContent())!.replace('here', '').trim();
  await people.last().click();
  await expect(page.getByRole('button', { name: 'Who is here, 1 not' })).toBeVisible();
  await page.getByRole('button', { name: 'Who is here, 1 not' }).click();
  expect(await seriousOn(page)).toEqual([]);

  await line.selectOption('main');
  await tap('All as written');
  const panel = page.getByRole('region', { name: 'All as written' });
  await tap(/^The whole session: \d+ sets$/);
  const logged = Number(/(\d+) sets logged as written/.exec((await panel.getByRole('status').textContent())!)![1]);
  expect(logged).toBeGreaterThan(count * 6);
  await expect(page.getByRole('status').filter({ hasText: 'all kept' })).toBeVisible({ timeout: 60_000 });
  // two hundred taps are two
  expect(taps).toBeLessThan(5);
  await tap('Take these back');
  await expect(page.getByRole('button', { name: /^The whole session: \d+ sets$/ })).toBeVisible();
  // one line of it, and an exception
  await page
    .getByRole('button', { name: /: \d+ sets$/ })
    .first()
    .click();
  await expect(page.getByText('all sets done').first()).toBeVisible();
  await page
    .getByRole('button', { name: /^Everyone in/ })
    .first()
    .click();
  await page
    .getByRole('button', { name: /^Take back the last set of/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: /^With changes:/ }).first()).toBeVisible();

  await tap('Close session');
  const close = page.getByRole('region', { name: 'Close the session' });
  const asked = close.getByRole('group', { name: 'Lines nobody tapped' }).getByRole('button', { name: 'Not done' });
  const open = await asked.count();
  expect(open).toBeGreaterThan(2);
  await asked.first().click();
  await expect(asked).toHaveCount(open - 1);
  await expect(close).toContainText('Not done:');
  await close.getByRole('button', { name: 'As written' }).first().click();
  await expect(asked).toHaveCount(open - 2);
  await expect(close.getByRole('checkbox', { name: gone })).not.toBeChecked();
  await expect(close.getByRole('checkbox', { checked: true })).toHaveCount(count - 1);
  await expect(page.getByRole('status').filter({ hasText: 'all kept' })).toBeVisible({ timeout: 20_000 });
  await close.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Closed' })).toBeVisible();
});
