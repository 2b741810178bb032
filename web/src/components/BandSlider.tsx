'use client';

import { later } from '@/components/later';

/** The ends of a band to take hold of. What they lie on is drawn without them, so they may come a moment later. */
export const BandSlider = later(() => import('./BandEnds').then(({ BandEnds }) => BandEnds));
