/** An invented recipe to try the page with. */
export const EXAMPLE_RECIPE = `Halloumi fingers with lemon yoghurt

Serves 4

450 g halloumi, cut into fingers
60 g plain flour
1 tsp sweet paprika
2 eggs, beaten with a splash of milk
90 g panko
1 tbsp sesame seeds
Sunflower oil, for deep-frying

For the dip
150 g Greek yoghurt
1 tbsp lemon juice
A pinch of salt

1. Pat the halloumi dry.
2. Mix the flour with the paprika in a shallow bowl. Put the eggs in a second bowl, the panko and sesame in a third.
3. Roll the fingers in the flour, dip in the egg, then press into the crumbs. Leave to rest for 10 minutes.
4. Heat the oil to 180 °C and fry for 2 minutes until golden. Stir the dip together and serve beside.`;
