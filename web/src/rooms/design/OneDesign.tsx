'use client';

import Box from '@mui/material/Box';
import { markedBy, type MixtureDesign } from '@cobbet/core/design/mixtureDesign';
import { readDip } from '@cobbet/core/dip/analyseDip';
import type { Dip } from '@cobbet/core/dip/dip';
import { mixtureCost } from '@cobbet/core/dip/mixtureFigures';
import { useMemo } from 'react';
import { later } from '@/components/later';
import { Panel } from '@/components/Panel';
import { RoomPage } from '@/components/RoomPage';
import { shortName } from '@/components/shortName';
import { dropDesign } from '@/store/designCommands';
import { useKitchen } from '@/store/useKitchen';
import { placesOf } from './placesOf';
import { PlanActions } from './PlanActions';
import { plainName } from './plainName';
import { TrialTable } from './TrialTable';

const PlanSays = later(() => import('./PlanSays').then(({ PlanSays }) => PlanSays));

/** What 100 g of a plan's mixtures cost; nothing where its dip has lost what is varied. */
function useCost(design: MixtureDesign, dip: Dip) {
  const kitchen = useKitchen();
  return useMemo(() => {
    const places = placesOf(design, dip);
    return places.includes(-1) ? () => 0 : mixtureCost(readDip(dip, kitchen).parts, places);
  }, [design, dip, kitchen]);
}

/** One plan of trials: what is made, what came of it, what that says, and what to make next. */
export function OneDesign({ design, dip }: { design: MixtureDesign; dip: Dip }) {
  const { larder } = useKitchen();
  const costOf = useCost(design, dip);
  const names = design.components.map(({ ingredientId }) =>
    plainName(larder.get(ingredientId)?.name ?? ingredientId),
  );
  const rowNames = dip.rows.map(({ ingredientId }) =>
    shortName(larder.get(ingredientId)?.name ?? ingredientId).toLowerCase(),
  );
  return (
    <RoomPage
      title={design.name}
      maxWidth={1240}
      says={
        <>
          {dip.name} · {design.trials.length} trials, marked by {markedBy(design)} · they tell{' '}
          {Math.round(100 * design.efficiency)} % of what so many could
          {design.cut.length > 0 && ` · ${design.cut.length} mixtures could not be made to land`}
        </>
      }
      actions={<PlanActions onDelete={() => dropDesign(design.id)} />}
    >
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 3, lg: 5 },
          alignItems: 'start',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1.1fr)' },
        }}
      >
        <Panel title="Trials" aside="in the order they are made">
          <TrialTable {...{ design, dip, names, rowNames, costOf }} />
        </Panel>
        <PlanSays {...{ design, dip, names, rowNames, costOf }} />
      </Box>
    </RoomPage>
  );
}
