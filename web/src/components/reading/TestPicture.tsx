import { colour } from '@/theme/colour';

/** How a test is done, drawn: a ring lifted off a plate, or a dab under a weighted plate. */
export function TestPicture({ test }: { test: 'ring' | 'press' }) {
  return (
    <svg
      viewBox="0 0 168 104"
      width={168}
      height={104}
      aria-hidden
      fill="none"
      stroke={colour.ink}
      strokeWidth={2}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <path d="M10 88h148" strokeWidth={3} />
      {test === 'ring' ? (
        <>
          <path d="M56 24v30h56V24" />
          <path d="M52 24h64" />
          <path
            d="M26 87c4-14 22-22 58-22s54 8 58 22z"
            fill={colour.filling}
            stroke={colour.accent}
          />
          <path d="M84 18V6m-5 5 5-5 5 5" stroke={colour.accent} />
          <path d="M26 97h116m-110-4-6 4 6 4m104-8 6 4-6 4" strokeWidth={1.5} />
        </>
      ) : (
        <>
          <path d="M64 10h40l5 30H59z" />
          <path d="M22 46h124" strokeWidth={3} />
          <path
            d="M40 87c-6-10-6-28 0-39h88c6 11 6 29 0 39z"
            fill={colour.filling}
            stroke={colour.accent}
          />
          <path d="M36 97h96m-90-4-6 4 6 4m84-8 6 4-6 4" strokeWidth={1.5} />
        </>
      )}
    </svg>
  );
}
