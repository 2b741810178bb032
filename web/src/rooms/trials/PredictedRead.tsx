import { straightScale } from '@/components/scale';
import type { Analysis } from '@cobbet/core/dip/analyse';
import type { Dip } from '@cobbet/core/dip/dip';
import { momentsOf } from '@cobbet/core/mix/bodyMoments';
import type { Trial } from '@cobbet/core/book/trial';
import { readingAt } from '@cobbet/core/readings/keptReading';
import { bodyWords, wordRange } from '@cobbet/core/mix/bodyWords';
import { bodyFigure } from '@/components/bodyText';
import { ReadingError } from '@/components/reading/ReadingError';
import { readBody, readingSd, readingText } from '@/components/reading/readingText';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const width = 430;
/** Height of a moment, px. */
const momentHeight = 50;
const x = straightScale([1.5, 12], [58, width - 8]);

/** Moments that are drawn: those a reading can be of always, the others where the dip is used so. */
const drawn = [
  { name: 'warmBody', label: 'warm', when: 'machine' },
  { name: 'pastaBody', label: 'on pasta', when: null },
  { name: 'servedBody', label: 'at table', when: null },
  { name: 'chilledBody', label: 'chilled', when: 'chilled' },
] as const;

/** Predicted body with its spread against what the spoon showed, at each moment it is used, on the words' axis. */
export function PredictedRead({
  dip,
  trial,
  analysis,
}: {
  dip: Pick<Dip, 'moments' | 'targets'>;
  trial: Trial;
  analysis: Analysis;
}) {
  const { sd } = analysis;
  const used = momentsOf(dip);
  const lines = drawn
    .filter(({ name, when }) => when !== null || used.includes(name))
    .map(({ name, label, when }, i) => ({
      ...{ label, body: analysis[name], y: 44 + i * momentHeight },
      read: when === null ? null : readingAt(trial, when),
    }));
  const height = 18 + lines.length * momentHeight;
  const spoken = lines
    .map(({ label, body, read }) => {
      const predicted = body === null ? 'crumbs' : bodyFigure(body);
      return `${label}: predicted ${predicted}, ${read ? `read ${readingText(read)}` : 'not read'}`;
    })
    .join('; ');
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="img"
      aria-label={`Body, ${spoken}`}
      fontSize={typeScale.tiny}
    >
      {bodyWords.map((word) => {
        const { low, high } = wordRange(word);
        return (
          <g key={word}>
            <text
              x={x((low + high) / 2)}
              y={12}
              fontSize={typeScale.tiny}
              textAnchor="middle"
              fill={colour.muted}
            >
              {word}
            </text>
            <line
              x1={x(low)}
              x2={x(low)}
              y1={18}
              y2={height - 4}
              stroke={colour.line}
              strokeDasharray="1 4"
              strokeLinecap="round"
            />
          </g>
        );
      })}
      {lines.map(({ label, body, y, read }) => (
        <g key={label}>
          <text x={0} y={y + 4} fontSize={typeScale.small} fill={colour.ink}>
            {label}
          </text>
          <line x1={58} x2={width - 8} y1={y} y2={y} stroke={colour.line} />
          {body !== null && (
            <>
              <rect
                x={x(body - sd)}
                y={y - 6}
                width={x(body + sd) - x(body - sd)}
                height={12}
                rx={6}
                fill={colour.accent}
                opacity={0.18}
              />
              <path
                d={`M${x(body)} ${y - 6}l6 6l-6 6l-6 -6z`}
                fill={colour.paper}
                stroke={colour.accent}
                strokeWidth={2}
              />
              <text
                x={x(body)}
                y={y - 10}
                textAnchor="middle"
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
            <>
              <ReadingError
                x1={x(readBody(read) - readingSd(read))}
                x2={x(readBody(read) + readingSd(read))}
                y1={y}
                y2={y}
              />
              <path
                d={`M${x(readBody(read)) - 5} ${y - 5}l10 10m0 -10l-10 10`}
                stroke={colour.ink}
                strokeWidth={2.2}
                strokeLinecap="round"
              />
              <text
                x={x(readBody(read))}
                y={y + 18}
                textAnchor="middle"
                fill={colour.ink}
                stroke={colour.paper}
                strokeWidth={3}
                paintOrder="stroke"
              >
                read {readingText(read)}
              </text>
            </>
          )}
        </g>
      ))}
    </svg>
  );
}
