import type { tokens } from './tokens';

const of = (name: keyof (typeof tokens)['light']) => `var(--mui-palette-cobbet-${name})`;

/** Theme colours as CSS variables, for sx and SVG alike. */
export const colour = {
  paper: of('paper'),
  board: of('board'),
  ink: of('ink'),
  muted: of('muted'),
  line: of('line'),
  accent: of('accent'),
  accentWash: of('accentWash'),
  onAccent: of('onAccent'),
  band: of('band'),
  bandEdge: of('bandEdge'),
  caution: of('caution'),
  cautionWash: of('cautionWash'),
  filling: of('filling'),
} as const;
