'use client';

import Box from '@mui/material/Box';
import type { TimelineEvent } from '@cobbet/core/book/dipTimeline';
import { bodyWords, wordRange } from '@cobbet/core/mix/bodyWords';
import type { Band } from '@cobbet/core/mix/targets';
import { shortDay } from '@/components/day';
import { straightScale } from '@/components/scale';
import { useWidth } from '@/components/useWidth';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const height = 230;
const top = 12;
/** Under the bodies a row of what else there was, and under that the days. */
const marksY = height - 44;
const bottom = marksY - 18;
const left = 64;
const right = 16;
const dayMs = 86_400_000;

const msOf = ({ at }: TimelineEvent) => Date.parse(at.length === 10 ? `${at}T12:00` : at);

/** Days that are written under the axis: the ends, and what stands far enough from those before. */
function writtenDays(at: readonly number[], x: (ms: number) => number): number[] {
  const kept: number[] = [];
  for (const ms of at) {
    if (kept.every((one) => Math.abs(x(one) - x(ms)) > 64)) kept.push(ms);
  }
  return kept;
}

/** What was read of a dip over time against what it is to be, and under it what else happened when. */
export function TimelineChart({
  events,
  band,
}: {
  events: readonly TimelineEvent[];
  /** What it is to be when it is eaten. */
  band: Band | undefined;
}) {
  const { ref, width } = useWidth<HTMLDivElement>(900);
  const times = events.map(msOf);
  const from = Math.min(...times) - dayMs / 2;
  const to = Math.max(...times, from + 2 * dayMs) + dayMs / 2;
  const x = straightScale([from, to], [left, Math.max(left + 1, width - right)]);
  const read = events.flatMap((one) =>
    one.body === null ? [] : [{ ...one, ms: msOf(one), body: one.body }],
  );
  const bodies = [...read.map(({ body }) => body), ...[band?.low ?? [], band?.high ?? []].flat()];
  const [low, high] = [Math.min(4, ...bodies) - 0.5, Math.max(8, ...bodies) + 0.5];
  const y = straightScale([low, high], [bottom, top]);
  const words = bodyWords.flatMap((word) => {
    const range = wordRange(word);
    const at = (Math.max(low, range.low) + Math.min(high, range.high)) / 2;
    return range.high > low + 0.3 && range.low < high - 0.3 ? [{ word, at, edge: range.low }] : [];
  });
  const spoken = read.map(({ title, body }) => `${title} ${body.toFixed(1)}`).join('; ');
  return (
    <Box ref={ref} sx={{ minWidth: 0 }}>
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={`Body over time: ${spoken === '' ? 'nothing was read yet' : spoken}. The list says the rest`}
        fontSize={typeScale.tiny}
        style={{ display: 'block' }}
      >
        {band && (
          <rect
            x={left}
            width={Math.max(0, width - right - left)}
            y={y(band.high ?? high)}
            height={Math.max(2, y(band.low ?? low) - y(band.high ?? high))}
            fill={colour.band}
          />
        )}
        {words.map(({ word, at, edge }) => (
          <g key={word} fill={colour.muted}>
            <text x={0} y={y(at) + 4}>
              {word}
            </text>
            {edge > low && (
              <line
                x1={left}
                x2={width - right}
                y1={y(edge)}
                y2={y(edge)}
                stroke={colour.line}
                strokeDasharray="2 4"
              />
            )}
          </g>
        ))}
        <polyline
          points={read.map(({ ms, body }) => `${x(ms)},${y(body)}`).join(' ')}
          fill="none"
          stroke={colour.accent}
          strokeWidth={2}
        />
        {read.map(({ id, ms, body, title }) => (
          <g key={id}>
            <circle
              cx={x(ms)}
              cy={y(body)}
              r={5}
              fill={colour.paper}
              stroke={colour.accent}
              strokeWidth={2.5}
            />
            <text
              x={x(ms)}
              y={y(body) - 10}
              textAnchor="middle"
              fill={colour.ink}
              stroke={colour.paper}
              strokeWidth={3}
              paintOrder="stroke"
            >
              {title.replace('Trial ', '')}
            </text>
          </g>
        ))}
        <line x1={left} x2={width - right} y1={marksY} y2={marksY} stroke={colour.line} />
        {events.map((event) => {
          const at = x(msOf(event));
          if (event.kind === 'trial') {
            return (
              <line
                key={event.id}
                x1={at}
                x2={at}
                y1={marksY - 4}
                y2={marksY + 4}
                stroke={colour.accent}
                strokeWidth={2}
              />
            );
          }
          return (
            <rect
              key={`${event.kind} ${event.id}`}
              x={at - 4}
              y={marksY - 4}
              width={8}
              height={8}
              fill={event.kind === 'tasting' ? colour.bandEdge : colour.muted}
              transform={event.kind === 'tasting' ? `rotate(45 ${at} ${marksY})` : undefined}
            >
              <title>{event.title}</title>
            </rect>
          );
        })}
        {writtenDays(times, x).map((ms) => (
          <text key={ms} x={x(ms)} y={height - 18} textAnchor="middle" fill={colour.muted}>
            {shortDay(new Date(ms).toISOString())}
          </text>
        ))}
      </svg>
      <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
        ○ body as it was read, with its trial’s number · green: what it is to be · ◆ tasted together
        · ■ a batch, a swap, a day
      </Box>
    </Box>
  );
}
