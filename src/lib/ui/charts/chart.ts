import type { EChartsOption } from 'echarts';
import type { Attachment } from 'svelte/attachments';

/** What a screen may do with a drawn chart. */
export interface DrawnChart {
  /** the picture as an SVG data address */
  readonly image: () => string;
}

/**
 * Draws a chart into an element. The library is heavy, so it comes only now; the chart follows its data and its box,
 * and leaves with the element.
 */
export const chart =
  (option: () => EChartsOption, ready: (drawn: DrawnChart | null) => void = () => undefined): Attachment<HTMLElement> =>
  (element) => {
    const wanted = option();
    let gone = false;
    let dispose = (): void => undefined;
    void import('./echarts').then(({ init }) => {
      if (gone) return;
      const drawn = init(element);
      drawn.setOption(wanted, true);
      const box = new ResizeObserver(() => {
        drawn.resize();
      });
      box.observe(element);
      ready({ image: () => drawn.getDataURL({ type: 'svg' }) });
      dispose = () => {
        box.disconnect();
        drawn.dispose();
      };
    });
    return () => {
      gone = true;
      ready(null);
      dispose();
    };
  };
