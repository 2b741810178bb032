import { colour } from '@/theme/colour';

/** How sure a reading is of itself: a fine line either side of its cross. */
export function ReadingError(ends: { x1: number; x2: number; y1: number; y2: number }) {
  return (
    <line {...ends} stroke={colour.ink} strokeWidth={1.4} strokeLinecap="round" opacity={0.55} />
  );
}
