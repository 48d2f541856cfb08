import { ROUNDING, NEXT_TO_NOTHING } from '../units/index.js';
import type { Body } from './body.js';
import type { Cooking } from './cooking.js';
import { FUSION_HEAT, ICE_HEAT, WATER_HEAT } from './constants/index.js';
import type { Face } from './face.js';
import { insideOf } from './inside.js';
import { emptyColumns, type Column, type CookSeries, type Profiles } from './series.js';
import { readShell, type Shell } from './shell.js';

/** Writes the state of a cook into preallocated columns, a sample every few seconds. */
export interface Recorder {
  /** Whether a sample is due at `timeS`. */
  due(timeS: number): boolean;
  sample(cook: Cooking, timeS: number): void;
  /** Water, kg, and heat, J, that a sauce brought along. */
  addIn(kg: number, heatJ: number): void;
  finish(cook: Cooking): CookSeries;
}

function waterKg({ from, to, water }: Body): number {
  let kg = 0;
  for (let i = from; i < to; i++) kg += water[i];
  return kg;
}

/** The food under the coat as a whole: means over its volume of temperature, °C, and of what is left of its firmness; its water, kg. */
interface Whole {
  meanC: number;
  firm: number;
  waterKg: number;
}

function readWhole({ foodFrom, foodTo, volume, tempC, softened, water }: Body, out: Whole): void {
  let [all, heat, firm, kg] = [0, 0, 0, 0];
  for (let i = foodFrom; i < foodTo; i++) {
    all += volume[i];
    heat += tempC[i] * volume[i];
    firm += Math.exp(-softened[i]) * volume[i];
    kg += water[i];
  }
  out.meanC = heat / all;
  out.firm = firm / all;
  out.waterKg = kg;
}

/** Below this much water, kg per kg of solids, food counts as dried out: a share of nothing would tell nothing. */
const DRIED_OUT_X = 0.01;

function solidsKg({ foodFrom, foodTo, solids }: Body): number {
  let kg = 0;
  for (let i = foodFrom; i < foodTo; i++) kg += solids[i];
  return kg;
}

/** Heat above liquid water at 0 °C, J, in the whole body. */
function heatOf({ from, to, dryHeat, water, ice, tempC }: Body): number {
  let joules = 0;
  for (let i = from; i < to; i++) {
    const held = dryHeat[i] + (water[i] - ice[i]) * WATER_HEAT + ice[i] * ICE_HEAT;
    joules += held * tempC[i] - ice[i] * FUSION_HEAT;
  }
  return joules;
}

/** The columns that tell of one face. */
const columnsOf = (c: Record<Column, Float32Array>, name: 'Up' | 'Down') => ({
  surfaceC: c[`surface${name}C`],
  footC: c[`foot${name}C`],
  colour: c[`colour${name}`],
  char: c[`char${name}`],
  shellMm: c[`shell${name}Mm`],
  crunchMm: c[`crunch${name}Mm`],
  floury: c[`floury${name}`],
  setFoot: c[`setFoot${name}`],
  setSkin: c[`setSkin${name}`],
});

/** What another oil on it changes of a cook: the rest of its columns is that of the cook itself. */
const OF_OIL: readonly Column[] = [
  'colourUp',
  'colourDown',
  'charUp',
  'charDown',
  'crunchUpMm',
  'crunchDownMm',
  'flouryUp',
  'flouryDown',
];

/**
 * A recorder of `minutes` from now on, with a sample every `sampleS` seconds; balances count from here.
 * @param otherOilsGm2 the oils that the faces have shades of, g/m²
 */
export function makeRecorder(
  start: Cooking,
  minutes: number,
  sampleS: number,
  withProfiles: boolean,
  otherOilsGm2: readonly number[] = [],
): Recorder {
  const { input, body } = start;
  const samples = Math.floor((minutes * 60) / sampleS + NEXT_TO_NOTHING) + 1;
  const timeS = new Float64Array(samples);
  const c: Record<Column, Float32Array> = emptyColumns(samples);
  const centre = body.n >> 1;
  const profiles: Profiles | null = withProfiles
    ? { cells: body.n, tempC: new Float32Array(samples * body.n), waterX: new Float32Array(samples * body.n) }
    : null;
  const shell: Shell = { mm: 0, crunchMm: 0, floury: 0 };
  const skinM2 = 2 * body.faceM2;
  const firstFilm = input.layers.at(-1)?.thicknessM ?? 1;
  const whole: Whole = { meanC: 0, firm: 1, waterKg: 0 };
  readWhole(body, whole);
  const firstFoodWater = whole.waterKg;
  const shareOf = Math.max(firstFoodWater, DRIED_OUT_X * solidsKg(body));
  const first = { ...start.flows };
  let startKg = waterKg(body);
  let startJ = heatOf(body);
  let hottestMeanC = -Infinity;
  let at = 0;

  const [ofUp, ofDown] = [columnsOf(c, 'Up'), columnsOf(c, 'Down')];
  const otherOils = otherOilsGm2.map((oilGm2) => {
    const own = Object.fromEntries(OF_OIL.map((column) => [column, new Float32Array(samples)]));
    const columns: Record<Column, Float32Array> = { ...c, ...own };
    return { oilGm2, columns, up: columnsOf(columns, 'Up'), down: columnsOf(columns, 'Down') };
  });

  /** What the oil on a face decides: its shell as it is now, and the colours that are given. */
  const readOiled = (
    cook: Cooking,
    of: ReturnType<typeof columnsOf>,
    face: Face,
    { colour, browned }: Pick<Face, 'colour' | 'browned'>,
  ): void => {
    readShell(cook.body, input.layers, face, shell);
    of.colour[at] = colour;
    of.char[at] = colour - browned;
    of.crunchMm[at] = shell.crunchMm;
    of.floury[at] = shell.floury;
  };

  const readFace = (cook: Cooking, of: ReturnType<typeof columnsOf>, face: Face): void => {
    readOiled(cook, of, face, face);
    of.surfaceC[at] = face.surfaceC;
    of.footC[at] = cook.body.tempC[face.footCell];
    of.shellMm[at] = shell.mm;
    of.setFoot[at] = 1 - face.unsetFoot;
    of.setSkin[at] = 1 - face.unsetSkin;
  };

  /** The face with the oil of one of its shades. */
  const readShade = (cook: Cooking, of: ReturnType<typeof columnsOf>, face: Face, k: number): void => {
    const { fat, faceM2 } = cook.body;
    const before = fat[face.outer];
    fat[face.outer] += (face.shades[k].moreGm2 / 1000) * faceM2;
    readOiled(cook, of, face, face.shades[k]);
    fat[face.outer] = before;
  };

  return {
    due: (now) => at < samples && now >= at * sampleS - ROUNDING,
    sample(cook, now) {
      const { body: b, around, flows } = cook;
      const [down, up] = [cook.sides[0].face, cook.sides[1].face];
      readWhole(b, whole);
      hottestMeanC = Math.max(hottestMeanC, whole.meanC);
      timeS[at] = now;
      c.centreC[at] = (b.tempC[centre] + b.tempC[centre - 1]) / 2;
      c.airC[at] = around.airC;
      c.firmness[at] = input.startFirmness * whole.firm;
      c.hottestMeanC[at] = hottestMeanC;
      c.foodWaterLost[at] = (firstFoodWater - whole.waterKg) / shareOf;
      c.coatWaterGm2[at] = ((waterKg(b) - whole.waterKg) * 1000) / skinM2;
      c.filmShare[at] = input.layers.length ? (down.filmM + up.filmM) / (2 * firstFilm) : 1;
      c.steamGm2[at] = ((flows.outKg - first.outKg) * 1000) / skinM2;
      c.drippedGm2[at] = ((down.drippedKg + up.drippedKg) * 1000) / skinM2;
      c.pushGm2S[at] = Math.max(down.push, up.push) * 1000;
      readFace(cook, ofUp, up);
      readFace(cook, ofDown, down);
      otherOils.forEach((oil, k) => {
        readShade(cook, oil.up, up, k);
        readShade(cook, oil.down, down, k);
      });
      if (profiles) {
        const { cells, tempC, waterX } = profiles;
        for (let i = b.from; i < b.to; i++) {
          tempC[at * cells + i] = b.tempC[i];
          waterX[at * cells + i] = b.water[i] / b.solids[i];
        }
      }
      at += 1;
    },
    addIn(kg, heatJ) {
      startKg += kg;
      startJ += heatJ;
    },
    finish({ body: b, flows }) {
      const [inJ, outJ, outKg] = [flows.inJ - first.inJ, flows.outJ - first.outJ, flows.outKg - first.outKg];
      return {
        sampleS,
        timeS: timeS.subarray(0, at),
        columns: c,
        profiles,
        half: { layer: b.layer.slice(centre), widthMm: Float32Array.from(b.dx.slice(centre).map((m) => m * 1000)) },
        inside: insideOf(b),
        energyError: (startJ + inJ - outJ - heatOf(b)) / Math.max(1, Math.abs(inJ), Math.abs(outJ)),
        waterError: (startKg - outKg - waterKg(b)) / startKg,
        heatJ: inJ,
        otherOils: otherOils.map(({ oilGm2, columns }) => ({ oilGm2, columns })),
        waiting: [],
      };
    },
  };
}
