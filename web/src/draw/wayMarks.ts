/** How the letter of a way is drawn, wherever it stands. */
export interface WayLook {
  ground: string;
  letter: string;
  dashed: boolean;
}

const INK = '#1c140a';

/** Four ways: told apart by letter, light and dark, and edge, as well as by colour. The same in light and dark themes. */
export const WAY_LOOKS: readonly WayLook[] = [
  { ground: '#fffdf6', letter: INK, dashed: false },
  { ground: '#2a1d0d', letter: '#fffdf6', dashed: false },
  { ground: '#ffd84d', letter: INK, dashed: true },
  { ground: '#6b4a1f', letter: '#ffe9a8', dashed: true },
];
