/** Words that change no food: how it is cut, what it is like, and the words between. */
const described = `
chopped minced sliced diced crushed cubed halved quartered torn shredded mashed whisked beaten melted browned cooled cold hot warm
warmed pitted stoned cored trimmed stripped picked snipped rubbed crumbled broken cracked bruised whole half big small medium large
little long huge tiny jumbo good great nice best quality favourite favorite organic ripe soft hard crisp crunchy tender young baby mature aged
fine finely coarse coarsely rough roughly thin thinly thick thickly lightly loosely tightly firmly packed heaped level rounded scant generous
extra full fat free reduced low unsalted salted sweetened unsweetened natural plain pure real proper simple everyday ordinary regular standard
virgin cold-pressed runny clear smooth creamy well stirred shaken room temperature flaky flaked kosher coarse sea table iodised iodized curly flat italian
greek french turkish spanish english british persian lebanese hungarian mixed assorted seasonal homemade home made shop bought store storebought ready
prepared washed clean dry heavy overnight hours hour day days minutes mins min night ahead before after then until till when while if
so very just only about around approximately approx roughly circa ca maybe perhaps say nearly almost over under least most up more less
extra another other some any few couple bit piece pieces pc pcs cut cuts into in to for from with without of on at by as per off out and or
the a an this that these those your our my his her their its it you we i they is are be was can may will would should could need needs
needed use used using take takes put add adds adding get have has had do does give divided plus all both each every one's
yourself one two three strips wedges chunks florets rings rounds ribs stems stalks ends strings seeds skin skins peel shell stone stones core
germ deveined discarded removed reserved reserve kept keep save saved liquid see note optional ideally preferably needed required taste serve serving serves
garnish finish top topping drizzle drizzling scatter scattering sprinkle sprinkling dust dusting cover fold folded stir stirred through mix mixed
blend blended season seasoning decoration decorate plate end bowl pan pot tops oven sun cloth colander sieve water
style type kind variety brand sort weight net gross total altogether together approx worth now also too again here please careful
pop toss throw pour squeeze let leave going gonna want like love lots lotta plenty much many enough house what which who how there
massaged brought done cleaned defrosted thawed shaved julienned spiralised zested juiced rasped microplaned
not no but even still yet already once twice away down back
fat-free percent fullfat lean pale golden deep bright light dark
edible food grade
level teaspoon's
mild strong sharp milder pungent fiery fragrant aromatic
lukewarm boiling iced filtered tap still bottled
ginormous hefty decent sizeable sized size
skinless boneless seedless deseeded unpeeled unwaxed thinned
new fresh-picked garden
`;

/** Words with no say in what food it is. */
export const plainWords: ReadonlySet<string> = new Set(described.trim().split(/\s+/));

/** Whether a word is the kind that describes (-ed, -ly, -ing), though it's in no list. */
export const describes = (word: string): boolean => /..(?:ed|ly|ing|ish|est)$/.test(word);
