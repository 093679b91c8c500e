import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/**
 * What of a page is serious for those who see, hear or point differently. The other theme differs by its colours alone, so
 * there only contrast is looked at.
 * @returns rule and place of each, empty = nothing
 */
export async function seriousOn(page: Page): Promise<string[]> {
  // a colour on its way to the other theme is none of either
  await page.addStyleTag({ content: '*, *::before, *::after { transition: none !important }' });
  const found = await new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).analyze();
  const theme = await page.evaluate(() => {
    const { dataset } = document.documentElement;
    const before = dataset.theme ?? '';
    dataset.theme = before === 'noche' ? 'cal' : 'noche';
    return before;
  });
  const other = await new AxeBuilder({ page }).withRules(['color-contrast']).analyze();
  await page.evaluate((before) => (document.documentElement.dataset.theme = before), theme);
  return [...found.violations, ...other.violations]
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .slice(0, 3)
          .map(({ target, html }) => `${target.join(' ')} ${html.slice(0, 80)}`)
          .join(' | ')}`,
    );
}
