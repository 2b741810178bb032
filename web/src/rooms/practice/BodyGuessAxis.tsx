'use client';

import Box from '@mui/material/Box';
import { type BodyWord, bodyWord, bodyWords, wordRange } from '@cobbet/core/mix/bodyWords';
import type { Band } from '@cobbet/core/mix/targets';
import type { KeyboardEvent, PointerEvent } from 'react';
import { SpoonPicture } from '@/components/SpoonPicture';
import { straightScale } from '@/components/scale';
import { useWidth } from '@/components/useWidth';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const ends = [1.5, 12] as const;
const height = 132;
const line = 84;
const inset = 14;
const step = 0.1;
const spoonsFrom = 520;

const moves: Readonly<Record<string, number>> = {
  ArrowLeft: -step,
  ArrowDown: -step,
  ArrowRight: step,
  ArrowUp: step,
  PageDown: -1,
  PageUp: 1,
};

const held = (body: number) => Math.round(Math.min(ends[1], Math.max(ends[0], body)) / step) * step;

/**
 * The body axis to guess on: what is right here, what the spoon shows now, and a handle put where the bowl is expected to stand. Nothing is
 * set before it is touched.
 */
export function BodyGuessAxis({
  aim,
  eye,
  guess,
  onGuess,
}: {
  aim: Band;
  eye: BodyWord | null;
  guess: number | null;
  onGuess: (body: number) => void;
}) {
  const { ref, width } = useWidth<HTMLDivElement>(560);
  const x = straightScale(ends, [inset, width - inset]);
  const spoons = width >= spoonsFrom;
  const above = spoons ? 0 : line - 52;
  const from = eye === null ? 7 : (wordRange(eye).low + wordRange(eye).high) / 2;
  const onKey = (event: KeyboardEvent) => {
    const by = moves[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onGuess(held((guess ?? from) + by));
  };
  const onPoint = (event: PointerEvent<HTMLDivElement>) => {
    if (event.type === 'pointermove' && event.buttons === 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    const box = event.currentTarget.getBoundingClientRect();
    onGuess(held(x.invert(event.clientX - box.left)));
  };
  const [low, high] = [aim.low ?? ends[0], aim.high ?? ends[1]];
  return (
    <Box
      ref={ref}
      role="slider"
      tabIndex={0}
      aria-label="Where the body will be"
      aria-valuemin={ends[0]}
      aria-valuemax={ends[1]}
      aria-valuenow={guess ?? from}
      aria-valuetext={
        guess === null ? 'not guessed yet' : `${bodyWord(guess)}, body ${guess.toFixed(1)}`
      }
      onKeyDown={onKey}
      onPointerDown={onPoint}
      onPointerMove={onPoint}
      sx={{ touchAction: 'pan-y', cursor: 'ew-resize', userSelect: 'none', borderRadius: 1 }}
    >
      <svg
        width={width}
        height={height - above}
        viewBox={`0 ${above} ${width} ${height - above}`}
        aria-hidden
        style={{ display: 'block' }}
      >
        <rect
          x={x(low)}
          y={line - 16}
          width={x(high) - x(low)}
          height={32}
          fill={colour.band}
          stroke={colour.bandEdge}
        />
        {eye !== null && (
          <rect
            x={x(wordRange(eye).low) + 1}
            y={spoons ? 4 : line - 48}
            width={x(wordRange(eye).high) - x(wordRange(eye).low) - 2}
            height={spoons ? line - 24 : 28}
            rx={6}
            fill={colour.board}
          />
        )}
        <line x1={inset} x2={width - inset} y1={line} y2={line} stroke={colour.ink} />
        {bodyWords.map((word) => {
          const { low: start, high: end } = wordRange(word);
          const middle = x((start + end) / 2);
          return (
            <g key={word}>
              <line x1={x(start)} x2={x(start)} y1={line - 5} y2={line + 5} stroke={colour.ink} />
              <text
                x={middle}
                y={line - 30}
                textAnchor="middle"
                fontSize={typeScale.tiny}
                fontWeight={word === eye ? 700 : 400}
                fill={word === eye ? colour.ink : colour.muted}
              >
                {word}
              </text>
              {spoons && (
                <g transform={`translate(${middle - 15} 6)`}>
                  <SpoonPicture word={word} size={30} />
                </g>
              )}
            </g>
          );
        })}
        <text
          x={x((low + high) / 2)}
          y={line + 32}
          textAnchor="middle"
          fontSize={typeScale.tiny}
          fill={colour.bandEdge}
        >
          right here
        </text>
        {guess !== null && (
          <g transform={`translate(${x(guess)} ${line})`}>
            <path d="M0-17 12 0 0 17-12 0z" fill={colour.accent} stroke={colour.paper} />
            <text
              y={46}
              textAnchor="middle"
              fontSize={typeScale.small}
              fontWeight={700}
              fill={colour.accent}
            >
              {guess.toFixed(1)}
            </text>
          </g>
        )}
      </svg>
    </Box>
  );
}
