import { expect, test, type Page } from '@playwright/test';
import { seriousOn } from './access';
import { newClub, openBench, ready, setToday, signIn, TUESDAY } from './app';

const slots = (page: Page): Promise<string[]> =>
  page.locator('[data-slot]').evaluateAll((lines) => lines.map((line) => line.getAttribute('data-slot') ?? ''));
const kept = (page: Page) => expect(page.locator('.kept')).toContainText(/^Kept/);

test('a lift is added by search, moved, paired, typed over the budget, and all of it taken back', async ({ page }) => {
  setToday(TUESDAY);
  await signIn(page);
  await openBench(page, 'Handball');
  await ready(page);
  const before = await slots(page);

  // silly words find nothing and lose nothing; what does not suit says why and comes last
  await page.keyboard.press('a');
  const find = page.getByRole('combobox', { name: 'Add a line' });
  await expect(find).toBeFocused();
  const options = page.getByRole('listbox', { name: 'What may be added' }).getByRole('option');
  await find.fill('xyzzy');
  await expect(page.getByText('Nothing in the library has all of these words.')).toBeVisible();
  await find.fill('trap-bar deadlift');
  await expect(options.first()).toContainText(/Kit|kit|needs/);
  await find.fill('farmer');
  await expect(options.first()).toContainText('Two-hand carry');
  await expect(options.first()).toHaveAttribute('aria-selected', 'true');
  expect(await seriousOn(page)).toEqual([]);
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-slot="own-1"]')).toContainText('Two-hand carry');
  await expect(page.locator('[data-slot="own-1"]')).toContainText('yours');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await kept(page);

  // by key one place up
  const place = async () => (await slots(page)).indexOf('own-1');
  const was = await place();
  await page.locator('[data-slot="own-1"] .name').focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect.poll(place).toBe(was - 1);
  await kept(page);
  // it came to stand inside the main pair, so it is done in turn with it; now alone
  const turn = page.locator('.group', { has: page.locator('[data-slot="own-1"]') }).locator('.word');
  await expect(turn).toHaveText('triple');
  await page.getByRole('toolbar').getByRole('button', { name: /^More/ }).click();
  await page.getByRole('menuitem', { name: 'Stand alone' }).click();
  await expect(turn).toHaveCount(0);
  await kept(page);

  // rounds of holds read as they are said
  const own = page.locator('[data-slot="own-1"]');
  await own.locator('.text').click();
  await page.getByLabel(/^Dose of/).fill('5-3-1 (8 on/4 off)');
  await page.keyboard.press('Enter');
  await expect(own).toContainText('5-3-1 × (8 s on / 4 s off)');
  await kept(page);

  // a dose over the day's contacts stands as typed, and the number is said
  const jump = page.locator('[data-slot="jump-1"]');
  await jump.locator('.text').click();
  await page.getByLabel(/^Dose of/).fill('9x12');
  await page.keyboard.press('Enter');
  await expect(jump).toContainText('9 × 12');
  await expect(page.locator('.right')).toContainText(/over/i);
  await kept(page);

  // everything comes back, step by step, a reload in between
  await page.keyboard.press('Escape');
  await page.reload();
  await ready(page);
  await expect(jump).toContainText('9 × 12');
  const undo = page.getByRole('button', { name: 'Undo' });
  for (let step = 0; step < 5; step++) {
    await expect(undo).toBeEnabled();
    await undo.click();
    await kept(page);
  }
  await expect(undo).toBeDisabled();
  await expect.poll(() => slots(page)).toEqual(before);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.locator('[data-slot="own-1"]')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect.poll(() => slots(page)).toEqual(before);
  await kept(page);
  await page.reload();
  await expect.poll(() => slots(page)).toEqual(before);
});

test('a line is taken off and stays off, one is dragged, one is never chosen for this card again', async ({ page }) => {
  await signIn(page);
  await openBench(page, 'Freestyle');
  // a day no other journey has a card of, and minutes enough for several lines beside the mains
  await page.goto(page.url().replace('2026-11-24', '2026-12-09'));
  await kept(page);
  await ready(page);
  await page.getByRole('button', { name: '75', exact: true }).click();
  await expect(page.locator('.sums')).toContainText('of 75 min');
  await kept(page);
  const line = (slot: string) => page.locator(`[data-slot="${slot}"]`);
  const lastOf = async () =>
    (await slots(page)).filter((slot) => !/^(prep|jump|power|throw|main|cool|own)/.test(slot)).at(-1)!;
  const off = await lastOf();
  await line(off).locator('.name').click();
  await page.getByRole('button', { name: 'Take off' }).click();
  await expect(line(off)).toHaveCount(0);
  await kept(page);
  await page.getByRole('button', { name: 'Choose all lines anew' }).click();
  await kept(page);
  await expect(line(off)).toHaveCount(0);

  const ahead = await lastOf();
  const pull = line(ahead);
  await pull.dragTo(line('main'));
  await expect.poll(async () => (await slots(page)).indexOf(ahead) < (await slots(page)).indexOf('main')).toBe(true);
  await kept(page);

  const name = (await pull.locator('.name b').textContent())!.trim();
  await pull.locator('.name').click();
  await page.getByRole('toolbar').getByRole('button', { name: /^More/ }).click();
  await page.getByRole('menuitem', { name: 'Not on this card' }).click();
  await expect(page.locator('.card')).not.toContainText(name);
  await kept(page);
  await page.reload();
  await expect(page.locator('.card')).toBeVisible();
  await expect(page.locator('.card')).not.toContainText(name);
});

test('everybody is seen and changed on one page: by keys less, other, without, a dose, and back', async ({ page }) => {
  setToday(TUESDAY);
  await signIn(page);
  await openBench(page, 'Handball');
  await ready(page);
  await page.getByRole('tab', { name: 'Everybody' }).click();
  const grid = page.getByRole('grid', { name: 'Everybody, line by line' });
  await expect(grid.getByRole('rowheader')).toHaveCount((await grid.locator('tbody tr').count()) + 1);
  expect(await seriousOn(page)).toEqual([]);

  const cell = (row: number, column: number) => page.locator(`#cell-${String(row)}-${String(column)}`);
  await cell(0, 0).click();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  const chosen = cell(1, 2);
  await expect(chosen).toBeFocused();
  const was = await chosen.innerText();
  await page.keyboard.press('x');
  await expect(chosen).toContainText('without');
  await kept(page);
  await page.keyboard.press('Backspace');
  await expect(chosen).toHaveText(was);
  await kept(page);
  await page.keyboard.press('l');
  await expect(chosen).toContainText('yours');
  await kept(page);

  // a dose as on the card; what cannot be read is said and stays typed
  await page.keyboard.press('Enter');
  const dose = page.getByLabel(/^Dose of/);
  await dose.fill('4x');
  await page.keyboard.press('Enter');
  await expect(page.locator('#dose-messages')).toBeVisible();
  await expect(dose).toHaveValue('4x');
  await dose.fill('2x3');
  await page.keyboard.press('Enter');
  await expect(chosen).toContainText('2 × 3');
  await kept(page);
  await page.reload();
  await ready(page);
  await page.getByRole('tab', { name: 'Everybody' }).click();
  await expect(chosen).toContainText('yours 2 × 3');

  // all of it taken back
  for (let step = 0; step < 4; step++) {
    await page.getByRole('button', { name: 'Undo' }).click();
    await kept(page);
  }
  await expect(chosen).toHaveText(was);
});

test('a landmine circuit is built by hand, kept to start from, and started again on another day; a page each is printed', async ({
  page,
}) => {
  setToday(TUESDAY);
  await signIn(page);
  await openBench(page, 'Handball');
  await ready(page);
  const why = page.locator('.why');
  const find = page.getByRole('combobox', { name: 'Add a line' });
  const names = ['Landmine row', 'Landmine reverse lunge', 'Standing landmine press'];
  for (const [i, name] of names.entries()) {
    await page.keyboard.press('a');
    await find.fill(name);
    await expect(page.getByRole('listbox', { name: 'What may be added' }).getByRole('option').first()).toContainText(
      name,
    );
    await page.keyboard.press('Enter');
    await expect(page.locator(`[data-slot="own-${String(i + 1)}"]`)).toBeVisible();
    await kept(page);
  }
  // the lunge stands elsewhere: it is dragged between, and the three are done in turn
  await page.locator('[data-slot="own-3"]').scrollIntoViewIfNeeded();
  await page.locator('[data-slot="own-2"]').dragTo(page.locator('[data-slot="own-3"]'));
  await expect(async () => {
    expect((await slots(page)).filter((slot) => slot.startsWith('own-'))).toEqual(['own-1', 'own-2', 'own-3']);
  }).toPass();
  await kept(page);
  const order = (await slots(page)).filter((slot) => slot.startsWith('own-'));
  for (const slot of order.slice(0, 2)) {
    await page.locator(`[data-slot="${slot}"] .name`).click();
    await page.getByRole('toolbar').getByRole('button', { name: /^More/ }).click();
    await page.getByRole('menuitem', { name: /^In turn with/ }).click();
    await kept(page);
  }
  // or straight on, as parts of one set; and undone
  await page.locator(`[data-slot="${order[0]!}"] .name`).click();
  await page.getByRole('toolbar').getByRole('button', { name: /^More/ }).click();
  await page.getByRole('menuitem', { name: /^Straight on into/ }).click();
  await expect(page.getByText('one set', { exact: true })).toBeVisible();
  await kept(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('one set', { exact: true })).toHaveCount(0);
  await kept(page);
  const ring = page.locator('.group', { has: page.locator(`[data-slot="${order[0]!}"]`) });
  await expect(ring.locator('li')).toHaveCount(3);
  await page.locator(`[data-slot="${order[1]!}"] .name`).click();
  // words for everybody, and a line for one
  await page.getByRole('toolbar').getByRole('button', { name: /^More/ }).click();
  await page.getByRole('menuitem', { name: 'Note, and who it is for' }).click();
  await why.getByLabel('Note on this line').fill('bar stays by the hip');
  await page.keyboard.press('Enter');
  await kept(page);
  await expect(page.locator(`[data-slot="${order[1]!}"]`)).toContainText('bar stays by the hip');
  expect(await seriousOn(page)).toEqual([]);

  // everything else off, then kept under a name; an empty name is said
  for (;;) {
    const left = (await slots(page)).filter((slot) => !slot.startsWith('own-'));
    const [next] = left;
    if (next === undefined) break;
    await page.locator(`[data-slot="${next}"] .name`).click();
    await page.getByRole('toolbar').getByRole('button', { name: 'Take off' }).click();
    await expect(page.locator(`[data-slot="${next}"]`)).toHaveCount(0);
    await kept(page);
  }
  await page.getByRole('button', { name: 'Keep this card to start from' }).click();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Give it a name.')).toBeVisible();
  await page.getByLabel('Name of the kept card').fill('Landmine ring');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByLabel('Start from a kept card')).toContainText('Landmine ring');

  // another day of the squad starts from it
  await page.goto(page.url().replace(TUESDAY, '2026-11-26'));
  await ready(page);
  await kept(page);
  await page.getByLabel('Start from a kept card').selectOption({ index: 1 });
  await expect(page.locator('[data-slot="main"]')).toHaveCount(0);
  await kept(page);
  const group = page.locator('.group', { has: page.locator('[data-slot="own-1"]') });
  await expect(group.locator('li')).toHaveCount(3);
  await expect(page.locator('.card')).toContainText('bar stays by the hip');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('[data-slot="main"]')).toBeVisible();
  await kept(page);

  const href = await page.getByRole('link', { name: 'Print' }).getAttribute('href');
  await page.goto(href!);
  await page.getByRole('link', { name: 'A page each' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveCount(14);
  expect(await seriousOn(page)).toEqual([]);
});

test('from nothing: sixteen pasted with levels and lifts have a card; levels are set for many', async ({ page }) => {
  setToday(TUESDAY);
  // squad, sport, make it; one paste; the card: eight actions
  await newClub(page, 'Ribera');
  const line = (i: number) =>
    `Player ${'ABCDEFGHIJKLMNOP'[i]!};trained;f;${String(80 + 2.5 * i)} x 5;${String(110 + i)};43`;
  const table = ['Name;Level;Sex;Back squat;Deadlift;Shoe', ...Array.from({ length: 16 }, (_, i) => line(i))];
  await page.getByLabel('Names, one a line').fill([...table, 'Odd One;expert'].join('\n'));
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('Line 18: “expert” is not a level')).toBeVisible();
  await expect(page.getByLabel('Names, one a line')).toHaveValue(/Odd One;expert/);
  await page.getByLabel('Names, one a line').fill(table.join('\n'));
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Player P' })).toBeVisible();
  await expect(page.getByText('left out: Shoe')).toBeVisible();

  await page.locator('thead label').click();
  await expect(page.getByText('16 chosen')).toBeVisible();
  await page.getByRole('button', { name: 'Set for all chosen' }).click();
  await expect(page.getByText('Choose a level for lifts or for jumps.')).toBeVisible();
  await page.getByLabel('Jump level').selectOption('developing');
  await page.getByRole('button', { name: 'Set for all chosen' }).click();
  await expect(page.getByText('16 athletes were changed.')).toBeVisible();
  expect(await seriousOn(page)).toEqual([]);

  await page.getByRole('link', { name: "Today's card" }).click();
  await kept(page);
  await expect(page.locator('[data-slot="main"]')).toBeVisible();
  // what was pasted is known of each
  await page.goto('/squad');
  await page.getByRole('link', { name: 'Player C' }).click();
  await expect(page.getByText(/85 kg/).first()).toBeVisible();
});

test('another kind of session is asked for by name, kept, taken back, and refused in words', async ({ page }) => {
  setToday(TUESDAY);
  await signIn(page);
  await openBench(page, 'Handball');
  await ready(page);
  const before = await slots(page);
  const kind = page.getByLabel('Kind of session');

  await kind.selectOption('circuit of eight');
  await expect(page.locator('[data-slot="round-squat"]')).toContainText('3 × 8');
  await expect(page.locator('[data-slot^="round-"]')).toHaveCount(8);
  await expect(page.getByText('Keeps strength in season')).toBeVisible();
  await kept(page);
  expect(await seriousOn(page)).toEqual([]);
  await page.reload();
  await ready(page);
  await expect(kind).toHaveValue('circuit');
  await expect(page.locator('[data-slot^="round-"]')).toHaveCount(8);

  // more minutes than it takes: a sentence, and the card that stood
  await kind.selectOption('jumps in rounds of 30 s');
  await expect(page.getByText('“jumps in rounds of 30 s” takes 20 to 45 minutes.')).toBeVisible();
  await expect(kind).toHaveValue('circuit');

  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => slots(page)).toEqual(before);
  await expect(kind).toHaveValue('');
  await kept(page);
});

test('a gate is overridden by a written reason, which stays with the line and can be taken back', async ({ page }) => {
  setToday(TUESDAY);
  await signIn(page);
  await openBench(page, 'Handball');
  // a day no other journey has a card of
  await page.goto(page.url().replace('2026-11-24', '2026-12-08'));
  await kept(page);
  await ready(page);
  await page.locator('[data-slot="main"] .name').click();
  const why = page.locator('.why');
  await expect(why).toContainText(/Gate not met yet/);
  await why.getByText('Over the gate, with a reason').click();
  const reason = why.getByLabel('Let it stand over its gate, because');
  await reason.fill('ok');
  await why.getByRole('button', { name: 'Let it stand' }).click();
  await expect(why).toContainText('Write why, in a few words.');
  await expect(reason).toHaveValue('ok');
  await reason.fill('Has squatted with her old club for years');
  await why.getByRole('button', { name: 'Let it stand' }).click();
  await expect(why).toContainText('Over its gate: Has squatted with her old club for years');
  await expect(why).not.toContainText(/Gate not met yet/);
  await kept(page);
  expect(await seriousOn(page)).toEqual([]);
  await page.reload();
  await ready(page);
  await page.locator('[data-slot="main"] .name').click();
  await expect(why).toContainText('Over its gate: Has squatted with her old club for years');
  await why.getByRole('button', { name: 'The gate holds again' }).click();
  await expect(why).toContainText(/Gate not met yet/);
  await kept(page);
  // for one of them alone
  await why.getByText('Over the gate, with a reason').click();
  const whom = why.getByLabel('Over the gate goes');
  const name = (await whom.locator('option').nth(1).textContent())!;
  await whom.selectOption({ label: name });
  await reason.fill('Has squatted with her old club for years');
  await reason.press('Enter');
  await expect(why).toContainText(`Over its gate for ${name}: Has squatted`);
  await kept(page);
});
