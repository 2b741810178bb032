import type { WayEffect } from '@cobbet/core/ways/effect';
import { lengthText } from '@/components/lengthText';

/** A change in words, where it is large enough to mean something. */
function changed(
  from: number | null,
  to: number | null,
  least: number,
  say: (by: number, more: boolean) => string,
): string[] {
  if (from === null || to === null || Math.abs(to - from) < least) return [];
  return [say(Math.abs(to - from), to > from)];
}

/** How far off the measuring leaves a figure, the way it is and the other way. */
function spread(
  name: string,
  from: number | null,
  to: number | null,
  least: number,
  unit: string,
): string[] {
  const digits = unit === '' ? 1 : 2;
  const [was, is] = [from, to].map((value) => value?.toFixed(digits));
  // a change too small to be written would read as none
  if (was === is) return [];
  return changed(from, to, least, () => `${name} as measured ± ${is}${unit}, not ± ${was}`);
}

/** What way effects are told by in words, beside what is drawn. */
type Told = Omit<WayEffect, 'figures'>;

/** What another way would change of what is drawn on the line: body and seasoning, in words for those who can't see it. */
export function drawnWords(now: Told, then: Told): string[] {
  return [
    ...changed(
      now.chilledBody,
      then.chilledBody,
      0.05,
      (by, more) => `${more ? 'stiffer' : 'looser'} by ${by.toFixed(1)} body chilled`,
    ),
    ...changed(
      now.warmBody,
      then.warmBody,
      0.05,
      (by, more) => `${more ? 'stiffer' : 'looser'} by ${by.toFixed(1)} in the machine`,
    ),
    ...changed(
      now.saltG,
      then.saltG,
      0.01,
      (by, more) => `salt ${more ? '+' : '−'}${by.toFixed(2)} g in 100 g`,
    ),
    ...changed(
      now.acidG,
      then.acidG,
      0.01,
      (by, more) => `sour ${more ? '+' : '−'}${by.toFixed(2)} g in 100 g`,
    ),
    ...changed(
      now.garlicG,
      then.garlicG,
      0.02,
      (by, more) => `garlic ${more ? '+' : '−'}${by.toFixed(2)} g in 100 g`,
    ),
  ];
}

/** What another way would change of what is not drawn: time, hands, smoothness, air, spread and keeping, each with a word before its figure. */
export function effectWords(now: Told, then: Told): string[] {
  return [
    ...changed(now.readyMin, then.readyMin, 1, (by, more) =>
      more ? `ready ${lengthText(by)} later` : `ready ${lengthText(by)} sooner`,
    ),
    ...changed(now.handsMin, then.handsMin, 1, (by, more) =>
      more ? `${by} min more hands-on` : `${by} min less hands-on`,
    ),
    ...changed(
      now.stiffestBody,
      then.stiffestBody,
      0.15,
      (by, more) => `stiffest on the way ${by.toFixed(1)} ${more ? 'up' : 'down'}`,
    ),
    ...changed(
      now.smoothness,
      then.smoothness,
      0.1,
      (by, more) => `${more ? 'smoother' : 'grainier'} by ${by.toFixed(1)} of 10`,
    ),
    ...changed(
      now.overrunPct,
      then.overrunPct,
      0.5,
      (by, more) => `${by.toFixed(0)} % ${more ? 'more' : 'less'} air`,
    ),
    ...spread('salt', now.saltSdG, then.saltSdG, 0.005, ' g'),
    ...spread('body', now.bodySd, then.bodySd, 0.05, ''),
    ...changed(
      now.keepDays,
      then.keepDays,
      1,
      (by, more) => `kept ${by} ${by === 1 ? 'day' : 'days'} ${more ? 'longer' : 'less'}`,
    ),
    ...changed(
      now.tastingMin,
      then.tastingMin,
      1,
      (by, more) => `${by} min ${more ? 'more' : 'less'} at tasting`,
    ),
  ];
}
