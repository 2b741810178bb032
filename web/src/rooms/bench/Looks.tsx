import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { blendColour } from '@cobbet/core/looks/blendColour';
import { browning } from '@cobbet/core/looks/browning';
import { leadFlavour } from '@cobbet/core/looks/leadFlavour';
import { useMemo } from 'react';
import { colour } from '@/theme/colour';
import { shortName } from './shortName';
import type { Bench } from './useBench';

/** A dab of the dip on a plate, in the colour it will about have. */
function Dab({ hex, label, size = 46 }: { hex: string; label: string; size?: number }) {
  return (
    <svg
      viewBox="0 0 46 40"
      width={size}
      height={(size * 40) / 46}
      role="img"
      aria-label={label}
      style={{ flexShrink: 0 }}
    >
      <ellipse cx={23} cy={32} rx={22} ry={6.5} fill={colour.paper} stroke={colour.line} />
      <path
        d="M6 30c-2-8 4-9 8-12s4-9 10-10 6 5 5 8 8 1 11 6 1 8-3 10c-8 3-26 3-31-2z"
        fill={hex}
      />
      <path
        d="M15 22c6-4 11 0 15-3m-20 8c8-3 15 2 23-2"
        fill="none"
        stroke="#0000002e"
        strokeWidth={1.6}
        strokeLinecap="round"
      />
    </svg>
  );
}

/** What it will look like, what leads in it, and what takes its colour. */
export function Looks({ bench }: { bench: Bench }) {
  const { parts, dip, analysis, larder } = bench;
  const { per100g } = analysis;
  const { hex, lead, browns } = useMemo(
    () => ({
      hex: blendColour(parts),
      lead: leadFlavour(parts, dip.name, dip.leadId),
      browns: browning(parts, per100g, dip.method.blendC),
    }),
    [parts, dip, per100g],
  );
  if (hex === null || lead === null) return null;
  const name = (id: string) => shortName(larder.get(id)?.name ?? id).toLowerCase();
  const turning = browns.likely > 0 && browns.tomorrow !== null && browns.tomorrow !== hex;
  return (
    <Box component="section" aria-label="Lead and colour">
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        Lead and colour
      </Typography>
      <Box sx={{ display: 'flex', gap: 1.25, alignItems: 'center' }}>
        <Dab hex={hex} label={`Colour about ${hex}`} />
        <Box sx={{ fontSize: 14, lineHeight: 1.4 }}>
          <strong>{name(lead.ingredient)}</strong> leads, {lead.gPer100g.toFixed(0)} g in 100 g
          {lead.dilutedBy.length > 0 &&
            `; beside it ${lead.dilutedBy
              .map((one) => `${name(one.ingredient)} ${one.gPer100g.toFixed(0)}`)
              .join(', ')}`}
          .
        </Box>
      </Box>
      {turning && (
        <Box sx={{ display: 'flex', gap: 1.25, alignItems: 'center', mt: 0.75 }}>
          <Dab hex={browns.tomorrow ?? hex} label="Colour tomorrow" />
          <Box sx={{ fontSize: 13.5, lineHeight: 1.4, color: colour.muted }}>
            Tomorrow: {browns.browns.map(name).join(' and ')} brown
            {browns.heldBy.length > 0 && `; slowed by ${browns.heldBy.join(' and ')}`}. What helps:{' '}
            {browns.wouldHelp.join(', ')}.
          </Box>
        </Box>
      )}
    </Box>
  );
}
