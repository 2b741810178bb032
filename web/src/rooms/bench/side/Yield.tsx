import { Panel } from '@/components/Panel';
import { memo } from 'react';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Analysis } from '@cobbet/core/dip/analyse';
import type { Dip } from '@cobbet/core/dip/dip';
import type { TargetName } from '@cobbet/core/mix/targets';
import type { Part } from '@cobbet/core/mix/part';
import { type MeasureSystem, systemVolumesMl } from '@cobbet/core/amounts/measureSystem';
import { printNumber } from '@cobbet/core/amounts/printAmount';
import { allergenWord } from '@cobbet/core/larder/allergenWord';
import { money } from '@/components/money';
import { useSettings } from '@/store/useKitchen';
import { keepingWords } from '@/components/keepingWords';
import { dietWords } from '@/components/dietWords';
import { Cautions } from '@/components/Cautions';
import { WhyMark } from '@/components/why/WhyMark';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** What it makes, what is in it for those who must know, and the cautions that apply. */
export const Yield = memo(function Yield({
  dip,
  parts,
  analysis,
  measures,
  costs,
  onCosts,
  onWhy,
}: {
  dip: Dip;
  parts: readonly Part[];
  analysis: Analysis;
  measures: MeasureSystem;
  /** What drives its cost is open. */
  costs: boolean;
  onCosts: () => void;
  /** A figure is asked about. */
  onWhy: (figure: TargetName) => void;
}) {
  const { massG, volumeMl, topG, per100g, allergens, cautions } = analysis;
  const { currency } = useSettings();
  const cups = Math.round((volumeMl / systemVolumesMl[measures].cup) * 4) / 4;
  const keeping = keepingWords(dip, parts);
  const diet = dietWords(parts);
  const portions = Math.floor(massG / dip.portionG);
  if (massG + topG === 0) {
    return (
      <Box component="section" aria-label="What it makes" sx={{ color: colour.muted }}>
        Nothing is in the bowl yet, so it makes nothing.
      </Box>
    );
  }
  return (
    <Panel title="It makes" label="What it makes">
      <Box sx={{ lineHeight: 1.4 }}>
        <Box component="span" sx={{ fontSize: typeScale.large, fontWeight: 700 }}>
          {massG.toFixed(0)} g
        </Box>
        <WhyMark of="what it makes" onAsk={() => onWhy('massG')} /> · {volumeMl.toFixed(0)} ml ·{' '}
        {printNumber(cups)} {cups > 1 ? 'cups' : 'cup'}
      </Box>
      <Box sx={{ fontSize: typeScale.note }}>
        {portions} {portions === 1 ? 'portion' : 'portions'} of {dip.portionG} g, about{' '}
        {Math.round((per100g.kcal * dip.portionG) / 100)} kcal each
        {topG > 0 && ` · ${topG.toFixed(0)} g more on top`}
      </Box>
      <Box
        sx={{
          fontSize: typeScale.note,
          color: keeping.longer ? colour.caution : 'inherit',
        }}
      >
        {keeping.text}
      </Box>
      <Box sx={{ fontSize: typeScale.note }}>
        About {money((per100g.costEur * massG) / 100, currency)} in all
        <WhyMark of="the cost" onAsk={() => onWhy('costEur')} />{' '}
        <Button
          size="small"
          aria-expanded={costs}
          onClick={onCosts}
          sx={{ p: 0, minHeight: 26, verticalAlign: 'baseline' }}
        >
          {costs ? 'Close what drives it' : 'What drives it'}
        </Button>
      </Box>
      {allergens.length > 0 && (
        <Box sx={{ fontSize: typeScale.note, mt: 1 }}>
          Contains <Box component="strong">{allergens.map(allergenWord).join(', ')}</Box>. The
          machine may carry more.
        </Box>
      )}
      {diet !== null && <Box sx={{ fontSize: typeScale.note, mt: 0.5 }}>{diet}</Box>}
      <Cautions cautions={cautions} sx={{ mt: 1.25 }} />
    </Panel>
  );
});
