import type { Band } from '@cobbet/core/mix/targets';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const width = 46;

/** Where a value stands against a range, in words. */
export function against(value: number, { low, high }: Band): 'short' | 'right' | 'over' {
  if (low !== null && value < low) return 'short';
  return high !== null && value > high ? 'over' : 'right';
}

/** A small strip: the wanted range as a bracketed bar, the value as a dot on it or beside it. */
export function SeasoningMark({
  name,
  value,
  band,
  unit,
}: {
  name: string;
  value: number;
  band: Band;
  unit: string;
}) {
  const low = band.low ?? 0;
  const high = band.high ?? Math.max(value, low * 2, 1e-6);
  const span = Math.max(high - low, 1e-6);
  const x = (at: number) => 13 + ((at - low) / span) * 20;
  const dot = Math.min(width - 4, Math.max(4, x(value)));
  const place = against(value, band);
  return (
    <svg
      viewBox={`0 0 ${width} 24`}
      width={width}
      height={24}
      role="img"
      aria-label={`${name} ${value.toFixed(2)} ${unit}, ${place}`}
    >
      <line x1={2} x2={width - 2} y1={6} y2={6} stroke={colour.line} strokeWidth={2} />
      <rect x={13} y={2} width={20} height={8} fill={colour.band} />
      <path d="M13 1v10M33 1v10" stroke={colour.bandEdge} strokeWidth={1.4} />
      <circle
        cx={dot}
        cy={6}
        r={3.2}
        fill={place === 'right' ? colour.ink : colour.paper}
        stroke={place === 'right' ? colour.ink : colour.caution}
        strokeWidth={2}
      />
      <text x={23} y={22} textAnchor="middle" fontSize={typeScale.tiny} fill={colour.muted}>
        {name}
      </text>
    </svg>
  );
}
