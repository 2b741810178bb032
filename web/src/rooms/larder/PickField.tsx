import FormControl from '@mui/material/FormControl';
import InputLabel from '@mui/material/InputLabel';
import NativeSelect from '@mui/material/NativeSelect';

/** A field of an ingredient that is picked from a list. */
export function PickField<T extends string>({
  id,
  label,
  value,
  options,
  onPick,
}: {
  id: string;
  label: string;
  value: T;
  options: readonly { value: T; name: string }[];
  onPick: (value: T) => void;
}) {
  return (
    <FormControl variant="standard">
      <InputLabel shrink htmlFor={id}>
        {label}
      </InputLabel>
      <NativeSelect id={id} value={value} onChange={(event) => onPick(event.target.value as T)}>
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.name}
          </option>
        ))}
      </NativeSelect>
    </FormControl>
  );
}
