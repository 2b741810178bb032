/** What comes in cans of what is cooked from dried. */
const canOf: Readonly<Record<string, string>> = {
  'chickpeas-cooked': 'chickpeas-canned-drained',
  'cannellini-cooked': 'cannellini-canned-drained',
  'butter-beans-cooked': 'butter-beans-canned-drained',
};
const driedOf = new Map(Object.entries(canOf).map(([dried, can]) => [can, dried]));

/** The same pulse out of a can; undefined where there is none. */
export function canTwin(ingredientId: string): string | undefined {
  return canOf[ingredientId];
}

/** The same pulse cooked from dried; undefined for what is no can of it. */
export function driedTwin(ingredientId: string): string | undefined {
  return driedOf.get(ingredientId.replace(/-rinsed$/, '-drained'));
}
