import * as texts from './texts';

/** An invented recipe to try the page with. */
export const EXAMPLE_RECIPE = texts.halloumiFingersWithLemon;
