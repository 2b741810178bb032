'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { TastedTarget } from '@cobbet/core/book/tastedTargets';
import { targetWords } from '@cobbet/core/mix/targets';
import { useRouter } from 'next/navigation';
import { capital } from '@/components/bodyText';
import { Panel } from '@/components/Panel';
import { useBook } from '@/store/bookStore';
import { editDip } from '@/store/dipCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { jarWords } from '../jarWords';

/** What is wanted, in kitchen words; both where one bowl has too little and another too much. */
function wantedWords({ attribute, pots }: TastedTarget): string {
  const ways = new Set(pots.map(({ direction }) => direction));
  const more = ways.has('more');
  if (ways.size > 1) return `${jarWords[attribute].name}, between the two`;
  if (attribute === 'body') return more ? 'Stiffer' : 'Looser';
  if (attribute === 'grain') return more ? 'Coarser' : 'Smoother';
  if (attribute === 'colour') return more ? 'Darker' : 'Paler';
  return `${more ? 'More' : 'Less'} ${jarWords[attribute].name.toLowerCase()}`;
}

/** What the tasting asks of the next bowl, what costs most first; each can be aimed at on the Bench. */
export function Asked({
  targets,
  nameOf,
}: {
  targets: readonly TastedTarget[];
  nameOf: (code: string) => string;
}) {
  const router = useRouter();
  const dips = useBook((state) => state.book.dips);
  const aimAt = async ({ dipId, aim, attribute }: TastedTarget) => {
    if (!aim) return;
    await editDip(dipId, `Aim for ${jarWords[attribute].name.toLowerCase()} as tasted`, (dip) => ({
      ...dip,
      targets: { ...dip.targets, [aim.name]: aim.band },
    }));
    router.push(`/bench?dip=${encodeURIComponent(dipId)}&land`);
  };
  if (targets.length === 0) {
    return (
      <Panel title="For the next bowl">
        <Box sx={{ color: colour.muted, maxWidth: 520 }}>
          Nothing that a fifth of them find off costs it liking.
        </Box>
      </Panel>
    );
  }
  return (
    <Panel title="For the next bowl" aside="what costs most liking first">
      <Box component="ol" aria-label="For the next bowl" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {targets.map((target) => {
          const { attribute, aim, pots, dipId } = target;
          const decimals = aim ? targetWords[aim.name].decimals : 0;
          const figure = (value: number) => value.toFixed(decimals);
          return (
            <Box
              component="li"
              key={`${attribute} ${dipId}`}
              sx={{ borderTop: `1px solid ${colour.line}`, py: 1 }}
            >
              <Box sx={{ fontSize: typeScale.lead, fontWeight: 700 }}>
                {wantedWords(target)}
                {aim && (
                  <Box component="span" sx={{ color: colour.accent }}>
                    {': '}
                    {figure(aim.to)} ± {aim.sd.toFixed(Math.max(2, decimals))}
                    {targetWords[aim.name].unit}
                  </Box>
                )}
              </Box>
              {pots.map(({ code, why, from }) => (
                <Box key={code} sx={{ fontSize: typeScale.note, overflowWrap: 'anywhere' }}>
                  {capital(nameOf(code))}
                  {from !== null && ` had ${figure(from)}`}: {why}.
                </Box>
              ))}
              {aim && dips.has(dipId) && (
                <Button
                  size="small"
                  variant="outlined"
                  sx={{ mt: 0.75 }}
                  onClick={() => void aimAt(target)}
                >
                  Aim for {figure(aim.band.low ?? 0)}–{figure(aim.band.high ?? 0)} on the Bench
                </Button>
              )}
              {!aim && (
                <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
                  No figure of the model says how much.
                </Box>
              )}
            </Box>
          );
        })}
      </Box>
      <Box sx={{ fontSize: typeScale.small, color: colour.muted, mt: 0.5 }}>
        How far is an estimate: a mark is taken to be twice what is noticed, and moved by what these
        people said of bowls that differ.
      </Box>
    </Panel>
  );
}
