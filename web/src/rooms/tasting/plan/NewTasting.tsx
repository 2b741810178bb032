'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NativeSelect from '@mui/material/NativeSelect';
import { canBe } from '@cobbet/core/taste/newTasting';
import { type TastingKind, tastingKinds, type TastingSample } from '@cobbet/core/taste/tasting';
import { useRouter } from 'next/navigation';
import { useDeferredValue, useMemo, useState } from 'react';
import { shortDay } from '@/components/day';
import { LabelledField } from '@/components/LabelledField';
import { Panel } from '@/components/Panel';
import { RoomPage } from '@/components/RoomPage';
import { typedNumber } from '@/components/reading/readingText';
import { addTasting } from '@/store/tastingCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { kindWords } from '../jarWords';
import { type AsksDraft, AsksFields } from './AsksFields';
import { canShowWords } from './canShowWords';
import { SampleChoice } from './SampleChoice';
import { type Serving, ServingFields } from './ServingFields';
import { typedTasters, typedWords } from './typedTasters';

/** Why it can't begin yet; null where it can. */
function lacking(
  kind: TastingKind,
  samples: number,
  tasters: number,
  asks: AsksDraft,
  warmth: number | null | undefined,
): string | null {
  if (samples === 0) return 'Pick what is tasted.';
  if (!canBe(kind, samples)) {
    return kind === 'rank' ? 'An order takes two or more.' : 'That question takes two, no more.';
  }
  if (tasters === 0) return 'Say who tastes, or how many.';
  if (kind === 'each' && !asks.liking && asks.jar.length === 0) return 'Ask something of each pot.';
  if (warmth === undefined) return 'How warm it is served: between −10 and 80 °C.';
  return null;
}

/** A tasting is planned: what, by whom, what is asked, blind or not, and what so many can show. */
export function NewTasting({ dipId }: { dipId: string | null }) {
  const router = useRouter();
  const [today] = useState(() => shortDay(new Date().toISOString()));
  const [samples, setSamples] = useState<TastingSample[]>([]);
  const [who, setWho] = useState('');
  const [kind, setKind] = useState<TastingKind>('each');
  const [serving, setServing] = useState<Serving>({
    ...{ name: '', blind: true, twice: '', each: '', eatenWith: '', warm: '', guests: '' },
  });
  const [busy, setBusy] = useState(false);
  const [asks, setAsks] = useState<AsksDraft>({
    ...{ liking: true, jar: ['body', 'salt', 'sour', 'garlic'], words: '', note: true },
  });
  const { name, blind, twice, eatenWith, warm } = serving;
  const tasters = useMemo(() => typedTasters(who), [who]);
  const counted = useDeferredValue(tasters.length);
  const shows = useMemo(() => canShowWords(kind, counted), [kind, counted]);
  const typedC = typedNumber(warm);
  const atC =
    warm.trim() === ''
      ? null
      : typedC !== null && typedC >= -10 && typedC <= 80
        ? typedC
        : undefined;
  const lacks = lacking(kind, samples.length, tasters.length, asks, atC);
  const potsEach =
    kind === 'each' && samples.length > Number(serving.each) ? Number(serving.each) : 0;
  const again = potsEach > 0 ? null : (samples.find(({ id }) => id === twice)?.id ?? null);
  const begin = async () => {
    if (lacks !== null || atC === undefined) return;
    setBusy(true);
    const id = await addTasting({
      ...{ name: name.trim() === '' ? `Tasting, ${today}` : name.trim() },
      ...{ kind, blind, eatenWith: eatenWith.trim(), atC, samples, tasters, twice: again },
      ...(potsEach > 0 ? { potsEach } : {}),
      ...(serving.guests.trim() === '' ? {} : { guests: serving.guests.trim() }),
      asks:
        kind === 'each'
          ? { ...asks, words: typedWords(asks.words) }
          : { liking: false, jar: [], words: [], note: false },
    });
    router.push(`/tasting?id=${encodeURIComponent(id)}`);
  };
  return (
    <RoomPage title="A new tasting" maxWidth={1100}>
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 3, md: 5 },
          alignItems: 'start',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
        }}
      >
        <Box sx={{ display: 'grid', gap: 3 }}>
          <Panel title="What is tasted">
            <SampleChoice dipId={dipId} samples={samples} onChange={setSamples} />
          </Panel>
          <Panel title="Who tastes">
            <LabelledField
              fullWidth
              size="small"
              margin="dense"
              label="Names with commas between, or how many"
              placeholder="6, or Stroke, Bow, the cox"
              value={who}
              onChange={(event) => setWho(event.target.value)}
              helperText={
                tasters.length === 0
                  ? ' '
                  : tasters.length === 1
                    ? 'One taster'
                    : `${tasters.length} tasters`
              }
              htmlInput={{ maxLength: 4000 }}
            />
            <Box role="status" sx={{ fontSize: typeScale.note, color: colour.muted }}>
              {shows}
            </Box>
          </Panel>
        </Box>
        <Box sx={{ display: 'grid', gap: 3 }}>
          <Panel title="What is asked">
            <NativeSelect
              value={kind}
              inputProps={{ 'aria-label': 'What is asked' }}
              onChange={(event) => setKind(event.target.value as TastingKind)}
              sx={{ mb: 1 }}
            >
              {tastingKinds.map((one) => (
                <option key={one} value={one}>
                  {kindWords[one].name}
                </option>
              ))}
            </NativeSelect>
            {kind === 'each' && <AsksFields asks={asks} onChange={setAsks} />}
          </Panel>
          <ServingFields
            {...{ serving, today, samples }}
            twiceToo={kind === 'each'}
            fewerToo={kind === 'each' && samples.length > 2}
            warmWrong={atC === undefined}
            onChange={setServing}
          />
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center' }}>
            <Button
              variant="contained"
              size="large"
              disabled={busy || lacks !== null}
              onClick={() => void begin()}
            >
              Lay the pots out
            </Button>
            <Box role="status" sx={{ color: colour.muted }}>
              {lacks}
            </Box>
          </Box>
        </Box>
      </Box>
    </RoomPage>
  );
}
