/** Things counted by the piece in the shipped larder, singular, with other words cooks use for the same thing. */
export const pieceWords: ReadonlyMap<string, string> = new Map(
  [
    'clove',
    'lemon',
    'lime',
    'orange',
    'bean',
    'pepper',
    'beetroot',
    'carrot',
    'aubergine',
    'eggplant=aubergine',
    'cucumber',
    'courgette',
    'zucchini=courgette',
    'potato',
    'heart',
    'avocado',
    'onion',
    'mushroom',
    'tomato',
    'chilli',
    'chili=chilli',
    'almond',
    'cashew',
    'hazelnut',
    'kernel',
    'cube',
    'scallion',
    'leaf',
    'sprig',
    'slice',
    'olive',
    'fillet',
    'piece',
    'head',
    'bulb=head',
    'walnut',
    'pecan',
    'wedge',
  ].map((entry) => {
    const [word = '', same = word] = entry.split('=');
    return [word, same];
  }),
);

const irregular: Record<string, string> = {
  leaves: 'leaf',
  halves: 'half',
  loaves: 'loaf',
  cloves: 'clove',
  olives: 'olive',
  slices: 'slice',
  pieces: 'piece',
  cubes: 'cube',
  limes: 'lime',
  oranges: 'orange',
  aubergines: 'aubergine',
  courgettes: 'courgette',
  wedges: 'wedge',
  chillies: 'chilli',
  chilies: 'chili',
};

/**
 * The singular of an English kitchen noun (`tomatoes` → `tomato`, `leaves` → `leaf`).
 *
 * @param word lower case
 * @returns the singular; words that look singular already come back unchanged
 */
export function singular(word: string): string {
  const known = irregular[word];
  if (known) return known;
  if (/(ss|us|is)$/.test(word)) return word;
  if (/ies$/.test(word) && word.length > 4) return word.replace(/ies$/, 'y');
  if (/(oes|shes|ches|xes|sses)$/.test(word)) return word.replace(/es$/, '');
  return word.replace(/s$/, '');
}
