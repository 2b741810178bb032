import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import { descendantsOf, type Heirs, variantsOf } from '@cobbet/core/book/variants';
import { madeId } from '@cobbet/core/larder/madeId';
import type { Dip } from '@cobbet/core/dip/dip';
import { useState } from 'react';
import { dipsUsing } from '@/components/dipsUsing';
import { useBook } from '@/store/bookStore';
import { deleteDip } from '@/store/variantCommands';

const counted = (count: number, one: string, many: string) =>
  count === 1 ? one : `${count} ${many}`;

/** Asks before a dip is deleted that others came of or take: what becomes of its variants, and where it will be missing. */
export function DeleteDip({ dip, onClose }: { dip: Dip; onClose: () => void }) {
  const book = useBook((state) => state.book);
  const [heirs, setHeirs] = useState<Heirs>(dip.parentId === null ? 'apart' : 'up');
  const variants = variantsOf(book, dip.id);
  const all = descendantsOf(book, dip.id).length;
  const base = book.dips.get(dip.parentId ?? '');
  const using = dipsUsing(book.dips.values(), madeId(dip.id));
  return (
    <Dialog open onClose={onClose} aria-labelledby="delete-dip">
      <DialogTitle id="delete-dip">Delete {dip.name}?</DialogTitle>
      <DialogContent>
        It goes with its trials.
        {using.length > 0 &&
          ` It goes into ${using.map(({ name }) => name).join(', ')}: there it will be missing.`}
        {variants.length > 0 &&
          ` ${counted(variants.length, 'A variant was', 'variants were')} made from it: ${variants.map(({ name }) => name).join('; ')}.`}
        {variants.length > 0 && (
          <RadioGroup
            aria-label="What becomes of its variants"
            value={heirs}
            onChange={(_, value) => setHeirs(value as Heirs)}
            sx={{ mt: 1 }}
          >
            {base && (
              <FormControlLabel
                value="up"
                control={<Radio />}
                label={`They become variants of ${base.name}`}
              />
            )}
            <FormControlLabel
              value="apart"
              control={<Radio />}
              label="They stay, as bases of their own"
            />
            <FormControlLabel
              value="with it"
              control={<Radio />}
              label={`They go too, ${counted(all, 'one dip', 'dips')} with their trials`}
            />
          </RadioGroup>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Keep it</Button>
        <Button
          color="error"
          variant="contained"
          onClick={() => {
            onClose();
            void deleteDip(dip, heirs);
          }}
        >
          Delete
        </Button>
      </DialogActions>
    </Dialog>
  );
}
