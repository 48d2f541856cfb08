import { lyingUp, type CoatLayer, type CookSeries, type FaceName } from '@yellowmist/core';
import * as texts from './texts';

/** One coat layer on one face at one moment. */
export interface LayerMoment {
  layer: CoatLayer;
  /** The last layer of the coat, which browns; a sauce may lie on it. */
  finish: boolean;
  sauce: boolean;
  mm: number;
  /** Water against what it came with or took up, 0–1. */
  wetness: number;
  tempC: number;
}

export interface FaceMoment {
  layers: LayerMoment[];
  browning: number;
  shellMm: number;
  set: number;
}

/** What a cutaway draws: the piece at one moment of a cook, from numbers of the simulation. */
export interface Moment {
  minutes: number;
  /** The face that lies up by then, and the one that lies down. */
  top: FaceMoment;
  under: FaceMoment;
  /** Which face that is, by how it started. */
  liesUp: FaceName;
  /** Temperatures through the food, from what lies up to what lies down, °C. */
  foodC: number[];
  centreC: number;
  /** Water leaving now, g/(m² s), and the share of a wet last layer that is still there. */
  steamGm2S: number;
  filmShare: number;
}

/** Index of the sample at `minutes`, held within the cook. */
export const sampleAt = (series: CookSeries, minutes: number): number =>
  Math.min(series.timeS.length - 1, Math.max(0, Math.round((minutes * 60) / series.sampleS)));

/** Kilograms of water per kilogram of solids at which a layer counts as fully wet in the picture. */
const WET_X = 0.9;

function faceMoment(
  series: CookSeries,
  layers: readonly CoatLayer[],
  coatLayers: number,
  at: number,
  up: boolean,
): FaceMoment {
  const { columns, profiles, half } = series;
  const name = up ? texts.up : texts.down;
  const film = columns.filmShare[at];
  const cells = profiles?.cells ?? 0;
  const read = (values: Float32Array | undefined, k: number): number =>
    values ? values[at * cells + (up ? cells / 2 + k : cells / 2 - 1 - k)] : 0;
  const here = (index: number): boolean =>
    index < coatLayers || [...half.layer.keys()].some((k) => half.layer[k] === index && read(profiles?.waterX, k) > 0);
  const moments = layers
    .filter((_, index) => here(index))
    .map((layer, index): LayerMoment => {
      const own = [...half.layer.keys()].filter((k) => half.layer[k] === index);
      const mean = (of: (k: number) => number): number => own.reduce((s, k) => s + of(k), 0) / Math.max(1, own.length);
      const runs = layer.wet && index === coatLayers - 1;
      return {
        layer,
        finish: index === coatLayers - 1,
        sauce: index >= coatLayers,
        mm: layer.thicknessM * 1000 * (runs ? film : 1),
        wetness: mean((k) => read(profiles?.waterX, k)) / WET_X,
        tempC: mean((k) => read(profiles?.tempC, k)),
      };
    });
  return {
    layers: moments,
    browning: columns[`colour${name}`][at],
    shellMm: columns[`shell${name}Mm`][at],
    set: columns[`setFoot${name}`][at],
  };
}

/**
 * Reads the piece at sample `at` out of a series with profiles; the sauce stands on it from when it was brushed on.
 * @param turnAtMin when the piece was turned; null = never
 */
export function momentOf(
  series: CookSeries,
  coat: readonly CoatLayer[],
  at: number,
  turnAtMin: number | null,
  sauce: CoatLayer | null = null,
): Moment {
  const layers = sauce ? [...coat, sauce] : coat;
  const { columns, profiles, half, timeS, sampleS } = series;
  const inside = [...half.layer.keys()].filter((k) => half.layer[k] === -1).length;
  const foodC: number[] = [];
  if (profiles) {
    const { cells, tempC } = profiles;
    for (let k = inside - 1; k >= -inside; k--) foodC.push(tempC[at * cells + cells / 2 + k]);
  }
  const liesUp = lyingUp(turnAtMin, timeS[at] / 60);
  if (liesUp === 'down') foodC.reverse();
  const before = Math.max(0, at - 1);
  return {
    minutes: timeS[at] / 60,
    top: faceMoment(series, layers, coat.length, at, liesUp === 'up'),
    under: faceMoment(series, layers, coat.length, at, liesUp !== 'up'),
    liesUp,
    foodC,
    centreC: columns.centreC[at],
    steamGm2S: at === before ? 0 : Math.max(0, (columns.steamGm2[at] - columns.steamGm2[before]) / sampleS),
    filmShare: columns.filmShare[at],
  };
}
