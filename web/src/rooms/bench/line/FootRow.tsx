'use client';

import Close from '@mui/icons-material/Close';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import type { CSSProperties } from 'react';
import { type BodyWord, bodyWord } from '@cobbet/core/mix/bodyWords';
import { guessFrom } from '@cobbet/core/mix/priorSd';
import { type Band, missOf } from '@cobbet/core/mix/targets';
import { BandSlider } from '@/components/BandSlider';
import { bodyFigure, capital } from '@/components/bodyText';
import { SpoonPicture } from '@/components/SpoonPicture';
import { WhyMark } from '@/components/why/WhyMark';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { useBenchLayout } from './benchLayout';
import { footHeight } from './lineGeometry';
import type { LineAxis } from './shownQuantity';

// styles of the elements themselves: the feet change with every key, and a class would be worked out anew each time
const lying = {
  foot: { height: footHeight, display: 'flex', alignItems: 'center', position: 'relative' },
  picture: { width: 52, flexShrink: 0, textAlign: 'center' },
  words: { minWidth: 0, lineHeight: 1.25 },
  figures: { fontSize: typeScale.small, color: colour.muted },
  over: { position: 'absolute', top: 0, bottom: 0 },
} satisfies Record<string, CSSProperties>;

/** How a value stands to its target, in words. */
export function targetText(value: number | null, band: Band | undefined): string {
  if (!band) return 'no target';
  const { low, high } = band;
  const range =
    low === null
      ? `up to ${bodyFigure(high ?? 0)}`
      : high === null
        ? `${bodyFigure(low)} or more`
        : `${bodyFigure(low)}–${bodyFigure(high)}`;
  if (value === null) return `target ${range}`;
  const miss = missOf(value, band);
  if (Math.abs(miss) < 0.005) return `inside your ${range}`;
  const by = Math.max(0.1, Math.abs(miss)).toFixed(1);
  return `${by} ${miss > 0 ? 'looser' : 'stiffer'} than your ${range}`;
}

/** Where the dip stands at one moment, in words at the left and as a target to move at the right. */
export function FootRow({
  when,
  warmth,
  body,
  sd,
  band,
  axis,
  onBand,
  onWhy,
}: {
  when: string;
  /** How warm it is then. */
  warmth: string;
  body: number | null;
  sd: number;
  band: Band | undefined;
  axis: LineAxis;
  onBand: (band: Band | null) => void;
  onWhy: () => void;
}) {
  const { rowsWidth: axisLeft, inHand } = useBenchLayout();
  const word: BodyWord | null = body === null ? null : bodyWord(body);
  const [from, to] = axis.domain;
  const left = axis.x(from);
  const right = axis.x(to);
  const name = `Target body, ${when}`;
  const inside = band !== undefined && body !== null && missOf(body, band) === 0;
  const aim = () => {
    const middle = Math.min(to - 0.5, Math.max(from + 0.5, body ?? 7));
    const round = (x: number) => Number(x.toFixed(1));
    onBand({ low: round(middle - 0.4), high: round(middle + 0.4) });
  };
  return (
    <div style={lying.foot}>
      {!inHand && <div style={lying.picture}>{word && <SpoonPicture word={word} size={34} />}</div>}
      <div style={inHand ? { ...lying.words, width: axisLeft, paddingRight: 4 } : lying.words}>
        <div
          title={warmth}
          style={{ fontWeight: 700, fontSize: inHand ? typeScale.note : typeScale.lead }}
        >
          {capital(word ?? 'crumbs')}, {when}
        </div>
        <div style={lying.figures}>
          {body === null
            ? 'not yet a paste'
            : `${sd >= guessFrom ? 'a guess: ' : ''}body ${bodyFigure(body)} ± ${bodyFigure(sd)}`}
          {body !== null && <WhyMark of={`the body, ${when}`} onAsk={onWhy} />}
          {' · '}
          {inHand && !band ? (
            // beside the words: over a short axis it would lie on the line
            <Button
              size="small"
              onClick={aim}
              aria-label={`Set a ${name.toLowerCase()}`}
              sx={{ p: 0, minWidth: 0, minHeight: 24, verticalAlign: 'baseline' }}
            >
              aim here
            </Button>
          ) : (
            <span
              style={{
                color: band ? (inside ? colour.bandEdge : colour.caution) : colour.muted,
                fontWeight: band ? 600 : 400,
              }}
            >
              {targetText(body, band)}
            </span>
          )}
        </div>
      </div>
      <div style={{ ...lying.over, left: axisLeft, right: 0 }}>
        {band ? (
          <>
            <div style={{ ...lying.over, left, width: right - left }}>
              <BandSlider
                name={name}
                band={band}
                from={from}
                to={to}
                step={0.1}
                onChange={onBand}
              />
            </div>
            <IconButton
              title="No target"
              size="small"
              aria-label={`Take away the ${name.toLowerCase()}`}
              onClick={() => onBand(null)}
              sx={{ position: 'absolute', right: inHand ? -8 : 0, top: inHand ? -6 : 13 }}
            >
              <Close fontSize="inherit" />
            </IconButton>
          </>
        ) : inHand ? null : (
          <Button
            size="small"
            onClick={aim}
            aria-label={`Set a ${name.toLowerCase()}`}
            sx={{ position: 'absolute', right: 0, top: 13, bgcolor: colour.paper }}
          >
            Set a target
          </Button>
        )}
      </div>
    </div>
  );
}
