'use client';

import Box from '@mui/material/Box';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Calibration } from '@cobbet/core/readings/calibrate';
import { tellingReadings } from '@cobbet/core/readings/tellsMost';
import { toBeRead } from '@cobbet/core/dip/toBeRead';
import { useMemo, useState } from 'react';
import { readingWays, readingWhen } from '@/components/reading/readingWords';
import { InlineSelect } from '@/components/InlineSelect';
import { AskMeaning } from '@/components/why/AskMeaning';
import { useBook } from '@/store/bookStore';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** Of a dip the cook names, the one reading that would narrow its band most. */
export function TellsMost({
  calibration,
  machineId,
}: {
  calibration: Calibration;
  /** Dips made in it are asked about. */
  machineId: string;
}) {
  const dips = useBook((state) => state.book.dips);
  const kitchen = useKitchen();
  const [dipId, setDipId] = useState<string | null>(null);
  const telling = useMemo(() => {
    const toldBy = (dip: Dip) => {
      const read = toBeRead(dip, kitchen);
      return read ? tellingReadings(calibration, read)[0] : undefined;
    };
    // which dip is least sure is worth knowing before any is chosen; a long book is not gone through for it
    const all = [...dips.values()]
      .filter((dip) => dip.machineId === machineId)
      .slice(0, 200)
      .flatMap((dip) => {
        const best = toldBy(dip);
        return best ? [{ dip, best }] : [];
      });
    all.sort((a, b) => b.best.sdNow - a.best.sdNow);
    const named = dipId === null ? undefined : dips.get(dipId);
    const best = named && toldBy(named);
    return named && best ? { dip: named, best } : all[0];
  }, [calibration, dips, kitchen, dipId, machineId]);
  if (!telling) return null;
  const { dip, best } = telling;
  return (
    <Box
      component="section"
      aria-label="The reading that tells most"
      sx={{ p: 1.75, bgcolor: colour.accentWash, borderRadius: 1, my: 2 }}
    >
      <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', alignItems: 'baseline' }}>
        <span>The reading that would tell most of</span>
        <InlineSelect
          label="Dip to be read"
          value={dip.id}
          options={[...dips.values()]
            .filter((one) => one.machineId === machineId)
            .map(({ id, name }) => ({ value: id, name }))}
          sx={{ fontWeight: 700 }}
          onChange={setDipId}
        />
      </Box>
      <Box sx={{ fontSize: typeScale.lead, fontWeight: 700, mt: 0.25 }}>
        {readingWays[best.way]}, {readingWhen[best.when]}
      </Box>
      <Box sx={{ fontSize: typeScale.note }}>
        The model’s doubt goes from ± {best.sdNow.toFixed(2)} to ± {best.sdThen.toFixed(2)} body,
        whatever it shows. <AskMeaning about="telling" of="the reading that tells most" />
      </Box>
    </Box>
  );
}
