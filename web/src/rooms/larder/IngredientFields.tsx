'use client';

import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { later } from '@/components/later';
import { roles, structures } from '@cobbet/core/larder/ingredient';
import { capital } from '@/components/bodyText';
import { AskMeaning } from '@/components/why/AskMeaning';
import { colour } from '@/theme/colour';
import { components } from './composition';
import { type FormFaults, type IngredientTexts } from './ingredientForm';
import { PickField } from './PickField';
import { roleNames } from '@/components/roleNames';

/** Fetched when a card is opened, so that the shelves show sooner. */
const TraitFields = later(() => import('./TraitFields').then(({ TraitFields }) => TraitFields));

interface Props {
  texts: IngredientTexts;
  faults: FormFaults;
  /** The same fields of what it is held against. */
  typical: IngredientTexts;
  onChange: (change: Partial<IngredientTexts>) => void;
}

/** A field of the form; below it what is typical, where the cook's own differs. */
function Field({
  label,
  name,
  unit,
  full = false,
  ...props
}: Props & { label: string; name: keyof IngredientTexts; unit?: string; full?: boolean }) {
  const { texts, faults, typical, onChange } = props;
  const differs = texts[name].trim() !== typical[name].trim();
  const help = differs ? `typical ${typical[name] === '' ? 'none' : typical[name]}` : ' ';
  return (
    <TextField
      size="small"
      variant="standard"
      label={unit === undefined ? label : `${label}, ${unit}`}
      value={texts[name]}
      error={faults[name] !== undefined}
      helperText={faults[name] ?? help}
      onChange={(event) => onChange({ [name]: event.target.value })}
      sx={{
        gridColumn: full ? '1 / -1' : 'auto',
        '& input': { fontWeight: differs ? 700 : 400 },
        '& .MuiFormHelperText-root': {
          mt: 0,
          lineHeight: 1.2,
          color: faults[name] ? undefined : colour.accent,
        },
      }}
    />
  );
}

/** Everything of an ingredient that a cook can set. */
export function IngredientFields(props: Props) {
  const { texts, onChange } = props;
  const two = { display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2, rowGap: 0.25 };
  const heading = { fontWeight: 700, mt: 1, mb: 0.25 };
  return (
    <Box>
      <Box sx={two}>
        <Field {...props} full name="name" label="Name" />
        <Field {...props} full name="aliases" label="Also called, with commas between" />
        <Field {...props} name="price" label="Price" unit="€ per kg" />
        <Field {...props} name="cup" label="A cup of it" unit="g" />
        <Field {...props} name="pieceName" label="Piece it comes in" />
        <Field {...props} name="pieceG" label="One piece gives" unit="g" />
        <Field {...props} name="packageG" label="Can or pack holds" unit="g" />
        <Field {...props} name="allergens" label="Allergens" />
        <Field {...props} name="keepsDays" label="Limits a dip to" unit="days" />
        <Field {...props} full name="season" label="In season here, such as May to September" />
      </Box>
      <Box sx={heading}>
        In 100 g <AskMeaning about="composition" of="what is in 100 g" />
      </Box>
      <Box sx={{ ...two, gridTemplateColumns: 'repeat(4, 1fr)' }}>
        {components.map(({ key, name }) => (
          <Field
            key={key}
            {...props}
            name={key}
            label={key === 'acidG' ? 'Acid, as citric' : capital(name)}
          />
        ))}
      </Box>
      <Box sx={heading}>
        How it acts in a dip <AskMeaning about="acting" of="how it acts in a dip" />
      </Box>
      <Box sx={two}>
        <PickField
          id="ingredient-role"
          label="Its part"
          value={texts.role}
          options={roles.map((value) => ({ value, name: roleNames[value] }))}
          onPick={(role) => onChange({ role })}
        />
        <PickField
          id="ingredient-structure"
          label="Blends like"
          value={texts.structure}
          options={structures.map((value) => ({ value, name: value.replace('-', ', ') }))}
          onPick={(structure) => onChange({ structure })}
        />
        <Field {...props} name="garlicUnits" label="As raw garlic, g per g" />
        <Field {...props} name="heatUnits" label="Heat, against cayenne" />
      </Box>
      <Box sx={heading}>
        What to watch for <AskMeaning about="watching" of="what to watch for" />
      </Box>
      <TraitFields texts={texts} typical={props.typical} onChange={onChange} />
    </Box>
  );
}
