import { Link } from 'react-router';
import { useUnits } from '../../state/useUnits';
import type { BoardProps } from '../dish/board';
import { Unsafe } from '../dish/Unsafe';
import * as texts from './texts';

/** What somebody could be hurt by in this dish, this plan and this fryer. */
export default function CautionsBoard({ air }: BoardProps) {
  const { tell } = useUnits();
  return (
    <>
      <Unsafe unsafe={air.unsafe} />
      <ul className="list-disc columns-1 gap-10 pl-6 lg:columns-2">
        {air.cautions.map(({ about, text }) => (
          <li key={about} className="mb-1.5 break-inside-avoid">
            {tell(text)}
          </li>
        ))}
      </ul>
      <p className="mt-2">
        <Link className="link inline-flex min-h-6 items-center" to="/learn/cautions">
          {texts.allThatCanHurt}
        </Link>
      </p>
    </>
  );
}
