import Box from '@mui/material/Box';
import { type Figures, targetFigure } from '@cobbet/core/mix/figures';
import type { Targets } from '@cobbet/core/mix/targets';
import { noticedChange } from '@cobbet/core/swap/keptFigures';
import { scaleLinear } from 'd3-scale';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const marks = [
  { name: 'freshBody', label: 'warm' },
  { name: 'chilledBody', label: 'cold' },
  { name: 'saltG', label: 'salt' },
  { name: 'acidG', label: 'sour' },
  { name: 'garlicG', label: 'garlic' },
] as const;
type Marked = (typeof marks)[number]['name'];

/** Noticed changes either side of where it stands that an axis shows. */
const reachTimes = 4;
const width = 44;
const height = 14;

/** One figure before and after on a short axis, its target or else what is not noticed behind. */
function Mark({ name, before, after, targets }: { name: Marked } & Props) {
  const from = targetFigure(name, before);
  const to = targetFigure(name, after);
  if (from === null) return null;
  const noticed = noticedChange(name, from);
  const x = scaleLinear(
    [from - reachTimes * noticed, from + reachTimes * noticed],
    [3, width - 3],
  ).clamp(true);
  const target = targets[name];
  const [low, high] = target ? [target.low, target.high] : [from - noticed, from + noticed];
  const left = low === null ? 0 : x(low);
  const right = high === null ? width : x(high);
  return (
    <svg width={width} height={height}>
      <rect
        x={left}
        y={2}
        width={Math.max(1, right - left)}
        height={height - 4}
        fill={target ? colour.band : colour.board}
        stroke={target ? colour.bandEdge : colour.line}
        strokeWidth={0.75}
      />
      <line x1={0} x2={width} y1={height / 2} y2={height / 2} stroke={colour.line} />
      <line
        x1={x(from)}
        x2={x(from)}
        y1={1}
        y2={height - 1}
        stroke={colour.muted}
        strokeWidth={1.5}
      />
      {to === null ? (
        <path
          d={`M${width - 9} 4l6 6m0 -6l-6 6`}
          stroke={colour.caution}
          strokeWidth={1.5}
          fill="none"
        />
      ) : (
        <circle cx={x(to)} cy={height / 2} r={3.5} fill={colour.accent} />
      )}
    </svg>
  );
}

interface Props {
  before: Figures;
  after: Figures;
  targets: Targets;
}

/** Body and seasoning after a swap against where they are, small enough for a list; the words beside them say the same. */
export function SwapMarks({ only, ...props }: Props & { only?: readonly Marked[] }) {
  const shown = only ? marks.filter(({ name }) => only.includes(name)) : marks;
  return (
    <Box sx={{ display: 'flex', gap: '4px', my: 0.5 }} aria-hidden>
      {shown.map(({ name, label }) => (
        <Box key={name} sx={{ textAlign: 'center', lineHeight: 1.1 }}>
          <Mark name={name} {...props} />
          <Box sx={{ fontSize: typeScale.small }}>{label}</Box>
        </Box>
      ))}
    </Box>
  );
}
