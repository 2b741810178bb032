import FormControl, { type FormControlProps } from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import InputLabel from '@mui/material/InputLabel';
import OutlinedInput, { type OutlinedInputProps } from '@mui/material/OutlinedInput';
import { type ReactNode, useId } from 'react';

type FieldProps = Pick<FormControlProps, 'error' | 'fullWidth' | 'size' | 'margin' | 'sx'> &
  Pick<
    OutlinedInputProps,
    'value' | 'placeholder' | 'multiline' | 'minRows' | 'autoFocus' | 'onChange' | 'onBlur'
  > & {
    label: string;
    /** Under the field; a space keeps its line free for what may have to be said. */
    helperText?: ReactNode;
    htmlInput?: OutlinedInputProps['inputProps'];
  };

/** A field with its label and a line under it. MUI's own brings its menus along, which weigh more than a room. */
export function LabelledField({
  label,
  helperText,
  htmlInput,
  error = false,
  fullWidth = false,
  size = 'medium',
  margin = 'none',
  sx,
  ...input
}: FieldProps) {
  const id = useId();
  // what stands in an empty field is read only where its label stands above it
  const above = input.placeholder === undefined ? {} : { shrink: true };
  const helped = helperText !== undefined && helperText !== null && helperText !== '';
  return (
    <FormControl
      variant="outlined"
      error={error}
      fullWidth={fullWidth}
      size={size}
      margin={margin}
      {...(sx ? { sx } : {})}
    >
      <InputLabel htmlFor={id} {...above}>
        {label}
      </InputLabel>
      <OutlinedInput
        {...input}
        id={id}
        label={label}
        {...(input.placeholder === undefined ? {} : { notched: true })}
        {...(helped ? { 'aria-describedby': `${id}-help` } : {})}
        {...(htmlInput ? { inputProps: htmlInput } : {})}
      />
      {helped && <FormHelperText id={`${id}-help`}>{helperText}</FormHelperText>}
    </FormControl>
  );
}
