'use client';

import dynamic from 'next/dynamic';

/** The ends of a band to take hold of. What they lie on is drawn without them, so they may come a moment later. */
export const BandSlider = dynamic(() => import('./BandEnds').then((module) => module.BandEnds), {
  ssr: false,
});
