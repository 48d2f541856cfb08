import {
  batterCalled,
  coatCalled,
  namedCoat,
  namesCut,
  onlyDescribes,
  readBowls,
  readCoat,
  readFood,
} from '../entry/index.js';
import { soldAs } from '../cut/index.js';
import { foodOf, functionOf, ingredient, type Pantry } from '../foods/index.js';
import { NO_BITE_G } from './constants.js';
import { potIn, type PotSaid } from './pot.js';

/** A whole dish said in one go, where only its food was asked for. */
export interface OneLine {
  /** What of it is the food: "6 salmon fillets". */
  food: string;
  /** What of it is the coat: "flour, egg and panko"; null where it tells of its frying alone. */
  coat: string | null;
  /** The coat is only that which a dish of this name usually has. */
  byName: boolean;
  /** Something of the coat is not known: it is asked about. */
  unclear: boolean;
  pot: PotSaid;
}

/** How a coat gets on: "dipped in", "rolled with". */
const GETS_ON = '(?:dipped|soaked|marinated|dredged|coated|rolled|tossed|covered|breaded|crusted)';
const DIPPED = String.raw`(?:${GETS_ON}\s+)?(?:in|with)\s+`;
/** What may follow where it is told how something is fried; else it is the food: "fried green tomatoes". */
const FRYING_GOES_ON = String.raw`\s*(?:$|[,;.]|~?\d|(?:for|at|in|on|with|until|about|each|both|over)\b)`;
/** Where the frying begins: "shallow fried", "for 5 minutes", "at 180". */
const FRYING_TOLD = String.raw`(?:(?:shallow|deep|pan)[- ]?)?fried\b(?=${FRYING_GOES_ON})|for\s+\d|at\s+\d{3}`;
/**
 * Where one thing ends and the next begins: at a comma, at "in" or "with", and where the frying is told. Common practice, no
 * source.
 */
const PARTING = new RegExp(
  [
    String.raw`(\s*[,;]\s*(?:then\s+)?(?:${DIPPED}|and\s+)?`,
    String.raw`\s+(?:(?:and|then)\s+)?${DIPPED}`,
    String.raw`(?<!\b(?:shallow|deep|pan))\s+(?:and\s+)?(?=${FRYING_TOLD}))`,
  ].join('|'),
  'i',
);

/** Tells of the frying, and not of the coat. */
const OF_THE_POT = /\bfr(?:y|ied|ying)\b|\b(?:min|mins|minutes?|oil|lard|dripping|pan|skillet|pot)\b|°|\bat \d{3}\b/i;

/** Said beside the food's name, and no part of it: how it is fried, or what its crust is like. */
const FRIED_BESIDE = /\b(?:(?:deep|pan|shallow)[- ]?)?fried\b|\b(?:extra[- ])?(?:crispy|crunchy)\b/gi;

/** Said beside the food's name, and no part of it: the coats that they name. Common practice, no source. */
const BESIDE_IT: readonly (readonly [RegExp, string])[] = [
  [/\b(?:southern|country|buttermilk)[- ]fried\b|\bchicken[- ]fried(?=\s+steaks?\b)/i, 'buttermilk-flour'],
  [/\bsalt[- ](?:and|&|'?n'?)[- ]pepper\b/i, 'starch'],
  [/\bcoconut(?:[- ](?:crusted|breaded|crumbed|coated))?\b/i, 'coconut-crumbs'],
  [/\bcornmeal(?:[- ](?:crusted|dusted|coated))?\b/i, 'cornmeal'],
  [/\b(?:beer[- ]?)?battered\b/i, 'beer-batter'],
  [/\b(?:breaded|crumbed|breadcrumbed)\b/i, 'fine-crumbs'],
  [/\bpanko(?:[- ](?:crusted|breaded|crumbed|coated))?\b/i, 'coarse-crumbs'],
  [/\bfloured\b/i, 'flour'],
  [/\btempura\b/i, 'thin-batter'],
  [/\bcornflake(?:s|[- ]crusted|[- ]coated)?\b/i, 'cornflakes'],
];

/** A dish whose name is that of its coat as well: nobody means it in another. Common practice, no source. */
const BY_NAME: readonly (readonly [RegExp, string])[] = [
  [
    /\b(?:schnitzels?|milanese|nuggets?|kievs?|arancini|croquettes?|poppers|(?:fish|mozzarella) (?:fingers|sticks))\b/i,
    'fine-crumbs',
  ],
  [/\b(?:ton)?katsu\b/i, 'coarse-crumbs'],
  [/\bfried chicken\b|\bpopcorn (?:chicken|shrimps?|prawns?)\b/i, 'buttermilk-flour'],
  [/\bcorn[- ]?dogs?\b/i, 'cornmeal-batter'],
  [/\bkaraage\b/i, 'starch'],
  [/\b(?:bhajis?|pakoras?)\b/i, 'chickpea-batter'],
  [/\b(?:spring|egg) rolls?\b/i, 'spring-roll-sheet'],
];

/** Little things that several are made of one of the food: a number of these says nothing of how much food. */
const OF_ONE_SEVERAL = /\b(?:bhajis?|pakoras?)\b/i;
const NUMBER_FIRST = /^\s*\d+\s+/;

/** A food's words without the number of what is made of it, where one of the food makes several. */
function withoutNumber(pantry: Pantry, food: string): string {
  const { bought } = readFood(pantry, food);
  const unit = bought && soldAs(foodOf(pantry, bought.foodId)).units.find((u) => u.id === bought.unit);
  return unit && unit.grams > NO_BITE_G ? food.replace(NUMBER_FIRST, '') : food;
}

/** Bought frozen, it comes with its coat on. */
const FROZEN = /\bfrozen\b/i;
const AS_BOUGHT = 'ready-breaded';

/** What a coat that was taken out leaves at the end of the food. */
const LEFT_OVER = /[\s,;]*(?:(?<=[\s,;])(?:and|in|with))?[\s,;]*$/i;
const tidied = (words: string): string =>
  words
    .replace(LEFT_OVER, '')
    .replace(/\s{2,}/g, ' ')
    .trim();

/** Whether words name a coat, or nothing but what coats are made of. */
function isOfCoat(pantry: Pantry, words: string): boolean {
  if (coatCalled(words) ?? batterCalled(words)) return true;
  const { lines, doubts } = readBowls(pantry, words);
  return lines.length > 0 && doubts.length === 0 && lines.every((line) => !line.notCoat);
}

/**
 * Whether the words are a whole coat: one by name, or bowls with a powder or crumbs in them. Wet things and spices alone are a
 * marinade or a sauce.
 */
function isCoat(pantry: Pantry, words: string): boolean {
  const { named, bowls } = readCoat(pantry, words);
  if (named) return true;
  const portions = bowls?.bowls.flatMap((bowl) => bowl.portions) ?? [];
  const dry = portions.map((p) => functionOf(ingredient(pantry, p.ingredientId)));
  return dry.includes('powder') || dry.includes('finish');
}

/** What goes before a coat, known or not: "in", "rolled with". */
const BEFORE_COAT = new RegExp(String.raw`\bin\b|\b${GETS_ON}\s+with\b`, 'i');
/** In what food is without being coated: "in brine", "cut in four". Common practice, no source. */
const NO_COAT = /\b(?:brine|juice|jackets?|skins?|two|three|four|six|eight)\b/i;

/**
 * Whether words stand where a coat does and tell of something that is not known: they are asked about, and never dropped.
 * @param inside whether things of a coat stand before them
 */
function isUnclearCoat(pantry: Pantry, between: string, words: string, inside: boolean): boolean {
  if (namesCut(words.toLowerCase()) || onlyDescribes(words) || NO_COAT.test(words)) return false;
  return (
    BEFORE_COAT.test(between) || (inside && readBowls(pantry, words).lines.some(({ doubt }) => doubt !== 'unknown'))
  );
}

/** The id of the named coat that a word beside the food's name tells of, or the dish's own name, and the food without it; null where none does. */
function coatInName(pantry: Pantry, typed: string): { food: string; id: string; byName: boolean } | null {
  const beside = BESIDE_IT.find(([pattern]) => pattern.test(typed));
  if (beside) {
    const food = typed.replace(beside[0], '');
    return FROZEN.test(typed)
      ? { food: food.replace(FROZEN, ''), id: AS_BOUGHT, byName: false }
      : { food, id: beside[1], byName: false };
  }
  const byName = BY_NAME.find(([pattern]) => pattern.test(typed));
  if (!byName) return null;
  // A name that says how it is cut stays with the food: "4 chicken schnitzels"; one that hides the food does not: "tofu karaage".
  const bare = typed.replace(byName[0], ' ');
  const said = readFood(pantry, typed).bought || !readFood(pantry, bare).bought ? typed : bare;
  const food = OF_ONE_SEVERAL.test(typed) ? withoutNumber(pantry, said) : said;
  return { food, id: FROZEN.test(typed) && byName[1] === 'fine-crumbs' ? AS_BOUGHT : byName[1], byName: true };
}

/**
 * A dish as one says it in one go, taken apart into its food, its coat and its frying: "6 salmon fillets, flour, egg and panko,
 * shallow fried 4 min each side", "tempura prawns". What says neither a coat nor a frying stays with the food ("in 13 mm
 * rings", "halved").
 * @returns null where the words tell of neither a coat nor a frying, nor that it is fried
 */
export function inOneLine(pantry: Pantry, typed: string): OneLine | null {
  const [first, ...rest] = typed.split(PARTING);
  let food = first;
  const coats: string[] = [];
  let unclear = false;
  const frying: string[] = [];
  for (let k = 0; k < rest.length; k += 2) {
    const [between, words] = [rest[k], rest[k + 1].trim()];
    if (words === '') food += between;
    else if (OF_THE_POT.test(words)) frying.push(words);
    else if (isOfCoat(pantry, words)) coats.push(words);
    else if (isUnclearCoat(pantry, between, words, coats.length > 0)) {
      coats.push(words);
      unclear = true;
    } else food += between + words;
  }
  const named = coatInName(pantry, food);
  const beside: string[] = food.match(FRIED_BESIDE) ?? [];
  const told = [...beside, ...frying].join(' ');
  const { said: pot } = potIn(told === '' ? '' : `fry ${told}`, false);
  const plain = (words: string): string => tidied(words.replace(FRIED_BESIDE, ''));
  const coat = coats.join(', ');
  if (coat !== '' && (unclear || isCoat(pantry, coat))) return { food: plain(food), coat, byName: false, unclear, pot };
  if (named)
    return { food: plain(named.food), coat: namedCoat(named.id)!.label, byName: named.byName, unclear: false, pot };
  const isTold = beside.length > 0 || (pot.medium ?? pot.tempC ?? pot.minutes) !== null;
  return isTold ? { food: plain(food), coat: null, byName: false, unclear: false, pot } : null;
}
