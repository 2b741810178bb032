import Box from '@mui/material/Box';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** How a way to a room looks on the rail, be it a link or a button. */
export const onRail = (here: boolean) =>
  ({
    flex: { xs: 1, sm: 'none' },
    minWidth: 0,
    display: 'flex',
    flexDirection: 'column',
    alignItems: 'center',
    justifyContent: 'center',
    gap: 0.25,
    height: { xs: 67, sm: 62 },
    p: 0,
    border: 0,
    borderRadius: 0,
    fontFamily: 'inherit',
    color: here ? colour.ink : colour.muted,
    fontWeight: here ? 700 : 400,
    fontSize: typeScale.note,
    textDecoration: 'none',
    bgcolor: here ? colour.paper : 'transparent',
    boxShadow: here
      ? { xs: `inset 0 3px 0 ${colour.accent}`, sm: `inset 4px 0 0 ${colour.accent}` }
      : 'none',
    '&:hover': { color: colour.ink },
  }) as const;

/** The way to one room on the rail. */
export function RoomLink({
  to,
  here,
  hidden,
  children,
}: {
  to: string;
  here: boolean;
  /** One step away on a phone. */
  hidden: boolean;
  children: ReactNode;
}) {
  return (
    <Box
      component={Link}
      href={to}
      aria-current={here ? 'page' : undefined}
      sx={{ ...onRail(here), display: { xs: hidden ? 'none' : 'flex', sm: 'flex' } }}
    >
      {children}
    </Box>
  );
}
