import { analyse } from './analyse';
import { browning } from './browning';
import { blendColour, mixedHex } from '../mix/blendColour';
import type { Conditions } from '../mix/conditions';
import type { Part } from '../mix/part';

/** A dip on one of its days in the fridge: an estimate of its best quality, and nothing about its safety. */
export interface OnDay {
  /** 0 is the day it was made. */
  day: number;
  chilledBody: number | null;
  /** g per 100 g as raw crushed, as strong as it tastes. */
  garlicG: number;
  /** #rrggbb; null where nothing colours it. */
  colour: string | null;
}

/** Starch goes on setting in the cold: body after the first night, of what it is then (J). */
const setsPerDay = 0.12;
const setsForDays = 3;
const starchFrom = 6;
/** Raw garlic goes on sharpening for two days, then mellows (J). */
const garlicTimes = [1, 1.15, 1.25, 1.2, 1.1, 1] as const;
/** Of what is still to brown, the share that does each day after the first (J). */
const brownsPerDay = 0.6;

/**
 * How stiff, how strong of garlic and of what colour a dip will about be, day by day.
 *
 * @param parts all that is in it
 * @param days how many after the first
 * @param blanched whether its leaves were
 */
export function overDays(
  parts: readonly Part[],
  conditions: Conditions,
  days: number,
  blanched = false,
): OnDay[] {
  const { chilledBody, per100g } = analyse(parts, conditions);
  const { garlicG, fatG, acidG, carbohydrateG, sugarsG } = per100g;
  const starchy = carbohydrateG - sugarsG >= starchFrom;
  const now = blendColour(parts);
  const { tomorrow } = browning(parts, { acidG, fatG }, conditions.method.blendC, blanched);
  return Array.from({ length: days + 1 }, (_, day): OnDay => {
    const nights = Math.min(Math.max(0, day - 1), setsForDays);
    const browned = 1 - brownsPerDay ** day;
    const colour =
      now && tomorrow
        ? mixedHex([
            { hex: now, weight: Math.max(1e-6, 1 - browned) },
            { hex: tomorrow, weight: Math.max(1e-6, browned) },
          ])
        : now;
    return {
      day,
      chilledBody: chilledBody === null ? null : chilledBody + (starchy ? setsPerDay * nights : 0),
      garlicG: garlicG * (garlicTimes[Math.min(day, garlicTimes.length - 1)] ?? 1),
      colour: day === 0 ? now : colour,
    };
  });
}
