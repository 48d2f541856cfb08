import type { ReactNode } from 'react';
import { Savable } from './Savable';
import * as texts from './texts';

interface Props {
  /** Racks one above the other, and which of them this is, 0 the upper. */
  racks: number;
  rack: number;
  /** What a file of the picture is called, before its rack. */
  name: string;
  children: ReactNode;
}

/** One rack from above, by its name where there are two, to be taken away as a file. */
export function RackFigure({ racks, rack, name, children }: Props) {
  return (
    <figure className="min-w-0">
      {racks > 1 && (
        <figcaption className="text-center text-sm font-semibold">
          {rack === 0 ? texts.upperRack : texts.lowerRack}
        </figcaption>
      )}
      <Savable name={texts.fromAbove(name, racks > 1 ? texts.rack(rack + 1) : texts.basket)}>{children}</Savable>
    </figure>
  );
}
