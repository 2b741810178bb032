'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NativeSelect from '@mui/material/NativeSelect';
import { sameValue } from '@cobbet/core/book/mergeRecords';
import { familyUsual, withFamilyUsual } from '@cobbet/core/dip/familyUsual';
import { leadFloor, leadFlavour } from '@cobbet/core/dip/leadFlavour';
import { targetFigure } from '@cobbet/core/mix/figures';
import { isBody, type TargetName, targetNames, targetWords } from '@cobbet/core/mix/targets';
import { familyNames } from '@cobbet/core/mix/families';
import { capital } from '@/components/bodyText';
import { money } from '@/components/money';
import { momentWarmth } from '@/components/momentWords';
import { namesIn } from '@/components/shortName';
import { useHouseUsualOf } from '@/store/houseUsual';
import { useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { PanelHead } from '../PanelHead';
import type { Bench } from '../useBench';
import type { BenchEdits } from '../useBenchEdits';
import { AimedFigure } from './AimedFigure';
import { bandAround, figureNow, notAimedAt } from './aimable';
import { usualWords } from './usualWords';
import { WhenEaten } from './WhenEaten';

/** What a dip is to be: when it is used, and every figure that is aimed at. */
export function TargetsPanel({
  bench,
  edits,
  onClose,
}: {
  bench: Bench;
  edits: BenchEdits;
  onClose: () => void;
}) {
  const { dip, parts, analysis, conditions, kitchen } = bench;
  const { currency } = useSettings();
  const aimed = targetNames.filter((name) => dip.targets[name]);
  const lead = leadFlavour(parts, dip.name, dip.leadId);
  const floor = lead && leadFloor(dip, lead);
  const usual = useHouseUsualOf(dip.family);
  const { blendC } = conditions.method;
  const nowOf = (name: TargetName) =>
    name === 'costEur'
      ? `${money(analysis.per100g.costEur, currency)} per 100 g`
      : (figureNow(name, analysis) ?? 'crumbs');
  return (
    <Box component="section" aria-label="What it is to be">
      <PanelHead close="Leave the targets" onClose={onClose}>
        What it is to be
      </PanelHead>
      <WhenEaten dip={dip} tool={bench.machine} blendC={blendC} onEdit={edits.edit} />
      <Box component="ul" aria-label="Aimed at" sx={{ m: 0, mt: 1, p: 0, listStyle: 'none' }}>
        {aimed.map((name) => {
          const band = dip.targets[name];
          return (
            band && (
              <AimedFigure
                key={name}
                name={name}
                {...(isBody(name) ? { note: momentWarmth(name, dip, blendC) } : {})}
                value={targetFigure(name, analysis)}
                now={nowOf(name)}
                band={band}
                onBand={(next) => edits.setTarget(name, next)}
              />
            )
          );
        })}
      </Box>
      <NativeSelect
        value=""
        inputProps={{ 'aria-label': 'Aim at something else' }}
        sx={{ width: '100%', my: 1 }}
        onChange={(event) => {
          const name = targetNames.find((one) => one === event.target.value);
          if (name) edits.setTarget(name, bandAround(name, targetFigure(name, analysis)));
        }}
      >
        <option value="">Aim at something else…</option>
        {notAimedAt(dip.targets).map((name) => (
          <option key={name} value={name}>
            {capital(targetWords[name].name)}, now {nowOf(name)}
          </option>
        ))}
      </NativeSelect>
      {floor && (
        <Button size="small" onClick={() => edits.addRule(floor)}>
          Never less {namesIn(kitchen.larder)(lead.ingredient)} than now
        </Button>
      )}
      {!sameValue(dip, withFamilyUsual(dip, usual)) && (
        <Box sx={{ mt: 1, fontSize: typeScale.note, color: colour.muted }}>
          {familyNames[dip.family]} are usually eaten {usualWords(familyUsual(dip.family, usual))}
          {usual ? ', by what was said here' : ''}.{' '}
          <Button
            size="small"
            onClick={() =>
              edits.edit('The usual of its family', (now) => withFamilyUsual(now, usual))
            }
            sx={{ p: 0, minHeight: 28 }}
          >
            Take that over
          </Button>
        </Box>
      )}
    </Box>
  );
}
