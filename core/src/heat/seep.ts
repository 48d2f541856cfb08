import type { Body } from './body.js';
import { BEHIND, type Work } from './conduct.js';
import { WATER_HEAT } from './constants/index.js';
import type { Face } from './face.js';
import type { Flows } from './flows.js';
import { MOST_PER_STEP } from './front.js';

/**
 * Liquid that comes up behind a drying front within a step. Where a coat is wet it comes as fast as the front dries: a step
 * that took all of its water out of one thin cell would leave that dry, until liquid moves again, in a coat that is not.
 */

/**
 * Finds what part of the water that evaporates from `cell` within a step of `stepS` seconds comes out of it and out of
 * each cell behind it (`work.own`): the implicit step of capillary diffusion that a loss at the cell makes, by how liquid moved
 * last (`work.wick`). A loss that is spread over the step has had half of it to draw on what lies behind.
 * @returns how many cells behind it give
 */
function findOwn(
  { capacity }: Body,
  { wick, own }: Work,
  { from, to, inward }: Face,
  cell: number,
  stepS: number,
): number {
  const perS = 2 / stepS;
  const room = inward > 0 ? to - 1 - cell : cell - from;
  const last = room < BEHIND ? room : BEHIND;
  let drawn = 0;
  own[last] = 1;
  for (let d = last - 1; d >= 0; d--) {
    const i = cell + d * inward;
    const link = wick[inward > 0 ? i : i - 1];
    const behind = capacity[i + inward] * perS + drawn;
    drawn = link > 0 ? (link * behind) / (link + behind) : 0;
    const holds = capacity[i] * perS;
    own[d] = holds / (holds + drawn);
  }
  return last;
}

/** Takes `kg` of vapour out of a cell, as far as it can give that within a step. Returns what it gave, kg. */
function take(
  { water, ice, tempC }: Body,
  { heat }: Work,
  cell: number,
  kg: number,
  latent: number,
  to: Flows,
): number {
  const given = Math.min(kg, (water[cell] - ice[cell]) * MOST_PER_STEP);
  to.outKg += given;
  to.outJ += given * (latent + WATER_HEAT * tempC[cell]);
  heat[cell] -= given * WATER_HEAT;
  water[cell] -= given;
  return given;
}

/**
 * Lets `kg` evaporate at `cell` within a step of `stepS` seconds, `latent` J/kg: out of it, of what comes up behind it
 * meanwhile, and out of the cells behind when that runs dry. Less than nothing is dew.
 * @returns what was not to be had, kg
 */
export function loseAt(
  body: Body,
  work: Work,
  face: Face,
  cell: number,
  kg: number,
  stepS: number,
  latent: number,
  flows: Flows,
): number {
  if (kg <= 0) return kg - take(body, work, cell, kg, latent, flows);
  const last = findOwn(body, work, face, cell, stepS);
  let passed = kg;
  let left = kg;
  for (let d = 0; d <= last; d++) {
    const wanted = passed * work.own[d];
    left -= take(body, work, cell + d * face.inward, wanted, latent, flows);
    passed -= wanted;
  }
  for (let i = cell; left > 0 && i >= face.from && i < face.to; i += face.inward)
    left -= take(body, work, i, left, latent, flows);
  return left;
}
