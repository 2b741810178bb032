import type { tokens } from './tokens';

const variable = (name: keyof (typeof tokens)['light']) => `var(--mui-palette-cobbet-${name})`;

/** Theme colours as CSS variables, for sx and SVG alike. */
export const colour = {
  paper: variable('paper'),
  board: variable('board'),
  ink: variable('ink'),
  muted: variable('muted'),
  line: variable('line'),
  accent: variable('accent'),
  accentWash: variable('accentWash'),
  onAccent: variable('onAccent'),
  band: variable('band'),
  bandEdge: variable('bandEdge'),
  caution: variable('caution'),
  cautionWash: variable('cautionWash'),
  filling: variable('filling'),
} as const;
