'use client';

import Box from '@mui/material/Box';
import Link from 'next/link';
import { usePathname, useSearchParams } from 'next/navigation';
import { colour } from '@/theme/colour';
import { headingFace } from '@/theme/theme';
import { typeScale } from '@/theme/typeScale';
import { RoomMark } from './RoomMark';
import { RailTools } from './RailTools';
import { rooms } from './rooms';

/** The way between the rooms: a board down the left side, along the bottom on a phone. */
export function Rail() {
  const path = usePathname();
  const dip = useSearchParams().get('dip');
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
        {rooms.map(({ path: to, name, withDip }) => {
          const here = path === to;
          return (
            <Box
              key={to}
              component={Link}
              href={withDip && dip ? `${to}?dip=${encodeURIComponent(dip)}` : to}
              aria-current={here ? 'page' : undefined}
              sx={{
                flex: { xs: 1, sm: 'none' },
                display: 'flex',
                flexDirection: 'column',
                alignItems: 'center',
                justifyContent: 'center',
                gap: 0.25,
                height: { xs: 67, sm: 62 },
                color: here ? colour.ink : colour.muted,
                fontWeight: here ? 700 : 400,
                fontSize: typeScale.note,
                textDecoration: 'none',
                bgcolor: here ? colour.paper : 'transparent',
                boxShadow: here
                  ? {
                      xs: `inset 0 3px 0 ${colour.accent}`,
                      sm: `inset 4px 0 0 ${colour.accent}`,
                    }
                  : 'none',
                '&:hover': { color: colour.ink },
              }}
            >
              <RoomMark name={name} />
              {name}
            </Box>
          );
        })}
      </Box>
      <RailTools />
    </Box>
  );
}
