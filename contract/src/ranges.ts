/** What a stored or sent number may be: the one place for every range. Lengths mm, temperatures °C, times min. */
export const RANGES = {
  /** Letters of a recipe as words, and as a page or a file. */
  recipeText: { min: 0, max: 200_000 },
  recipeHtml: { min: 0, max: 5_000_000 },
  lengthMm: { min: 3, max: 300 },
  thicknessMm: { min: 3, max: 80 },
  massG: { min: 1, max: 1500 },
  count: { min: 1, max: 500 },
  startC: { min: -30, max: 90 },
  /** Size of the smaller pieces, as a share of the others' length across. */
  smallerScale: { min: 0.3, max: 0.95 },
  /** Minutes of pressing, salting, soaking, marinating, boiling or roasting. */
  prepMin: { min: 0.5, max: 240 },
  grams: { min: 0, max: 5000 },
  /** All that is in one bowl. */
  bowlG: { min: 0.01, max: 12_000 },
  drainS: { min: 1, max: 120 },
  oilTempC: { min: 120, max: 210 },
  oilMinutes: { min: 0.5, max: 20 },
  airTempC: { min: 80, max: 260 },
  /** What an appliance can be set to; drying and proving settings lie below any cooking. */
  fryerTempC: { min: 30, max: 280 },
  airMinutes: { min: 1, max: 60 },
  restMin: { min: 0, max: 60 },
  oilGm2: { min: 0, max: 200 },
  /** Oil on basket or rack, for a batch. */
  basketOilG: { min: 0, max: 20 },
  basketMm: { min: 80, max: 600 },
  /** Extra openings for a look; minutes between swaps of racks. */
  looks: { min: 0, max: 10 },
  swapEveryMin: { min: 1, max: 30 },
  coolMin: { min: 0, max: 30 },
  sauceGm2: { min: 0, max: 800 },
  /** A tablespoon of batter on a plate after a minute, mm across. */
  spreadMm: { min: 20, max: 250 },
  /** Times the usual working surplus of a bowl. */
  surplus: { min: 0.5, max: 2 },
  /** g of one thing in 100 g, as a label says it; g in a level cup. */
  per100g: { min: 0, max: 100 },
  cupG: { min: 10, max: 400 },
  /** So many of a market's unit, or g; and a cut's own length, mm. */
  /** Bowls beside the coat; people who eat. */
  beside: { min: 0, max: 8 },
  servings: { min: 1, max: 40 },
  dividedShare: { min: 0.1, max: 0.9 },
  bareShare: { min: 0, max: 0.5 },
  bought: { min: 0.05, max: 10_000 },
  cutSizeMm: { min: 4, max: 120 },
  /** Usual weights that a kitchen has changed, and g of one. */
  weights: { min: 0, max: 200 },
  unitG: { min: 0.5, max: 5000 },
  /** Air between two pieces; a place on a rack from its middle. */
  gapMm: { min: 0, max: 40 },
  placeMm: { min: -400, max: 400 },
  gPerStroke: { min: 0.01, max: 5 },
  strokes: { min: 1, max: 100 },
  /** A centre read by hand; what a sensor may send, believed or not. */
  centreC: { min: -30, max: 130 },
  sensorC: { min: -300, max: 2000 },
  /** A battery's share; s by which a batch is made longer or shorter, and by which a cook is late. */
  battery: { min: 0, max: 1 },
  bySeconds: { min: -3600, max: 3600 },
  /** Browning of a swatch; events of one request. */
  colourB: { min: 0, max: 20 },
  cookEvents: { min: 1, max: 200 },
  /** How long ago a cook began that is handed over: a year, ms. */
  agoMs: { min: 0, max: 366 * 86_400_000 },
  /** How it came out: a centre, minutes after it went in, oil of a batch; how often it was opened; liquid of a batter against its recipe. */
  seenCentreC: { min: -30, max: 130 },
  seenAtMin: { min: 0, max: 180 },
  seenShare: { min: 0, max: 1 },
  seenB: { min: 0, max: 6 },
  chew: { min: 0, max: 3 },
  tasteLength: { min: 0, max: 300 },
  /** Cooks that are weighed out of learning, and fryers that were forgotten. */
  leftOut: { min: 0, max: 5000 },
  forgotten: { min: 0, max: 60 },
  browning: { min: 0.5, max: 2 },
  learnedCooks: { min: 0, max: 5000 },
  learnedOffK: { min: 0, max: 40 },
  learnedOffLog: { min: 0, max: 1 },
  /** What hands pick up against what is usual; a dish's pieces on the scale; weighings of one sprayer. */
  hand: { min: 0.5, max: 2 },
  weighedG: { min: 0, max: 20_000 },
  weighings: { min: 0, max: 12 },
  /** Ways of an experiment, who tastes, and what they answered; a note. */
  ways: { min: 2, max: 4 },
  tasters: { min: 0, max: 12 },
  tastings: { min: 0, max: 48 },
  wayLayer: { min: 0, max: 7 },
  filedExperiments: { min: 0, max: 2000 },
  /** Photographs of a cook; bytes of one as it comes. */
  photos: { min: 0, max: 8 },
  photoBytes: { min: 1, max: 15 * 1024 * 1024 },
  scaleG: { min: 0, max: 3000 },
  fryers: { min: 0, max: 12 },
  powerW: { min: 600, max: 4000 },
  presets: { min: 0, max: 12 },
  timeLimitMin: { min: 5, max: 240 },
  /** Bowls, plates and trays. */
  vesselMm: { min: 60, max: 700 },
  vesselMl: { min: 50, max: 12_000 },
  vessels: { min: 0, max: 20 },
  eveningDishes: { min: 0, max: 12 },
  cooks: { min: 1, max: 6 },
  togetherMin: { min: 0, max: 60 },
  roomC: { min: 5, max: 45 },
  pins: { min: 0, max: 200 },
  /** Minutes before the table at which a pinned task begins: up to two days. */
  beforeMin: { min: 0, max: 2880 },
  filedEvenings: { min: 0, max: 2000 },
  guests: { min: 0, max: 12 },
  readings: { min: 0, max: 12 },
  versions: { min: 0, max: 20 },
  tags: { min: 0, max: 12 },
  tagLength: { min: 1, max: 30 },
  /** Dishes of a kitchen's file; cooks, events of one, and photographs of all. */
  filedDishes: { min: 0, max: 2000 },
  filedCooks: { min: 0, max: 5000 },
  filedEvents: { min: 0, max: 50_000 },
  filedPhotos: { min: 0, max: 40_000 },
  ownIngredients: { min: 0, max: 60 },
  standMin: { min: 0, max: 240 },
  racks: { min: 1, max: 4 },
  stepC: { min: 1, max: 25 },
  airFactor: { min: 0.4, max: 2.5 },
  offsetC: { min: -40, max: 40 },
  /** Coats and cooks of a search that is kept with its dish. */
  keptCoats: { min: 0, max: 200 },
  keptCooks: { min: 0, max: 3000 },
  /** Ids of a list of ingredients. */
  pantryIds: { min: 0, max: 500 },
  layers: { min: 1, max: 8 },
  portions: { min: 1, max: 12 },
  nameLength: { min: 1, max: 80 },
  /** Letters of the passphrase of the home network; browsers that are signed in. */
  passphraseLength: { min: 12, max: 128 },
  signedIn: { min: 0, max: 40 },
  noteLength: { min: 0, max: 2000 },
} as const;

export type RangeName = keyof typeof RANGES;
