/** What was done to a food, by the words that say it. A word may say several things. */
const table = `
canned: canned tinned can tin cans tins
jarred: jar jarred bottled jars
dried: dried dry
soaked: soaked
cooked: cooked boiled simmered poached steamed stewed blanched precooked leftover wilted
rinsed: rinsed washed
drained: drained
roasted: roasted roast charred grilled baked blackened burnt burned blistered chargrilled barbecued broiled roasting
sauteed: fried sauteed sautéed sweated softened
caramelised: caramelised caramelized
raw: raw uncooked
fresh: fresh freshly
frozen: frozen
squeezed: squeezed pressed wrung
strained: hung strained cloth muslin cheesecloth
grated: grated rasped
ground: ground powder powdered
toasted: toasted
smoked: smoked smoky
pickled: pickled
shelled: shelled podded
inpod: pod pods
inshell: unshelled shells shell
skinned: skinned slipped peeled
reduced: reduced
confit: confit confited
split: split
silken: silken
firm: firm
light: light mild refined
dark: dark unhulled wholegrain
hulled: hulled
black: black
white: white
green: green
red: red
yellow: yellow
brown: brown
sweet: sweet
leaf: leaf leaves
seed: seed seeds
juice: juice juiced juices
zest: zest zested rind
liquid: liquid water juice brine
thick: thick
low: fat-free skimmed nonfat
`;

const tagsOf = new Map<string, string[]>();
for (const line of table.trim().split('\n')) {
  const [tag = '', words = ''] = line.split(': ');
  for (const word of words.split(' ')) tagsOf.set(word, [...(tagsOf.get(word) ?? []), tag]);
}

/** What a word says was done to a food; empty where it says nothing of that. */
export const statesOf = (word: string): readonly string[] => tagsOf.get(word) ?? [];

/** Every word that says so, for slips of spelling. */
export const stateWords: readonly string[] = [...tagsOf.keys()];
