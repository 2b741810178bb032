'use client';

import Divider from '@mui/material/Divider';
import ListSubheader from '@mui/material/ListSubheader';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { bookTable, type TableKind, tableKinds } from '@cobbet/core/carry/bookTable';
import { useBook } from '@/store/bookStore';
import { download } from '@/store/download';
import { today } from '@/store/today';
import { tableNames } from './tableNames';

/** Tables of the book as CSV, for any table program; and one taken from such a file. */
export function TableMenu({
  anchor,
  onTake,
  onClose,
}: {
  anchor: HTMLElement;
  /** A file is to be chosen. */
  onTake: () => void;
  onClose: () => void;
}) {
  const save = async (kind: TableKind) => {
    onClose();
    const book = await useBook.getState().whole();
    download(`cobbet-${kind}-${today()}.csv`, bookTable(book, kind), 'text/csv');
  };
  return (
    <Menu anchorEl={anchor} open onClose={onClose}>
      <ListSubheader role="presentation" sx={{ lineHeight: 2, bgcolor: 'transparent' }}>
        Save as CSV
      </ListSubheader>
      {tableKinds.map((kind) => (
        <MenuItem key={kind} onClick={() => void save(kind)}>
          {tableNames[kind]}
        </MenuItem>
      ))}
      <Divider />
      <MenuItem
        onClick={() => {
          onClose();
          onTake();
        }}
      >
        Take a CSV file…
      </MenuItem>
    </Menu>
  );
}
