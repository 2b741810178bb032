'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import GlobalStyles from '@mui/material/GlobalStyles';
import NativeSelect from '@mui/material/NativeSelect';
import type { Batch, Pot } from '@cobbet/core/book/batch';
import type { Part } from '@cobbet/core/mix/part';
import type { Keeping } from '@cobbet/core/safety/keeping';
import { Fragment, useState } from 'react';
import { createPortal } from 'react-dom';
import { CheckLine } from '@/components/CheckLine';
import { Panel } from '@/components/Panel';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { usePrinting } from '@/components/usePrinting';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { LabelFace, type LabelWords } from './LabelFace';
import {
  firstOwnSheet,
  labelPages,
  labelPlace,
  type LabelSheet,
  labelSheets,
} from '@cobbet/core/batch/labelSheets';
import { useSettings } from '@/store/useKitchen';
import { OwnSheet } from './OwnSheet';
import { useLabelWords } from './useLabelWords';

const mm = (value: number) => `${value}mm`;

/** The sheets as they are printed, every length true. */
function Sheets({
  labels,
  sheet,
  startAt,
  nutrition,
}: {
  labels: readonly LabelWords[];
  sheet: LabelSheet;
  startAt: number;
  nutrition: boolean;
}) {
  const { page } = sheet;
  // on the page itself, so that nothing of the room moves them
  return createPortal(
    <div data-sheets>
      <GlobalStyles
        styles={{
          '@page': { size: `${mm(page.width)} ${mm(page.height)}`, margin: 0 },
          'html, body': { margin: '0 !important', padding: '0 !important' },
          'body > :not([data-sheets])': { display: 'none !important' },
        }}
      />
      {labelPages(labels, sheet, startAt).map((faces, at) => (
        <Box
          key={at}
          sx={{
            ...{ position: 'relative', width: mm(page.width), height: mm(page.height - 0.5) },
            ...{ breakAfter: 'page', overflow: 'hidden' },
          }}
        >
          {faces.map((words, i) => {
            const { x, y } = labelPlace(sheet, i);
            return (
              <Fragment key={i}>
                {words && (
                  <Box sx={{ position: 'absolute', left: mm(x), top: mm(y) }}>
                    <LabelFace
                      words={words}
                      width={sheet.width}
                      height={sheet.height}
                      nutrition={nutrition}
                    />
                  </Box>
                )}
              </Fragment>
            );
          })}
        </Box>
      ))}
    </div>,
    document.body,
  );
}

/** Labels for the pots of a batch: on which sheet, from which place on, seen before they are printed. */
export function Labels({
  batch,
  parts,
  keepingOf,
}: {
  batch: Batch;
  parts: readonly Part[];
  keepingOf: (pot: Pot) => Keeping;
}) {
  const [at, setAt] = useState(0);
  const [start, setStart] = useState('1');
  const [nutrition, setNutrition] = useState(true);
  const printing = usePrinting();
  const pots = batch.pots.filter(({ gone }) => gone === null);
  const labels = useLabelWords(batch, parts, pots, keepingOf);
  const { ownSheet = firstOwnSheet } = useSettings();
  const sheets = [...labelSheets, ownSheet];
  const own = at === labelSheets.length;
  const sheet = sheets[at];
  const places = sheet ? sheet.columns * sheet.rows : 1;
  const from = typedNumber(start);
  const wrong = from === null || !Number.isInteger(from) || from < 1 || from > places;
  const [first] = labels;
  if (!sheet || !first) return null;
  if (printing) {
    return (
      <Sheets
        labels={labels}
        sheet={sheet}
        startAt={wrong ? 1 : (from ?? 1)}
        nutrition={nutrition}
      />
    );
  }
  return (
    <Panel title="Labels" aside={`for ${labels.length} ${labels.length === 1 ? 'pot' : 'pots'}`}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start' }}>
        <NativeSelect
          value={at}
          inputProps={{ 'aria-label': 'Sheet of labels' }}
          onChange={(event) => setAt(Number(event.target.value))}
          sx={{ mt: 2, maxWidth: '100%' }}
        >
          {sheets.map(({ name }, i) => (
            <option key={name} value={i}>
              {name}
            </option>
          ))}
        </NativeSelect>
        {places > 1 && (
          <Box sx={{ width: 130 }}>
            <MeasuredField
              label="Begin at label"
              unit={`of ${places}`}
              value={start}
              problem={wrong ? `From 1 to ${places}.` : null}
              onChange={setStart}
            />
          </Box>
        )}
      </Box>
      {own && <OwnSheet sheet={ownSheet} />}
      <CheckLine checked={nutrition} onToggle={() => setNutrition(!nutrition)}>
        with nutrition, estimated
      </CheckLine>
      <Box sx={{ overflowX: 'auto', my: 1 }}>
        <Box sx={{ display: 'inline-block', border: `1px solid ${colour.line}` }}>
          <LabelFace
            words={first}
            width={sheet.width}
            height={sheet.height}
            nutrition={nutrition && sheet.height > 60}
          />
        </Box>
      </Box>
      <Button variant="contained" disabled={wrong} onClick={() => window.print()}>
        Print {labels.length === 1 ? 'it' : `all ${labels.length}`}
      </Button>
      <Box sx={{ fontSize: typeScale.small, color: colour.muted, mt: 0.75 }}>
        Print at true size, without margins. What a label must say is set by the law of the place:
        ask who oversees food there before selling.
      </Box>
    </Panel>
  );
}
