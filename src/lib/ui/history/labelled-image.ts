import { LEFT, RIGHT } from './history-rows';
import type { RowLabels } from './row-labels';

/** Something written on a picture, px from its left and top. */
export interface Words {
  readonly x: number;
  readonly y: number;
  readonly size: number;
  readonly text: string;
  readonly toTheLeft?: true;
}

const HEAD = 'data:image/svg+xml;charset=UTF-8,';
const USUAL_WIDTH = 900;

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

/**
 * A chart's picture with what stands beside it on the page, as a file of its own.
 * @param image as the chart gives it, an SVG address
 * @param beside what is written on it, by its width
 */
export function labelledImage(image: string, beside: (width: number) => readonly Words[], ink: string): string {
  const svg = decodeURIComponent(image.slice(image.indexOf(',') + 1));
  const width = Number(/width="([\d.]+)"/.exec(svg)?.[1] ?? USUAL_WIDTH);
  const written = beside(width).map(
    ({ x, y, size, text, toTheLeft }) =>
      `<text x="${String(x)}" y="${String(y)}" font-family="sans-serif" font-size="${String(size)}" fill="${ink}" text-anchor="${toTheLeft ? 'end' : 'start'}">${escaped(text)}</text>`,
  );
  return `${HEAD}${encodeURIComponent(svg.replace(/<\/svg>\s*$/, `${written.join('')}</svg>`))}`;
}

/** Names, last values and months beside the rows of a history. */
export const besideRows =
  (labels: readonly RowLabels[], ticks: readonly { at: number; name: string }[], title: string) =>
  (width: number): Words[] => [
    { x: LEFT, y: 14, size: 14, text: title },
    ...ticks.map(({ at, name }) => ({ x: LEFT + at * (width - LEFT - RIGHT), y: 34, size: 11, text: name })),
    ...labels.flatMap(({ top, height, name, last }): Words[] => {
      const y = top + height / 2;
      return [
        { x: 0, y, size: 13, text: name[0] },
        { x: 0, y: y + 15, size: 11, text: name[1] },
        { x: width, y, size: 13, text: last[0], toTheLeft: true },
        { x: width, y: y + 15, size: 11, text: last[1], toTheLeft: true },
      ];
    }),
  ];
