import { encode } from 'uqr';

/** A code square that a camera reads. */
export function CodeSquare({ text, mm }: { text: string; mm: number }) {
  const { size, data } = encode(text, { border: 1 });
  const path = data
    .flatMap((row, y) => row.flatMap((on, x) => (on ? [`M${x} ${y}h1v1h-1z`] : [])))
    .join('');
  return (
    <svg
      viewBox={`0 0 ${size} ${size}`}
      role="img"
      aria-label="Code that opens the batch"
      shapeRendering="crispEdges"
      style={{ width: `${mm}mm`, height: `${mm}mm`, display: 'block' }}
    >
      <rect width={size} height={size} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
