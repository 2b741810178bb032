import kinds from '../data/pulseKinds.json';
import { rawYield, type RawYield } from './rawYield';
import { about, findYield, ratioOf, times, type Yield, yieldOf } from '../yields';
import type { Range } from '../../statistics/range';

/** A pulse by its names: what it is in the larder once cooked, and whether it is sold frozen too. */
export interface PulseKind {
  id: string;
  ingredientIds: string[];
  name: string;
  frozen: boolean;
}

/** The pulses there are. */
export const pulseKinds: readonly PulseKind[] = kinds;

/** A cup of dried pulses, g/ml (chickpeas 0.845, beans and lentils 0.78–0.85). */
const driedGPerMl = 0.82;
const skinsKept = 1 - yieldOf('chickpea-skins-share').typical;
/** A can as it is usually sold, g. */
export const canG = 400;
const cansG: Range = { low: 395, typical: canG, high: 425 };

/** Pulses that come in cans, and whether what is in the larder has been rinsed too. */
export const cannedPulses: readonly { to: string; rinsed: boolean }[] = [
  { to: 'chickpeas-canned-drained', rinsed: false },
  { to: 'chickpeas-canned-rinsed', rinsed: true },
  { to: 'cannellini-canned-drained', rinsed: false },
  { to: 'butter-beans-canned-drained', rinsed: false },
];

/** Broad beans as they are boiled without their skins; they alone are skinned from frozen. */
export const skinnedBroadBeans = 'broad-beans-fresh-skinned';

/** The name a pulse goes by in the table of yields, where it differs from its own. */
const yieldNames: Record<string, string> = { 'red-kidney': 'kidney' };

/** What one gram of a dried pulse gives, soaked or cooked; null where the table has no such row. */
export function pulseYield(
  { id }: Pick<PulseKind, 'id'>,
  state: 'soaked-mass' | 'cooked-mass',
): Yield | null {
  return findYield(`${yieldNames[id] ?? id}-${state}`);
}

function dried(pulse: PulseKind, to: string, skinsOff: boolean): RawYield[] {
  const cooked = pulseYield(pulse, 'cooked-mass');
  if (!cooked) return [];
  const ratio = times(ratioOf(cooked), skinsOff ? skinsKept : 1);
  const raw = `${pulse.name.toLowerCase()}, dried`;
  return [{ ...rawYield(to, 'dried', raw, ratio), rawGPerMl: driedGPerMl }];
}

function frozen({ name, frozen: sold }: PulseKind, to: string): RawYield[] {
  if (!sold) return [];
  const ratio = to === skinnedBroadBeans ? ratioOf(yieldOf('fava-fresh-skinning')) : about(1, 0.05);
  return [rawYield(to, 'frozen', name.toLowerCase(), ratio)];
}

function canned(to: string, rinsed: boolean, skinsOff: boolean): RawYield {
  const share = times(yieldOf('can-400-drained'), (skinsOff ? skinsKept : 1) / canG);
  const ratio = rinsed ? times(share, yieldOf('can-rinse-gain').typical) : share;
  return rawYield(to, 'can', 'cans', ratio, { can: cansG });
}

/**
 * What pulses give, dried, frozen, canned and in the pod.
 *
 * @param skinsOff their skins are rubbed off and poured away
 */
export function pulseRawYields(skinsOff: boolean): RawYield[] {
  return [
    ...pulseKinds.flatMap((pulse) =>
      pulse.ingredientIds.flatMap((to) => [...dried(pulse, to, skinsOff), ...frozen(pulse, to)]),
    ),
    ...cannedPulses.map(({ to, rinsed }) => canned(to, rinsed, skinsOff)),
    rawYield('broad-beans-fresh-boiled', 'pods', 'broad beans in their pods', ['fava-fresh-pods']),
  ];
}
