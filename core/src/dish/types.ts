import type { LayerSpec, SkinWater, Station } from '../coat/index.js';
import type { FryerKind, UnderFood } from '../heat/index.js';
import type { PieceShape } from '../piece/index.js';

/** How the food was made ready before it is coated. */
export type Preparation = 'raw' | 'blanched' | 'frozen' | 'pre-cooked';

/** What is coated. */
export interface Dish {
  foodId: string;
  shape: PieceShape;
  /** Number of pieces. */
  count: number;
  /** °C of the food when it is coated. */
  startC: number;
  skin: SkinWater;
  preparation: Preparation;
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
  /** Bread of the hot-spot test, three rows of three from the back left, 0 pale to 4 dark; see basket/spots. */
  hotSpots?: number[];
  /** An oven thermometer's readings against the setting; `offsetC` is their mean. */
  readings?: { setC: number; readC: number }[];
}

/** How the air version is cooked. */
export interface AirSettings {
  tempC: number;
  minutes: number;
  preheated: boolean;
  /** Minutes after which the pieces are turned; null = never. */
  turnAtMin: number | null;
  under: UnderFood;
  /** A little tray of boiling water in the basket. Default none. */
  waterTray: boolean;
  /** Minutes after which upper and lower racks change places, again and again; null = never. */
  swapEveryMin: number | null;
  /** How often it is opened for a look, beside turning and swapping. */
  looks: number;
}

/** What air settings are when nobody says otherwise. */
export const PLAIN_AIR = { waterTray: false, swapEveryMin: null, looks: 0 } as const;

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

/** A coat and a cook for the air fryer. */
export interface AirPlan {
  layers: LayerSpec[];
  /** Minutes that the finished coat rests. */
  restMin: number;
  /** Oil sprayed or brushed on all sides, g per m² of skin. */
  oilGm2: number;
  settings: AirSettings;
  second: SecondPlan | null;
  /** How the bowls are set out; as most people do without. */
  station?: Station;
  /** What happens to it when it is done; a rest on a rack without. */
  afterwards?: Afterwards;
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
}

/** A rest of 3–5 minutes on a rack, eaten at once, or held in the switched-off fryer until all batches are done. */
export type Afterwards = 'rack' | 'at-once' | 'held';

/** All that goes on the piece: the layers of its coat, and the sauce where there is one. */
export const allLayersOf = ({ layers, second }: Pick<AirPlan, 'layers' | 'second'>): LayerSpec[] =>
  second?.sauce ? [...layers, second.sauce] : layers;
