'use client';

import MoreHoriz from '@mui/icons-material/MoreHoriz';
import Box from '@mui/material/Box';
import { usePathname, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { later } from '@/components/later';
import { colour } from '@/theme/colour';
import { headingFace } from '@/theme/theme';
import { typeScale } from '@/theme/typeScale';
import { RoomMark } from './RoomMark';
import { RailTools } from './RailTools';
import { onRail, RoomLink } from './RoomLink';
import { type Room, rooms } from './rooms';

const MoreRooms = later(() => import('./MoreRooms').then(({ MoreRooms }) => MoreRooms));

/** The way between the rooms: a board down the left side, along the bottom on a phone. */
export function Rail() {
  const path = usePathname();
  const asked = useSearchParams();
  const dip = asked.get('dip');
  const [more, setMore] = useState(false);
  const hrefOf = ({ path: to, withDip }: Room) =>
    withDip && dip ? `${to}?dip=${encodeURIComponent(dip)}` : to;
  // a taster sees nothing but the pots
  if (path === '/tasting' && asked.get('seat') !== null) return null;
  const away = rooms.some((room) => room.oneStepAway && room.path === path);
  return (
    <Box
      sx={{
        display: 'flex',
        flexDirection: { xs: 'row', sm: 'column' },
        width: { xs: '100%', sm: 84 },
        flexShrink: 0,
        bgcolor: colour.board,
        borderRight: { sm: `1px solid ${colour.line}` },
        borderTop: { xs: `1px solid ${colour.line}`, sm: 0 },
        position: { xs: 'fixed', sm: 'sticky' },
        top: { sm: 0 },
        bottom: { xs: 0, sm: 'auto' },
        left: 0,
        height: { xs: 68, sm: '100dvh' },
        // at twice the size there are more rooms than height
        overflowY: { sm: 'auto' },
        scrollbarWidth: 'thin',
        zIndex: 10,
        '@media print': { display: 'none' },
      }}
    >
      <Box
        aria-hidden
        sx={{
          display: { xs: 'none', sm: 'block' },
          fontFamily: headingFace,
          fontWeight: 750,
          fontSize: typeScale.lead,
          letterSpacing: '-0.02em',
          color: colour.accent,
          textAlign: 'center',
          pt: 2.5,
          pb: 2,
        }}
      >
        cobbet
      </Box>
      <Box
        component="nav"
        aria-label="Rooms"
        sx={{ display: 'flex', flexDirection: 'inherit', flex: { xs: 1, sm: 'none' } }}
      >
        {rooms.map((room) => (
          <RoomLink
            key={room.path}
            to={hrefOf(room)}
            here={path === room.path || room.also?.includes(path) === true}
            hidden={room.oneStepAway}
          >
            <RoomMark name={room.name} />
            {room.name}
          </RoomLink>
        ))}
        <Box
          component="button"
          type="button"
          aria-haspopup="dialog"
          onClick={() => setMore(true)}
          sx={{ ...onRail(away), display: { xs: 'flex', sm: 'none' }, cursor: 'pointer' }}
        >
          <MoreHoriz />
          More
        </Box>
      </Box>
      <RailTools />
      {more && <MoreRooms path={path} hrefOf={hrefOf} onClose={() => setMore(false)} />}
    </Box>
  );
}
