'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { LabelledField } from '@/components/LabelledField';
import { lengthText } from '@/components/lengthText';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { Planned } from './usePlanFields';

const fields = [
  { key: 'many', label: 'Trials', width: 100 },
  { key: 'twice', label: 'Of them twice', width: 130 },
  { key: 'day', label: 'In a day', width: 110 },
  { key: 'each', label: 'Each makes, g', width: 140 },
] as const;

/** How many trials, how large, over how many days. */
export function PlanFields({ plan }: { plan: Planned }) {
  const { typed, usual, asked } = plan;
  const stands = {
    many: String(usual.many),
    twice: String(usual.twice),
    day: 'all',
    each: 'as written',
  };
  const days = asked.perDay === undefined ? 1 : Math.ceil(asked.n / asked.perDay);
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, mt: 2.5, alignItems: 'center' }}>
        {fields.map(({ key, label, width }) => (
          <LabelledField
            key={key}
            size="small"
            label={label}
            value={typed[key]}
            placeholder={stands[key]}
            onChange={(event) => plan.type({ [key]: event.target.value })}
            sx={{ width }}
            htmlInput={{ inputMode: 'decimal', maxLength: 6 }}
          />
        ))}
      </Box>
      <Box sx={{ mt: 1, fontSize: typeScale.note, color: colour.muted }}>
        About {(plan.allG / 1000).toFixed(1)} kg in all
        {plan.workMin === null
          ? ''
          : `, about ${lengthText(Math.round(plan.workMin))} of work by the times of those you made`}
        {days > 1 ? `, over ${days} days` : ''}. Those done twice tell how far bowls of one mixture
        differ
        {days > 1 ? '; what one day is better than another is taken out' : ''}.
        {plan.tooSmall && (
          <Box component="span" sx={{ color: colour.caution }}>
            {' '}
            The {plan.machineName} grips from about {plan.leastG} g on.{' '}
            <Button size="small" onClick={() => plan.type({ each: String(plan.leastG) })}>
              Make each {plan.leastG} g
            </Button>
          </Box>
        )}
        {!plan.tooSmall && typed.each.trim() === '' && plan.leastG > 0 && (
          <Button size="small" onClick={() => plan.type({ each: String(plan.leastG) })}>
            As small as the {plan.machineName} grips: {plan.leastG} g
          </Button>
        )}
      </Box>
    </>
  );
}
