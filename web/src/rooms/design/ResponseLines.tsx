'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { mostResponses } from '@cobbet/core/design/mixtureDesign';
import { InlineSelect } from '@/components/InlineSelect';
import { LabelledField } from '@/components/LabelledField';
import { Panel } from '@/components/Panel';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { GoalKind, ResponseKind, useResponses } from './useResponses';

const kinds: readonly { value: ResponseKind; name: string }[] = [
  { value: 'liking', name: 'liking' },
  { value: 'body', name: 'cold body' },
  { value: 'own', name: 'something else' },
];
const goals: readonly { value: GoalKind; name: string }[] = [
  { value: 'more', name: 'more is better' },
  { value: 'less', name: 'less is better' },
  { value: 'near', name: 'best near' },
];
const comesFrom: Record<ResponseKind, string> = {
  liking: 'likings of tastings stand there by themselves',
  body: 'readings of the cold bowls stand there by themselves',
  own: '',
};

/** What trials are marked by, one to four things, each with what is wanted of it. */
export function ResponseLines({ marked }: { marked: ReturnType<typeof useResponses> }) {
  const { typed, usualBody, change, add, remove } = marked;
  return (
    <Panel title="What is marked" sx={{ mt: 2.5 }}>
      <Box component="ul" aria-label="What is marked" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {typed.map(({ kind, name, goal, near }, at) => (
          <Box
            component="li"
            key={at}
            sx={{
              display: 'flex',
              flexWrap: 'wrap',
              alignItems: 'center',
              gap: 2,
              minHeight: 56,
              py: 0.75,
              borderTop: `1px solid ${colour.line}`,
            }}
          >
            <InlineSelect
              label={`Mark ${at + 1}`}
              value={kind}
              options={kinds}
              sx={{ fontWeight: 700 }}
              onChange={(next) => change(at, { kind: next })}
            />
            {kind === 'own' && (
              <LabelledField
                size="small"
                label="Called"
                value={name}
                placeholder="colour on day three"
                onChange={(event) => change(at, { name: event.target.value })}
                htmlInput={{ maxLength: 60 }}
              />
            )}
            {kind === 'own' ? (
              <InlineSelect
                label={`What is wanted of mark ${at + 1}`}
                value={goal}
                options={goals}
                onChange={(next) => change(at, { goal: next })}
              />
            ) : (
              <span>{kind === 'liking' ? 'more is better' : 'best near'}</span>
            )}
            {(kind === 'body' || (kind === 'own' && goal === 'near')) && (
              <LabelledField
                size="small"
                label="Near"
                value={near}
                {...(kind === 'body' ? { placeholder: usualBody.toFixed(1) } : {})}
                onChange={(event) => change(at, { near: event.target.value })}
                sx={{ width: 90 }}
                htmlInput={{ inputMode: 'decimal', maxLength: 8 }}
              />
            )}
            <Box sx={{ fontSize: typeScale.note, color: colour.muted, flex: '1 1 180px' }}>
              {comesFrom[kind]}
            </Box>
            {typed.length > 1 && (
              <Button
                size="small"
                aria-label={`Leave mark ${at + 1} out`}
                onClick={() => remove(at)}
              >
                Leave out
              </Button>
            )}
          </Box>
        ))}
      </Box>
      {typed.length < mostResponses && (
        <Button size="small" onClick={add}>
          Mark one thing more
        </Button>
      )}
    </Panel>
  );
}
