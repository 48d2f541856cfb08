import { useEffect, useState } from 'react';

type NameOf = (id: string) => string;
let nameOf: NameOf | null = null;

/** Names of foods by their ids, for the first page, which does not wait for the pantry: empty until it is there. */
export function useFoodName(): NameOf {
  const [known, setKnown] = useState<NameOf | null>(() => nameOf);
  useEffect(() => {
    if (known) return;
    let gone = false;
    void import('./foodNames').then(({ foodName }) => {
      nameOf = foodName;
      if (!gone) setKnown(() => foodName);
    });
    return () => {
      gone = true;
    };
  }, [known]);
  return known ?? (() => '');
}
