'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type Batch, leftIn, mayFreeze, type Pot, type PotEnd } from '@cobbet/core/book/batch';
import type { Keeping } from '@cobbet/core/safety/keeping';
import { useState } from 'react';
import { shortDay } from '@/components/day';
import { Panel } from '@/components/Panel';
import { endPot, movePot, openPot, takeBackPot } from '@/store/batchCommands';
import { today } from '@/store/today';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { dueWords } from './dueWords';

const endWords: Record<PotEnd, string> = {
  eaten: 'eaten',
  given: 'given away',
  sold: 'sold',
  thrown: 'thrown away',
  used: 'gone into other dips',
};
const whys = ['past its day', 'sour', 'moulded', 'spilled', 'nobody wanted it'] as const;

/** What can be done with a pot that is there. */
function PotActions({ batch, pot }: { batch: Batch; pot: Pot }) {
  const [throwing, setThrowing] = useState(false);
  const frozen = pot.place === 'freezer';
  const small = { px: 1, minWidth: 0 } as const;
  if (throwing) {
    return (
      <Box
        role="group"
        aria-label="Thrown away, why"
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}
      >
        {whys.map((why) => (
          <Button
            key={why}
            size="small"
            variant="outlined"
            sx={small}
            onClick={() => void endPot(batch.id, pot, 'thrown', why)}
          >
            {why}
          </Button>
        ))}
        <Button size="small" sx={small} onClick={() => setThrowing(false)}>
          Keep it
        </Button>
      </Box>
    );
  }
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.25 }}>
      {pot.openedOn === undefined && !frozen && (
        <Button size="small" sx={small} onClick={() => void openPot(batch.id, pot)}>
          Open it
        </Button>
      )}
      {pot.place !== 'fridge' && (
        <Button size="small" sx={small} onClick={() => void movePot(batch.id, pot, 'fridge')}>
          {frozen ? 'Thaw it in the fridge' : 'Into the fridge'}
        </Button>
      )}
      {pot.place === 'fridge' && (
        <Button size="small" sx={small} onClick={() => void movePot(batch.id, pot, 'table')}>
          Out on the table
        </Button>
      )}
      {!frozen && mayFreeze(pot) && (
        <Button size="small" sx={small} onClick={() => void movePot(batch.id, pot, 'freezer')}>
          Freeze it
        </Button>
      )}
      {(['eaten', 'given', 'sold'] as const).map((how) => (
        <Button key={how} size="small" sx={small} onClick={() => void endPot(batch.id, pot, how)}>
          {how === 'given' ? 'Given away' : how === 'sold' ? 'Sold' : 'Eaten'}
        </Button>
      ))}
      <Button size="small" sx={small} onClick={() => setThrowing(true)}>
        Thrown away
      </Button>
      {pot.openedOn === undefined && pot.frozenOn === undefined && (
        <Button
          size="small"
          sx={{ ...small, color: colour.muted }}
          onClick={() => void takeBackPot(batch.id, pot)}
        >
          Not filled after all
        </Button>
      )}
    </Box>
  );
}

function stateWords({ place, openedOn, frozenOn, thawedOn }: Pot): string {
  return [
    place === 'table' ? 'out on the table' : `in the ${place}`,
    openedOn === undefined ? '' : `opened ${shortDay(openedOn)}`,
    frozenOn === undefined ? '' : `frozen ${shortDay(frozenOn)}`,
    thawedOn === undefined ? '' : `thawed ${shortDay(thawedOn)}, not to be frozen again`,
  ]
    .filter((text) => text !== '')
    .join(', ');
}

/** Every pot of a batch: where it stands, by when it is to be eaten, and what became of it. */
export function PotList({ batch, keepingOf }: { batch: Batch; keepingOf: (pot: Pot) => Keeping }) {
  const now = today();
  if (batch.pots.length === 0) return null;
  return (
    <Panel title="Where it is">
      <Box component="ol" aria-label="Pots" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {batch.pots.map((pot, i) => {
          const keeping = keepingOf(pot);
          const { words, near } = dueWords(keeping, now);
          const name = `${pot.name} ${i + 1}`;
          return (
            <Box
              component="li"
              key={pot.id}
              aria-label={name}
              sx={{ borderTop: `1px solid ${colour.line}`, py: 0.75 }}
            >
              <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
                <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
                  <Box component={pot.gone ? 's' : 'strong'}>{name}</Box>, {pot.g.toFixed(0)} g
                  {!pot.gone && pot.taken && `, ${leftIn(pot).toFixed(0)} g of it left`}
                  {pot.oilG > 0 && ` under ${pot.oilG.toFixed(0)} g oil`}
                </Box>
                <Box
                  sx={{
                    ...{ ml: 'auto', textAlign: 'right', fontSize: typeScale.note },
                    color: near && !pot.gone ? colour.caution : colour.muted,
                    fontWeight: near && !pot.gone ? 700 : 400,
                  }}
                >
                  {pot.gone
                    ? `${endWords[pot.gone.how]} ${shortDay(pot.gone.on)}${pot.gone.why === '' ? '' : `: ${pot.gone.why}`}`
                    : words}
                </Box>
              </Box>
              {pot.gone ? (
                <Button
                  size="small"
                  sx={{ px: 0 }}
                  onClick={() => void endPot(batch.id, pot, null)}
                >
                  It is still there
                </Button>
              ) : (
                <>
                  <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
                    {stateWords(pot)}
                  </Box>
                  <PotActions batch={batch} pot={pot} />
                </>
              )}
            </Box>
          );
        })}
      </Box>
    </Panel>
  );
}
