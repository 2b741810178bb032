import type { Measurable } from './measurable';
import { closeKitchenMeasure } from './closeMeasure';
import type { MeasureSystem } from './measureSystem';
import { readGrams } from './toGrams';

/** One side of a pour: in the measure in hand and in grams. */
interface PourSide {
  text: string;
  massG: number;
  /** To the gram, as a scale shows it. */
  grams: number;
}

/** How much to pour from a jug or can, and what must stay in it. */
export interface PourOff {
  goesIn: 'poured' | 'kept';
  pour: PourSide;
  stays: PourSide;
}

function side(massG: number, ingredient: Measurable, system: MeasureSystem): PourSide {
  const text = massG < 0.5 ? 'nothing' : closeKitchenMeasure(massG, ingredient, system).text;
  return { text, massG, grams: Math.round(massG) };
}

/**
 * Pour-off arithmetic: from what is in a jug or can, how much to pour so that what the dip wants has left it, or has
 * stayed in it.
 *
 * @param there what is in the jug now, as written
 * @param wantedG g that the dip wants of it, ≥ 0
 * @param goesIn whether what is poured goes into the dip, or what is kept
 * @param system whose measures
 * @returns what to pour and what stays, together what was there; or why not
 */
export function pourOff(
  there: string,
  ingredient: Measurable,
  wantedG: number,
  goesIn: PourOff['goesIn'],
  system: MeasureSystem,
): { ok: true; pour: PourOff } | { ok: false; message: string } {
  const read = readGrams(there, ingredient, system);
  if (!read.ok) return { ok: false, message: read.error.message };
  const thereG = read.value.massG;
  const short = wantedG - thereG;
  if (short > 0.5) {
    const { text } = closeKitchenMeasure(short, ingredient, system);
    return { ok: false, message: `That is ${text} too little: get more first.` };
  }
  const wanted = Math.min(wantedG, thereG);
  const pourG = goesIn === 'poured' ? wanted : thereG - wanted;
  return {
    ok: true,
    pour: {
      goesIn,
      pour: side(pourG, ingredient, system),
      stays: side(thereG - pourG, ingredient, system),
    },
  };
}
