import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { mayDescendFrom } from '@cobbet/core/book/variants';
import type { Dip } from '@cobbet/core/dip/dip';
import { useState } from 'react';
import { InlineSelect } from '@/components/InlineSelect';
import { useBook } from '@/store/bookStore';
import { descend } from '@/store/variantCommands';

/** What a dip that comes from no other is said to come from. */
const nothing = '';

/** Asks which dip another is a variant of; never of itself or of what comes from it. */
export function DescentDialog({ dip, onClose }: { dip: Dip; onClose: () => void }) {
  const book = useBook((state) => state.book);
  const [baseId, setBaseId] = useState(dip.parentId ?? nothing);
  const others = [...book.dips.values()].filter(({ id }) => mayDescendFrom(book, dip.id, id));
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="descent">
      <DialogTitle id="descent">Where {dip.name} comes from</DialogTitle>
      <DialogContent>
        It is a variant of{' '}
        <InlineSelect
          label="Variant of"
          value={baseId}
          options={[
            { value: nothing, name: 'nothing: a base of its own' },
            ...others.map(({ id, name }) => ({ value: id, name })),
          ]}
          onChange={setBaseId}
        />
        . What is in it stays; what it does otherwise is told against the dip chosen here.
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={baseId === (dip.parentId ?? nothing)}
          onClick={() => {
            onClose();
            void descend(dip, book.dips.get(baseId) ?? null);
          }}
        >
          Make it so
        </Button>
      </DialogActions>
    </Dialog>
  );
}
