'use client';

import Add from '@mui/icons-material/Add';
import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { madeId } from '@cobbet/core/larder/madeId';
import { thingKinds } from '@cobbet/core/book/thingKinds';
import { useState } from 'react';
import { addThing } from '@/store/thingCommands';

const kinds = [...thingKinds, { key: 'other', name: 'Something else' }];

/** Begins a thing made here, from one that kitchens make or from nothing. */
export function NewMade({ onBegun }: { onBegun: (ingredientId: string) => void }) {
  const [at, setAt] = useState<HTMLElement | null>(null);
  const begin = async (kind: string) => {
    setAt(null);
    onBegun(madeId(await addThing(kind)));
  };
  return (
    <>
      <Button
        variant="outlined"
        startIcon={<Add />}
        aria-haspopup="menu"
        aria-expanded={at !== null}
        onClick={(event) => setAt(event.currentTarget)}
      >
        Something made here
      </Button>
      <Menu anchorEl={at} open={at !== null} onClose={() => setAt(null)}>
        {kinds.map(({ key, name }) => (
          <MenuItem key={key} onClick={() => void begin(key)}>
            {name}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
