import type { Part } from '../mix/part';
import { type GivenUp, leadNoticed } from './justNoticeable';

function shareOf(parts: readonly Part[], id: string): number {
  const inDip = parts.filter(({ place }) => place !== 'top');
  const massG = inDip.reduce((sum, part) => sum + part.massG, 0);
  const ownG = inDip.reduce(
    (sum, { ingredient, massG: each }) => sum + (ingredient.id === id ? each : 0),
    0,
  );
  return massG > 0 ? (100 * ownG) / massG : 0;
}

/**
 * The lead flavour where a step thins it noticeably; empty where it does not, or nothing leads.
 *
 * @param leadId what the dip is named for
 */
export function leadGivenUp(
  before: readonly Part[],
  after: readonly Part[],
  leadId: string | undefined,
): GivenUp[] {
  if (leadId === undefined) return [];
  const [from, to] = [shareOf(before, leadId), shareOf(after, leadId)];
  const times = from > 0 ? (from - to) / (leadNoticed * from) : 0;
  return times > 1 + 1e-6 ? [{ name: 'lead', before: from, after: to, times }] : [];
}
