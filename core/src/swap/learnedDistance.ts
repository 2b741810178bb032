import { keptWeight, noticedChange } from './keptFigures';
import type { Candidate } from './swap';
import { countedTimes } from './swapDistance';

const bodies = ['freshBody', 'chilledBody'] as const;

/**
 * By how much farther a candidate is than the model has it, where readings have taught that it stands stiffer or looser: its body moved by
 * what is believed of that, counted as any other shift.
 *
 * @param believed body, positive is stiffer
 * @returns noticed changes; negative where it is nearer than reckoned
 */
export function learnedFarther({ proposal }: Candidate, believed: number): number {
  return bodies.reduce((sum, name) => {
    const [from, to] = [proposal.before[name], proposal.after[name]];
    if (from === null || to === null) return sum;
    const noticed = noticedChange(name, from);
    const times = (off: number) => countedTimes(Math.abs(off) / noticed);
    return sum + keptWeight[name] * (times(to - from + believed) - times(to - from));
  }, 0);
}
