import { expect, test } from '@playwright/test';
import { seriousOn } from './access';
import { linkFor, openBench, ready, setToday, signIn, TUESDAY } from './app';

test('nothing serious for those who see, hear or point differently, in either theme', async ({ page, context }) => {
  test.slow();
  setToday(TUESDAY);
  const check = async (where: string): Promise<void> => {
    expect(await seriousOn(page), where).toEqual([]);
  };
  for (const path of ['/sign-in', '/sign-up']) {
    await page.goto(path);
    await ready(page);
    await check(path);
  }
  await signIn(page);
  await check('/calls');
  await page.goto('/squad?new');
  await ready(page);
  await check('/squad?new');
  const link = await linkFor(page, 'Handball', 'Kaia Maas');
  await check('athlete');
  await page.goBack();
  await ready(page);
  await check('squad');
  await openBench(page, 'Handball');
  await check('bench');
  await page.locator('[data-slot="main"] .text').click();
  await check('dose editor');
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Open on the floor' }).click();
  await page.waitForURL(/\/floor\//);
  await ready(page);
  await check('floor');
  await page.goto(page.url().replace('/floor/', '/print/'));
  await ready(page);
  await check('print');
  await page.goto(link);
  await page.getByText('Pain', { exact: true }).click();
  await check('check-in');
  await page.goto(`${link}/card`);
  await check('own card');
  for (const theme of ['noche', 'cal']) {
    await context.addCookies([{ name: 'theme', value: theme, url: process.env.BASE_URL! }]);
    await page.goto('/sign-in');
    await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
  }
});
