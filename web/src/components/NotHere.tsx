'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { SpoonPicture } from './SpoonPicture';

/** A room with nothing to show: says why and what to do. */
export function NotHere({
  title,
  text,
  children,
}: {
  title: string;
  text: string;
  children?: ReactNode;
}) {
  return (
    <Box sx={{ maxWidth: 520, mx: 'auto', mt: { xs: 6, md: 12 }, px: 2, textAlign: 'center' }}>
      <SpoonPicture word="pours" size={84} />
      <Typography variant="h1" sx={{ mt: 1 }}>
        {title}
      </Typography>
      <Typography sx={{ my: 2, color: 'text.secondary' }}>{text}</Typography>
      {children ?? (
        <Button component={Link} href="/" variant="contained">
          Open the book
        </Button>
      )}
    </Box>
  );
}
