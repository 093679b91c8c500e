import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { linkFor, openBench, ready, setToday, signIn, TUESDAY } from './app';

for (const theme of ['cal', 'noche'])
  test(`nothing serious for those who see, hear or point differently: ${theme}`, async ({ page, context }) => {
    test.setTimeout(120_000);
    setToday(TUESDAY);
    await context.addCookies([{ name: 'theme', value: theme, url: process.env.BASE_URL! }]);
    const check = async (where: string): Promise<void> => {
      const { violations } = await new AxeBuilder({ page }).analyze();
      expect(
        violations
          .filter(({ impact }) => impact === 'serious' || impact === 'critical')
          .map(
            ({ id, nodes }) =>
              `${id}: ${nodes
                .map(({ target }) => target.join(' '))
                .slice(0, 3)
                .join(' | ')}`,
          ),
        where,
      ).toEqual([]);
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
    expect(await page.locator('html').getAttribute('data-theme')).toBe(theme);
  });
