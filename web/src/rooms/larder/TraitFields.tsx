import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControl from '@mui/material/FormControl';
import FormControlLabel from '@mui/material/FormControlLabel';
import FormHelperText from '@mui/material/FormHelperText';
import TextField from '@mui/material/TextField';
import { hazards } from '@cobbet/core/larder/traits';
import { pigmentOf } from '@cobbet/core/mix/blendColour';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { hazardNames, settingFatNames, storedNames } from './traitNames';
import { PickField } from './PickField';
import { hazardsIn, type IngredientTexts } from './ingredientForm';

/** What an ingredient asks a cook to watch for, and how it looks and keeps. */
export function TraitFields({
  texts,
  typical,
  onChange,
}: {
  texts: IngredientTexts;
  /** The same fields of what it is held against. */
  typical: IngredientTexts;
  onChange: (change: Partial<IngredientTexts>) => void;
}) {
  const chosen = hazardsIn(texts.hazards);
  const usual = hazardsIn(typical.hazards);
  const dropped = usual.filter((hazard) => !chosen.includes(hazard));
  const roleColour = pigmentOf({ pigment: null, role: texts.role }).hex;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2, rowGap: 1 }}>
      <Autocomplete
        multiple
        size="small"
        options={hazards}
        value={chosen}
        getOptionLabel={(hazard) => hazardNames[hazard]}
        onChange={(_, picked) => onChange({ hazards: hazardsIn(picked.join(' ')).join(' ') })}
        renderInput={(params) => (
          <TextField
            {...params}
            variant="standard"
            label="Cautions it brings to a dip"
            error={dropped.length > 0}
            helperText={
              dropped.length > 0
                ? `Taken away: ${dropped.map((hazard) => hazardNames[hazard]).join(', ')}. Only when you are sure it does not apply.`
                : chosen.length === 0
                  ? 'none'
                  : undefined
            }
          />
        )}
        sx={{ gridColumn: '1 / -1' }}
      />
      <PickField
        id="ingredient-setting-fat"
        label="Its fat in the fridge"
        value={texts.settingFat}
        options={Object.entries(settingFatNames).map(([value, name]) => ({ value, name }))}
        onPick={(settingFat) => onChange({ settingFat })}
      />
      <PickField
        id="ingredient-stored"
        label="Waits"
        value={texts.stored}
        options={Object.entries(storedNames).map(([value, name]) => ({ value, name }))}
        onPick={(stored) => onChange({ stored })}
      />
      <Box>
        <Box
          component="label"
          sx={{
            display: 'block',
            fontSize: typeScale.tiny,
            color: colour.muted,
            '& input': { display: 'block' },
          }}
        >
          Its colour
          <Box
            component="input"
            type="color"
            value={texts.colour === '' ? roleColour : texts.colour}
            onChange={(event) => onChange({ colour: event.target.value })}
            sx={{ width: '100%', height: 32, p: 0, border: 'none', bgcolor: 'transparent' }}
          />
        </Box>
        {texts.colour === typical.colour ? null : (
          <Button size="small" onClick={() => onChange({ colour: typical.colour })}>
            Typical colour
          </Button>
        )}
      </Box>
      <FormControl sx={{ gridColumn: '1 / -1' }}>
        <FormControlLabel
          control={
            <Checkbox
              checked={texts.freshRaw === 'yes'}
              onChange={(_, checked) => onChange({ freshRaw: checked ? 'yes' : '' })}
            />
          }
          label="Goes in raw: a cooked dip keeps less long with it"
        />
        {texts.freshRaw !== typical.freshRaw && (
          <FormHelperText sx={{ mt: 0, color: colour.accent }}>
            typical {typical.freshRaw === 'yes' ? 'raw' : 'not raw'}
          </FormHelperText>
        )}
      </FormControl>
    </Box>
  );
}
