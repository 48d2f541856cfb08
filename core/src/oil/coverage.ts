import { PLAIN_OILING, touchUpMin, type AirPlan, type OilTool } from '../dish/index.js';
import { lyingUp } from '../heat/index.js';
import { FILM_GM2 } from './constants.js';

/** Share of a surface, 0–1, that `oilGm2` g per m² on it wets, put on with `tool`. */
export const coverageOf = (oilGm2: number, tool: OilTool): number => 1 - Math.exp(-oilGm2 / FILM_GM2[tool]);

/** g per m² that wet `share` (0–1, not 1) of a surface. */
export const oilToCover = (share: number, tool: OilTool): number => -FILM_GM2[tool] * Math.log(1 - share);

/** Share of the faces that start up and down that is wet with oil, before and after the touch-up at half time. */
export function facesCovered(
  { oilGm2, oiling = PLAIN_OILING, settings }: AirPlan,
  touchedUp: boolean,
): { up: number; down: number } {
  const plain = coverageOf(oilGm2, oiling.tool);
  const more = touchedUp ? coverageOf(oilGm2 + oiling.touchUpGm2, oiling.tool) : plain;
  const touched = lyingUp(settings.turnAtMin, touchUpMin(settings));
  return { up: plain, down: plain, [touched]: more };
}
