import { comparedWords, namesOf, type Recognised } from '../foods/index.js';

/**
 * Words beside a thing's name that leave it what it is: how it is made ready, how large, how cold, how good, where from, of
 * which packet, what for. Any other word may make another thing of it ("rice milk", "curry leaves", "cream of tartar").
 * Common practice, no source.
 */
const DESCRIBING = `
  a an the of and or but in on at to for from with without plus about as your my any some each per other another
  fresh freshly dried dry wet raw cooked cold chilled iced ice hot warm lukewarm tepid boiling room temperature frozen
  thawed melted softened soft hard firm runny stiff
  ground grated shredded chopped minced crushed mashed pureed sliced diced cubed cut torn snipped picked pounded crumbled
  crushing blitzed blended whizzed finely coarsely roughly thinly thickly very really lightly well just quite extra super
  fine coarse thick thin chunky smooth large larger medium small big heavy little long short
  beaten whisked whipped separated stirred mixed strained sieved sifted drained rinsed washed squeezed peeled pitted seeded
  deseeded stemmed trimmed halved quartered packed loosely firmly level heaped heaping rounded scant generous
  toasted roasted untoasted blanched smoked unsmoked salted unsalted sweetened unsweetened seasoned unseasoned flavoured
  flavored unflavoured unflavored plain pure natural neutral mild medium spicy sharp mature aged virgin refined unrefined
  cracked flaky crunchy crispy
  organic free range quality good best nice decent cheap low lower reduced less high fat sodium calorie sugar sour
  skimmed semi skim full whole half light lite
  red white green yellow black brown dark pale golden purple
  italian french english british american mexican spanish greek turkish indian chinese japanese korean thai vietnamese
  hungarian german asian style type kind brand variety grade
  tin tinned can canned jar jarred bottle bottled packet pack bag box carton tub tube pot sachet cube block bunch sprig
  stalk stick stem wheel slab leftover stale homemade home made shop store bought supermarket
  dusting dredging coating frying breading batter marinade seasoning serving serve garnish garnishing taste needed optional
  divided as needed need if you like then set aside at time
  rolling binding brushing greasing more extra additional favourite favorite preferably ideally bit touch
  mixture mix blend powder powdered granulated flake flaked crumb
  cooking baking kitchen table
  boneless boned deboned bone skinless skinned skin filleted shelled unshelled shell deveined headless head tail peel unpeeled
  cleaned gutted scaled uncooked cooked leftover ripe unripe young baby tender fillet piece portion bite size sized batch
  evening tonight dinner person people pound
`;

const describing: ReadonlySet<string> = new Set(comparedWords(DESCRIBING));

/** Names of things that as often say how another one is. Common practice, no source. */
const HOW_IT_IS: ReadonlySet<string> = new Set(['crumb', 'cracker', 'cream', 'oil', 'water', 'salt', 'herb', 'oat']);

/** Whether a word leaves a thing what it is. */
export const isDescribing = (word: string): boolean => describing.has(word) || /^[0-9½¼¾⅓⅔⅛]/.test(word);

/** Whether words only say how a thing is: "lightly beaten", "at room temperature". */
export const onlyDescribes = (text: string): boolean => comparedWords(text).every(isDescribing);

/**
 * Of the words beside a name those that may make another thing of it: not the thing's own ("garlic chilli sauce"), and more
 * than a description.
 */
export function wordsApart({ item, beside }: Recognised): string[] {
  const own = new Set(namesOf(item).flatMap(comparedWords));
  const describes = (word: string): boolean => own.has(word) || isDescribing(word) || HOW_IT_IS.has(word);
  return beside.filter((word) => !describes(word));
}
