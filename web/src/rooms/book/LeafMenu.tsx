'use client';

import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { variantsOf } from '@cobbet/core/book/variants';
import { writtenId } from '@cobbet/core/book/writtenTrial';
import { madeId } from '@cobbet/core/larder/madeId';
import type { Dip } from '@cobbet/core/dip/dip';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { dipsUsing } from '@/components/dipsUsing';
import { compareAddress } from '@/components/compareAddress';
import { NameDialog } from '@/components/NameDialog';
import { useBook } from '@/store/bookStore';
import { addVariant, editDip } from '@/store/dipCommands';
import { deleteDip } from '@/store/variantCommands';
import { colour } from '@/theme/colour';
import { CarryOut } from './CarryOut';
import { DeleteDip } from './DeleteDip';
import { DescentDialog } from './DescentDialog';

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
  const [asking, setAsking] = useState<'descent' | 'delete' | 'carry' | null>(null);
  const variants = useBook(({ book }) => variantsOf(book, dip.id).length);
  const isTaken = useBook(({ book }) => dipsUsing(book.dips.values(), madeId(dip.id)).length > 0);
  const asks = variants > 0 || isTaken;
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
        <MenuItem onClick={choose(() => router.push(compareAddress([writtenId(dip.id)])))}>
          Set beside another
        </MenuItem>
        <MenuItem onClick={choose(() => setNaming('variant'))}>Start a variant</MenuItem>
        <MenuItem onClick={choose(() => setNaming('rename'))}>Rename</MenuItem>
        <MenuItem onClick={choose(() => setAsking('carry'))}>As a file…</MenuItem>
        <MenuItem onClick={choose(() => setAsking('descent'))}>Where it comes from</MenuItem>
        <MenuItem
          onClick={choose(() => (asks ? setAsking('delete') : void deleteDip(dip)))}
          sx={{ color: colour.caution }}
        >
          {asks ? 'Delete…' : 'Delete with its trials'}
        </MenuItem>
      </Menu>
      {asking === 'descent' && <DescentDialog dip={dip} onClose={() => setAsking(null)} />}
      {asking === 'carry' && <CarryOut dip={dip} onClose={() => setAsking(null)} />}
      {asking === 'delete' && <DeleteDip dip={dip} onClose={() => setAsking(null)} />}
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
