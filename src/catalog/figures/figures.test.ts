import { expect, it } from 'vitest';
import { checkFigure, figureSchema } from '$core/figures';
import { EXERCISES } from '..';
import { FIGURES } from '.';

it('draws every entry, and nothing else', () => {
  const ids = new Set(EXERCISES.map(({ id }) => id));
  expect([...ids].filter((id) => !FIGURES[id])).toEqual([]);
  expect(Object.keys(FIGURES).filter((id) => !ids.has(id))).toEqual([]);
});

it.each(EXERCISES)('$id: joints in range, feet on the ground, hands on what they hold, balanced', ({ id }) => {
  const figure = FIGURES[id];
  expect(figureSchema.safeParse(figure).error).toBeUndefined();
  expect(figure && checkFigure(figure)).toEqual([]);
});
