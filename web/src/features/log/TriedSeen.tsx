import type { SeenBody } from '@yellowmist/contract';
import { TriedPiece } from '../../draw/TriedPiece';
import { baldOf, browningOf, isSoggy } from './words';

/** A piece cut through as it was noted. */
export const TriedSeen = ({ seen, className }: { seen: SeenBody; className: string }) => (
  <TriedPiece
    top={browningOf(seen.colourTop)}
    under={browningOf(seen.colourUnder)}
    bald={baldOf(seen)}
    soggy={isSoggy(seen)}
    className={className}
  />
);
