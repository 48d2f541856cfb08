import { useSyncExternalStore } from 'react';

const WIDE = window.matchMedia('(min-width: 64rem)');

const listen = (tell: () => void): (() => void) => {
  WIDE.addEventListener('change', tell);
  return () => WIDE.removeEventListener('change', tell);
};

/** Whether two columns stand side by side, as Tailwind's `lg` has it: for what would be worked out twice otherwise. */
export const useWide = (): boolean => useSyncExternalStore(listen, () => WIDE.matches);
