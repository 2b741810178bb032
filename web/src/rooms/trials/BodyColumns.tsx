import { bodyWords, wordRange } from '@cobbet/core/mix/bodyWords';
import { readingAt } from '@cobbet/core/readings/keptReading';
import { scaleBand, scalePoint } from 'd3-scale';
import { straightScale } from '@/components/scale';
import { bodyFigure } from '@/components/bodyText';
import { ReadingError } from '@/components/reading/ReadingError';
import { readBody, readingSd, readingText } from '@/components/reading/readingText';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { columnName, type ComparedTrial } from './useCompared';

const height = 270;
const top = 10;
const bottom = height - 26;
const moments = ['machine', 'chilled'] as const;

function spokenOf(one: ComparedTrial): string {
  const { trial, analysis, written } = one;
  const { warmBody } = analysis;
  const read = readingAt(trial, 'machine');
  const predicted = warmBody === null ? 'crumbs' : bodyFigure(warmBody);
  const shown = read ? `read ${readingText(read)}` : 'not read';
  return `${columnName(one)}: predicted ${predicted}${written ? '' : `, ${shown}`}`;
}

/** Predicted body with its band and what was read, warm and chilled, each trial in its own column, on one axis. */
export function BodyColumns({
  compared,
  columnWidth,
}: {
  compared: readonly ComparedTrial[];
  columnWidth: number;
}) {
  const width = columnWidth * compared.length;
  const bodies = compared.flatMap(({ trial, analysis }) => [
    analysis.warmBody,
    analysis.chilledBody,
    ...trial.readings.map(readBody),
  ]);
  const known = bodies.filter((body) => body !== null);
  const lowest = Math.min(12, ...known) - 0.9;
  const highest = Math.max(0, ...known) + 0.9;
  const y = straightScale([lowest, highest], [bottom, top]);
  const column = scaleBand(
    compared.map(({ trial }) => trial.id),
    [0, width],
  );
  const place = scalePoint<(typeof moments)[number]>(moments, [0, columnWidth]).padding(0.75);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      height={height}
      role="img"
      aria-label={`Body side by side. ${compared.map(spokenOf).join('; ')}`}
      fontSize={typeScale.tiny}
      style={{ display: 'block' }}
    >
      {bodyWords.map((word) => {
        const { low } = wordRange(word);
        if (low <= lowest || low >= highest) return null;
        return (
          <line
            key={word}
            x1={0}
            x2={width}
            y1={y(low)}
            y2={y(low)}
            stroke={colour.line}
            strokeDasharray="1 5"
            strokeLinecap="round"
          />
        );
      })}
      {bodyWords.map((word) => {
        const { low, high } = wordRange(word);
        const middle = (Math.max(low, lowest) + Math.min(high, highest)) / 2;
        if (middle <= lowest || middle >= highest || low > highest || high < lowest) return null;
        return (
          <text key={word} x={4} y={y(middle) + 4} fill={colour.muted} fontSize={typeScale.tiny}>
            {word}
          </text>
        );
      })}
      {compared.map(({ trial, analysis }) => {
        const left = column(trial.id) ?? 0;
        return (
          <g key={trial.id}>
            {moments.map((when) => {
              const cx = left + (place(when) ?? 0);
              const body = when === 'machine' ? analysis.warmBody : analysis.chilledBody;
              const read = readingAt(trial, when);
              const { sd } = analysis;
              const beside = read && body !== null && readBody(read) > body ? 15 : -8;
              return (
                <g key={when}>
                  <text
                    x={cx}
                    y={height - 8}
                    textAnchor="middle"
                    fill={colour.muted}
                    fontSize={typeScale.tiny}
                  >
                    {when === 'machine' ? 'warm' : 'chilled'}
                  </text>
                  {body !== null && (
                    <>
                      <rect
                        x={cx - 7}
                        width={14}
                        y={y(body + sd)}
                        height={y(body - sd) - y(body + sd)}
                        rx={7}
                        fill={colour.accent}
                        opacity={0.2}
                      />
                      <path
                        d={`M${cx} ${y(body) - 6}l6 6l-6 6l-6 -6z`}
                        fill={when === 'chilled' ? colour.accent : colour.paper}
                        stroke={colour.accent}
                        strokeWidth={2}
                      />
                      <text
                        x={cx + 11}
                        y={y(body) + beside - 3}
                        fill={colour.accent}
                        stroke={colour.paper}
                        strokeWidth={3}
                        paintOrder="stroke"
                      >
                        {bodyFigure(body)}
                      </text>
                    </>
                  )}
                  {read && (
                    <ReadingError
                      x1={cx}
                      x2={cx}
                      y1={y(readBody(read) - readingSd(read))}
                      y2={y(readBody(read) + readingSd(read))}
                    />
                  )}
                  {read && (
                    <path
                      d={`M${cx - 5.5} ${y(readBody(read)) - 5.5}l11 11m0 -11l-11 11`}
                      stroke={colour.ink}
                      strokeWidth={2.4}
                      strokeLinecap="round"
                    />
                  )}
                </g>
              );
            })}
          </g>
        );
      })}
    </svg>
  );
}
