const weightUnit = /\b(mg|g|gr|grams?|kg|oz|ounces?|lbs?|pounds?|ml|l|litres?|liters?)\b/i;

/** Whether an amount as typed is measured by scale or jug, and not by spoon, cup, piece or can. */
export function isWeighed(text: string): boolean {
  return weightUnit.test(text) && !/can|tin/.test(text);
}
