/** Something a dip is eaten with. */
export interface Dipper {
  name: string;
  /** g for one person beside a pot of dip (kitchen judgement). */
  eachG: number;
  /** Allergens it brings by itself, as they are declared. */
  allergens: readonly string[];
}

/** Usual things to dip. */
export const dippers: readonly Dipper[] = [
  { name: 'flatbread', eachG: 60, allergens: ['gluten'] },
  { name: 'crispbread', eachG: 25, allergens: ['gluten'] },
  { name: 'oatcakes', eachG: 30, allergens: ['gluten'] },
  { name: 'corn crackers', eachG: 25, allergens: [] },
  { name: 'rice cakes', eachG: 20, allergens: [] },
  { name: 'boiled potatoes, cold', eachG: 90, allergens: [] },
  { name: 'carrot sticks', eachG: 60, allergens: [] },
  { name: 'cucumber sticks', eachG: 60, allergens: [] },
  { name: 'radishes', eachG: 40, allergens: [] },
  { name: 'celery sticks', eachG: 50, allergens: ['celery'] },
  { name: 'cauliflower, raw', eachG: 50, allergens: [] },
];

/** What can be dipped without certain allergens; labels of bought things still have to be read. */
export function dippersWithout(allergens: readonly string[]): Dipper[] {
  return dippers.filter((one) => !one.allergens.some((allergen) => allergens.includes(allergen)));
}
