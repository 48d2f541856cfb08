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

const sumOver = (from: number, to: number, of: (i: number) => number): number => {
  let sum = 0;
  for (let i = from; i < to; i++) sum += of(i);
  return sum;
};

const waterKg = (b: Body): number => sumOver(b.from, b.to, (i) => b.water[i]);
const foodWaterKg = (b: Body): number => sumOver(b.foodFrom, b.foodTo, (i) => b.water[i]);

function foodMean(b: Body, of: (i: number) => number): number {
  const volume = sumOver(b.foodFrom, b.foodTo, (i) => b.volume[i]);
  return sumOver(b.foodFrom, b.foodTo, (i) => of(i) * b.volume[i]) / volume;
}

/** Heat above liquid water at 0 °C, J, in the whole body. */
const heatOf = (b: Body): number =>
  sumOver(b.from, b.to, (i) => {
    const held = b.dryHeat[i] + (b.water[i] - b.ice[i]) * WATER_HEAT + b.ice[i] * ICE_HEAT;
    return held * b.tempC[i] - b.ice[i] * FUSION_HEAT;
  });

/** A recorder of `minutes` from now on, with a sample every `sampleS` seconds; balances count from here. */
export function makeRecorder(start: Cooking, minutes: number, sampleS: number, withProfiles: boolean): Recorder {
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
  const firstFoodWater = foodWaterKg(body);
  const first = { ...start.flows };
  let startKg = waterKg(body);
  let startJ = heatOf(body);
  let hottestMeanC = -Infinity;
  let at = 0;

  const readFace = (cook: Cooking, name: 'Up' | 'Down', face: Face): void => {
    readShell(cook.body, input.layers, face, shell);
    c[`surface${name}C`][at] = face.surfaceC;
    c[`foot${name}C`][at] = cook.body.tempC[face.footCell];
    c[`colour${name}`][at] = face.colour;
    c[`char${name}`][at] = face.colour - face.browned;
    c[`shell${name}Mm`][at] = shell.mm;
    c[`crunch${name}Mm`][at] = shell.crunchMm;
    c[`floury${name}`][at] = shell.floury;
    c[`setFoot${name}`][at] = 1 - face.unsetFoot;
    c[`setSkin${name}`][at] = 1 - face.unsetSkin;
  };

  return {
    due: (now) => at < samples && now >= at * sampleS - ROUNDING,
    sample(cook, now) {
      const { body: b, around, flows } = cook;
      const [down, up] = [cook.sides[0].face, cook.sides[1].face];
      hottestMeanC = Math.max(
        hottestMeanC,
        foodMean(b, (i) => b.tempC[i]),
      );
      timeS[at] = now;
      c.centreC[at] = (b.tempC[centre] + b.tempC[centre - 1]) / 2;
      c.airC[at] = around.airC;
      c.firmness[at] = input.startFirmness * foodMean(b, (i) => Math.exp(-b.softened[i]));
      c.hottestMeanC[at] = hottestMeanC;
      c.foodWaterLost[at] = 1 - foodWaterKg(b) / firstFoodWater;
      c.coatWaterGm2[at] = ((waterKg(b) - foodWaterKg(b)) * 1000) / skinM2;
      c.filmShare[at] = input.layers.length ? (down.filmM + up.filmM) / (2 * firstFilm) : 1;
      c.steamGm2[at] = ((flows.outKg - first.outKg) * 1000) / skinM2;
      c.drippedGm2[at] = ((down.drippedKg + up.drippedKg) * 1000) / skinM2;
      c.pushGm2S[at] = Math.max(down.push, up.push) * 1000;
      readFace(cook, 'Up', up);
      readFace(cook, 'Down', down);
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
        half: { layer: b.layer.slice(centre), widthMm: Float32Array.from(b.dx.slice(centre), (m) => m * 1000) },
        inside: insideOf(b),
        energyError: (startJ + inJ - outJ - heatOf(b)) / Math.max(1, Math.abs(inJ), Math.abs(outJ)),
        waterError: (startKg - outKg - waterKg(b)) / startKg,
        heatJ: inJ,
        waiting: [],
      };
    },
  };
}
