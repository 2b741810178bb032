import Box from '@mui/material/Box';
import type { Calibration } from '@cobbet/core/readings/calibrate';
import { AskMeaning } from '@/components/why/AskMeaning';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** An offset in words: which way, by how much, how sure. */
function offsetWords(mean: number, sd: number): string {
  const by = Math.abs(mean).toFixed(1);
  const way = mean < 0 ? 'looser' : 'stiffer';
  return Math.abs(mean) < 0.05
    ? `as the model says, ± ${sd.toFixed(1)}`
    : `${by} ${way}, ± ${sd.toFixed(1)}`;
}

/** What the readings say of the kitchen, in a few short lines. */
export function KitchenWords({
  calibration,
  readings,
}: {
  calibration: Calibration;
  readings: number;
}) {
  const { kitchen, covariance, count } = calibration;
  const sd = (i: number) => Math.sqrt(covariance[i * 4] ?? 0);
  const lines: [string, string][] = [
    ['Hummus, beans, yogurt and the like', offsetWords(kitchen[0] ?? 0, sd(0))],
    ['Pestos, nut pastes, what is oily outside', offsetWords(kitchen[1] ?? 0, sd(1))],
  ];
  const slope = kitchen[2] ?? 0;
  const clear = Math.abs(slope) > sd(2);
  return (
    <Box sx={{ mt: 0.5, maxWidth: 640 }}>
      {lines.map(([what, words]) => (
        <Box key={what} sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', lineHeight: 1.5 }}>
          <Box sx={{ color: colour.muted, minWidth: 280 }}>{what}</Box>
          <strong>{words}</strong>
        </Box>
      ))}
      <Box sx={{ color: colour.muted, fontSize: typeScale.note, mt: 0.5 }}>
        {count} {count === 1 ? 'reading teaches' : 'readings teach'}
        {readings > count && `, ${readings - count} left out`}.{' '}
        {clear &&
          (slope > 0
            ? 'What is stiff comes out stiffer still here, what is loose looser. '
            : 'Stiff and loose lie closer together here than the model says. ')}
        Each dip has an offset of its own besides. Every body you see is corrected so.{' '}
        <AskMeaning about="kitchen" of="looser or stiffer here" />
      </Box>
    </Box>
  );
}
