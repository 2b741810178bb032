'use client';

import Box from '@mui/material/Box';
import { shippedLarder } from '@cobbet/core/larder/larder';
import { type GuessRecord, guessRecord, type KindOfGuess } from '@cobbet/core/practice/guessRecord';
import { useMemo } from 'react';
import { ChartFile } from '@/components/chart/ChartFile';
import { Panel } from '@/components/Panel';
import { roleNames } from '@/components/roleNames';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { GuessChart } from './GuessChart';

/** Less than this either way is no lean, body; less than this of itself no difference of a factor. */
const least = { bias: 0.15, factor: 0.15 } as const;

function kindWords({ role, factor, n }: KindOfGuess): string {
  const what = roleNames[role];
  if (Math.abs(factor - 1) < least.factor) return `${what}: about as you think (${n})`;
  if (factor < 0) return `${what}: the other way from what you think (${n})`;
  return `${what}: ${factor.toFixed(1)} times what you think (${n})`;
}

/** What the guesses say together, the plainest first. */
function recordWords({ bodies, typicalMiss, bias, sharpened, modelMiss, marks }: GuessRecord) {
  const says: string[] = [];
  if (typicalMiss !== null) {
    says.push(
      `Over ${bodies.length} ${bodies.length === 1 ? 'guess' : 'guesses'} of body you were ${typicalMiss.toFixed(1)} off in the middle${modelMiss === null ? '' : `; Cobbet, which knew what was in them and not the kitchens, ${modelMiss.toFixed(1)}`}.`,
    );
  }
  if (sharpened) {
    says.push(
      `The first half were ${sharpened.first.toFixed(1)} off, the later half ${sharpened.last.toFixed(1)}.`,
    );
  }
  if (bias !== null && Math.abs(bias) >= least.bias) {
    says.push(
      `On average bowls came ${Math.abs(bias).toFixed(1)} ${bias > 0 ? 'stiffer' : 'looser'} than you said.`,
    );
  }
  if (marks.said > 0) says.push(`Of ${marks.said} guesses of salt and sour ${marks.so} were so.`);
  return says;
}

/** How somebody's guesses go: no points, only how far off and about what. */
export function GuessPanel() {
  const practices = useBook((state) => state.book.practices);
  const record = useMemo(() => guessRecord(practices.values(), shippedLarder), [practices]);
  const says = recordWords(record);
  return (
    <Panel title="How your guesses go">
      {says.length === 0 ? (
        <Box sx={{ color: colour.muted, maxWidth: 460 }}>
          Nothing is guessed yet. Before each addition say where the body will stand, and how salt
          and sour will be; here it is held against what came.
        </Box>
      ) : (
        <Box sx={{ display: 'grid', gap: 0.75, gridTemplateColumns: 'minmax(0, 1fr)' }}>
          {says.map((one) => (
            <div key={one}>{one}</div>
          ))}
          {record.bodies.length > 1 && (
            <ChartFile title="How far off guesses were">
              <GuessChart bodies={record.bodies} />
            </ChartFile>
          )}
          {record.kinds.length > 0 && (
            <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: typeScale.note }}>
              {record.kinds.map((kind) => (
                <li key={kind.role}>{kindWords(kind)}</li>
              ))}
            </Box>
          )}
        </Box>
      )}
    </Panel>
  );
}
