import type { ReactNode } from 'react';
import { Savable } from './Savable';

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
          {rack === 0 ? 'Upper rack' : 'Lower rack'}
        </figcaption>
      )}
      <Savable name={`${name}, ${racks > 1 ? `rack ${rack + 1}` : 'basket'} from above`}>{children}</Savable>
    </figure>
  );
}
