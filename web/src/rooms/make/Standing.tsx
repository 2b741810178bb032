import Box from '@mui/material/Box';
import { bodyWord } from '@cobbet/core/mix/bodyWords';
import type { BowlHeat } from '@cobbet/core/mix/bowlHeat';
import { heatWords } from '@/components/heatWords';
import { bodyFigure } from '@/components/bodyText';
import { SpoonPicture } from '@/components/SpoonPicture';
import { WhyMark } from '@/components/why/WhyMark';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** A body as a picture with its word and figure. */
export function Standing({
  title,
  body,
  empty,
  heat = null,
  onWhy,
}: {
  title: string;
  body: number | null;
  empty: string;
  /** How warm it is in the machine; left out where that says nothing. */
  heat?: BowlHeat | null;
  /** The figure is asked about; left out where it can't be. */
  onWhy?: () => void;
}) {
  const word = body === null ? null : bodyWord(body);
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
      {word ? <SpoonPicture word={word} size={62} /> : <Box sx={{ width: 62 }} />}
      <Box sx={{ lineHeight: 1.2 }}>
        <Box sx={{ fontSize: typeScale.lead, color: colour.muted }}>{title}</Box>
        <Box sx={{ fontSize: typeScale.figure, fontWeight: 700 }}>{word ?? empty}</Box>
        {body !== null && (
          <Box sx={{ fontSize: typeScale.lead, color: colour.muted }}>
            body {bodyFigure(body)}
            {onWhy && <WhyMark of={title} onAsk={onWhy} />}
            {heat && ` · ${heatWords(heat)}`}
          </Box>
        )}
      </Box>
    </Box>
  );
}
