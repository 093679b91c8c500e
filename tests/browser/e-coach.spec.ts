import { expect, test, type Page } from '@playwright/test';
import { seriousOn } from './access';
import { linkFor, newClub, openBench, ready, setToday, signIn, TUESDAY, WEDNESDAY } from './app';

test.beforeEach(() => {
  setToday(TUESDAY);
});

async function openSquad(page: Page, squad: string): Promise<void> {
  await page.goto('/squad');
  await ready(page);
  await page.locator('.thread select').first().selectOption({ label: squad });
  await expect(page.getByRole('heading', { level: 1, name: squad })).toBeVisible();
  await ready(page);
}

async function openAthlete(page: Page, squad: string, name: string): Promise<void> {
  await openSquad(page, squad);
  await page.getByRole('link', { name }).click();
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
  await ready(page);
}

const kept = (page: Page) => page.getByRole('status').filter({ hasText: 'Kept' });

test('a complaint typed by the coach stops the work, a clearance lifts it, and history says both', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Ultimate', 'Pavel Dorn');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('button', { name: 'Keep complaint' }).click();
  await expect(page.getByText('Choose the place.')).toBeVisible();
  await page.getByText('knee', { exact: true }).click();
  await page.locator('.scores').getByText('5', { exact: true }).click();
  // what it stops is said before it is kept
  await expect(page.getByRole('status').filter({ hasText: 'Stops squat' })).toContainText('Only a dated clearance');
  await page.getByRole('button', { name: 'Keep complaint' }).click();
  await expect(page.locator('.one').filter({ hasText: 'knee, 5 of 10' })).toContainText('Stops squat');

  setToday(WEDNESDAY);
  await openBench(page, 'Ultimate');
  await page.locator('[data-slot="jump-1"] .name').click();
  await expect(page.locator('.why')).toContainText(/Pavel Dorn[^]*Complaint at the knee, 5 of 10/);
  await page.goto('/calls');
  await ready(page);
  const call = page.locator('article[data-call="pain"]').filter({ hasText: 'Pavel Dorn' });
  await expect(call).toContainText('SAFE-2');
  await call.getByRole('button', { name: 'Record the referral' }).click();
  await expect(call).toHaveCount(0);

  await openAthlete(page, 'Ultimate', 'Pavel Dorn');
  await expect(page.getByText('· referred')).toBeVisible();
  await page.getByRole('button', { name: 'Note a clearance' }).click();
  await page.getByLabel('Cleared by (role)').fill('physio');
  await page.getByRole('button', { name: 'Keep clearance' }).click();
  await expect(page.getByText('Cleared by physio')).toHaveCount(0);
  await page.getByLabel('Holds through').fill('2026-12-20');
  await page.getByLabel(/^In the clinician’s words/).fill('all of it');
  await page.getByRole('button', { name: 'Keep clearance' }).click();
  await expect(page.getByText('Cleared by physio until 20 Dec 2026: all of it')).toBeVisible();
  await expect(page.getByText('Lifted for now.')).toBeVisible();
  await expect(page.getByText('Clearance by physio')).toBeVisible();
  await expect(page.getByText('Complaint, knee')).toBeVisible();
});

test('a lift typed on the testing day the athlete’s page leads to stands on that page', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Ultimate', 'Pavel Dorn');
  await page.getByRole('link', { name: 'Write a result' }).click();
  await page.waitForURL(/\/start\/[0-9a-f-]+\/2026-11-24/);
  await ready(page);
  await page.getByRole('gridcell', { name: /^Pavel Dorn, Back squat/ }).focus();
  await page.keyboard.type('100 x 5');
  await page.keyboard.press('Enter');
  await expect(page.locator('footer')).toContainText('All kept.');
  await openAthlete(page, 'Ultimate', 'Pavel Dorn');
  await expect(page.getByRole('row', { name: /back squat/ })).toContainText('100 kg × 5');
});

test('facts are checked at their field and kept with their history', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Freestyle', 'Mila Arden');
  await page.getByLabel('Body mass, kg').fill('5');
  await page.getByLabel('Role').fill('slopestyle');
  await page.getByRole('button', { name: 'Keep facts' }).click();
  await expect(page.getByText('Body mass: at least 20.')).toBeVisible();
  await expect(page.getByLabel('Role')).toHaveValue('slopestyle');
  await page.getByLabel('Body mass, kg').fill('58,5');
  await page.getByRole('button', { name: 'Keep facts' }).click();
  await expect(page.getByText('Facts changed: role, body mass')).toBeVisible();
});

test('an event typed in changes the day’s tag and turns its eve into a primer', async ({ page }) => {
  await signIn(page);
  await openSquad(page, 'Freestyle');
  await page.getByLabel('Day', { exact: true }).fill('2026-11-29');
  await page.getByLabel('Kind').selectOption('league');
  await page.getByLabel('Against, or what').fill('');
  await page.getByRole('button', { name: 'Add event' }).click();
  await expect(page.getByText('Who or what is it?')).toBeVisible();
  await page.getByLabel('Against, or what').fill('Night jam');
  await page.getByRole('button', { name: 'Add event' }).click();
  await expect(page.locator('li').filter({ hasText: 'Night jam' })).toBeVisible();
  await expect(page.locator('.words')).toContainText('MD−5');
  const squad = page.url().split('/').at(-1)!;
  await page.goto(`/bench/${squad}/2026-11-28`);
  await expect(kept(page)).toBeVisible();
  await expect(page.locator('.words')).toContainText('MD−1');
  expect(await page.locator('[data-slot="single-leg"]').count()).toBe(0);
  await page.goto(`/squad/${squad}`);
  await ready(page);
  await page.getByRole('button', { name: 'Remove Night jam, 29 Nov' }).click();
  await expect(page.locator('li').filter({ hasText: 'Night jam' })).toHaveCount(0);
});

test('the place decides what is offered', async ({ page }) => {
  await signIn(page);
  await openSquad(page, 'Ultimate');
  const squad = page.url().split('/').at(-1)!.split('?')[0]!;
  await page.getByRole('link', { name: 'Change what the place has' }).click();
  await page.waitForURL(/settings\/places/);
  await ready(page);
  const place = page.locator('section').filter({ has: page.getByRole('heading', { name: 'Harbour weight room' }) });
  await place.getByLabel('Bells, kg').fill('8, twelve');
  await place.getByRole('button', { name: 'Keep place' }).click();
  await expect(place.getByText('Write the bells as numbers')).toBeVisible();
  await expect(place.getByLabel('Bells, kg')).toHaveValue('8, twelve');
  await place.getByLabel('Bells, kg').fill('8, 12, 16');
  await place.getByText('landmine', { exact: true }).click();
  await place.getByLabel('Clear lane, m').fill('0');
  await place.getByRole('button', { name: 'Keep place' }).click();
  await expect(place.getByText('Kept.')).toBeVisible();
  await page.goto(`/bench/${squad}/2026-12-02`);
  await expect(kept(page)).toBeVisible();
  await expect(page.locator('.card')).not.toContainText('landmine');
  await expect(page.locator('.card')).not.toContainText('Alternate bounds');
});

test('one athlete’s own card, one athlete’s own dose on the squad’s card', async ({ page }) => {
  await signIn(page);
  await openBench(page, 'Handball');
  await page.getByLabel('Show doses of').selectOption({ label: 'Bruna Visco' });
  await page.locator('[data-slot="main"] .text').click();
  await page.getByRole('textbox', { name: /^Dose of/ }).fill('1 x 4 60 kg');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-slot="main"] .text')).toContainText(/1 × 4 · .*60 kg/);
  await expect(kept(page)).toBeVisible();
  await page.getByLabel('Show doses of').selectOption({ label: 'the squad' });
  await expect(page.locator('[data-slot="main"] .text')).not.toContainText('1 × 4');
  await page.reload();
  await ready(page);
  await page.getByLabel('Show doses of').selectOption({ label: 'Bruna Visco' });
  await expect(page.locator('[data-slot="main"] .text')).toContainText(/1 × 4 · .*60 kg/);

  await page.getByLabel('Who').selectOption({ label: 'Bruna Visco, own card' });
  await page.waitForURL(/for=/);
  await expect(kept(page)).toBeVisible();
  await page.getByRole('button', { name: '30', exact: true }).click();
  await expect(page.locator('.sums')).toContainText('of 30 min');
  await expect(kept(page)).toBeVisible();
  await page.getByRole('link', { name: 'Open on the floor' }).click();
  await page.waitForURL(/\/floor\//);
  await ready(page);
  await expect(page.getByRole('button', { name: /^As written: Bruna Visco/ })).toHaveCount(1);
});

test('minutes and phase re-solve at once and stay', async ({ page }) => {
  await signIn(page);
  await openBench(page, 'Ultimate');
  await page.getByRole('button', { name: '30', exact: true }).click();
  await expect(page.locator('.sums')).toContainText('of 30 min');
  await expect(page.locator('[data-slot="jump-2"]')).toHaveCount(0);
  await page.getByRole('button', { name: '60', exact: true }).click();
  await expect(page.locator('.sums')).toContainText('of 60 min');
  await page.getByLabel('Phase').selectOption('general');
  await page.locator('[data-slot="main"] .name').click();
  await expect(page.locator('.why')).toContainText('off-season, general');
  await expect(kept(page)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Phase')).toHaveValue('general');
  await page.getByLabel('Phase').selectOption('specific');
  await expect(kept(page)).toBeVisible();
});

test('the coach answers for the silent at the door', async ({ page }) => {
  await signIn(page);
  // a few who forgot are no call; anybody is answered for beside them
  const side = page.getByRole('complementary', { name: 'Today' });
  await side
    .getByRole('button', { name: /^Answer for/ })
    .first()
    .click();
  const first = side.locator('li').first();
  const name = (await first.locator('span').first().textContent())!;
  await first.getByRole('button', { name: `${name}: fine` }).click();
  await expect(side.locator('li').filter({ hasText: name })).toHaveCount(0);
});

test('a set is logged with changes, a fault, and taken back', async ({ page }) => {
  await signIn(page);
  await openBench(page, 'Handball');
  await page.getByRole('link', { name: 'Open on the floor' }).click();
  await page.waitForURL(/\/floor\//);
  await ready(page);
  await page.getByLabel('Line', { exact: true }).selectOption('upper-pull');
  const change = page.getByRole('button', { name: /^With changes:/ }).first();
  const who = /With changes: (.*), set 1/.exec((await change.getAttribute('aria-label'))!)![1]!;
  await change.click();
  await page.getByLabel('reps').fill('500');
  await page.getByRole('button', { name: 'Keep set' }).click();
  await expect(page.getByText('From 0 to 100 reps.')).toBeVisible();
  await page.getByLabel('reps').fill('9');
  await page.getByLabel('fault seen').selectOption({ index: 1 });
  await page.getByRole('button', { name: 'Keep set' }).click();
  await expect(page.getByRole('status')).toHaveText('all kept');
  // racks have letters, what needs none has numbers
  await page.getByRole('button', { name: /^Everyone in [A1]$/ }).click();
  await page.getByRole('button', { name: `Take back the last set of ${who}` }).click();
  await expect(page.getByRole('button', { name: `Take back the last set of ${who}` })).toHaveCount(0);
  await expect(page.getByRole('status')).toHaveText('all kept');
});

test('an assistant logs and sees what is barred, plans nothing and reads no health note', async ({ page }) => {
  await signIn(page);
  await openBench(page, 'Handball');
  const bench = page.url();
  await page.context().clearCookies();
  await signIn(page, 'assistant@jaleo.example');
  await page.goto(bench);
  await ready(page);
  await expect(page.getByRole('link', { name: 'Open on the floor' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Change the dose/ })).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Swap for/ })).toHaveCount(0);
  await page.locator('[data-slot="jump-1"] .name').click();
  await expect(page.locator('.why')).toContainText('own line');
  await expect(page.locator('.why')).not.toContainText('Complaint at');
  expect(await page.content()).not.toContain('barred_by_complaint","rules":["SAFE-2","SAFE-8"],"facts":{"place"');
});

test('an athlete changes an answer; an ended link opens nothing', async ({ page, browser }) => {
  setToday(WEDNESDAY);
  await signIn(page);
  const link = await linkFor(page, 'Handball', 'Sela Murgui');
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  await phone.goto(link);
  await ready(phone);
  await phone.getByText('Pain', { exact: true }).click();
  await phone.getByRole('button', { name: 'Send' }).click();
  await expect(phone.getByText('How strong is the pain, 0 to 10?')).toBeVisible();
  await expect(phone.getByText('Where does it hurt?')).toBeVisible();
  await phone.getByRole('button', { name: 'Usual tightness' }).click();
  await expect(phone.getByRole('heading', { name: 'Thanks, Sela' })).toBeVisible();
  await phone.reload();
  await expect(phone.getByText('You answered usual tightness today.')).toBeVisible();
  await phone.getByRole('button', { name: 'Change the answer' }).click();
  await phone.getByRole('button', { name: 'Fine' }).click();
  await expect(phone.getByRole('heading', { name: 'Thanks, Sela' })).toBeVisible();
  await page.reload();
  await ready(page);
  await page.getByRole('button', { name: 'End the link' }).click();
  await expect(page.getByRole('button', { name: 'End the link' })).toHaveCount(0);
  await phone.goto(link);
  await expect(phone.getByText('This link does not open anything')).toBeVisible();
  await phone.close();
});

test('sixty athletes: one card, few questions, no waiting', async ({ page }) => {
  test.setTimeout(90_000);
  await signIn(page);
  await page.goto('/squad?new');
  await ready(page);
  await page.getByLabel('Squad', { exact: true }).fill('Whole club');
  await page.getByLabel('Sport').selectOption({ label: 'Ultimate' });
  await page.getByRole('checkbox', { name: 'Tue' }).check();
  await page.getByRole('button', { name: 'Make the squad' }).click();
  await expect(page.getByText('Choose where it trains.')).toBeVisible();
  await page.getByLabel('Where it trains').selectOption({ label: 'Hall gym' });
  await page.getByRole('button', { name: 'Make the squad' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Whole club' })).toBeVisible();
  const names = Array.from(
    { length: 60 },
    (_, i) => `Athlete ${String.fromCharCode(65 + (i % 26))}${'abc'[Math.floor(i / 26)]!}x\t\t${50 + i}`,
  );
  await page.getByLabel('Names, one a line').fill(names.join('\n'));
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('60 athletes')).toBeVisible();
  await page.getByRole('link', { name: "Today's card" }).click();
  await page.waitForURL(/\/bench\//);
  await expect(kept(page)).toBeVisible();
  const response = await page.request.get(page.url());
  expect(Number(response.headers()['x-statements'])).toBeLessThanOrEqual(5);
  await page.getByRole('link', { name: 'Open on the floor' }).click();
  await page.waitForURL(/\/floor\//);
  await ready(page);
  await page.getByLabel('Line', { exact: true }).selectOption('main');
  await page
    .getByRole('button', { name: /^As written:/ })
    .first()
    .click();
  await expect(page.getByRole('status')).toHaveText('all kept');
});

test('nothing runs off the screen on a tablet or a phone', async ({ page }) => {
  await signIn(page);
  await openBench(page, 'Handball');
  const bench = page.url();
  for (const width of [1024, 768, 390])
    for (const path of ['/calls', '/squad', bench]) {
      await page.setViewportSize({ width, height: 800 });
      await page.goto(path);
      await ready(page);
      const over = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect(over, `${path} at ${width}`).toBeLessThanOrEqual(0);
    }
});

test('an athlete’s past stands on one time axis, day by day, as a chart and as a table', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Handball', 'Dunja Falk');
  await page.getByRole('link', { name: 'History over time' }).click();
  const axis = page.getByRole('slider', { name: 'Day looked at' });
  await expect(axis.locator('svg')).toBeVisible();
  // whichever squat the season leads with
  await expect(axis).toContainText(/(Back|Front) squat/);
  await expect(axis).toContainText('e1RM');
  // a day further back knows less
  const lines = page.locator('aside li');
  // from a day that is the same whatever else was changed: the end of the axis
  for (let day = 0; day < 7; day += 1) await axis.press('ArrowRight');
  await expect(axis).toHaveAttribute('aria-valuetext', '24 Nov 2026');
  const before = await lines.count();
  await axis.press('PageUp');
  await axis.press('PageUp');
  await expect(page.getByRole('heading', { name: 'Since then' })).toBeVisible();
  await expect(axis).toHaveAttribute('aria-valuetext', '10 Nov 2026');
  expect(before).toBeGreaterThan(0);
  const image = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as image' }).click();
  expect((await image).suggestedFilename()).toBe('Dunja Falk history.svg');
  expect(await seriousOn(page)).toEqual([]);
  await page.getByRole('button', { name: 'Table' }).click();
  await expect(page.getByRole('table', { name: /^(Back|Front) squat/ })).toContainText('training');
  await page.getByRole('link', { name: '6 weeks' }).click();
  await expect(page.getByRole('link', { name: '6 weeks' })).toHaveAttribute('aria-current', 'true');
  await expect(page.getByRole('table', { name: 'Weeks' }).getByRole('row')).toHaveCount(7);
  expect(await seriousOn(page)).toEqual([]);
  await page.goto(`${new URL(page.url()).pathname}?weeks=nonsense`);
  await expect(page.getByRole('link', { name: '14 weeks' })).toHaveAttribute('aria-current', 'true');
});

test('a squad’s past: everybody on one scale, and what was planned and done', async ({ page }) => {
  await signIn(page);
  await openSquad(page, 'Handball');
  await page.getByRole('link', { name: 'History', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Handball, history' })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Dunja Falk \d+ kg/ })).toBeVisible();
  await expect(page.locator('.chart svg')).toHaveCount(2);
  await page.getByLabel('Measure').selectOption({ label: 'Countermovement jump' });
  await expect(page.getByRole('link', { name: /^Dunja Falk [\d.]+ cm/ })).toContainText('its error');
  expect(await seriousOn(page)).toEqual([]);
  await page.getByRole('button', { name: 'Table' }).click();
  await expect(page.getByRole('row', { name: /Dunja Falk/ }).first()).toContainText('test');
  await page.getByRole('button', { name: 'Table' }).click();
  await page.getByRole('link', { name: /^Dunja Falk/ }).click();
  await expect(page.getByRole('slider', { name: 'Day looked at' })).toBeVisible();
});

test('a club that writes the month first types, reads and is corrected so', async ({ page }) => {
  test.setTimeout(60_000);
  await newClub(page, 'MonthFirst');
  const squadPage = page.url();
  await page.goto('/settings');
  await ready(page);
  await page.getByRole('radio', { name: /month first/ }).check();
  await expect(page.locator('#days').getByText('Kept.')).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('data-days', 'month-first');
  await page.goto(squadPage);
  await ready(page);
  const day = page.getByLabel('Day', { exact: true });
  await expect(day).toHaveValue('Nov 24, 2026');
  await page.getByLabel('Against, or what').fill('Alameda');
  await day.fill('13/12/2026');
  await page.getByRole('button', { name: 'Add event' }).click();
  await expect(page.getByText('Write a day as Nov 28, 2026.')).toBeVisible();
  await expect(day).toHaveValue('13/12/2026');
  await day.fill('12/5/2026');
  await page.getByRole('button', { name: 'Add event' }).click();
  await expect(page.locator('li').filter({ hasText: 'Alameda' })).toContainText('Sat Dec 5');
});

test('until a theme is chosen the page is as dark as the system', async ({ page }) => {
  const ground = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  await page.emulateMedia({ colorScheme: 'light' });
  await page.goto('/sign-in');
  const light = await ground();
  await page.emulateMedia({ colorScheme: 'dark' });
  expect(await ground()).not.toBe(light);
  await page.context().addCookies([{ name: 'theme', value: 'cal', url: process.env.BASE_URL! }]);
  await page.reload();
  expect(await ground()).toBe(light);
});
