import { expect, test } from '@playwright/test';
import { seriousOn } from './access';
import { linkFor, openBench, ready, setToday, signIn, TUESDAY, WEDNESDAY } from './app';

test('the demo club: squad → session → floor → next morning → next session', async ({ page, browser }) => {
  setToday(TUESDAY);
  const outside: string[] = [];
  page.on('request', (request) => {
    if (!request.url().startsWith(process.env.BASE_URL!) && !/^(data|blob):/.test(request.url()))
      outside.push(request.url());
  });
  await signIn(page);
  await openBench(page, 'Handball');

  // in season, 55 minutes, with reasons
  await expect(page.getByRole('heading', { level: 1, name: 'Tuesday session' })).toBeVisible();
  await expect(page.getByRole('button', { name: '55', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByLabel('Phase')).toHaveValue('in-season');
  await page.locator('[data-slot="main"] .name').click();
  const why = page.locator('.why');
  await expect(why).toContainText('Covers');
  await expect(why).toContainText('SEL-2');

  // change two doses by typing them as they read
  for (const slot of ['jump-1', 'upper-pull']) {
    await page.locator(`[data-slot="${slot}"] .text`).click();
    await page.getByRole('textbox', { name: /^Dose of/ }).fill('3 x 6');
    await page.keyboard.press('Enter');
    await expect(page.locator(`[data-slot="${slot}"] .text`)).toContainText('3 × 6');
  }

  // swap one line for its runner-up
  const calf = page.locator('[data-slot="calf"]');
  const before = await calf.locator('.name b').textContent();
  await calf.locator('.name').click();
  await page.getByRole('button', { name: /^Swap for/ }).click();
  await expect(calf.locator('.name b')).not.toHaveText(before!);
  await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
  await page.reload();
  await expect(calf.locator('.name b')).not.toHaveText(before!);

  // the floor: three sets of a jump and of a lift for two athletes
  await page.getByRole('link', { name: 'Open on the floor' }).click();
  await page.waitForURL(/\/floor\//);
  await ready(page);
  const people = ['Dunja Falk', 'Ilan Roke'];
  for (const slot of ['jump-1', 'upper-pull'])
    for (const name of people) {
      await page.getByLabel('Line', { exact: true }).selectOption(slot);
      await page
        .getByRole('button', { name: /^Everyone in/ })
        .first()
        .waitFor();
      for (const station of await page.getByRole('button', { name: /^Everyone in/ }).all()) {
        await station.click();
        const call = page.getByRole('button', { name: `Call ${name}` });
        if (await call.count()) {
          await call.click();
          break;
        }
        await station.click();
      }
      for (const set of [1, 2, 3]) await page.getByRole('button', { name: `As written: ${name}, set ${set}` }).click();
    }
  await expect(page.getByRole('status')).toHaveText('all kept');

  // next morning, on a phone
  setToday(WEDNESDAY);
  const link = await linkFor(page, 'Handball', 'Dunja Falk');
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  await phone.goto(link);
  await phone.getByText('Overly tight').click();
  await phone.getByText('calf', { exact: true }).click();
  await phone.getByRole('button', { name: 'Send' }).click();
  await expect(phone.getByRole('heading', { name: 'Thanks, Dunja' })).toBeVisible();
  await phone.goto(`${link}/card`);
  await expect(phone.getByRole('heading', { name: 'Dunja Falk' })).toBeVisible();
  await phone.close();

  // Calls: a tight calf of one is no call, it is a vote and a step less (PROG-16, PROG-17)
  await page.goto('/calls');
  await ready(page);
  await expect(page.getByRole('heading', { name: /calls?$/ })).toBeVisible();
  await expect(page.locator('article[data-call="cut"]')).toHaveCount(0);

  // the next card of the same role gives her less of the jump, a week on, and says why
  const next = page.locator('aside').getByRole('link', { name: /^Handball, Thu/ });
  await page.goto((await next.getAttribute('href'))!.replace('2026-11-26', '2026-12-01'));
  await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
  await page.locator('[data-slot="jump-1"] .name').click();
  await expect(page.locator('.why')).toContainText(
    /Dunja Falk[^]*one step less (until two mornings are fine|on every line)/,
  );
  await expect(page.locator('.why')).toContainText('PROG-16');
  await page.goto('/squad');
  await page.locator('.thread select').first().selectOption({ label: 'Handball' });
  await page.getByRole('link', { name: 'Dunja Falk' }).click();
  await expect(page.getByRole('heading', { name: 'Dunja Falk' })).toBeVisible();
  expect(outside).toEqual([]);
});

test('an empty club typed in by hand', async ({ page }) => {
  setToday(TUESDAY);
  await page.goto('/sign-up');
  await ready(page);
  await page.getByLabel('Your name').fill('Mara Quint');
  await page.getByLabel('Club', { exact: true }).fill('Ribera');
  const email = `mara${Date.now()}@club.example`;
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password', { exact: true }).fill('short');
  await page.getByRole('button', { name: 'Make the club' }).click();
  await expect(page.getByText('At least 10 characters.').last()).toBeVisible();
  await expect(page.getByLabel('Your name')).toHaveValue('Mara Quint');
  await page.getByLabel('Password', { exact: true }).fill('password2026');
  await page.getByRole('button', { name: 'Make the club' }).click();
  await expect(page.getByText('tried first').last()).toBeVisible();
  await page.getByLabel('Password', { exact: true }).fill('copper-wagon-violet');
  await page.getByRole('button', { name: 'Make the club' }).click();
  await page.waitForURL(/\/sign-in/);
  await ready(page);
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password', { exact: true }).fill('copper-wagon-violet');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL(/\/squad/);
  await ready(page);

  await page.getByLabel('Squad', { exact: true }).fill('Under 18');
  await page.getByLabel('Sport').selectOption({ label: 'Ultimate' });
  await page.getByRole('button', { name: 'Make the squad' }).click();
  await expect(page.getByText('Tick at least one gym day.')).toBeVisible();
  for (const day of ['Tue', 'Fri']) await page.getByRole('checkbox', { name: day }).check();
  await page.getByLabel('Place').fill('Old school');
  await page.getByLabel('What it has').selectOption('gym');
  await page.getByRole('button', { name: 'Make the squad' }).click();
  await expect(page.getByText('How many racks are there?')).toBeVisible();
  expect(await seriousOn(page)).toEqual([]);
  await page.getByLabel('Racks').fill('5');
  await page.getByLabel('Names, one a line').fill('Lena Ost\t2009-03-02\nJan Weir\tyesterday');
  await page.getByRole('button', { name: 'Make the squad' }).click();
  await expect(page.getByText('Line 2: “yesterday” is not a birth date')).toBeVisible();
  // nothing that was typed or ticked is lost
  await expect(page.getByLabel('Racks')).toHaveValue('5');
  await expect(page.getByRole('checkbox', { name: 'Fri' })).toBeChecked();
  await page.getByLabel('Names, one a line').fill('Lena Ost\t2009-03-02\nJan Weir\nSol Abad\t\t64');
  await page.getByRole('button', { name: 'Make the squad' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Under 18' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Sol Abad' })).toBeVisible();

  await page.getByRole('link', { name: "Today's card" }).click();
  await page.waitForURL(/\/bench\//);
  await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
  await page.locator('[data-slot="main"] .name').click();
  await expect(page.locator('.why')).toContainText('find the load');
  await expect(page.locator('.why')).toContainText('DOSE-2');

  await page.getByRole('link', { name: 'Open on the floor' }).click();
  await page.waitForURL(/\/floor\//);
  await ready(page);
  await page.getByLabel('Line', { exact: true }).selectOption('main');
  await page
    .getByRole('button', { name: /^With changes: \w+ \w+, set 1$/ })
    .first()
    .click();
  await page.getByLabel('load, kg').fill('-20');
  await page.getByRole('button', { name: 'Keep set' }).click();
  await expect(page.getByText('A load from 0.5 to 500 kg')).toBeVisible();
  await page.getByLabel('load, kg').fill('20');
  await page.getByRole('button', { name: 'Keep set' }).click();
  await expect(page.getByRole('button', { name: 'Keep set' })).toHaveCount(0);
  await expect(page.getByRole('status')).toHaveText('all kept');
});

test('the card prints on one page', async ({ page }) => {
  setToday(TUESDAY);
  await signIn(page);
  await openBench(page, 'Ultimate');
  const href = await page.getByRole('link', { name: 'Print' }).getAttribute('href');
  await page.goto(href!);
  await ready(page);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Ultimate');
  await expect(page.getByRole('row', { name: /Bryn Castell/ })).toContainText('kg');
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
});
