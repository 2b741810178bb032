import type { Ingredient } from './ingredient';

/** What one gram of a can's net content leaves as this ingredient: low, typical and high share. */
interface CanShare {
  low: number;
  typical: number;
  high: number;
}

/** Drained beans: 230, 240 and 265 g of a 400 g can (data/yields.csv, can-400-drained and can-425-drained). */
const drainedPulse: CanShare = { low: 230 / 400, typical: 240 / 400, high: 265 / 400 };
/** The liquid of the same can: 130, 155 and 165 ml at 1.02 g/ml (data/yields.csv, can-400-liquid). */
const canLiquid: CanShare = {
  low: (130 * 1.02) / 400,
  typical: (155 * 1.02) / 400,
  high: (165 * 1.02) / 400,
};
/** Water that clings when drained beans are rinsed (data/yields.csv, can-rinse-gain). */
const rinseGain = 1.02;
const whole: CanShare = { low: 0.97, typical: 1, high: 1.03 };

/**
 * What a can holds of an ingredient. A can of a drained pulse means what is left when it is drained.
 *
 * @param ingredient the ingredient the can is counted for
 * @returns shares of the can's net mass, or null when this doesn't come in cans
 */
export function canShare(ingredient: Ingredient): CanShare | null {
  const { id, name, role } = ingredient;
  const words = `${id} ${name}`.toLowerCase();
  if (id === 'chickpea-can-liquid') return canLiquid;
  if (id === 'aquafaba-reduced') {
    return {
      low: canLiquid.low * 0.4,
      typical: canLiquid.typical * 0.5,
      high: canLiquid.high * 0.65,
    };
  }
  if (role === 'legume') {
    if (/dried, raw/.test(words)) return null;
    const gain = /rinsed/.test(words) ? rinseGain : 1;
    return {
      low: drainedPulse.low * gain,
      typical: drainedPulse.typical * gain,
      high: drainedPulse.high * gain,
    };
  }
  if (!/canned|jarred|can |paste|ripe|coconut/.test(words)) return null;
  return /drained/.test(words) ? drainedPulse : whole;
}
