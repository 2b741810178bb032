/**
 * Kinds that taste alike, across roles; a kind may be in several (J). What is in none is as far from its role's others as
 * they are from it.
 */
export const tasteAlike: readonly (readonly string[])[] = [
  // garlic in every form, and what stands in for it
  ['garlic-raw', 'garlic-jarred', 'garlic-granulated', 'wild-garlic-leaf'],
  ['garlic-roasted', 'garlic-confit', 'garlic-black'],
  ['onion-raw', 'shallot-raw', 'scallion', 'chives', 'shallot-pickled', 'onion-powder'],
  ['onion-sauteed', 'onion-caramelised', 'leek-cooked'],
  ['lemon-zest', 'lime-zest', 'orange-zest', 'preserved-lemon'],
  ['ginger-raw', 'ginger-ground'],
  // pulses
  [
    ...['cannellini-cooked', 'cannellini-canned-drained', 'butter-beans-cooked'],
    ...['butter-beans-canned-drained', 'navy-beans-cooked', 'navy-beans-canned-drained'],
    ...['great-northern-cooked', 'great-northern-canned-drained'],
  ],
  ['chickpeas-cooked', 'chickpeas-canned-drained', 'chickpeas-canned-rinsed'],
  [
    ...['black-beans-cooked', 'black-beans-canned-drained', 'pinto-beans-cooked'],
    ...['pinto-beans-canned-drained', 'kidney-beans-red-cooked'],
    ...['kidney-beans-red-canned-drained', 'black-eyed-beans-cooked'],
    'black-eyed-beans-canned-drained',
  ],
  ['broad-beans-fresh-boiled', 'broad-beans-fresh-skinned', 'edamame-cooked', 'green-peas-cooked'],
  ['broad-beans-dried-cooked', 'broad-beans-split-cooked', 'mung-beans-cooked'],
  ['red-lentils-cooked', 'split-peas-yellow-cooked', 'split-peas-green-cooked'],
  ['brown-green-lentils-cooked', 'brown-green-lentils-canned-drained', 'pigeon-peas-cooked'],
  // roots, squashes and what is as sweet and starchy
  [
    ...['pumpkin-roasted', 'butternut-roasted', 'pumpkin-canned', 'carrot-roasted'],
    ...['sweet-potato-baked', 'sweetcorn-cooked'],
  ],
  ['celeriac-cooked', 'cauliflower-roasted', 'artichoke-hearts-canned'],
  ['red-pepper-roasted', 'red-pepper-jarred'],
  ['sun-dried-tomato-oil', 'sun-dried-tomato-oil-salted', 'sun-dried-tomato-dry', 'tomato-paste'],
  ['tomato-fresh', 'tomato-canned'],
  ['aubergine-roasted-drained', 'aubergine-roasted', 'courgette-roasted'],
  ['beetroot-boiled', 'beetroot-roasted'],
  ['cucumber-grated', 'cucumber-squeezed', 'celery-raw', 'radish-raw'],
  ['red-chilli-fresh', 'green-chilli-fresh', 'chilli-pickled'],
  // pastes, nuts and seeds
  ['tahini-hulled', 'tahini-home-made', 'tahini-unhulled', 'tahini-black'],
  ['sesame-seeds', 'sesame-seeds-hulled', 'tahini-hulled'],
  ['sunflower-butter', 'almond-butter', 'cashew-butter'],
  ['pine-nut', 'cashew', 'macadamia', 'hemp-hearts'],
  ['walnut', 'pecan', 'hazelnut', 'brazil-nut'],
  ['almond', 'pistachio', 'hazelnut'],
  ['sunflower-seed', 'pumpkin-seed', 'hemp-seed-whole', 'seeds-toasted-mix'],
  ['peanut-roasted', 'peanut-butter'],
  ['almond', 'almond-butter'],
  ['cashew', 'cashew-butter'],
  ['sunflower-seed', 'sunflower-butter'],
  // cheese, and what is as savoury
  ['parmesan-style', 'pecorino-style', 'grana-style', 'manchego-style-aged'],
  ['parmesan-style', 'nutritional-yeast', 'miso-white', 'miso-red'],
  ['feta', 'goat-cheese-fresh', 'halloumi'],
  ['ricotta', 'cottage-cheese', 'cream-cheese', 'mascarpone', 'tofu-silken'],
  ['greek-yogurt-10', 'greek-yogurt-0', 'yogurt-plain', 'labneh', 'coconut-yogurt', 'buttermilk'],
  ['sour-cream', 'creme-fraiche', 'greek-yogurt-10'],
  ['cream-double', 'cream-single', 'creme-fraiche'],
  // salty and savoury
  ['miso-white', 'miso-red', 'soy-sauce', 'stock-cube'],
  ['olives-green', 'olives-black-brined', 'olives-black-ripe', 'capers', 'gherkin-pickled'],
  ['anchovy', 'tuna-canned', 'capers'],
  // sour
  ['lemon-juice', 'lime-juice'],
  [
    ...['white-wine-vinegar', 'red-wine-vinegar', 'sherry-vinegar', 'cider-vinegar'],
    'rice-vinegar',
  ],
  ['pomegranate-molasses', 'tamarind-pulp', 'balsamic-vinegar'],
  ['sumac', 'lemon-zest'],
  // fat
  ['sunflower-oil', 'rapeseed-oil', 'corn-oil', 'olive-oil-light', 'avocado-oil'],
  ['olive-oil-extra-virgin', 'olive-oil-light', 'avocado-oil'],
  ['walnut-oil', 'pumpkin-seed-oil', 'sesame-oil-toasted'],
  // liquid
  ['chickpea-can-liquid', 'bean-cooking-liquid', 'aquafaba-reduced', 'pasta-water'],
  ['water', 'ice', 'pasta-water', 'vegetable-stock'],
  // herbs fresh and dried, soft and woody, and greens by how bitter they are
  ['basil', 'parsley', 'mint', 'coriander-leaf', 'parsley-stalks'],
  ['mint', 'mint-dried'],
  ['dill', 'dill-dried', 'tarragon', 'tarragon-dried'],
  ['tarragon', 'tarragon-dried', 'basil'],
  [
    ...['thyme', 'thyme-dried', 'rosemary', 'sage', 'oregano-fresh', 'oregano-dried'],
    'mixed-herbs-dried',
  ],
  ['spinach-raw', 'nettle-blanched', 'chickweed', 'beet-greens', 'carrot-tops-blanched'],
  ['rocket', 'watercress', 'dandelion-leaf', 'radish-tops', 'kale'],
  // spices
  ['cumin-ground', 'coriander-seed-ground', 'curry-powder', 'garam-masala'],
  ['paprika-smoked', 'paprika-sweet'],
  ['cayenne', 'chilli-flakes', 'chilli-powder-blend', 'harissa-paste', 'hot-sauce'],
  ['black-pepper', 'white-pepper'],
  ['cinnamon-ground', 'nutmeg-ground', 'garam-masala'],
  ['zaatar-mix', 'dukkah-mix', 'sumac'],
  // sweet
  ['maple-syrup', 'honey', 'date-syrup'],
  ['date-dried', 'raisins', 'date-syrup'],
];

/** The same food in another state, beside what is cooked and canned of one pulse. */
export const states: readonly (readonly string[])[] = [
  ['dill', 'dill-dried'],
  ['mint', 'mint-dried'],
  ['tarragon', 'tarragon-dried'],
  ['thyme', 'thyme-dried'],
  ['oregano-fresh', 'oregano-dried'],
  ['red-pepper-roasted', 'red-pepper-jarred'],
  ['beetroot-boiled', 'beetroot-roasted'],
  ['pumpkin-roasted', 'pumpkin-canned'],
  ['tomato-fresh', 'tomato-canned'],
  ['aubergine-roasted-drained', 'aubergine-roasted'],
  ['cucumber-grated', 'cucumber-squeezed'],
  ['water', 'ice'],
];
