/** Words of a kitchen, short and unlike each other, from which a passphrase is thrown. */
const WORDS =
  'apron aspic bacon baker barley basil basket batter beaker beetroot berry biscuit board bottle bowl bread brine brisket broth brush butter cabbage candle caraway carrot cellar cherry chimney chive cinder clove cobbler copper cork cream crumb crust cumin curd custard dairy damson dill dinner dough dumpling eel ember fennel fig flask flour fork garlic ginger goose grain grape gravy griddle grill ham harvest hazel herb honey jar jelly juice kale kernel kettle kipper knife ladle larder lemon lentil linen lobster mango maple marrow mallet melon millet mint mortar mussel mustard napkin nettle nutmeg oat olive onion orchard oven oyster pantry paprika parsley pasta peach pear pepper pickle pillow plate plum poppy potato pudding quince radish raisin ribbon rosemary saffron salmon saucer sesame shallot sieve skillet smoke sorrel spoon stove sugar table tartan teapot thyme timber toast tomato trout turnip vanilla vinegar walnut whisk window yeast'.split(
    ' ',
  );

export const HOW_MANY = 5;

/**
 * A passphrase of words that anybody can type.
 * @param random evenly spread whole numbers of 32 bits, as many as are asked for
 */
export const throwWords = (random: (count: number) => Uint32Array): string =>
  [...random(HOW_MANY)].map((n) => WORDS[n % WORDS.length]!).join(' ');

/** How hard it is to guess when everything but the throw is known, bits. */
export const WORDS_BITS = HOW_MANY * Math.log2(WORDS.length);
