import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { blendColour } from '@cobbet/core/mix/blendColour';
import { browning } from '@cobbet/core/dip/browning';
import { leadFlavour, leadFloor } from '@cobbet/core/dip/leadFlavour';
import { memo, useMemo } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { namesIn } from '@/components/shortName';
import type { Bench } from '../useBench';
import type { BenchEdits } from '../useBenchEdits';

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
        d="M5 31c-1-5 3-8 6-10 3-6 8-9 13-9 6 0 10 3 12 8 4 2 6 6 5 11-8 4-28 4-36 0z"
        fill={hex}
      />
      <path
        d="M12 27c4-6 18-8 20-3 1 4-9 6-12 3-2-2 3-5 7-3"
        fill="none"
        stroke="#0000002e"
        strokeWidth={1.6}
        strokeLinecap="round"
      />
    </svg>
  );
}

/** What it will look like, what leads in it, and what takes its colour. */
export const Looks = memo(function Looks({ bench, edits }: { bench: Bench; edits: BenchEdits }) {
  const { parts, dip, analysis, kitchen, conditions } = bench;
  const { larder } = kitchen;
  const { per100g } = analysis;
  const { hex, lead, browns } = useMemo(
    () => ({
      hex: blendColour(parts),
      lead: leadFlavour(parts, dip.name, dip.leadId),
      browns: browning(
        parts,
        per100g,
        conditions.method.blendC,
        dip.rows.some(({ raw }) => raw?.from === 'blanched'),
      ),
    }),
    [parts, dip, per100g, conditions],
  );
  if (hex === null || lead === null) return null;
  const name = namesIn(larder);
  const floor = leadFloor(dip, lead);
  const turning = browns.likely > 0 && browns.tomorrow !== null && browns.tomorrow !== hex;
  return (
    <Panel title="Lead and colour">
      <Box sx={{ display: 'flex', gap: 1.25, alignItems: 'center' }}>
        <Dab hex={hex} label={`Colour about ${hex}`} />
        <Box sx={{ fontSize: typeScale.note, lineHeight: 1.4 }}>
          In the lead: <strong>{name(lead.ingredient)}</strong>, {lead.gPer100g.toFixed(0)} g in 100
          g
          {lead.dilutedBy.length > 0 &&
            `; beside it ${lead.dilutedBy
              .map((one) => `${name(one.ingredient)} ${one.gPer100g.toFixed(0)}`)
              .join(', ')}`}
          .
          {floor && (
            <Button
              size="small"
              title={`A rule: ${floor.said}`}
              onClick={() => edits.addRule(floor)}
              sx={{ display: 'block', p: 0, minHeight: 26 }}
            >
              Never less than that
            </Button>
          )}
        </Box>
      </Box>
      {turning && (
        <Box sx={{ display: 'flex', gap: 1.25, alignItems: 'center', mt: 0.75 }}>
          <Dab hex={browns.tomorrow ?? hex} label="Colour tomorrow" />
          <Box sx={{ fontSize: typeScale.small, lineHeight: 1.4, color: colour.muted }}>
            Tomorrow: {browns.browns.map(name).join(' and ')} brown
            {browns.heldBy.length > 0 && `; slowed by ${browns.heldBy.join(' and ')}`}. What helps:{' '}
            {browns.wouldHelp.join(', ')}.
          </Box>
        </Box>
      )}
    </Panel>
  );
});
