'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { type BodyWord, bodyWords, wordShows } from '@cobbet/core/body/words';
import type { Run } from '@cobbet/core/book/run';
import { type Taste, tastes, type Verdict, verdicts } from '@cobbet/core/book/trial';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { bodyText, capital } from '@/parts/bodyText';
import { SpoonPicture } from '@/parts/SpoonPicture';
import { completeRun } from '@/store/commands';
import { colour } from '@/theme/colour';
import { runBody } from './runBody';
import type { RunControl } from './useRun';

function EyeReading({ run, control }: { run: Run; control: RunControl }) {
  const taken = run.readings.find(({ when }) => when === 'machine');
  const read = (word: BodyWord) =>
    control.note(`Read ${word}`, (one) => ({
      ...one,
      readings: [
        ...one.readings.filter(({ when }) => when !== 'machine'),
        {
          kind: 'eye' as const,
          word,
          atC: null,
          when: 'machine' as const,
          takenAt: new Date().toISOString(),
        },
      ],
    }));
  return (
    <Box
      role="radiogroup"
      aria-label="What the spoon shows"
      sx={{
        display: 'grid',
        gap: 1,
        gridTemplateColumns: { xs: 'repeat(auto-fill, minmax(96px, 1fr))', sm: 'repeat(7, 1fr)' },
      }}
    >
      {bodyWords.map((word) => {
        const chosen = taken?.word === word;
        return (
          <Box
            key={word}
            component="button"
            type="button"
            role="radio"
            aria-checked={chosen}
            title={wordShows[word]}
            onClick={() => void read(word)}
            sx={{
              border: `2px solid ${chosen ? colour.accent : colour.line}`,
              bgcolor: chosen ? colour.accentWash : colour.paper,
              color: colour.ink,
              borderRadius: 2,
              font: 'inherit',
              fontWeight: chosen ? 700 : 500,
              py: 1,
              minHeight: 96,
              cursor: 'pointer',
            }}
          >
            <SpoonPicture word={word} size={48} />
            <div>{word}</div>
          </Box>
        );
      })}
    </Box>
  );
}

function TasteRow({ taste, run, control }: { taste: Taste; run: Run; control: RunControl }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mb: 1 }}>
      <Box sx={{ width: 62, fontWeight: 600, fontSize: 17 }}>{capital(taste)}</Box>
      <ToggleButtonGroup
        exclusive
        value={run.tastes[taste] ?? null}
        aria-label={capital(taste)}
        onChange={(_, verdict: Verdict | null) =>
          void control.note(`Taste: ${taste}`, (one) => {
            const { [taste]: _old, ...rest } = one.tastes;
            return { ...one, tastes: verdict ? { ...rest, [taste]: verdict } : rest };
          })
        }
      >
        {verdicts.map((verdict) => (
          <ToggleButton
            key={verdict}
            value={verdict}
            sx={{ minHeight: 48, minWidth: 84, fontSize: 16 }}
          >
            {verdict}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}

/** A line of text that saves itself a moment after typing. */
function SavedText({
  label,
  value,
  most,
  rows,
  onSave,
}: {
  label: string;
  value: string;
  most: number;
  rows: number;
  onSave: (text: string) => void;
}) {
  const [text, setText] = useState(value);
  return (
    <TextField
      fullWidth
      multiline
      minRows={rows}
      label={label}
      value={text}
      onChange={(event) => {
        const next = event.target.value.slice(0, most);
        setText(next);
        onSave(next);
      }}
    />
  );
}

function YieldField({
  run,
  control,
  reckoned,
}: {
  run: Run;
  control: RunControl;
  reckoned: number;
}) {
  const [text, setText] = useState(run.yieldG === null ? '' : String(run.yieldG));
  const value = Number(text.replace(',', '.'));
  const wrong = text.trim() !== '' && !(Number.isFinite(value) && value >= 0 && value <= 1_000_000);
  return (
    <TextField
      label="Weighed out of the machine, g"
      value={text}
      error={wrong}
      helperText={
        wrong ? 'Write grams as a number, such as 540.' : `${reckoned.toFixed(0)} g went in`
      }
      onChange={(event) => {
        const next = event.target.value;
        setText(next);
        const grams = Number(next.replace(',', '.'));
        const usable =
          next.trim() !== '' && Number.isFinite(grams) && grams >= 0 && grams <= 1_000_000;
        if (usable || next.trim() === '') {
          void control.note(
            'Yield',
            (one) => ({ ...one, yieldG: usable ? grams : null }),
            `yield ${run.id}`,
          );
        }
      }}
      slotProps={{ htmlInput: { inputMode: 'decimal' } }}
    />
  );
}

/** After the last addition: look, taste, weigh, note, and keep it as a trial. */
export function Check({ run, control }: { run: Run; control: RunControl }) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const { now } = runBody(run, control.dip, control.larder);
  const open = run.entries.filter((entry) => !entry.done && !entry.skipped).length;
  const nothing = run.entries.every((entry) => !entry.done);
  const finish = async () => {
    setBusy(true);
    await completeRun(run.id);
    router.push(`/trials?dip=${encodeURIComponent(run.dipId)}`);
  };
  return (
    <Box sx={{ display: 'grid', gap: { xs: 2.5, sm: 3 } }}>
      <section>
        <Typography variant="h1">What does the spoon show?</Typography>
        <Typography sx={{ color: 'text.secondary', mb: 1.5 }}>
          Warm from the machine. Reckoned: {bodyText(now.body.machine)} ± {now.body.sd.toFixed(1)}.
        </Typography>
        <EyeReading run={run} control={control} />
      </section>
      <section>
        <Typography variant="h2" sx={{ mb: 1 }}>
          How does it taste?
        </Typography>
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
          {tastes.map((taste) => (
            <TasteRow key={taste} taste={taste} run={run} control={control} />
          ))}
        </Box>
      </section>
      <section>
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
          <YieldField run={run} control={control} reckoned={now.massG} />
          <SavedText
            label="What to change next time"
            value={run.changeNext}
            most={1000}
            rows={1}
            onSave={(changeNext) =>
              void control.note(
                'What to change',
                (one) => ({ ...one, changeNext }),
                `change ${run.id}`,
              )
            }
          />
        </Box>
        <Box sx={{ mt: 2 }}>
          <SavedText
            label="Notes"
            value={run.notes}
            most={4000}
            rows={2}
            onSave={(notes) =>
              void control.note('Notes', (one) => ({ ...one, notes }), `notes ${run.id}`)
            }
          />
        </Box>
      </section>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
        <Button
          variant="contained"
          disabled={busy || nothing}
          onClick={() => void finish()}
          sx={{ minHeight: 64, fontSize: 20, px: 4 }}
        >
          Keep it as a trial
        </Button>
        <Button onClick={() => void control.go(run.entries.length - 1)} sx={{ minHeight: 48 }}>
          Step back
        </Button>
        {open > 0 && (
          <Typography role="status" sx={{ color: colour.caution }}>
            {open} {open === 1 ? 'addition is' : 'additions are'} not logged; the trial will be
            without {open === 1 ? 'it' : 'them'}.
          </Typography>
        )}
      </Box>
    </Box>
  );
}
