import Box from '@mui/material/Box';
import type { PanelResult } from '@cobbet/core/taste/panelResult';
import type { JarName, Tasting } from '@cobbet/core/taste/tasting';
import { ChartFile } from '@/components/chart/ChartFile';
import { useWidth } from '@/components/useWidth';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { jarWords, sideWords } from '../jarWords';
import { chance } from './saidWords';

/** How many find it short, right and over. */
function counts({ marks }: Tasting, code: string, name: JarName) {
  const given = marks.flatMap((mark) => (mark.code === code ? (mark.jar?.[name] ?? []) : []));
  const of = (test: (mark: number) => boolean) => given.filter(test).length;
  return {
    n: given.length,
    low: of((mark) => mark < 3),
    right: of((mark) => mark === 3),
    high: of((mark) => mark > 3),
  };
}

/** What each side costs in liking, a line each, where enough stand there. */
function costLines(panel: PanelResult, code: string, name: JarName): string[] {
  return panel.penalties
    .filter(({ sample, attribute, drop }) => sample === code && attribute === name && drop !== null)
    .map(({ side, drop, p, n }) => {
      const by = drop ?? 0;
      const liked = by >= 0 ? `liked ${by.toFixed(1)} less` : `liked ${(-by).toFixed(1)} more`;
      return `${sideWords(name)[side]}: ${liked} by ${n}${p === null ? '' : ` (${chance(p)})`}`;
    });
}

/** Until it is known how wide it may be, px. */
const usualWidth = 400;
const barLeft = 72;
const barHeight = 24;
const lineHeight = 17;
const rowGap = 10;
/** A letter of what stands in a bar is about so wide, px. */
const letterPx = 7;

/** A part of a bar: so many find it so. */
interface Segment {
  what: string;
  count: number;
  side: 'low' | 'right' | 'high';
}

const inkOf = { low: colour.caution, right: colour.ink, high: colour.caution } as const;
const fillOf = { low: colour.cautionWash, right: colour.band, high: colour.cautionWash } as const;
const anchorOf = { low: 'start', right: 'middle', high: 'end' } as const;

/** One bar, cut by how many find it short, right and over. */
function Bar({
  y,
  n,
  segments,
  width,
}: {
  y: number;
  n: number;
  segments: readonly Segment[];
  width: number;
}) {
  const perTaster = (width - barLeft) / n;
  return segments.map(({ what, count, side }, i) => {
    if (count === 0) return null;
    const before = segments.slice(0, i).reduce((sum, one) => sum + one.count, 0);
    const left = barLeft + before * perTaster;
    const wide = count * perTaster - 2;
    const words = `${count} ${what}`;
    const at = { low: left + 5, right: left + wide / 2, high: left + wide - 5 }[side];
    return (
      <g key={side}>
        <title>{`${count} of ${n} ${what}`}</title>
        <rect x={left} y={y} width={wide} height={barHeight} fill={fillOf[side]} />
        <text
          x={at}
          y={y + 16.5}
          textAnchor={anchorOf[side]}
          fill={inkOf[side]}
          fontWeight={side === 'right' ? 400 : 700}
        >
          {words.length * letterPx < wide - 8 ? words : count}
        </text>
      </g>
    );
  });
}

/** Bars of what was asked of a pot, one below the other, px. */
function barsOf(tasting: Tasting, panel: PanelResult, code: string) {
  let height = 0;
  const rows = tasting.asks.jar.flatMap((name) => {
    const { n, ...own } = counts(tasting, code, name);
    if (n === 0) return [];
    const { low, high } = sideWords(name);
    const segments: Segment[] = [
      { what: low, count: own.low, side: 'low' },
      { what: 'right', count: own.right, side: 'right' },
      { what: high, count: own.high, side: 'high' },
    ];
    const costs = costLines(panel, code, name);
    const y = height;
    height += barHeight + costs.length * lineHeight + rowGap;
    return [{ name, n, segments, costs, y }];
  });
  return { rows, height };
}

/** Of one pot: who finds what short, right and over, and what that costs in liking. */
export function JarBars({
  tasting,
  panel,
  code,
  title,
}: {
  tasting: Tasting;
  panel: PanelResult;
  code: string;
  title: string;
}) {
  const { ref, width } = useWidth<HTMLDivElement>(usualWidth);
  const { rows, height } = barsOf(tasting, panel, code);
  if (rows.length === 0) return null;
  const spoken = rows
    .map(({ name, segments, costs }) => {
      const said = segments.map(({ what, count }) => `${count} ${what}`).join(', ');
      return [`${jarWords[name].name}: ${said}`, ...costs].join('; ');
    })
    .join('. ');
  return (
    <Box
      ref={ref}
      component="section"
      aria-label={`Just right, ${title}`}
      sx={{ minWidth: 0, maxWidth: 600 }}
    >
      <ChartFile
        title={`${tasting.name}, ${title}: short, right or over`}
        head={<Box sx={{ fontWeight: 700, mb: 0.5, overflowWrap: 'anywhere' }}>{title}</Box>}
      >
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={spoken}
          fontSize={typeScale.small}
          style={{ display: 'block' }}
        >
          {rows.map(({ name, n, segments, costs, y }) => (
            <g key={name}>
              <text x={0} y={y + 16.5} fill={colour.ink} fontSize={typeScale.note}>
                {jarWords[name].name}
              </text>
              <Bar {...{ y, n, segments, width }} />
              {costs.map((words, i) => (
                <text
                  key={words}
                  x={barLeft}
                  y={y + barHeight + 13 + i * lineHeight}
                  fill={colour.muted}
                >
                  {words}
                </text>
              ))}
            </g>
          ))}
        </svg>
      </ChartFile>
    </Box>
  );
}
