'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { NotHere } from './NotHere';

/** A room that needs a dip, and none is named: offers them all. */
export function ChooseDip({
  room,
  title,
  text,
  above,
}: {
  room: string;
  title: string;
  text: string;
  above?: ReactNode;
}) {
  const dips = useBook((state) => state.book.dips);
  if (dips.size === 0) {
    return (
      <NotHere title={title} text="The book is empty. Start a dip there, then come back.">
        <Button component={Link} href="/" variant="contained">
          Open the book
        </Button>
      </NotHere>
    );
  }
  return (
    <Box sx={{ maxWidth: 640, mx: 'auto', px: 3, py: { xs: 4, md: 8 } }}>
      <Typography variant="h1">{title}</Typography>
      <Typography sx={{ mt: 1, mb: 3, color: 'text.secondary' }}>{text}</Typography>
      {above}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {[...dips.values()].map((dip) => (
          <Box component="li" key={dip.id} sx={{ borderTop: `1px solid ${colour.line}` }}>
            <Box
              component={Link}
              href={`${room}?dip=${encodeURIComponent(dip.id)}`}
              sx={{
                display: 'block',
                py: 1.5,
                color: colour.ink,
                fontWeight: 600,
                textDecoration: 'none',
                overflowWrap: 'anywhere',
                '&:hover': { color: colour.accent },
              }}
            >
              {dip.name}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
