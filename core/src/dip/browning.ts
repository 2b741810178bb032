import { dipMass, type Part } from '../mix/part';
import { blendColour, mixedHex } from '../mix/blendColour';

/** How a dip's colour will change, and what holds or would hold it. */
export interface Browning {
  /** Ingredients that brown, by id. */
  browns: string[];
  /** What already slows it. */
  heldBy: string[];
  /** What else would. */
  wouldHelp: string[];
  /** 0 keeps its colour – 1 brown by tomorrow. */
  likely: number;
  /** #rrggbb tomorrow, if nothing more is done. */
  tomorrow: string | null;
}

/** Share of a dip from which a thing that browns is seen. */
const seenFrom = 3;
const brown = '#6b5436';
/** Leaves that brown at least so readily are worth blanching. */
const readilyBrown = 1;

/**
 * What will brown in a dip and how likely it shows, from what slows it: acid, oil, blanching, cold (judgement).
 *
 * @param parts everything in the bowl
 * @param acidG titratable acidity, g per 100 g
 * @param fatG g per 100 g
 * @param blendC temperature in the machine, °C
 * @param blanched whether the leaves were
 */
export function browning(
  parts: readonly Part[],
  { acidG, fatG }: { acidG: number; fatG: number },
  blendC: number,
  blanched = false,
): Browning {
  const massG = dipMass(parts);
  let readiness = 0;
  let leaves = false;
  const browns: string[] = [];
  for (const { ingredient, massG: mass, place } of parts) {
    if (place === 'top' || massG <= 0) continue;
    if (ingredient.browns <= 0 || (100 * mass) / massG < seenFrom) continue;
    browns.push(ingredient.id);
    readiness = Math.max(readiness, ingredient.browns);
    leaves ||= ingredient.structure === 'leaf' && ingredient.browns >= readilyBrown;
  }
  const now = blendColour(parts);
  if (browns.length === 0 || now === null) {
    return { browns, heldBy: [], wouldHelp: [], likely: 0, tomorrow: now };
  }
  const measures: [boolean, number, string, string][] = [
    [acidG >= 0.3, 0.5, 'enough acid', 'more lemon'],
    [fatG >= 25, 0.6, 'the oil in it', 'a film of oil on top'],
    [blendC <= 15, 0.75, 'a cool blade', 'ice or cold things in the machine'],
    [blanched, 0.3, 'the blanched leaves', 'blanching the leaves'],
  ];
  let likely = readiness;
  const heldBy: string[] = [];
  const wouldHelp: string[] = [];
  for (const [holds, share, held, help] of measures) {
    if (holds) {
      likely *= share;
      heldBy.push(held);
    } else if (help !== 'blanching the leaves' || leaves) wouldHelp.push(help);
  }
  wouldHelp.push('the fridge, tightly covered');
  const tomorrow = mixedHex([
    { hex: now, weight: 1 },
    { hex: brown, weight: 0.9 * likely },
  ]);
  return { browns, heldBy, wouldHelp, likely, tomorrow };
}
