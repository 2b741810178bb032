'use client';

import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import { aimAtWord, wordsIn } from '@cobbet/core/mix/aimAtWord';
import { bodyWords, wordShows } from '@cobbet/core/mix/bodyWords';
import { type Band, isBody, missOf, type TargetName, targetWords } from '@cobbet/core/mix/targets';
import { useState } from 'react';
import { capital } from '@/components/bodyText';
import { LabelledField } from '@/components/LabelledField';
import { typedNumber } from '@/components/reading/readingText';
import { SpoonPicture } from '@/components/SpoonPicture';
import { useLeaving } from '@/components/useLeaving';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { mostOf } from './aimable';

const typed = (end: number | null) => (end === null ? '' : String(end));

/** What is wrong with two ends as they are typed; null where nothing is. An empty end is an open one. */
function faultOf(name: TargetName, low: string, high: string): string | null {
  const ends = [low, high].map((text) => (text.trim() === '' ? null : typedNumber(text)));
  const most = mostOf(name);
  for (const [i, text] of [low, high].entries()) {
    const value = ends[i] ?? null;
    if (text.trim() !== '' && (value === null || value < 0 || value > most)) {
      return `${i === 0 ? 'From' : 'To'}: a figure from 0 to ${most}.`;
    }
  }
  const [from, to] = ends;
  if (from === null && to === null) return 'One end must be a figure.';
  return from !== null && to !== null && from !== undefined && to !== undefined && from > to
    ? 'From is above to.'
    : null;
}

/** The two ends of a target, typed; kept when they are left and make sense. */
function Ends({
  name,
  band,
  onBand,
}: {
  name: TargetName;
  band: Band;
  onBand: (band: Band) => void;
}) {
  const [text, setText] = useState<{ low: string; high: string } | null>(null);
  const shown = text ?? { low: typed(band.low), high: typed(band.high) };
  const fault = faultOf(name, shown.low, shown.high);
  const keep = () => {
    if (!text || fault) return;
    const low = typedNumber(text.low);
    const high = typedNumber(text.high);
    if (low !== band.low || high !== band.high) onBand({ low, high });
  };
  useLeaving(keep);
  const words = targetWords[name].name;
  return (
    <Box
      onBlur={() => {
        keep();
        if (!fault) setText(null);
      }}
      sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mt: 0.75 }}
    >
      {(['low', 'high'] as const).map((end) => (
        <LabelledField
          key={end}
          size="small"
          label={end === 'low' ? 'from' : 'to'}
          value={shown[end]}
          error={fault !== null}
          onChange={(event) => setText({ ...shown, [end]: event.target.value.slice(0, 12) })}
          htmlInput={{
            inputMode: 'decimal',
            'aria-label': `${capital(words)}, ${end === 'low' ? 'from' : 'to'}`,
          }}
        />
      ))}
      {fault && (
        <Box
          role="alert"
          sx={{ gridColumn: '1 / -1', color: colour.caution, fontSize: typeScale.note }}
        >
          {fault}
        </Box>
      )}
    </Box>
  );
}

/** A body to aim at by its word; a neighbour as well is both. */
function Words({
  name,
  band,
  onBand,
}: {
  name: string;
  band: Band;
  onBand: (band: Band | null) => void;
}) {
  const aimed = wordsIn(band);
  return (
    <Box
      role="group"
      aria-label={`${capital(name)} in words`}
      sx={{ display: 'grid', gridTemplateColumns: 'repeat(7, minmax(0, 1fr))', mt: 0.5 }}
    >
      {bodyWords.map((word) => {
        const mine = aimed.includes(word);
        return (
          <Box
            key={word}
            component="button"
            type="button"
            aria-pressed={mine}
            aria-label={word}
            title={`${word}: ${wordShows[word]}`}
            onClick={() => onBand(aimAtWord(band, word))}
            sx={{
              ...{ border: 0, p: 0, minHeight: 48, cursor: 'pointer', font: 'inherit' },
              ...{ bgcolor: mine ? colour.band : 'transparent', color: colour.ink },
              ...{ fontSize: typeScale.tiny, fontWeight: 700, whiteSpace: 'nowrap' },
              '&:hover': { bgcolor: mine ? colour.band : colour.paper },
            }}
          >
            <SpoonPicture word={word} size={26} />
            {/* side by side the words would run into one another */}
            <div>{mine ? word : '\u00a0'}</div>
          </Box>
        );
      })}
    </Box>
  );
}

/** A figure that is not where it is to be, in a word. */
function offWords(name: TargetName, below: boolean): string {
  if (isBody(name)) return below ? 'too loose' : 'too stiff';
  return below ? 'short' : 'over';
}

/** One figure that is aimed at: where it is, where it is to be, in words for a body and in figures for all. */
export function AimedFigure({
  name,
  note,
  value,
  now,
  band,
  onBand,
}: {
  name: TargetName;
  /** More of when it is, or in what; nothing for what says itself. */
  note?: string;
  value: number | null;
  /** As it is now, in words. */
  now: string;
  band: Band;
  onBand: (band: Band | null) => void;
}) {
  const words = targetWords[name].name;
  const miss = value === null ? 0 : missOf(value, band);
  return (
    <Box component="li" sx={{ borderTop: `1px solid ${colour.line}`, py: 1 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.5 }}>
        <Box sx={{ flex: 1, minWidth: 0, lineHeight: 1.3 }}>
          <strong>{capital(words)}</strong>{' '}
          <Box component="span" sx={{ color: miss === 0 ? colour.muted : colour.caution }}>
            {now}
            {miss !== 0 && `, ${offWords(name, miss > 0)}`}
          </Box>
          {note && <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>{note}</Box>}
        </Box>
        <IconButton size="small" aria-label={`No target for ${words}`} onClick={() => onBand(null)}>
          <Close fontSize="inherit" />
        </IconButton>
      </Box>
      {isBody(name) && <Words name={words} band={band} onBand={onBand} />}
      <Ends name={name} band={band} onBand={onBand} />
    </Box>
  );
}
