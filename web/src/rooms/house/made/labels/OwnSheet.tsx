'use client';

import Box from '@mui/material/Box';
import { firstOwnSheet, type LabelSheet, sheetFault } from '@cobbet/core/batch/labelSheets';
import { useState } from 'react';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { changeSettings } from '@/store/settingsCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

type Length = 'columns' | 'rows' | 'width' | 'height' | 'left' | 'top' | 'gapX' | 'gapY';

const fields: readonly { key: Length | 'pageWidth' | 'pageHeight'; label: string; unit: string }[] =
  [
    { key: 'pageWidth', label: 'Page, wide', unit: 'mm' },
    { key: 'pageHeight', label: 'Page, high', unit: 'mm' },
    { key: 'columns', label: 'Labels across', unit: '' },
    { key: 'rows', label: 'Labels down', unit: '' },
    { key: 'width', label: 'A label, wide', unit: 'mm' },
    { key: 'height', label: 'A label, high', unit: 'mm' },
    { key: 'left', label: 'From the left', unit: 'mm' },
    { key: 'top', label: 'From the top', unit: 'mm' },
    { key: 'gapX', label: 'Between, across', unit: 'mm' },
    { key: 'gapY', label: 'Between, down', unit: 'mm' },
  ];

type Texts = Record<(typeof fields)[number]['key'], string>;

const textsOf = ({ page, ...sheet }: LabelSheet): Texts => ({
  ...{ pageWidth: String(page.width), pageHeight: String(page.height) },
  ...{ columns: String(sheet.columns), rows: String(sheet.rows) },
  ...{ width: String(sheet.width), height: String(sheet.height) },
  ...{ left: String(sheet.left), top: String(sheet.top) },
  ...{ gapX: String(sheet.gapX), gapY: String(sheet.gapY) },
});

function sheetOf(texts: Texts): LabelSheet {
  const figure = (key: keyof Texts) => typedNumber(texts[key]) ?? NaN;
  return {
    name: firstOwnSheet.name,
    page: { name: 'own', width: figure('pageWidth'), height: figure('pageHeight') },
    ...{ columns: figure('columns'), rows: figure('rows') },
    ...{ width: figure('width'), height: figure('height') },
    ...{ left: figure('left'), top: figure('top'), gapX: figure('gapX'), gapY: figure('gapY') },
  };
}

/** A sheet of labels of the kitchen's own, measured once and kept. */
export function OwnSheet({ sheet }: { sheet: LabelSheet }) {
  const [texts, setTexts] = useState(() => textsOf(sheet));
  const fault = sheetFault(sheetOf(texts));
  const change = (key: keyof Texts, text: string) => {
    const next = { ...texts, [key]: text };
    setTexts(next);
    const measured = sheetOf(next);
    if (sheetFault(measured) === null)
      void changeSettings('Our own labels', { ownSheet: measured });
  };
  return (
    <Box role="group" aria-label="Our own sheet" sx={{ my: 1 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(2, minmax(0, 1fr))', columnGap: 2 }}>
        {fields.map(({ key, label, unit }) => (
          <MeasuredField
            key={key}
            label={label}
            unit={unit}
            value={texts[key]}
            wrong={typedNumber(texts[key]) === null}
            onChange={(text) => change(key, text)}
          />
        ))}
      </Box>
      {fault !== null && (
        <Box role="alert" sx={{ color: colour.caution, fontSize: typeScale.note }}>
          {fault}
        </Box>
      )}
    </Box>
  );
}
