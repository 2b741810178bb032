'use client';

import { soakOf } from '@cobbet/core/prepare/pulseWork';
import { pieceWord } from '@cobbet/core/amounts/printAmount';
import Box from '@mui/material/Box';
import NativeSelect from '@mui/material/NativeSelect';
import type { RawWay } from '@cobbet/core/prepare/rawWay';
import type { Row } from '@cobbet/core/dip/dip';
import type { ReadRow } from '@cobbet/core/dip/readRow';
import { ownRoute } from '@cobbet/core/prepare/ownRoute';
import { prepare, rawFor, routesTo } from '@cobbet/core/prepare/prepare';
import { pulseOfIngredient } from '@cobbet/core/prepare/pulses';
import { soakCurve } from '@cobbet/core/prepare/soak';
import { routeOfRow } from '@cobbet/core/prepare/routeOfRow';
import { methodOf, wayOfRow } from '@cobbet/core/prepare/usualWay';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { Cautions } from '@/components/Cautions';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { SidePanel } from '../SidePanel';
import { CoolingHelp } from './CoolingHelp';
import { shortName } from '@/components/shortName';
import { LeftOver } from './LeftOver';
import { PulseChoices } from './PulseChoices';
import { RouteSteps } from './RouteSteps';
import { OwnResult } from './OwnResult';
import { SoakCompared } from './SoakCompared';
import { SoakDrawing } from './SoakDrawing';
import { TakenUp } from './TakenUp';
import { lengthText } from '@/components/lengthText';

/** What has been on the heat for so long has to be cooled, min. */
const hotFromMin = 15;

/** Ways that are told by what is done, and not by what they start from. */
const doneWords: Readonly<Record<string, string>> = {
  pan: 'in a pan',
  soaked: 'soaked, then dried',
  shell: 'from the shell',
  halves: 'halved',
  'cucumber-plain': 'from cucumber, unsalted',
};
const wayWords = (from: string) => doneWords[from] ?? `from ${from.replace(/-/g, ' ')}`;

/** So many of a piece, to a tenth: `1 bunch`, `2.5 lemons`. */
const countedRaw = (count: number, piece: string) => {
  const about = Number(count.toFixed(1));
  return `${about} ${pieceWord(piece, about)}`;
};

/** How a row is made ready from raw: the way, what it takes, what is left over, and what to mind. */
export function MakeReady({
  read,
  rows,
  onChange,
  onClose,
}: {
  read: ReadRow;
  /** The whole dip, for what it wants of what is left over. */
  rows: readonly ReadRow[];
  onChange: (label: string, edit: (row: Row) => Row) => void;
  onClose: () => void;
}) {
  const { row, ingredient, massG } = read;
  const yields = useBook((state) => state.book.yields);
  if (!ingredient) return null;
  const way = wayOfRow(ingredient, row.raw);
  const usual = routeOfRow(ingredient, row.raw);
  const route = usual && ownRoute(usual, ingredient.id, yields.values());
  const made = route && massG > 0 ? prepare(route, rawFor(route, massG)) : null;
  const ways = [...new Set(routesTo(ingredient).map(({ from }) => from))];
  const name = shortName(ingredient.name);
  const set = (raw: RawWay | null) => onChange(`${name}, made ready`, (one) => ({ ...one, raw }));
  const pulse = pulseOfIngredient(ingredient);
  const dried = way?.from === 'dried' && pulse;
  const method = way && methodOf(way);
  const curve = dried ? soakCurve(pulse) : null;
  const hands = made?.steps.reduce((sum, step) => sum + step.handsOnMin, 0) ?? 0;
  const waits = made?.steps.reduce((sum, step) => sum + step.waitMin, 0) ?? 0;
  const comesHot = made?.steps.some(
    ({ uses, waitMin }) => (uses.oven ?? uses.hob) !== undefined && waitMin >= hotFromMin,
  );
  const [piece] = route ? Object.entries(route.pieceG) : [];
  return (
    <SidePanel label={`${name}, made ready`} onClose={onClose}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <NativeSelect
          value={way?.from ?? ''}
          inputProps={{ 'aria-label': 'Way to make it ready' }}
          onChange={(event) => set(event.target.value === '' ? null : { from: event.target.value })}
        >
          <option value="">as it is bought</option>
          {ways.map((from) => (
            <option key={from} value={from}>
              {wayWords(from)}
            </option>
          ))}
        </NativeSelect>
        {made && route && (
          <Box role="status">
            <strong>
              {printGrams(made.rawG)} {route.raw}
            </strong>
            {piece && `, about ${countedRaw(made.rawG / piece[1].typical, piece[0])}`}, for{' '}
            {printGrams(made.readyG.typical)} ({printGrams(made.readyG.low)} to{' '}
            {printGrams(made.readyG.high)})
          </Box>
        )}
      </Box>
      {dried && way && <PulseChoices pulse={pulse} way={way} soaks={curve !== null} onSet={set} />}
      {way && <TakenUp ingredient={ingredient} way={way} onChange={set} />}
      {curve && way && <SoakCompared ingredient={ingredient} way={way} massG={massG} />}
      {made && <Cautions cautions={made.cautions} sx={{ mt: 2, fontSize: typeScale.note }} />}
      {made && (
        <Box
          sx={{
            display: 'grid',
            gap: 3,
            mt: 2,
            gridTemplateColumns: 'minmax(0, 1fr)',
          }}
        >
          <Box>
            <strong>
              {lengthText(hands)} hands-on, {lengthText(waits)} waiting
            </strong>
            <RouteSteps steps={made.steps} />
            {usual && route && (
              <OwnResult key={route.from} table={usual} route={route} name={name} />
            )}
            <LeftOver
              leftovers={made.leftovers}
              rows={rows}
              from={`${name}, ${wayWords(way?.from ?? '')}`}
            />
          </Box>
          <Box>
            {curve && pulse && method && soakOf(pulse, method) !== 'none' && (
              <SoakDrawing
                name={name}
                pulse={pulse}
                curve={curve}
                dryG={made.rawG}
                hot={method.soak === 'hot'}
              />
            )}
            {(dried || comesHot) && <CoolingHelp massG={massG} />}
          </Box>
        </Box>
      )}
      {!made && (
        <Box sx={{ mt: 2, color: colour.muted }}>
          {route ? 'Give it an amount first.' : 'Nothing to do: it goes in as it is bought.'}
        </Box>
      )}
    </SidePanel>
  );
}
