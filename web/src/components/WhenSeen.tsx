'use client';

import Box from '@mui/material/Box';
import { type ReactNode, useEffect, useRef, useState } from 'react';

/**
 * Draws what is inside once it comes near the screen, and keeps it from then on; until then an empty place.
 *
 * @param leastHeight of the empty place, px, about what will stand there
 */
export function WhenSeen({ leastHeight, children }: { leastHeight: number; children: ReactNode }) {
  const ref = useRef<HTMLDivElement>(null);
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    const place = ref.current;
    if (seen || !place) return;
    const watch = new IntersectionObserver((entries) => {
      if (entries.some(({ isIntersecting }) => isIntersecting)) setSeen(true);
    });
    watch.observe(place);
    return () => watch.disconnect();
  }, [seen]);
  return (
    <Box ref={ref} sx={{ minHeight: seen ? undefined : leastHeight }}>
      {seen && children}
    </Box>
  );
}
