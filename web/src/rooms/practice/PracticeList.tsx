'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type Level, levels } from '@cobbet/core/practice/hiddenBowl';
import { type BowlRef, isRight, type Practice, sameBowl } from '@cobbet/core/practice/practice';
import { writtenIds, writtenTitle } from '@cobbet/core/practice/writtenBowls';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { LabelledField } from '@/components/LabelledField';
import { Panel } from '@/components/Panel';
import { RoomPage } from '@/components/RoomPage';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { GuessPanel } from './GuessPanel';
import { nextNumber } from './nextNumber';
import { levelWords } from './practiceWords';
import { useBegin } from './useBegin';

/** How the last try at a bowl stands. */
function standing({ steps, endedAt }: Practice): string {
  if (endedAt === null) return 'open, go on with it';
  const last = steps.at(-1);
  if (!last) return 'nothing added';
  const many = steps.length === 1 ? 'one addition' : `${steps.length} additions`;
  return isRight(last.came.sides) ? `right, with ${many}` : 'not right yet';
}

const isOpen = ({ endedAt }: Practice): boolean => endedAt === null;

/** One bowl to take up, or to go on with. */
function Bowl({
  bowl,
  name,
  told = '',
  last,
}: {
  bowl: BowlRef;
  name: string;
  told?: string;
  last: Practice | undefined;
}) {
  const begin = useBegin();
  const said = last === undefined ? '' : standing(last);
  const look = {
    ...{ display: 'flex', width: 1, gap: 1.5, alignItems: 'baseline', minHeight: 48, py: 0.9 },
    ...{ border: 0, bgcolor: 'transparent', font: 'inherit', textAlign: 'left', px: 0 },
    ...{ color: colour.ink, cursor: 'pointer', textDecoration: 'none' },
    '&:hover': { color: colour.accent },
  } as const;
  const inside = (
    <>
      <Box component="span" sx={{ flex: 1, minWidth: 0 }}>
        <Box component="span" sx={{ fontWeight: 600, display: 'block' }}>
          {name}
        </Box>
        {told !== '' && (
          <Box component="span" sx={{ fontSize: typeScale.note, color: colour.muted }}>
            {told}
          </Box>
        )}
      </Box>
      <Box component="span" sx={{ fontSize: typeScale.note, fontWeight: 600 }}>
        {said}
      </Box>
    </>
  );
  return (
    <Box component="li" sx={{ borderTop: `1px solid ${colour.line}` }}>
      {last && isOpen(last) ? (
        <Box component={Link} href={`/practice?id=${encodeURIComponent(last.id)}`} sx={look}>
          {inside}
        </Box>
      ) : (
        <Box component="button" type="button" onClick={() => begin(bowl)} sx={look}>
          {inside}
        </Box>
      )}
    </Box>
  );
}

/** A bowl drawn at random, or by a number somebody else was given. */
function Draw() {
  const begin = useBegin();
  const [level, setLevel] = useState<Level>(1);
  const [typed, setTyped] = useState('');
  const number = Number(typed);
  const wrong = typed.trim() !== '' && (!Number.isInteger(number) || number < 1 || number > 999);
  const seed = typed.trim() === '' ? null : number;
  return (
    <Panel title="Drawn, one after another" sx={{ mt: 3 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {levels.map((one) => (
          <Button
            key={one}
            variant={one === level ? 'contained' : 'outlined'}
            aria-pressed={one === level}
            onClick={() => setLevel(one)}
            sx={{ minHeight: 48 }}
          >
            {levelWords[one]}
          </Button>
        ))}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, mt: 1.5, alignItems: 'flex-end' }}>
        <LabelledField
          size="small"
          label="Number, if you have one"
          value={typed}
          error={wrong}
          helperText={wrong ? 'Bowls are numbered 1 to 999.' : undefined}
          onChange={(event) => setTyped(event.target.value)}
          sx={{ width: 230 }}
          htmlInput={{ inputMode: 'numeric', maxLength: 6 }}
        />
        <Button
          variant="outlined"
          disabled={wrong}
          sx={{ minHeight: 48 }}
          onClick={() =>
            begin({ level, seed: seed ?? nextNumber(new Date().toISOString(), level) })
          }
        >
          {seed === null || wrong ? 'Draw a bowl' : `Take bowl ${seed}`}
        </Button>
      </Box>
    </Panel>
  );
}

/** Every practice bowl there is, those that are open, and how guesses go. */
export function PracticeList() {
  const practices = useBook((state) => state.book.practices);
  const latest = useMemo(
    () => [...practices.values()].sort((a, b) => b.startedAt.localeCompare(a.startedAt)),
    [practices],
  );
  const lastOf = (bowl: BowlRef) => latest.find((one) => sameBowl(one.bowl, bowl));
  const openDrawn = latest.filter((one) => 'seed' in one.bowl && isOpen(one));
  return (
    <RoomPage
      title="Practice bowls"
      maxWidth={1180}
      says="A bowl whose inside nobody shows you, a few spoons, and your own eye and tongue. Say what each will do before it goes in."
      actions={
        <Button component={Link} href="/make">
          Make a real one
        </Button>
      }
    >
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 3, lg: 6 },
          alignItems: 'start',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
        }}
      >
        <div>
          {levels.map((level) => (
            <Panel key={level} title={levelWords[level]} sx={{ mb: 2 }}>
              <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
                {writtenIds
                  .filter((id) => writtenTitle(id)?.level === level)
                  .map((id) => (
                    <Bowl
                      key={id}
                      bowl={{ written: id }}
                      name={writtenTitle(id)?.name ?? id}
                      told={writtenTitle(id)?.told ?? ''}
                      last={lastOf({ written: id })}
                    />
                  ))}
              </Box>
            </Panel>
          ))}
        </div>
        <div>
          <GuessPanel />
          <Draw />
          {openDrawn.length > 0 && (
            <Box
              component="ul"
              aria-label="Drawn and open"
              sx={{ m: 0, mt: 2, p: 0, listStyle: 'none' }}
            >
              {openDrawn.map((one) => (
                <Bowl key={one.id} bowl={one.bowl} name={one.name} last={one} />
              ))}
            </Box>
          )}
        </div>
      </Box>
    </RoomPage>
  );
}
