'use client';

import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import type { Dip } from '@cobbet/core/dip/dip';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { NameDialog } from '@/components/NameDialog';
import { addVariant, deleteDip, editDip } from '@/store/commands';
import { colour } from '@/theme/colour';

/** What can be done with a dip of the book. */
export function LeafMenu({
  dip,
  anchor,
  onClose,
}: {
  dip: Dip;
  /** What the menu hangs on; null while it is closed. */
  anchor: HTMLElement | null;
  onClose: () => void;
}) {
  const router = useRouter();
  const [naming, setNaming] = useState<'variant' | 'rename' | null>(null);
  const to = (room: string) => `${room}?dip=${encodeURIComponent(dip.id)}`;
  const choose = (work: () => void) => () => {
    onClose();
    work();
  };
  const named = async (name: string) => {
    const as = naming;
    setNaming(null);
    if (as === 'variant') router.push(`/bench?dip=${await addVariant(dip, name)}`);
    else await editDip(dip.id, `Rename ${dip.name}`, (one) => ({ ...one, name }));
  };
  return (
    <>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={onClose}>
        <MenuItem onClick={choose(() => router.push(to('/make')))}>Make it</MenuItem>
        <MenuItem onClick={choose(() => router.push(to('/trials')))}>See its trials</MenuItem>
        <MenuItem onClick={choose(() => setNaming('variant'))}>Start a variant</MenuItem>
        <MenuItem onClick={choose(() => setNaming('rename'))}>Rename</MenuItem>
        <MenuItem onClick={choose(() => void deleteDip(dip))} sx={{ color: colour.caution }}>
          Delete with its trials
        </MenuItem>
      </Menu>
      {naming && (
        <NameDialog
          title={naming === 'variant' ? `Variant of ${dip.name}` : 'Rename'}
          action={naming === 'variant' ? 'Start it' : 'Rename'}
          initial={naming === 'variant' ? `${dip.name}, ` : dip.name}
          onCancel={() => setNaming(null)}
          onName={(name) => void named(name)}
        />
      )}
    </>
  );
}
