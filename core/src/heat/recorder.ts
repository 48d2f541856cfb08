import type { CoatLayer } from '../coat/index.js';
import type { Body } from './body.js';
import { FUSION_HEAT, ICE_HEAT, SAMPLE_S, WATER_HEAT } from './constants.js';
import type { Face } from './face.js';
import { emptyColumns, type Column, type CookSeries, type Profiles } from './series.js';
import { readShell, type Shell } from './shell.js';
import type { Flows } from './surface.js';

export interface Recorder {
  /** Whether a sample is due at `timeS`. */
  due(timeS: number): boolean;
  sample(timeS: number, down: Face, up: Face, firmness: number, airC: number, flows: Flows): void;
  finish(flows: Flows): CookSeries;
}

const sumOver = (from: number, to: number, of: (i: number) => number): number => {
  let sum = 0;
  for (let i = from; i < to; i++) sum += of(i);
  return sum;
};

const foodWaterKg = (b: Body): number => sumOver(b.foodFrom, b.foodTo, (i) => b.water[i]);
const coatWaterKg = (b: Body): number => sumOver(0, b.n, (i) => b.water[i]) - foodWaterKg(b);

function meanFoodC(b: Body): number {
  const volume = sumOver(b.foodFrom, b.foodTo, (i) => b.volume[i]);
  return sumOver(b.foodFrom, b.foodTo, (i) => b.tempC[i] * b.volume[i]) / volume;
}

/** Heat above liquid water at 0 °C, J, in the whole body. */
const heatOf = (b: Body): number =>
  sumOver(0, b.n, (i) => {
    const held = b.dryHeat[i] + (b.water[i] - b.ice[i]) * WATER_HEAT + b.ice[i] * ICE_HEAT;
    return held * b.tempC[i] - b.ice[i] * FUSION_HEAT;
  });

/** Writes the state of a cook into preallocated columns, a sample every few seconds. Balances count from here on. */
export function makeRecorder(
  body: Body,
  layers: readonly CoatLayer[],
  minutes: number,
  withProfiles: boolean,
): Recorder {
  const samples = Math.floor((minutes * 60) / SAMPLE_S + 1e-9) + 1;
  const timeS = new Float64Array(samples);
  const c: Record<Column, Float32Array> = emptyColumns(samples);
  const centre = body.n >> 1;
  const half = { layer: body.layer.slice(centre), widthMm: Float32Array.from(body.dx.slice(centre), (m) => m * 1000) };
  const profiles: Profiles | null = withProfiles
    ? { cells: body.n, tempC: new Float32Array(samples * body.n), waterX: new Float32Array(samples * body.n) }
    : null;
  const shell: Shell = { mm: 0, crunchMm: 0, floury: 0 };
  const skinM2 = 2 * body.faceM2;
  const firstFilm = layers.at(-1)?.thicknessM ?? 1;
  const firstFoodWater = foodWaterKg(body);
  const startKg = sumOver(0, body.n, (i) => body.water[i]);
  const startJ = heatOf(body);
  let hottestMeanC = -Infinity;
  let at = 0;

  const readFace = (name: 'Up' | 'Down', face: Face): void => {
    readShell(body, layers, face.outer, face.inward, shell);
    c[`surface${name}C`][at] = face.surfaceC;
    c[`foot${name}C`][at] = body.tempC[face.footCell];
    c[`colour${name}`][at] = face.colour;
    c[`shell${name}Mm`][at] = shell.mm;
    c[`crunch${name}Mm`][at] = shell.crunchMm;
    c[`floury${name}`][at] = shell.floury;
    c[`setFoot${name}`][at] = 1 - face.unsetFoot;
    c[`setSkin${name}`][at] = 1 - face.unsetSkin;
  };

  return {
    due: (now) => at < samples && now >= at * SAMPLE_S - 1e-6,
    sample(now, down, up, firmness, airC, flows) {
      hottestMeanC = Math.max(hottestMeanC, meanFoodC(body));
      timeS[at] = now;
      c.centreC[at] = (body.tempC[centre] + body.tempC[centre - 1]) / 2;
      c.airC[at] = airC;
      c.firmness[at] = firmness;
      c.hottestMeanC[at] = hottestMeanC;
      c.foodWaterLost[at] = 1 - foodWaterKg(body) / firstFoodWater;
      c.coatWaterGm2[at] = (coatWaterKg(body) * 1000) / skinM2;
      c.filmShare[at] = layers.length ? (down.filmM + up.filmM) / (2 * firstFilm) : 1;
      c.steamGm2[at] = (flows.outKg * 1000) / skinM2;
      c.pushGm2S[at] = Math.max(down.push, up.push) * 1000;
      readFace('Up', up);
      readFace('Down', down);
      if (profiles) {
        const { cells, tempC, waterX } = profiles;
        for (let i = 0; i < cells; i++) {
          tempC[at * cells + i] = body.tempC[i];
          waterX[at * cells + i] = body.water[i] / body.solids[i];
        }
      }
      at += 1;
    },
    finish(flows) {
      const endKg = sumOver(0, body.n, (i) => body.water[i]);
      return {
        sampleS: SAMPLE_S,
        timeS,
        columns: c,
        profiles,
        half,
        energyError: (startJ + flows.inJ - flows.outJ - heatOf(body)) / Math.max(1, Math.abs(flows.inJ)),
        waterError: (startKg - flows.outKg - endKg) / startKg,
        heatJ: flows.inJ,
      };
    },
  };
}
