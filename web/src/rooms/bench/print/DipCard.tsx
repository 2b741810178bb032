import Box from '@mui/material/Box';
import { isWeighed } from '@cobbet/core/amounts/isWeighed';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { usualWorking } from '@cobbet/core/dip/usualWorking';
import { familyNames, garlicWord } from '@cobbet/core/mix/families';
import { allergenWord } from '@cobbet/core/larder/allergenWord';
import { bodyText } from '@/components/bodyText';
import { dietWords } from '@/components/dietWords';
import { howWords } from '@/components/howWords';
import { keepingWords } from '@/components/keepingWords';
import { fromTool } from '@/components/toolWords';
import { placeWords } from '@/components/placeWords';
import type { Bench } from '../useBench';

const cell = {
  borderBottom: '1px solid #999',
  py: '3pt',
  pr: '8pt',
  verticalAlign: 'top',
} as const;

/** What is written in a row's cells: the amount, what it weighs where that isn't said, and how it is worked in. */
function rowTexts(bench: Bench, index: number) {
  const { dip, rows, machine } = bench;
  const read = rows[index];
  if (!read) return null;
  const { row, ingredient, massG, error, toTaste } = read;
  const counts = error === null && ingredient !== undefined && !toTaste;
  const working =
    row.worked ?? (ingredient && usualWorking(ingredient, row.place, machine, dip.method.grind));
  const minutes = working?.minutes ?? null;
  return {
    id: row.id,
    amount: row.amount === '' ? 'to taste' : row.amount,
    grams: counts && !isWeighed(row.amount) ? printGrams(massG) : '',
    name: [ingredient?.name ?? row.ingredientId, row.prep].filter((text) => text !== '').join('; '),
    how: working
      ? [howWords[working.how] + (minutes === null ? '' : `, ${minutes} min`), working.lookFor]
          .filter((text) => text !== '')
          .join(': ')
      : '',
    place: placeWords[row.place],
  };
}

/** A dip on paper: what goes in and how, what it comes to, whom it must not meet, how long it keeps and what to mind. */
export function DipCard({ bench }: { bench: Bench }) {
  const { dip, rows, parts, analysis, machine } = bench;
  const { massG, topG, per100g, allergens, cautions, warmBody, chilledBody } = analysis;
  if (massG + topG === 0) return null;
  const diet = dietWords(parts);
  const portions = Math.floor(massG / dip.portionG);
  return (
    <Box
      component="section"
      aria-label="Card"
      sx={{ color: '#000', fontSize: '10.5pt', lineHeight: 1.3 }}
    >
      <Box sx={{ borderBottom: '2px solid #000', pb: '4pt' }}>
        <Box sx={{ fontSize: '17pt', fontWeight: 700, overflowWrap: 'anywhere' }}>{dip.name}</Box>
        {familyNames[dip.family]} · {machine.name} · makes {printGrams(massG)},{' '}
        {Math.round(analysis.volumeMl)} ml, {portions} {portions === 1 ? 'portion' : 'portions'} of{' '}
        {dip.portionG} g
      </Box>
      <Box component="table" sx={{ width: '100%', borderCollapse: 'collapse', mt: '6pt' }}>
        <tbody>
          {rows.map((_, index) => {
            const texts = rowTexts(bench, index);
            if (!texts) return null;
            return (
              <Box component="tr" key={texts.id} sx={{ breakInside: 'avoid' }}>
                <Box component="td" sx={{ ...cell, fontWeight: 700, minWidth: '52pt' }}>
                  {texts.amount}
                </Box>
                <Box component="td" sx={{ ...cell, whiteSpace: 'nowrap', textAlign: 'right' }}>
                  {texts.grams}
                </Box>
                <Box component="td" sx={cell}>
                  {texts.name}
                  {texts.place !== '' && <em> {texts.place}</em>}
                </Box>
                <Box component="td" sx={{ ...cell, pr: 0 }}>
                  {texts.how}
                </Box>
              </Box>
            );
          })}
        </tbody>
      </Box>
      <Box sx={{ breakInside: 'avoid', mt: '8pt' }}>
        <strong>About what to expect</strong> (an estimate): {bodyText(warmBody)}{' '}
        {fromTool(machine)}, {bodyText(chilledBody)} out of the fridge; salt{' '}
        {per100g.saltG.toFixed(2)} and sour {per100g.acidG.toFixed(2)} g in 100 g, garlic{' '}
        {garlicWord(per100g.garlicG)}. Served at {dip.servedAtC} °C.
      </Box>
      <Box sx={{ breakInside: 'avoid', mt: '4pt' }}>
        {keepingWords(dip, parts).text}.
        {allergens.length > 0 && (
          <>
            {' '}
            Contains <strong>{allergens.map(allergenWord).join(', ')}</strong>; the machine may
            carry more.
          </>
        )}
        {diet !== null && ` ${diet}`}
      </Box>
      {dip.note !== '' && (
        <Box sx={{ mt: '4pt', whiteSpace: 'pre-wrap', overflowWrap: 'anywhere' }}>{dip.note}</Box>
      )}
      {dip.source !== undefined && (
        <Box sx={{ mt: '4pt', overflowWrap: 'anywhere' }}>From {dip.source}</Box>
      )}
      {cautions.length > 0 && (
        <Box sx={{ breakInside: 'avoid', mt: '8pt', border: '1px solid #000', p: '6pt' }}>
          <strong>Mind</strong>
          {cautions.map(({ id, level, message }) => (
            <Box key={id} sx={{ fontWeight: level === 'danger' ? 700 : 400 }}>
              {message}
            </Box>
          ))}
        </Box>
      )}
      <Box sx={{ mt: '4pt' }}>
        Usual guidance; follow local codes and, where one applies, your licensed process.
      </Box>
    </Box>
  );
}
