import { LEFT, RIGHT } from './history-rows';
import type { RowLabels } from './row-labels';

const HEAD = 'data:image/svg+xml;charset=UTF-8,';

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

/** The chart's picture with the names and last values that stand beside it on the page, as a file of its own. */
export function labelledImage(
  image: string,
  labels: readonly RowLabels[],
  ticks: readonly { at: number; name: string }[],
  title: string,
  ink: string,
): string {
  const svg = decodeURIComponent(image.slice(image.indexOf(',') + 1));
  const width = Number(/width="([\d.]+)"/.exec(svg)?.[1] ?? 900);
  const text = (x: number, y: number, size: number, words: string, anchor = 'start'): string =>
    `<text x="${String(x)}" y="${String(y)}" font-family="sans-serif" font-size="${String(size)}" fill="${ink}" text-anchor="${anchor}">${escaped(words)}</text>`;
  const beside = labels.flatMap(({ top, height, name, last }) => {
    const y = top + height / 2;
    return [
      text(0, y, 13, name[0]),
      text(0, y + 15, 11, name[1]),
      text(width, y, 13, last[0], 'end'),
      text(width, y + 15, 11, last[1], 'end'),
    ];
  });
  const axis = ticks.map(({ at, name }) => text(LEFT + at * (width - LEFT - RIGHT), 34, 11, name));
  const whole = svg.replace(/<\/svg>\s*$/, `${text(LEFT, 14, 14, title)}${[...axis, ...beside].join('')}</svg>`);
  return `${HEAD}${encodeURIComponent(whole)}`;
}
