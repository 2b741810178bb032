import { type HeldName, heldNames, justNoticeable } from '../advise/justNoticeable';

/** What a swap keeps of a dip, body first: what advice holds, savouriness, and how much it makes. */
export const keptNames = [...heldNames, 'savoury', 'massG'] as const;
export type KeptName = (typeof keptNames)[number];

/** What a change that is just noticed counts for when substitutes are ranked, and while their amount is solved (J). */
export const keptWeight: Readonly<Record<KeptName, number>> = {
  freshBody: 1,
  chilledBody: 1,
  saltG: 1,
  acidG: 1,
  garlicG: 0.8,
  fatG: 0.5,
  sugarsG: 0.6,
  heat: 0.8,
  bitter: 0.6,
  savoury: 0.5,
  massG: 1,
};

/** The same for what is held nowhere else: savouriness, and how much it makes (J). */
const alsoNoticeable = {
  savoury: { least: 0.15, share: 0.15 },
  massG: { least: 5, share: 0.05 },
} as const;

/** The least change of a kept figure that is noticed where it stands. */
export function noticedChange(name: KeptName, value: number): number {
  const { least, share } =
    name === 'savoury' || name === 'massG'
      ? alsoNoticeable[name]
      : justNoticeable[name satisfies HeldName];
  return Math.max(least, share * value);
}
