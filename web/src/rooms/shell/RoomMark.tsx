export type RoomName = 'Book' | 'Bench' | 'Make' | 'Trials' | 'Day' | 'Larder' | 'Kit';

/** A room's drawn mark: tasks up to a deadline for the day; an open book, thread and beads, bowl and spoon, tasting spoons, jars on a shelf, ring and plate. */
const drawings: Record<RoomName, string> = {
  Book: 'M3 6c3-1.500 6-1 9 .8 3-1.800 6-2.300 9-.8v12.500c-3-1.300-6-.8-9 1-3-1.800-6-2.300-9-1z M12 6.800v12.700',
  Bench:
    'M7 3.500v0 M7 5.500 15 11 M15 13 9 18.500 M7 3a1.800 1.800 0 1 0 .01 0 M16 10a1.800 1.800 0 1 0 .01 0 M8 18a1.800 1.800 0 1 0 .01 0 M20 3v18',
  Make: 'M3 12h18c0 5-4 8-9 8s-9-3-9-8z M13 11.500 20 3',
  Trials:
    'M6 3c1.700 0 2.500 1.600 2.500 3.500S7.500 10 6 10 3.500 8.400 3.500 6.500 4.300 3 6 3z M6 10v11 M13 7c1.700 0 2.500 1.600 2.500 3.500S14.500 14 13 14s-2.500-1.600-2.500-3.500S11.300 7 13 7z M13 14v7 M20 4v17',
  Day: 'M3 5v16 M3 9h8 M6 14h10 M11 19h9 M20 3v18',
  Larder:
    'M3 20h18 M4.500 20v-9.500c0-1 .5-1.500 1.500-1.500h3.500c1 0 1.500.5 1.500 1.500V20 M5.500 9V6.500h4.500V9 M14 20v-6c0-1 .5-1.500 1.500-1.500H18c1 0 1.500.5 1.500 1.500v6 M14.800 12.500V10.500h4V12.500',
  Kit: 'M7 4h10 M8 4v6.500h8V4 M3 20h18 M5 20c.5-3.500 3-5.500 7-5.500s6.500 2 7 5.500',
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
