'use client';

import Redo from '@mui/icons-material/Redo';
import Search from '@mui/icons-material/Search';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { Sheet } from '@/components/Sheet';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { RoomMark } from './RoomMark';
import { SavingWords, ThemeSwitch } from './RailTools';
import { type Room, rooms } from './rooms';

const line = {
  ...{ display: 'flex', alignItems: 'center', gap: 2, minHeight: 56, px: 2 },
  ...{ color: colour.ink, textDecoration: 'none', fontSize: typeScale.lead },
  borderBottom: `1px solid ${colour.line}`,
} as const;

/** What is one step away on a phone: the other rooms, redo, the theme, and where saving stands. */
export function MoreRooms({
  path,
  hrefOf,
  onClose,
}: {
  path: string;
  /** Where a room is, with the dip in hand. */
  hrefOf: (room: Room) => string;
  onClose: () => void;
}) {
  const redoLabel = useBook((state) => state.history.redoLabel);
  const redo = useBook((state) => state.redo);
  return (
    <Sheet label="More" onClose={onClose} padded={false}>
      <Box component={Link} href="/find" onClick={onClose} sx={line}>
        <Search />
        Find
      </Box>
      {rooms
        .filter(({ oneStepAway }) => oneStepAway)
        .map((room) => (
          <Box
            key={room.path}
            component={Link}
            href={hrefOf(room)}
            onClick={onClose}
            aria-current={path === room.path ? 'page' : undefined}
            sx={{ ...line, fontWeight: path === room.path ? 700 : 400 }}
          >
            <RoomMark name={room.name} />
            {room.name}
          </Box>
        ))}
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 56, px: 1 }}>
        <Button
          startIcon={<Redo />}
          disabled={!redoLabel}
          sx={{ minHeight: 48 }}
          onClick={() => void redo()}
        >
          {redoLabel ? `Redo: ${redoLabel}` : 'Nothing to redo'}
        </Button>
        <Box sx={{ flex: 1 }} />
        <SavingWords />
        <ThemeSwitch />
      </Box>
    </Sheet>
  );
}
