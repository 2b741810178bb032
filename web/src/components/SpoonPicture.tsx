import type { BodyWord } from '@cobbet/core/mix/bodyWords';
import { colour } from '@/theme/colour';

/** The bowl of the spoon and its handle, over a plate; what hangs from it or lies below tells the body. */
const spoon = 'M8 11c0 5.2 4 8 9.5 8S27 16.2 27 11z M26.4 13 40 4.5';

interface Drawing {
  /** Filled shapes: the dip. */
  dip: string;
  /** Open strokes: edges and swirls. */
  strokes: string;
}

const drawings: Record<BodyWord, Drawing> = {
  pours: {
    dip: 'M15.4 18.8h4.2v23.4h-4.2z M5 42c4-2.2 20-2.2 25 0 2 1.4-27 1.4-25 0z',
    strokes: 'M2 45h36',
  },
  ribbons: {
    dip: 'M15 18.8h5c.8 5-2.2 8-.6 12s1 6-.4 10h-4.4c1.6-4 1.4-6 .2-10s.4-7 .2-12z M8 42c4-3 16-3 20 0 1.6 1.6-21.6 1.6-20 0z',
    strokes: 'M11 39.6c3 1.6 6 1.6 9 0 M2 45h36',
  },
  slumps: {
    dip: 'M15.6 18.8h4l-1 6.4c-.4 1.8-1.6 1.8-2 0z M5.5 44c1-6.4 7-9.4 12-9.4S28.500 37.600 29.500 44z',
    strokes: 'M12 39c2.600-1.600 6-1.800 9.500-.4 M2 45h36',
  },
  scoops: {
    dip: 'M8.400 11c2-4.800 6.600-6.600 9.600-4.400s5.600 1 8 4.400z M6.500 44c0-7.600 5-11.800 11-11.800S28.500 36.400 28.500 44z',
    strokes: 'M11 39.500c2.500-4 7.500-4.500 9-2s-2.500 3.600-4 1.800 M2 45h36',
  },
  spreads: {
    dip: 'M8.200 11 12 4.600l3.400 3L20 2.500 26.800 11z M6.500 44 10 33.500l5 2.500 4.500-8.500 4 8 3 1.500L28.500 44z',
    strokes: 'M15 36l2.500 4.500 M19.500 27.500 21 35.500 M2 45h36',
  },
  packs: {
    dip: 'M8 11c.4-6.600 4.400-9 9.500-9S26.600 4.400 27 11z M7.500 44V35.500c0-6 4.400-9 10-9s10 3 10 9V44z',
    strokes: 'M11.500 35c.6-3 3-4.600 6-4.600 M2 45h36',
  },
  shapes: {
    dip: 'M17.500 26.500a8.800 8.800 0 1 1-.02 0z M10 11a7.500 7.500 0 0 1 15 0z',
    strokes: 'M12.500 33.500c.8-1.800 2.400-3 4.600-3.200 M2 45h36',
  },
};

/**
 * What a spoon shows at a body: drawn for Cobbet, on a 42 × 47 grid.
 *
 * @param size width, px
 * @param title words for those who can't see it; decorative without
 */
export function SpoonPicture({
  word,
  size,
  title,
  filled = true,
}: {
  word: BodyWord;
  size: number;
  title?: string;
  filled?: boolean;
}) {
  const { dip, strokes } = drawings[word];
  return (
    <svg
      viewBox="0 0 42 47"
      width={size}
      height={(size * 47) / 42}
      role={title ? 'img' : undefined}
      aria-label={title}
      aria-hidden={title ? undefined : true}
      fill="none"
      stroke={colour.ink}
      strokeWidth={1.7}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <path d={dip} fill={filled ? colour.filling : 'none'} />
      <path d={spoon} fill={colour.paper} />
      <path d={strokes} />
    </svg>
  );
}
