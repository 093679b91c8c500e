import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { makeThemeCss } from './make-theme-css';
import tokens from './tokens.json';

type Palette = Record<string, string>;
const THEMES: readonly [string, Palette][] = [
  ['cal', tokens.palette.cal],
  ['noche', tokens.palette.noche],
];

function contrast(a: string, b: string): number {
  const light = (hex: string): number => {
    const [r = 0, g = 0, bl = 0] = [1, 3, 5]
      .map((i) => parseInt(hex.slice(i, i + 2), 16) / 255)
      .map((c) => (c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
    return 0.2126 * r + 0.7152 * g + 0.0722 * bl;
  };
  const [x, y] = [light(a), light(b)].sort((m, n) => n - m) as [number, number];
  return (x + 0.05) / (y + 0.05);
}

describe('theme', () => {
  it('is made from the token map', () => {
    expect(readFileSync('src/lib/ui/theme/theme.css', 'utf8')).toBe(makeThemeCss());
  });

  it.each(THEMES)('%s: text reads on every ground', (_name, palette) => {
    for (const text of ['ink', 'ink-2', 'pizarra', 'almagre-t', 'anil', 'oliva', 'mora', 'albero-t'])
      for (const ground of ['cal', 'cal-1'])
        expect(contrast(palette[text]!, palette[ground]!), `${text} on ${ground}`).toBeGreaterThanOrEqual(4.5);
    expect(contrast(palette['on-almagre']!, palette.almagre!)).toBeGreaterThanOrEqual(4.5);
  });

  it('sets every colour property Carbon has, in both themes', () => {
    const css = readFileSync('node_modules/carbon-components-svelte/css/all.css', 'utf8');
    const found = [...css.matchAll(/--(cds-[a-z0-9-]+):\s*(?:#|rgb|hsl|transparent)/g)].map((m) => m[1]!);
    for (const theme of ['cal', 'noche'] as const) {
      const own = new Set(Object.keys(tokens.carbon[theme]));
      expect([...new Set(found)].filter((name) => !own.has(name))).toEqual([]);
    }
  });
});
