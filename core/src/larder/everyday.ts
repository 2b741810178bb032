/**
 * The few ingredients the core reaches for by id: what is always at hand, and what comes with a pot, a can or a bunch.
 * Everything else is decided by traits.
 */
export const everyday = {
  water: 'water',
  ice: 'ice',
  pastaWater: 'pasta-water',
  stock: 'vegetable-stock',
  lemonJuice: 'lemon-juice',
  oil: 'olive-oil-extra-virgin',
  salt: 'sea-salt-fine',
  tahini: 'tahini-hulled',
  garlic: 'garlic-raw',
  chickpeas: 'chickpeas-canned-drained',
  stalks: 'parsley-stalks',
  canLiquid: 'chickpea-can-liquid',
  potLiquid: 'bean-cooking-liquid',
} as const;

/** What comes out of the tap, and is never bought. */
export const fromTheTap: ReadonlySet<string> = new Set([
  everyday.water,
  everyday.ice,
  everyday.pastaWater,
]);

/** Things dips are mended with, without allergens, offered though they are not in yet. */
export const alwaysAtHand = [
  everyday.water,
  everyday.lemonJuice,
  everyday.oil,
  everyday.salt,
] as const;

/** Forms of garlic a dip can be made with, raw first. */
export const garlics = [
  { id: everyday.garlic, name: 'raw' },
  { id: 'garlic-roasted', name: 'roasted' },
  { id: 'garlic-confit', name: 'slow in oil' },
  { id: 'garlic-granulated', name: 'granulated' },
  { id: 'garlic-jarred', name: 'jarred' },
] as const;

/** What loosens a dip, besides what its own pulses come in. */
export const loosening = [
  { id: everyday.water, name: 'water' },
  { id: everyday.ice, name: 'ice' },
  { id: 'beetroot-juice', name: 'beetroot juice' },
  { id: 'pumpkin-roast-juices', name: 'juices of a roast' },
  { id: everyday.lemonJuice, name: 'more lemon' },
] as const;

/** Roasted aubergine with its juice drained off and kept in. */
export const aubergines = {
  drained: 'aubergine-roasted-drained',
  undrained: 'aubergine-roasted',
} as const;

/** Cucumber grated, and squeezed after that. */
export const cucumbers = { grated: 'cucumber-grated', squeezed: 'cucumber-squeezed' } as const;
