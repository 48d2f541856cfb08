import type { LayerSpec, SkinWater, Station } from '../coat/index.js';
import type { Portion, Preparation } from '../foods/index.js';
import type { BoughtAs } from '../cut/index.js';
import type { FryerKind, UnderFood } from '../heat/index.js';
import type { PieceShape } from '../piece/index.js';

/** What is coated. */
export interface Dish {
  foodId: string;
  shape: PieceShape;
  /** Number of pieces. */
  count: number;
  /** Some of them smaller: how many of all, and by how much of the length across. All alike without. */
  smaller?: { count: number; scale: number };
  /** °C of the food when it is coated. */
  startC: number;
  skin: SkinWater;
  /** How its water was dealt with before; `shape` is the cut before that. */
  preparation: Preparation;
  /** Bought with its coat on, frozen: only heat, oil and minutes are chosen. Default false. */
  readyCoated?: boolean;
  /** How it was bought and cut, where shape and count follow from that. The simulation does not need it. */
  bought?: BoughtAs;
  /** Share of the skin that is left bare: a prawn's tail, a bone to hold it by. Default 0. */
  bareShare?: number;
  /** Another food in the same coat and basket. */
  also?: AlsoFood;
  /** Bowls beside the coat. Default none. */
  beside?: SideBowl[];
  /** How much more than usual this kitchen's hands pick up, where that was learned; as usual without. */
  hand?: Hands;
  /** People whom it feeds; by its weight without. */
  servings?: number;
  /** Minutes of pressing, salting, soaking, marinating, boiling or roasting; the usual ones without. */
  prepMin?: number;
}

/** Of wet layers and of dry ones what sticks against what usually does, 1 = as usual. */
export interface Hands {
  dips: number;
  crumbs: number;
}

/** What a bowl beside the coat is for. */
export const SIDE_USES = ['marinade', 'tossed', 'brushed', 'dip', 'spice-salt', 'topping'] as const;
export type SideUse = (typeof SIDE_USES)[number];

/** A bowl beside the coat: marinade, sauce, dip, spice salt, topping. */
export interface SideBowl {
  name: string;
  use: SideUse;
  /** As the recipe writes them; how much is taken follows from the use. */
  portions: Portion[];
  /** g for the whole dish, by hand; by use and weight without. */
  wantedG?: number;
}

/** A second food that goes through the same bowls and lies in the same basket. */
export interface AlsoFood {
  foodId: string;
  shape: PieceShape;
  count: number;
  bought?: BoughtAs;
}

export type OilMedium = 'deep-oil' | 'pan-oil';

/** The dish as it is fried today. */
export interface FriedCook {
  layers: LayerSpec[];
  medium: OilMedium;
  oilId: string;
  tempC: number;
  minutes: number;
}

export type BasketShape =
  { kind: 'round'; diameterMm: number } | { kind: 'rectangle'; widthMm: number; depthMm: number };

/** A programme of an appliance, by what its button says. */
export interface Preset {
  name: string;
  tempC: number;
  minutes: number;
}

/** One appliance of the kitchen. */
export interface Fryer {
  name: string;
  kind: FryerKind;
  basket: BasketShape;
  /** Baskets or racks one above the other. */
  racks: number;
  minTempC: number;
  maxTempC: number;
  /** Smallest step of its temperature setting, °C. */
  stepC: number;
  /** Multiplies the air's coefficient, 1 = as its kind; and what its thermostat is off by, °C. */
  airFactor: number;
  offsetC: number;
  /** Power on its rating plate, W; the usual one of its kind without. */
  powerW?: number;
  /** Its own programmes. */
  presets?: Preset[];
  /** Whether it is preheated by habit; not without. */
  preheats?: boolean;
  /** Longest that its timer runs, min; as long as anybody wants without. */
  timeLimitMin?: number;
  /** Bread of the hot-spot test, three rows of three from the back left, 0 pale to 4 dark; see basket/spots. */
  hotSpots?: number[];
  /** An oven thermometer's readings against the setting; `offsetC` is their mean. */
  readings?: { setC: number; readC: number }[];
  /** It is not there: a simulated fryer with ways of its own, to practise with. */
  practice?: true;
  /** How fast coats brown in it, 1 = as simulated; as simulated without. */
  browning?: number;
  /** How fast coats brown on the lower of two racks beside that, 1 = as simulated; as simulated without. */
  lower?: number;
  /** By what its thermostat, air and browning are other than its page says. */
  learned?: LearnedHere;
}

/** A fryer as something was planned for it. */
export interface TakenAs {
  /** What its thermostat is off by, °C; its air against its kind, and its browning against the simulation. */
  offsetC: number;
  airFactor: number;
  browning: number;
}

/** What was learned of a fryer, and is used in the place of its page. */
export interface LearnedHere {
  /** Cooks that taught it, and how far its thermostat may still be off, K, one standard deviation. */
  cooks: number;
  offK: number;
  /** The same of its air and its browning, as logarithms. */
  airOff?: number;
  browningOff?: number;
  /** What its page says. */
  page: { offsetC: number; airFactor: number };
}

/** How the air version is cooked. */
export interface AirSettings {
  tempC: number;
  minutes: number;
  preheated: boolean;
  /** °C to which it is preheated, where that is more than it cooks at. */
  preheatC?: number;
  /** Minutes after which the pieces are turned; null = never. */
  turnAtMin: number | null;
  under: UnderFood;
  /** A little tray of boiling water in the basket. Default none. */
  waterTray: boolean;
  /** Minutes after which upper and lower racks change places, again and again; null = never. */
  swapEveryMin: number | null;
  /** How often it is opened for a look, beside turning and swapping. */
  looks: number;
  /** The basket itself is turned round at half time, against its hot spots. Default false. */
  basketTurned?: boolean;
}

/** What air settings are when nobody says otherwise. */
export const PLAIN_AIR = { waterTray: false, swapEveryMin: null, looks: 0 } as const;

/** What oil is put on with. */
export type OilTool = 'pump' | 'can' | 'brush';

/** Which oil goes on, with what, and where beside the spray on all sides and what is mixed into the crumbs. */
export interface Oiling {
  /** Pantry id of an oil. */
  oilId: string;
  tool: OilTool;
  /** Rubbed on the bare food before the coat, g per m² of skin. */
  rubGm2: number;
  /** On what looks pale at half time, g per m² of the face that then lies up. */
  touchUpGm2: number;
  /** On basket or rack, g for a batch. */
  basketG: number;
}

/** Oil as most people put it on: sprayed from a pump bottle, and nothing else. */
export const PLAIN_OILING: Oiling = { oilId: 'rapeseed-oil', tool: 'pump', rubGm2: 0, touchUpGm2: 0, basketG: 0 };

/** A sauce part-way, or a second cook: cool, brush, cook on. */
export interface SecondPlan {
  sauce: LayerSpec | null;
  /** Sauce on the piece, g per m² of skin. */
  sauceGm2: number;
  /** Minutes on a rack before it. */
  coolMin: number;
  tempC: number;
  minutes: number;
}

/** What is done to the food for this version that is not done today. */
export interface MadeOtherwise {
  /** A wet skin is patted dry with a cloth. */
  patted?: boolean;
  /** Cut flat through the middle: twice as many pieces, half as thick. */
  halved?: boolean;
  /** The coated pieces are frozen hard and go in still frozen. */
  frozen?: boolean;
  /** What burns in the finish, left out of it and scattered over the hot pieces, in grams of the finish's recipe. */
  later?: Portion[];
}

/** A coat and a cook for the air fryer. */
export interface AirPlan {
  /** What is done to the food beside what is done today. Default nothing. */
  making?: MadeOtherwise;
  layers: LayerSpec[];
  /** Minutes that the finished coat rests. */
  restMin: number;
  /** Oil sprayed or brushed on all sides, g per m² of skin. */
  oilGm2: number;
  /** Which oil, with what, and where else; as most people do without. */
  oiling?: Oiling;
  settings: AirSettings;
  second: SecondPlan | null;
  /** How the bowls are set out; as most people do without. */
  station?: Station;
  /** What happens to it when it is done; a rest on a rack without. */
  afterwards?: Afterwards;
  /** Cooked on past what is safe, for the crust. Default false. */
  forCrust?: boolean;
  /** When it is salted; the moment it comes out without. */
  saltedWhen?: SaltedWhen;
  /** How the pieces lie in the basket; packed with the usual air between them without. */
  laying?: BasketLaying;
}

/** A piece where it lies on its rack: its middle from the rack's middle, mm, and its turn, radians. */
export interface LaidPiece {
  piece: number;
  xMm: number;
  yMm: number;
  turn: number;
}

/** How a batch lies. */
export interface BasketLaying {
  /** Air between two pieces, mm; 0 lets them touch. */
  gapMm: number;
  /** Where a hand has laid them, rack by rack from the top; null when they are packed. */
  laid: LaidPiece[][] | null;
  /** Small pieces may lie in the holes of rings. Default false. */
  nest?: boolean;
}

/** Salt over the hot pieces, over the rested ones, or none beside what is in the bowls. */
export type SaltedWhen = 'at-once' | 'after-rest' | 'in-bowls';

/** A rest of 3–5 minutes on a rack, eaten at once, or held in the switched-off fryer until all batches are done. */
export type Afterwards = 'rack' | 'at-once' | 'held';
