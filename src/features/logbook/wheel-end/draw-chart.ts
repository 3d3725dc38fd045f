import { LineChart, ScatterChart } from 'echarts/charts';
import { GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { day } from '@/text';
import { reach, type ChartData } from './chart-data';
import { formatNumber } from '@/core/base';

echarts.use([
  LineChart,
  ScatterChart,
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  TooltipComponent,
  SVGRenderer,
]);

/** The page's own colors, as they are by day, by night and in the sun. */
function palette(host: HTMLElement) {
  const probe = document.createElement('span');
  host.append(probe);
  const of = (name: string) => {
    probe.style.color = `var(--${name})`;
    return getComputedStyle(probe).color;
  };
  const colors = {
    ink: of('ink'),
    soft: of('soft'),
    line: of('line'),
    accent: of('accent'),
    soon: of('soon'),
    due: of('due'),
    sheet: of('sheet'),
    wash: of('accent-wash'),
  };
  probe.remove();
  return colors;
}

/** What stands left and right of a chart's own field (px), and the room that a label of work needs. */
const SIDES = 110;
const LABEL = 116;

/** The works whose labels have room beside the one before; every one has its line. */
function apart({ dots, works, line }: ChartData, width: number): ReadonlySet<number> {
  const xs = [...dots.map(({ x }) => x), ...line.map(([x]) => x)];
  const [from, to] = [Math.min(...xs), Math.max(...xs)];
  const at = (x: number) => ((x - from) / Math.max(1, to - from)) * width;
  const shown = new Set<number>();
  let last = -Infinity;
  works.forEach(({ x }, i) => {
    if (at(x) < 0 || at(x) - last < LABEL) return;
    shown.add(i);
    last = at(x);
  });
  return shown;
}

/** A chart on the page, that can be pointed at by number and let go. */
export interface Drawn {
  readonly point: (index: number | undefined) => void;
  readonly drop: () => void;
}

/** Draws a chart into an element of the page, in the one hand of the drawings: ink lines, one accent. */
export function drawChart(host: HTMLElement, data: ChartData, now: string): Drawn {
  const colors = palette(host);
  const chart = echarts.init(host, undefined, { renderer: 'svg' });
  const font = getComputedStyle(host).fontFamily;
  const text = { fontFamily: font, fontSize: 13, color: colors.soft };
  const [low, high] = reach(data);
  const limitColor = { target: colors.soft, soon: colors.soon, due: colors.due } as const;
  const byTime = data.by === 'time';
  const labelled = apart(data, host.clientWidth - SIDES);
  chart.setOption({
    animation: false,
    textStyle: { fontFamily: font },
    grid: { left: 48, right: 62, top: 42, bottom: 30 },
    tooltip: {
      trigger: 'item',
      backgroundColor: colors.sheet,
      borderColor: colors.ink,
      textStyle: { ...text, color: colors.ink },
      formatter: (item: { dataIndex: number; seriesIndex: number }) =>
        item.seriesIndex === 0 ? (data.dots[item.dataIndex]?.label ?? '') : '',
    },
    xAxis: {
      type: byTime ? 'time' : 'value',
      axisLine: { lineStyle: { color: colors.ink } },
      axisTick: { lineStyle: { color: colors.ink } },
      splitLine: { show: false },
      splitNumber: 4,
      axisLabel: {
        ...text,
        hideOverlap: true,
        formatter: (value: number) =>
          byTime ? day(new Date(value).toISOString(), now) : formatNumber(value),
      },
      ...(byTime ? {} : { name: data.xUnit, nameTextStyle: text, scale: true }),
    },
    yAxis: {
      type: 'value',
      min: low,
      max: high,
      splitNumber: 4,
      name: data.unit,
      nameGap: 22,
      nameTextStyle: { ...text, align: 'right' },
      axisLine: { show: true, lineStyle: { color: colors.ink } },
      axisTick: { show: true, lineStyle: { color: colors.ink } },
      splitLine: { lineStyle: { color: colors.line, width: 0.6 } },
      axisLabel: {
        ...text,
        showMinLabel: false,
        showMaxLabel: false,
        formatter: (value: number) => formatNumber(value, data.decimals),
      },
    },
    series: [
      {
        type: 'scatter',
        symbolSize: 10,
        data: data.dots.map(({ x, y, hollow }) => ({
          value: [x, y],
          itemStyle: {
            color: hollow ? colors.sheet : colors.accent,
            borderColor: colors.accent,
            borderWidth: 1.8,
          },
        })),
        emphasis: { scale: 1.5 },
        ...(data.limits.length > 0 && {
          markLine: {
            symbol: 'none',
            silent: true,
            data: data.limits.map(({ y, label, kind }) => ({
              yAxis: y,
              lineStyle: {
                color: limitColor[kind],
                width: kind === 'target' ? 1.2 : 2,
                type: kind === 'target' ? 'dashed' : 'solid',
              },
              label: {
                ...text,
                color: limitColor[kind],
                formatter: label,
                position: 'end',
              },
            })),
          },
        }),
        ...(data.band && {
          markArea: {
            silent: true,
            itemStyle: { color: colors.wash },
            data: [[{ yAxis: data.band[0] }, { yAxis: data.band[1] }]],
          },
        }),
      },
      {
        type: 'line',
        symbol: 'none',
        silent: true,
        data: data.line.map(([x, y]) => [x, y]),
        lineStyle: { color: colors.ink, width: 1.6, type: 'dashed' },
        ...(data.works.length > 0 && {
          markLine: {
            symbol: ['none', 'none'],
            silent: true,
            data: data.works.map(({ x, label }, i) => ({
              xAxis: x,
              lineStyle: { color: colors.soft, width: 1, type: 'dotted' },
              label: {
                ...text,
                fontSize: 12,
                show: labelled.has(i),
                formatter: label,
                position: 'end' as const,
                rotate: 0,
                width: 110,
                overflow: 'truncate' as const,
              },
            })),
          },
        }),
      },
    ],
  });
  const fit = new ResizeObserver(() => chart.resize());
  fit.observe(host);
  return {
    point: (index) =>
      chart.dispatchAction(
        index === undefined ? { type: 'hideTip' } : { type: 'showTip', seriesIndex: 0, dataIndex: index },
      ),
    drop: () => {
      fit.disconnect();
      chart.dispose();
    },
  };
}
