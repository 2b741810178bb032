/**
 * Foods the larder does not have, in the singular, so that none is taken for a slip of spelling or a word that only describes.
 * A line that names one is asked about.
 */
export const otherFoods: ReadonlySet<string> = new Set(
  `
acorn agave ale alfalfa allspice amaranth anise apple apricot arrowroot artichoke asafoetida asparagus avo bacon bagel bamboo banana barley
beef beer berry bicarb biscuit blackberry blackcurrant blueberry bok bourbon bran brandy bratwurst brie brioche broth brussels buckwheat
bulgur burger cabbage cake camembert camomile caramel caraway cardamom cashewcream cassava caviar chai chard cheesecake cherry chervil chia
chicken chicory chip chocolate chorizo ciabatta cinnamonroll clam clementine cloudberry coconut cod coffee cognac cola collard cornflour
cornmeal cornstarch courgetti couscous crab cracker cranberry crayfish cress crisp crispbread croissant crouton currant custard daikon damson
dolma dough duck elderberry elderflower endive espresso essence extract fajita farro fennel fenugreek fig filo fish flatbread
flour foie freekeh galangal gelatin gherkin ghee gin gnocchi gooseberry grape grapefruit gravy grits guacamole guava haddock ham
hare herring hibiscus hominy horseradish icing jackfruit jalapeno jam jelly jicama juniper kebab kefir ketchup kidney kimchi kipper kiwi kohlrabi
kombu krill kumquat lamb lard lavender lemongrass lettuce liqueur liquorice liver lobster loquat lovage lychee mace mackerel
malt mandarin mango margarine marjoram marmalade marrow marshmallow marzipan meat melon milkshake millet mochi molasses mozzarella muesli mulberry
mussel mutton naan nachos nectarine nigella noodle nori nougat oat oatmeal octopus okra omelette orzo oyster pancake pancetta papaya
parsnip pasta pastrami pastry peach pear pepperoni perch persimmon pesto pheasant physalis pickle pie pineapple pita pitta pizza
plantain plum polenta pollock pomelo popcorn popping pork porridge prawn pretzel prosciutto prune psyllium pudding puree quail quark quince
quinoa rabbit ramen raspberry ratatouille relish rhubarb rice rye saffron sake salad salami salmon salsa salsify samphire sardine sauerkraut sausage
savory scallop schnitzel seaweed seitan semolina shrimp skyr snail sorbet sorghum sorrel soup soybean spaghetti spelt spirulina sprout squid starch
steak stevia stilton stout strawberry strudel suet swede sweetener syllabub tabbouleh taco tagliatelle tangerine tapenade tapioca tarama taro
tart tea tempeh tequila toast tobacco toffee tortilla treacle trout truffle tuber turkey turnip udon vanilla veal venison vermouth vodka
wafer wakame walleye wasabi waterchestnut whey whisky wheat wheatgerm worcestershire yam yeast yuzu zander
fenugreek mayo aioli dressing marinade bouillon stockpot gum xanthan lecithin msg bread
`
    .trim()
    .split(/\s+/),
);
