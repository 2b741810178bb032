'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import type { AmountView } from '@cobbet/core/book/book';
import type { Dip } from '@cobbet/core/dip/dip';
import { type Kit, kitMachines } from '@cobbet/core/kitchen/kit';
import { grinds } from '@cobbet/core/mix/method';
import { type Family, families, familyNames } from '@cobbet/core/mix/families';
import { memo, useState } from 'react';
import { InlineSelect } from '@/components/InlineSelect';
import { later } from '@/components/later';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { useBenchLayout } from './line/benchLayout';
import { shownQuantities, type ShownQuantity } from './line/shownQuantity';
import type { PlainAside } from './useAside';

const FamilyOffer = later(() =>
  import('./targets/FamilyOffer').then(({ FamilyOffer }) => FamilyOffer),
);

const small = { py: 0, minHeight: 28, minWidth: 0 };
const quiet = { fontSize: typeScale.note, color: colour.muted };

interface Props {
  dip: Dip;
  shown: ShownQuantity;
  view: AmountView;
  working: boolean;
  kit: Kit;
  /** Made of it so far. */
  trials: number;
  onShown: (shown: ShownQuantity) => void;
  onView: (view: AmountView) => void;
  onEdit: (label: string, edit: (dip: Dip) => Dip) => void;
  onLand: () => void;
  onAbout: () => void;
  /** Something about the dip is to be seen beside the line. */
  onOpen: (kind: PlainAside) => void;
}

/** What stands beside the line when it is asked for, in the order it is asked for. */
const beside = [
  ['targets', 'Targets'],
  ['size', 'Size'],
  ['ways', 'Ways'],
  ['free', 'Free of'],
] as const satisfies readonly (readonly [PlainAside, string])[];

/** The dip's name and how it is made; what the line shows; land it. */
export const BenchHeader = memo(function BenchHeader(props: Props) {
  const { dip, shown, view, working, kit, trials, onShown, onView, onEdit, onLand } = props;
  const longName = dip.name.length > 24;
  const { inHand } = useBenchLayout();
  const [more, setMore] = useState(false);
  const [offered, setOffered] = useState<Family | null>(null);
  const all = !inHand || more;
  return (
    <Box component="header" sx={{ mb: 0.5 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap' }}>
        <Typography
          variant="h1"
          title={dip.name}
          sx={{
            flex: '1 1 260px',
            minWidth: 0,
            overflow: 'hidden',
            overflowWrap: 'anywhere',
            display: '-webkit-box',
            WebkitBoxOrient: 'vertical',
            WebkitLineClamp: 2,
            fontSize: longName ? '1.3rem' : undefined,
          }}
        >
          {dip.name}
        </Typography>
        <Button variant="contained" sx={{ order: { lg: 1 } }} onClick={onLand} disabled={working}>
          Land it
        </Button>
        {all && (
          <ToggleButtonGroup
            exclusive
            size="small"
            value={view}
            aria-label="How amounts are written"
            onChange={(_, next: AmountView | null) => next && onView(next)}
          >
            <ToggleButton value="typed">as typed</ToggleButton>
            <ToggleButton value="grams">grams</ToggleButton>
            <ToggleButton value="spoons">spoons</ToggleButton>
          </ToggleButtonGroup>
        )}
        <ToggleButtonGroup
          exclusive
          size="small"
          value={shown}
          aria-label="What the line shows"
          onChange={(_, next: ShownQuantity | null) => next && onShown(next)}
        >
          {shownQuantities.map((one) => (
            <ToggleButton key={one} value={one}>
              {one}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        {inHand && (
          <Button size="small" aria-expanded={more} onClick={() => setMore(!more)}>
            {more ? 'Done' : 'Set up'}
          </Button>
        )}
      </Box>
      {all && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1, alignItems: 'baseline' }}>
          <InlineSelect
            sx={quiet}
            label="Family"
            value={dip.family}
            options={families.map((value) => ({ value, name: familyNames[value] }))}
            onChange={(family) => {
              onEdit('Family', (one) => ({ ...one, family }));
              setOffered(family);
            }}
          />
          <InlineSelect
            sx={quiet}
            label="Machine or tool"
            value={dip.machineId}
            options={kitMachines(kit).map(({ id, name }) => ({ value: id, name }))}
            onChange={(machineId) => onEdit('Machine', (one) => ({ ...one, machineId }))}
          />
          <InlineSelect
            sx={quiet}
            label="Grind"
            value={dip.method.grind}
            options={grinds.map((value) => ({
              value,
              name: value === 'normal' ? 'smooth enough' : value,
            }))}
            onChange={(grind) =>
              onEdit('Grind', (one) => ({ ...one, method: { ...one.method, grind } }))
            }
          />
          {beside.map(([kind, name]) => (
            <Button key={kind} size="small" onClick={() => props.onOpen(kind)} sx={small}>
              {name}
            </Button>
          ))}
          <Button size="small" onClick={props.onAbout} sx={small}>
            About it
          </Button>
          <Button size="small" onClick={() => window.print()} sx={small}>
            Print
          </Button>
          <Box sx={quiet}>
            {trials === 0 ? 'no trial yet' : `${trials} ${trials === 1 ? 'trial' : 'trials'}`}
          </Box>
        </Box>
      )}
      {offered === dip.family && (
        <FamilyOffer dip={dip} onTake={onEdit} onLeave={() => setOffered(null)} />
      )}
    </Box>
  );
});
