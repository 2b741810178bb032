import Box from '@mui/material/Box';
import type { Tasting } from '@cobbet/core/taste/tasting';
import type { TastingResult } from '@cobbet/core/taste/tastingResult';
import { capital } from '@/components/bodyText';
import { Panel } from '@/components/Panel';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** From so many points apart two tasters go different ways, and from so many a pot is told from itself. */
const farApart = 1.5;
const mostShown = 3;

/** Words that were ticked, what was noted, who goes another way, and who told a pot from itself. */
export function WhoSaid({
  tasting,
  result: { words, apart, twins },
  nameOf,
}: {
  tasting: Tasting;
  result: TastingResult;
  nameOf: (code: string) => string;
}) {
  const called = (id: string) => tasting.seats.find((seat) => seat.id === id)?.name ?? '';
  const far = apart.filter(({ by }) => by >= farApart).slice(0, mostShown);
  const notes = tasting.marks.filter(({ note }) => note !== undefined);
  const spoken = tasting.pots.flatMap(({ code }) => {
    const own = words.filter((one) => one.code === code).sort((a, b) => b.n - a.n);
    return own.length > 0 ? [{ code, own }] : [];
  });
  const line = { fontSize: typeScale.note, py: 0.4, overflowWrap: 'anywhere' } as const;
  if (far.length + notes.length + spoken.length + twins.length === 0) return null;
  return (
    <Panel title="Who said what">
      {twins.map(({ sampleId, codes, seats }) => {
        const told = seats.filter(({ by }) => Math.abs(by) >= farApart);
        return (
          <Box key={sampleId} sx={line}>
            {codes.join(' and ')} held the same:{' '}
            {told.length === 0
              ? 'nobody marked them far apart.'
              : `${told.map(({ seatId, by }) => `${called(seatId)} (${Math.abs(by)} points)`).join(', ')} marked them apart; take their other differences with that in mind.`}
          </Box>
        );
      })}
      {far.map(({ seats: [a, b], by }) => (
        <Box key={`${a} ${b}`} sx={line}>
          {called(a)} and {called(b)} go different ways, {by.toFixed(1)} points a pot.
        </Box>
      ))}
      {spoken.map(({ code, own }) => (
        <Box key={code} sx={line}>
          {capital(nameOf(code))}: {own.map(({ word, n }) => `${word} ${n}`).join(', ')}
        </Box>
      ))}
      {notes.map(({ seatId, code, note }) => (
        <Box key={`${seatId} ${code}`} sx={line}>
          <Box component="span" sx={{ color: colour.muted }}>
            {called(seatId)} of {nameOf(code)}:
          </Box>{' '}
          “{note}”
        </Box>
      ))}
    </Panel>
  );
}
