export type RoomName = 'Book' | 'Bench' | 'Make' | 'Trials';

/** A room's drawn mark: an open book, the thread with its beads, a bowl and spoon, tasting spoons side by side. */
const drawings: Record<RoomName, string> = {
  Book: 'M3 6c3-1.500 6-1 9 .8 3-1.800 6-2.300 9-.8v12.500c-3-1.300-6-.8-9 1-3-1.800-6-2.300-9-1z M12 6.800v12.700',
  Bench:
    'M7 3.500v0 M7 5.500 15 11 M15 13 9 18.500 M7 3a1.800 1.800 0 1 0 .01 0 M16 10a1.800 1.800 0 1 0 .01 0 M8 18a1.800 1.800 0 1 0 .01 0 M20 3v18',
  Make: 'M3 12h18c0 5-4 8-9 8s-9-3-9-8z M13 11.500 20 3',
  Trials:
    'M6 3c1.700 0 2.500 1.600 2.500 3.500S7.500 10 6 10 3.500 8.400 3.500 6.500 4.300 3 6 3z M6 10v11 M13 7c1.700 0 2.500 1.600 2.500 3.500S14.500 14 13 14s-2.500-1.600-2.500-3.500S11.300 7 13 7z M13 14v7 M20 4v17',
};

export function RoomMark({ name }: { name: RoomName }) {
  return (
    <svg
      viewBox="0 0 24 24"
      width={24}
      height={24}
      fill="none"
      stroke="currentColor"
      strokeWidth={1.7}
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden
    >
      <path d={drawings[name]} />
    </svg>
  );
}
