import type { Dip } from '@cobbet/core/dip/dip';
import { type BodyName, onPasta, servedMoment } from '@cobbet/core/mix/bodyMoments';
import { chilledC, freshC } from '@cobbet/core/mix/method';
import { isHandTool, type Tool } from './toolWords';
import { lengthText } from './lengthText';

/** A moment of use in words, to stand after a body: `scoops, hot on pasta`. */
export const momentWhen: Record<BodyName, string> = {
  warmBody: 'in the machine',
  freshBody: 'just blended',
  pastaBody: 'hot on pasta',
  servedBody: 'at the table',
  chilledBody: 'rested and chilled',
};

/** The same of what is made with a tool: by hand there is no machine it is in. */
export function momentWhenIn(tool: Tool): Record<BodyName, string> {
  return isHandTool(tool) ? { ...momentWhen, warmBody: 'as it is made' } : momentWhen;
}

/** What a bowl is for, in a cook's words. */
export const usedFor: Record<BodyName, string> = {
  warmBody: 'eating now',
  freshBody: 'eating at room warmth',
  pastaBody: 'hot pasta, now',
  servedBody: 'the table',
  chilledBody: 'the fridge, cold tomorrow',
};

/** How warm a dip is at a moment and how long it has stood. */
export function momentWarmth(
  name: BodyName,
  dip: Pick<Dip, 'servedAtC' | 'servedAfterMin'>,
  blendC: number,
): string {
  if (name === 'warmBody') return `${Math.round(blendC)} °C`;
  if (name === 'freshBody') return `${freshC} °C`;
  if (name === 'pastaBody') return `${onPasta.atC} °C`;
  if (name === 'chilledBody') return `${chilledC} °C, 4 h or more`;
  const { atC, restedForMinutes } = servedMoment(dip);
  return restedForMinutes === 0
    ? `${atC} °C, at once`
    : `${atC} °C after ${lengthText(restedForMinutes)}`;
}
