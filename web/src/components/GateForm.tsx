'use client';

import { Panel } from './Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { LabelledField } from '@/components/LabelledField';
import { type Gate } from '@cobbet/core/book/trial';
import type { Family } from '@cobbet/core/mix/families';
import { type TasteMarks, tastes } from '@cobbet/core/readings/tastes';
import { useState } from 'react';
import { colour } from '@/theme/colour';
import { WarmthField, warmthOf } from './reading/WarmthField';
import { FamilyTastes } from './FamilyTastes';
import { withTaste } from './TasteRow';

const words = {
  machine: {
    title: 'Before the bowl is emptied',
    ask: 'Taste once more with what it will be eaten with, before the garnish. The taste marks above count for it.',
    pass: 'Tasted: it may leave',
  },
  chilled: {
    title: 'And again cold',
    ask: 'From the fridge, with what it will be eaten with: cold tastes less salty and less sour, and the garlic has grown.',
    pass: 'Tasted cold',
  },
} as const;

/** A gate that was passed, in one line. */
function Passed({ gate }: { gate: Gate }) {
  const off = tastes.filter((taste) => gate.tastes[taste] && gate.tastes[taste] !== 'right');
  return (
    <Box role="status" sx={{ color: colour.bandEdge, mt: 0.5 }}>
      ✓ tasted{gate.when === 'chilled' && ' cold'} with {gate.eatenWith}
      {gate.atC !== null && ` at ${gate.atC} °C`}
      {off.length > 0 && `: ${off.map((taste) => `${taste} ${gate.tastes[taste]}`).join(', ')}`}
    </Box>
  );
}

/** A last taste, warm or cold: with what it will be eaten with, before the garnish, at a noted warmth. */
export function GateForm({
  when,
  family,
  gates,
  marks,
  onPass,
}: {
  when: Gate['when'];
  family: Family;
  gates: readonly Gate[];
  /** The marks that count for it; asked here when left out. */
  marks?: TasteMarks;
  onPass: (gate: Gate) => void;
}) {
  const [eatenWith, setEatenWith] = useState('');
  const [at, setAt] = useState('');
  const [own, setOwn] = useState<TasteMarks>({});
  const { atC, problem } = warmthOf(at);
  const { title, ask, pass } = words[when];
  return (
    <Panel title={title}>
      <Typography sx={{ color: 'text.secondary', mb: 1 }}>{ask}</Typography>
      {!marks && (
        <FamilyTastes
          family={family}
          hot={false}
          marks={own}
          onMark={(taste, verdict) => setOwn(withTaste(own, taste, verdict))}
        />
      )}
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          alignItems: 'start',
          gridTemplateColumns: { xs: '1fr', sm: '1fr 170px auto' },
        }}
      >
        <LabelledField
          label="Eaten with"
          placeholder="such as flatbread, radishes"
          value={eatenWith}
          onChange={(event) => setEatenWith(event.target.value.slice(0, 200))}
        />
        <WarmthField label="Tasted at" value={at} onChange={setAt} />
        <Button
          variant="outlined"
          disabled={problem !== null || eatenWith.trim() === ''}
          sx={{ minHeight: 56 }}
          onClick={() =>
            onPass({
              when,
              eatenWith: eatenWith.trim(),
              atC,
              tastes: marks ?? own,
              at: new Date().toISOString(),
            })
          }
        >
          {pass}
        </Button>
      </Box>
      {gates
        .filter((gate) => gate.when === when)
        .map((gate) => (
          <Passed key={gate.at} gate={gate} />
        ))}
    </Panel>
  );
}
