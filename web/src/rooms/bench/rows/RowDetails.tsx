'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { LabelledField } from '@/components/LabelledField';
import type { Row } from '@cobbet/core/dip/dip';
import type { ReadRow } from '@cobbet/core/dip/readRow';
import type { GarlicForm, Place } from '@cobbet/core/mix/part';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import type { MeasureSystem } from '@cobbet/core/amounts/measureSystem';
import { readGrams } from '@cobbet/core/amounts/toGrams';
import { useState } from 'react';
import { useLeaving } from '@/components/useLeaving';
import { LarderField } from '@/components/LarderField';
import { shortName } from '@/components/shortName';
import { PourOff } from '@/components/PourOff';
import { colour } from '@/theme/colour';
import { cautionsRaisedBy } from '@cobbet/core/safety/cautions';
import { Cautions } from '@/components/Cautions';
import { SidePanel } from '../SidePanel';
import { useBenchLayout } from '../line/benchLayout';
import type { Bench } from '../useBench';
import type { BenchEdits } from '../useBenchEdits';
import { GoesInAt } from './GoesInAt';
import { WorkedInFields } from './WorkedInFields';

/** What is poured and not spooned. */
const pours = ({ role }: Ingredient) => role === 'liquid' || role === 'oil' || role === 'acid';

interface Props {
  bench: Bench;
  /** One that is in the dip. */
  read: ReadRow;
  edits: BenchEdits;
  onSwap: () => void;
  onMakeReady: () => void;
  onClose: () => void;
}

/** A limit as typed, checked against the ingredient; empty takes it away. */
function LimitField({
  label,
  read,
  measures,
  value,
  onSave,
}: {
  label: string;
  read: ReadRow;
  measures: MeasureSystem;
  value: string;
  onSave: (text: string) => void;
}) {
  // null while nothing is typed: what the row has is shown, also after an undo
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? value;
  const checked =
    text.trim() === '' || !read.ingredient ? null : readGrams(text, read.ingredient, measures);
  const problem = checked?.ok === false ? checked.error.message : null;
  const keep = () => {
    if (problem === null && text.trim() !== value) onSave(text.trim());
  };
  useLeaving(keep);
  return (
    <LabelledField
      size="small"
      label={label}
      value={text}
      error={problem !== null}
      helperText={problem}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={() => {
        keep();
        if (problem === null) setTyped(null);
      }}
    />
  );
}

/** What stands on the row itself where there is room for it. */
function InHand({
  held,
  onHold,
  onMove,
}: {
  held: boolean;
  onHold: () => void;
  onMove: (by: 1 | -1) => void;
}) {
  return (
    <Box sx={{ display: 'flex', gap: 1 }}>
      <Button variant="outlined" size="small" aria-pressed={held} onClick={onHold}>
        {held ? 'Let it go' : 'Hold it'}
      </Button>
      <Button variant="outlined" size="small" onClick={() => onMove(-1)}>
        Up
      </Button>
      <Button variant="outlined" size="small" onClick={() => onMove(1)}>
        Down
      </Button>
    </Box>
  );
}

/** How garlic goes in, which decides how much of its bite is felt. */
function HowGarlic({
  row,
  onChange,
}: {
  row: Row;
  onChange: (label: string, change: (one: Row) => Row) => void;
}) {
  return (
    <Box>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={row.garlicForm ?? 'crushed'}
        aria-label="How the garlic goes in"
        onChange={(_, garlicForm: GarlicForm | null) =>
          garlicForm && onChange('How the garlic goes in', (one) => ({ ...one, garlicForm }))
        }
      >
        <ToggleButton value="crushed">crushed</ToggleButton>
        <ToggleButton value="in-acid">crushed in acid</ToggleButton>
        <ToggleButton value="sliced">sliced</ToggleButton>
      </ToggleButtonGroup>
      <FormControlLabel
        label="germ taken out"
        control={
          <Checkbox
            checked={row.germOut ?? false}
            onChange={(_, germOut) =>
              onChange('Germ of the garlic', (one) => ({ ...one, germOut }))
            }
          />
        }
      />
    </Box>
  );
}

/** Everything about a row that does not fit on the line, beside it. */
export function RowDetails({ bench, read, edits, onSwap, onMakeReady, onClose }: Props) {
  const { inHand } = useBenchLayout();
  const { row, ingredient } = read;
  const { machine, kitchen, dip } = bench;
  const { larder, measures } = kitchen;
  const name = ingredient?.name ?? row.ingredientId;
  const cautions = cautionsRaisedBy(bench.analysis.cautions, row.ingredientId);
  const [anew, setAnew] = useState<string | null>(null);
  const onChange = (label: string, change: (one: Row) => Row, field?: string) =>
    edits.editRow(row.id, label, change, field);
  const at = bench.rows.indexOf(read);
  const limit = (key: 'min' | 'max') => (text: string) =>
    onChange(`Limit of ${name}`, ({ [key]: _old, ...rest }) =>
      text === '' ? rest : { ...rest, [key]: text },
    );
  return (
    <SidePanel label={`Details of ${name}`} onClose={onClose}>
      <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
        {anew === null ? (
          <Button
            size="small"
            sx={{ justifySelf: 'start', px: 0, minHeight: 28 }}
            onClick={() => setAnew(`${row.amount} ${shortName(name)}`.trim())}
          >
            Write it anew
          </Button>
        ) : (
          <LarderField
            larder={larder}
            measures={measures}
            label="The row, written anew"
            placeholder="such as 2 tbsp lemon juice"
            text={anew}
            onText={setAnew}
            onAdd={(parts, mergeKey) => {
              edits.retype(row.id, parts, mergeKey);
              onClose();
            }}
          />
        )}
        {inHand && (
          <InHand
            held={row.hold}
            onHold={() => onChange('Hold', (one) => ({ ...one, hold: !one.hold }))}
            onMove={(by) => edits.move(at, at + by)}
          />
        )}
        <LabelledField
          size="small"
          label="How it is prepared"
          value={row.prep}
          onChange={(event) => {
            const next = event.target.value.slice(0, 300);
            onChange(`How ${name} is prepared`, (one) => ({ ...one, prep: next }), 'prep');
          }}
        />
        <ToggleButtonGroup
          exclusive
          size="small"
          value={row.place}
          aria-label="Where it goes"
          onChange={(_, place: Place | null) =>
            place && onChange(`Where ${name} goes`, (one) => ({ ...one, place }))
          }
        >
          <ToggleButton value="bowl">in the bowl</ToggleButton>
          <ToggleButton value="fold">folded in</ToggleButton>
          <ToggleButton value="top">on top</ToggleButton>
        </ToggleButtonGroup>
        {ingredient?.garlicUnits === 1 && <HowGarlic row={row} onChange={onChange} />}
        {ingredient && row.place === 'bowl' && (
          <GoesInAt row={row} ingredient={ingredient} onChange={onChange} />
        )}
        <WorkedInFields read={read} machine={machine} method={dip.method} onChange={onChange} />
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
          <LimitField
            label="At least"
            read={read}
            measures={measures}
            value={row.min ?? ''}
            onSave={limit('min')}
          />
          <LimitField
            label="At most"
            read={read}
            measures={measures}
            value={row.max ?? ''}
            onSave={limit('max')}
          />
        </Box>
        <Cautions cautions={cautions} />
        {ingredient && pours(ingredient) && read.massG > 0 && (
          <PourOff ingredient={ingredient} wantedG={read.massG} measures={measures} />
        )}
        <Box sx={{ display: 'flex', flexWrap: 'wrap', mx: -0.75 }}>
          <Button size="small" onClick={onSwap}>
            Swap it…
          </Button>
          <Button size="small" onClick={onMakeReady}>
            Made ready…
          </Button>
          <Button
            size="small"
            sx={{ color: colour.caution }}
            onClick={() => {
              edits.takeOut(row.id);
              onClose();
            }}
          >
            Take it out
          </Button>
          <Button size="small" sx={{ ml: 'auto' }} onClick={onClose}>
            Done
          </Button>
        </Box>
      </Box>
    </SidePanel>
  );
}
