import Box from '@mui/material/Box';
import { type LabelItem, setOff, unnamed } from '@cobbet/core/batch/label';
import { type Nutrition, nutritionText } from '@cobbet/core/batch/nutrition';
import { CodeSquare } from './CodeSquare';

/** Everything a label may say. */
export interface LabelWords {
  name: string;
  items: readonly LabelItem[];
  contains: readonly string[];
  mayContain: readonly string[];
  netG: number;
  code: string;
  madeOn: string;
  /** As it is printed; null where it is frozen. */
  useBy: string | null;
  portions: number;
  portionG: number;
  per100g: Nutrition;
  portion: Nutrition;
  /** Opens the batch. */
  address: string;
}

const lines: readonly { name: keyof Nutrition; words: string; unit: string }[] = [
  { name: 'fatG', words: 'fat', unit: 'g' },
  { name: 'saturatesG', words: 'of which saturates', unit: 'g' },
  { name: 'carbohydrateG', words: 'carbohydrate', unit: 'g' },
  { name: 'sugarsG', words: 'of which sugars', unit: 'g' },
  { name: 'fibreG', words: 'fibre', unit: 'g' },
  { name: 'proteinG', words: 'protein', unit: 'g' },
  { name: 'saltG', words: 'salt', unit: 'g' },
];

function Items({ items }: { items: readonly LabelItem[] }) {
  return (
    <>
      {items.map((item, i) => {
        const more = unnamed(item);
        return (
          <span key={item.name}>
            {i > 0 && ', '}
            {setOff(item.name, item.allergens).map(({ text, off }, at) =>
              off ? <strong key={at}>{text.toUpperCase()}</strong> : text,
            )}
            {(more.length > 0 || item.of.length > 0) && (
              <>
                {' ('}
                {more.map((one, at) => (
                  <strong key={one}>
                    {at > 0 && ', '}
                    {one.toUpperCase()}
                  </strong>
                ))}
                {item.of.length > 0 && <Items items={item.of} />}
                {')'}
              </>
            )}
          </span>
        );
      })}
    </>
  );
}

function NutritionTable({
  per100g,
  portion,
  portionG,
}: Pick<LabelWords, 'per100g' | 'portion' | 'portionG'>) {
  const cell = { p: 0, pl: '1.5mm', textAlign: 'right', fontWeight: 400 } as const;
  const energy = (of: Nutrition) =>
    `${nutritionText('kJ', of.kJ)} kJ / ${nutritionText('kcal', of.kcal)} kcal`;
  return (
    <Box
      component="table"
      aria-label="Nutrition"
      sx={{ borderCollapse: 'collapse', fontSize: '5.5pt', lineHeight: 1.15, mt: '0.6mm' }}
    >
      <tbody>
        <tr>
          <td>Estimated, typical</td>
          <Box component="td" sx={cell}>
            100 g
          </Box>
          <Box component="td" sx={cell}>
            {portionG} g
          </Box>
        </tr>
        <tr>
          <td>energy</td>
          <Box component="td" sx={cell}>
            {energy(per100g)}
          </Box>
          <Box component="td" sx={cell}>
            {energy(portion)}
          </Box>
        </tr>
        {lines.map(({ name, words, unit }) => (
          <tr key={name}>
            <td>{words}</td>
            <Box component="td" sx={cell}>
              {nutritionText(name, per100g[name])} {unit}
            </Box>
            <Box component="td" sx={cell}>
              {nutritionText(name, portion[name])} {unit}
            </Box>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}

/** One label at its true size: what it is, what is in it, whom it must not meet, and by when. */
export function LabelFace({
  words,
  width,
  height,
  nutrition,
}: {
  words: LabelWords;
  /** mm */
  width: number;
  height: number;
  nutrition: boolean;
}) {
  const small = height < 45;
  return (
    <Box
      sx={{
        ...{ width: `${width}mm`, height: `${height}mm`, boxSizing: 'border-box', p: '2mm' },
        ...{ overflow: 'hidden', color: '#000', bgcolor: '#fff', lineHeight: 1.2 },
        ...{ fontSize: small ? '6pt' : '7pt', position: 'relative', overflowWrap: 'anywhere' },
      }}
    >
      <Box sx={{ position: 'absolute', right: '2mm', top: '2mm' }}>
        <CodeSquare text={words.address} mm={small ? 10 : 14} />
      </Box>
      <Box sx={{ pr: small ? '12mm' : '16mm', minHeight: small ? '10mm' : '14mm' }}>
        <Box sx={{ fontSize: small ? '8.5pt' : '11pt', fontWeight: 700, lineHeight: 1.1 }}>
          {words.name}
        </Box>
        <Box sx={{ mt: '0.5mm' }}>
          <strong>{words.netG.toFixed(0)} g</strong> · {words.code} · made {words.madeOn}
        </Box>
        <Box sx={{ fontWeight: 700 }}>
          {words.useBy === null
            ? 'Frozen: thaw in the fridge, eat within a day'
            : `Use by ${words.useBy}`}
        </Box>
      </Box>
      <Box>
        Ingredients: <Items items={words.items} />.
      </Box>
      {words.contains.length > 0 && (
        <Box>
          Contains <strong>{words.contains.join(', ')}</strong>.
          {words.mayContain.length > 0 && ` May contain ${words.mayContain.join(', ')}.`}
        </Box>
      )}
      {words.contains.length === 0 && words.mayContain.length > 0 && (
        <Box>May contain {words.mayContain.join(', ')}.</Box>
      )}
      <Box>
        Keep at 4 °C or below. Opened on ________. Stir before serving. {words.portions}{' '}
        {words.portions === 1 ? 'portion' : 'portions'} of {words.portionG} g.
      </Box>
      {nutrition && <NutritionTable {...words} />}
    </Box>
  );
}
