import type { Hazard, SettingFat, Stored } from '@cobbet/core/larder/traits';

/** Hazards in a cook's words, as the larder lists them. */
export const hazardNames: Record<Hazard, string> = {
  'raw-pulse': 'Dried pulse, never raw',
  'lectin-strong': 'Poisonous when undercooked',
  lectin: 'Beans: boil hard first',
  'bitter-lupin': 'Lupins, only debittered',
  cyanogenic: 'Can set cyanide free',
  favism: 'Broad beans: favism',
  'garlic-in-oil': 'Garlic in oil',
  'raw-garlic': 'Raw garlic',
  'raw-in-oil': 'Not kept raw in oil',
  'wild-plant': 'Wild plant',
  stinging: 'Stings until blanched',
  'raw-egg': 'Raw egg',
  unpasteurised: 'Unpasteurised or soft cheese',
  'smoked-fish': 'Smoked or cured fish',
  histamine: 'Fish that must stay cold',
  'infant-honey': 'Honey: not for infants',
  'read-label': 'Bought: read the label',
};

/** Fats that set in the cold, by trait; none first. */
export const settingFatNames: Record<SettingFat | '', string> = {
  '': 'stays as it is',
  olive: 'sets a little, as olive oil',
  coconut: 'sets hard, as coconut oil',
  milk: 'sets, as butter and cheese',
};

/** Where a thing waits, in a cook's words. */
export const storedNames: Record<Stored, string> = {
  room: 'on the shelf',
  fridge: 'in the fridge',
  freezer: 'in the freezer',
};
