import { BarChart, LineChart } from 'echarts/charts';
import { AriaComponent, GridComponent, LegendComponent, TooltipComponent } from 'echarts/components';
import { init as start, use, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

/** Starts a chart as SVG with the parts Jaleo draws with. Registered here and not on loading, so that no build drops it. */
export function init(element: HTMLElement): EChartsType {
  use([BarChart, LineChart, AriaComponent, GridComponent, LegendComponent, TooltipComponent, SVGRenderer]);
  return start(element, null, { renderer: 'svg' });
}
