'use client';

import Box from '@mui/material/Box';
import type { Dip } from '@cobbet/core/dip/dip';
import { analyseTrialAlone } from '@cobbet/core/book/bookCalibration';
import { swapsToJudge } from '@cobbet/core/book/keptSwap';
import { tastes } from '@cobbet/core/readings/tastes';
import { type Trial } from '@cobbet/core/book/trial';
import { ChartFileButton } from '@/components/chart/ChartFile';
import { later } from '@/components/later';
import { useMemo, useRef, useState } from 'react';
import { readTrial, tasteTrial } from '@/store/trialReadings';
import { useBook } from '@/store/bookStore';
import { useKitchen } from '@/store/useKitchen';
import { WhyMark } from '@/components/why/WhyMark';
import { tasteName, verdictWord } from '@/components/tasteWords';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { PredictedRead } from './PredictedRead';
import { SaidThen } from './SaidThen';
import { TrialActions, type TrialPart } from './TrialActions';
import { TastedTogether } from './TastedTogether';
import { TrialHead } from './TrialHead';
import { verdictMarks } from './verdictMarks';

const WhyTrial = later(() => import('@/components/why/WhyTrial').then(({ WhyTrial }) => WhyTrial));
const TrialSwaps = later(() => import('./TrialSwaps').then(({ TrialSwaps }) => TrialSwaps));
const TrialAmounts = later(() => import('./TrialAmounts').then(({ TrialAmounts }) => TrialAmounts));
const Photos = later(() => import('@/components/photos/Photos').then(({ Photos }) => Photos));
const GateForm = later(() => import('@/components/GateForm').then(({ GateForm }) => GateForm));
const ReadingForm = later(() =>
  import('@/components/reading/ReadingForm').then(({ ReadingForm }) => ReadingForm),
);

/** The verdicts as words with their marks. */
function Marks({ trial }: { trial: Trial }) {
  const given = tastes.filter((taste) => trial.tastes[taste] !== undefined);
  if (given.length === 0) return <Box sx={{ color: colour.muted }}>not tasted</Box>;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'auto auto 1fr', columnGap: 0.75 }}>
      {given.map((taste) => {
        const verdict = trial.tastes[taste] ?? 'right';
        const right = verdict === 'right';
        return (
          <Box key={taste} sx={{ display: 'contents' }}>
            <span>{tasteName(taste).toLowerCase()}</span>
            <Box
              component="span"
              aria-hidden
              sx={{ color: right ? colour.bandEdge : colour.caution, width: 14 }}
            >
              {verdictMarks[verdict]}
            </Box>
            <Box
              component="span"
              sx={{ fontWeight: right ? 400 : 700, color: right ? colour.muted : colour.caution }}
            >
              {verdictWord(taste, verdict)}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

/** One trial: what differed, what was predicted and read, how it tasted, what it made. */
export function TrialStrip({
  dip,
  trial,
  earlier,
  aimed = false,
}: {
  dip: Dip;
  trial: Trial;
  earlier?: Trial;
  /** It is the one the address is of. */
  aimed?: boolean;
}) {
  const kitchen = useKitchen();
  const swaps = useBook((state) => state.book.swaps);
  const toJudge = useMemo(() => {
    const ingredients = new Set(trial.rows.map(({ ingredientId }) => ingredientId));
    return swapsToJudge(swaps.values(), { ...trial, ingredients });
  }, [swaps, trial]);
  const { larder } = kitchen;
  const [asked, setAsked] = useState(false);
  const [shown, setShown] = useState<TrialPart | null>(null);
  const analysis = useMemo(() => analyseTrialAlone(trial, dip, kitchen), [trial, dip, kitchen]);
  const nameOf = (id: string) => larder.get(id)?.name ?? id;
  const { per100g } = analysis;
  const figure = useRef<HTMLDivElement>(null);
  return (
    <Box
      component="li"
      aria-label={`Trial ${trial.number}`}
      id={`trial-${trial.id}`}
      tabIndex={aimed ? -1 : undefined}
      sx={{
        borderTop: `1px solid ${colour.line}`,
        py: 1.75,
        ...(aimed ? { borderLeft: `4px solid ${colour.accent}`, pl: 1.5 } : {}),
      }}
    >
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 1.5, md: 3 },
          gridTemplateColumns: {
            xs: '1fr',
            md: 'minmax(220px, 1fr) minmax(340px, 1.5fr) 150px 150px',
          },
          alignItems: 'start',
        }}
      >
        <Box sx={{ minWidth: 0 }}>
          <TrialHead trial={trial} earlier={earlier} nameOf={nameOf} />
          {toJudge.length > 0 && <TrialSwaps swaps={toJudge} />}
        </Box>
        <Box ref={figure}>
          <PredictedRead dip={dip} trial={trial} analysis={analysis} />
          <SaidThen trial={trial} analysis={analysis} />
        </Box>
        <Box sx={{ fontSize: typeScale.note }}>
          <Marks trial={trial} />
          <TastedTogether trial={trial} />
          <Box sx={{ color: colour.muted, mt: 0.5, lineHeight: 1.4 }}>
            salt {per100g.saltG.toFixed(2)} · sour {per100g.acidG.toFixed(2)} · garlic{' '}
            {per100g.garlicG.toFixed(2)} g per{' '}
            <Box component="span" sx={{ whiteSpace: 'nowrap' }}>
              100 g
              <WhyMark of={`any figure of trial ${trial.number}`} onAsk={() => setAsked(true)} />
            </Box>
          </Box>
        </Box>
        <Box sx={{ fontSize: typeScale.note, lineHeight: 1.4 }}>
          <Box sx={{ fontSize: typeScale.lead, fontWeight: 700 }}>
            {trial.yieldG === null ? 'not weighed' : `${trial.yieldG.toFixed(0)} g`}
          </Box>
          <Box sx={{ color: colour.muted }}>{analysis.massG.toFixed(0)} g went in</Box>
          <TrialActions trial={trial} shown={shown} onShow={setShown} />
        </Box>
      </Box>
      {asked && (
        <WhyTrial trial={trial} dip={dip} first="chilledBody" onClose={() => setAsked(false)} />
      )}
      {shown === 'reading' && (
        <Box sx={{ maxWidth: 760, mt: 1.5 }}>
          <Box sx={{ mb: 1 }}>From the fridge, before it is stirred. What does the spoon show?</Box>
          <ReadingForm
            label={`Trial ${trial.number} cold`}
            dip={trial}
            when="chilled"
            paste={analysis}
            pictured={{ of: 'trials', ofId: trial.id }}
            onTake={(reading) => {
              void readTrial(trial.id, reading);
              setShown(null);
            }}
          />
        </Box>
      )}
      {shown === 'pictures' && (
        <Box sx={{ mt: 1.5, display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 2 }}>
          <Photos of="trials" ofId={trial.id} height={150} />
          <ChartFileButton
            title={`${dip.name}, trial ${trial.number}`}
            words="This figure as a picture"
            find={() => figure.current?.querySelector('svg')}
          />
        </Box>
      )}
      {shown === 'tasting' && (
        <Box sx={{ maxWidth: 760, mt: 1.5 }}>
          <GateForm
            when="chilled"
            family={dip.family}
            gates={trial.gates ?? []}
            onPass={(gate) => void tasteTrial(trial.id, gate)}
          />
        </Box>
      )}
      {shown === 'amounts' && (
        <TrialAmounts dip={dip} trial={trial} analysis={analysis} nameOf={nameOf} />
      )}
    </Box>
  );
}
