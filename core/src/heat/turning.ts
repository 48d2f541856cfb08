/** A face of a piece, named by how it starts: it keeps its name through any turning. */
export type FaceName = 'up' | 'down';

const OTHER: Record<FaceName, FaceName> = { up: 'down', down: 'up' };

/** The face opposite to one. */
export const opposite = (face: FaceName): FaceName => OTHER[face];

/**
 * The face that lies up `minutes` into a cook that is turned after `turnAtMin` (null = never): the one truth of it, for
 * the simulation, words, drawings and the API.
 */
export const lyingUp = (turnAtMin: number | null, minutes: number): FaceName =>
  turnAtMin !== null && minutes >= turnAtMin ? 'down' : 'up';
