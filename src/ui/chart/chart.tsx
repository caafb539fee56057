import { lazy, Suspense, useEffect, useState } from 'react';
import type { ApexOptions } from 'apexcharts';
import { useNear } from '../use-near';
import { whenTouched } from '../touched/when-touched';

// Half a megabyte: fetched only where a chart is shown.
const Apex = lazy(() => import('react-apexcharts'));

/** Tones of the theme that charts are drawn in. */
const TONES = ['base-content', 'base-300', 'primary', 'accent', 'secondary', 'info', 'success', 'warning'] as const;
export type Tone = (typeof TONES)[number];

function tonesNow(): Record<Tone, string> {
  const style = getComputedStyle(document.documentElement);
  return Object.fromEntries(TONES.map((tone) => [tone, style.getPropertyValue(`--color-${tone}`).trim()])) as Record<
    Tone,
    string
  >;
}

/** The theme's tones, those of the other once it is changed. */
function useTones(): Record<Tone, string> {
  const [tones, setTones] = useState(tonesNow);
  useEffect(() => {
    const watch = new MutationObserver(() => setTones(tonesNow()));
    watch.observe(document.documentElement, { attributeFilter: ['data-theme'] });
    return () => watch.disconnect();
  }, []);
  return tones;
}

export interface Series {
  readonly name: string;
  readonly tone: Tone;
  /** Width of its line, px; an area is filled under it where it is none. */
  readonly width?: number;
  readonly dashed?: boolean;
  readonly points: readonly (readonly [x: number, y: number])[];
}

/** A place along the x axis that is marked with a line and words. */
export interface Mark {
  readonly at: number;
  readonly words: string;
}

interface ChartProps {
  label: string;
  kind: 'line' | 'step' | 'bar' | 'dots';
  series: readonly Series[];
  x: { readonly title: string; readonly words: (value: number) => string; readonly ticks?: number };
  y: { readonly title: string; readonly words: (value: number) => string };
  marks?: readonly Mark[];
  height?: number;
}

/**
 * Numbers over numbers as lines or steps, or as dots with lines through them (a series with a width is a line), or over words as bars on each other, in the studio's units and the theme's tones. What it shows is said in words by `label`, and
 * stands in a table beside it.
 */
export function Chart({ label, height = 200, ...rest }: ChartProps) {
  // Drawn where and when it is looked at: a server has no theme to draw in, and what is drawn far down keeps the page waiting.
  const [isNear, ref] = useNear('0px', whenTouched);
  return (
    <div ref={ref} role="img" aria-label={label} style={{ minHeight: height }}>
      {isNear && (
        <Suspense fallback={null}>
          <Drawn {...rest} height={height} />
        </Suspense>
      )}
    </div>
  );
}

function Drawn({ kind, series, x, y, marks = [], height }: Omit<ChartProps, 'label'>) {
  const tones = useTones();
  const nonce = document.querySelector<HTMLMetaElement>('meta[name="chart-nonce"]')?.content;
  const type = kind === 'bar' ? 'bar' : 'line';
  const options: ApexOptions = {
    chart: {
      type,
      stacked: kind === 'bar',
      toolbar: { show: false },
      zoom: { enabled: false },
      animations: { enabled: false },
      fontFamily: 'inherit',
      foreColor: tones['base-content'],
      background: 'transparent',
      ...(nonce && { nonce }),
    },
    colors: series.map(({ tone }) => tones[tone]),
    stroke: {
      curve: kind === 'step' ? 'stepline' : 'straight',
      width: kind === 'bar' ? 0 : series.map(({ width = kind === 'dots' ? 0 : 2 }) => width),
      dashArray: series.map(({ dashed }) => (dashed ? 5 : 0)),
    },
    ...(kind === 'dots' && { markers: { size: series.map(({ width }) => (width ? 0 : 4)), strokeWidth: 0 } }),
    plotOptions: { bar: { columnWidth: '60%', borderRadius: 0 } },
    dataLabels: { enabled: false },
    grid: { borderColor: tones['base-300'], padding: { left: 8, right: 12, ...(marks.length > 0 && { top: 8 }) } },
    legend: { show: series.length > 1, position: 'top', horizontalAlign: 'left', offsetY: 4 },
    tooltip: {
      theme: false as unknown as string,
      x: { formatter: (value) => (kind === 'bar' ? String(value) : x.words(value)) },
      y: { formatter: y.words },
    },
    xaxis: {
      type: kind === 'bar' ? 'category' : 'numeric',
      title: { text: x.title, style: { fontWeight: 400 } },
      tickAmount: x.ticks ?? 8,
      labels: {
        rotate: 0,
        hideOverlappingLabels: true,
        formatter: (value) => (kind === 'bar' ? value : x.words(Number(value))),
      },
      tooltip: { enabled: false },
    },
    yaxis: {
      title: { text: y.title, style: { fontWeight: 400 } },
      labels: { formatter: y.words },
      ...(kind !== 'dots' && series.every(({ points }) => points.every(([, value]) => value >= 0)) && { min: 0 }),
      forceNiceScale: true,
    },
    annotations: {
      xaxis: marks.map(({ at, words }) => ({
        x: at,
        borderColor: tones.accent,
        strokeDashArray: 0,
        label: {
          text: words,
          orientation: 'horizontal',
          // Over the drawing, where no line goes through it.
          offsetY: -14,
          borderWidth: 0,
          style: { background: 'transparent', color: tones['base-content'] },
        },
      })),
    },
  };
  return (
    <div aria-hidden="true">
      <Apex
        type={type}
        height={height}
        options={options}
        series={series.map(({ name, points, width }) => ({
          name,
          ...(kind === 'dots' && { type: width ? 'line' : 'scatter' }),
          data: points.map(([px, py]) => ({ x: kind === 'bar' ? x.words(px) : px, y: py })),
        }))}
      />
    </div>
  );
}
