'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type Run, withMaker } from '@cobbet/core/book/run';
import { useMemo, useState } from 'react';
import { LabelledField } from '@/components/LabelledField';
import { useBook } from '@/store/bookStore';
import type { RunControl } from './useRun';

/** Names that are offered: those of the latest trials. */
const offered = 4;

/** Whose hands it was: written, or one of those who made something lately. */
export function MadeBy({ run, control }: { run: Run; control: RunControl }) {
  const trials = useBook((state) => state.book.trials);
  const [text, setText] = useState(run.madeBy ?? '');
  const names = useMemo(() => {
    const latest = [...trials.values()].sort((a, b) => b.madeAt.localeCompare(a.madeAt));
    const known = new Set(latest.flatMap(({ madeBy }) => madeBy ?? []));
    return [...known].slice(0, offered);
  }, [trials]);
  const say = (name: string) => {
    setText(name);
    void control.note('Who made it', (one) => withMaker(one, name), `made by ${run.id}`);
  };
  return (
    <Box>
      <LabelledField
        fullWidth
        label="Made by"
        value={text}
        onChange={(event) => say(event.target.value)}
        htmlInput={{ maxLength: 60 }}
      />
      {text === '' && names.length > 0 && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap' }}>
          {names.map((name) => (
            <Button key={name} onClick={() => say(name)} sx={{ minHeight: 48 }}>
              {name}
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}
