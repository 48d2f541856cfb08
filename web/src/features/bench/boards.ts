import { lazy, type ComponentType } from 'react';
import type { BoardProps, EarlyBoardProps } from '../dish/board';

type Module<Props> = { default: ComponentType<Props> };

const later = <Props>(load: () => Promise<Module<Props>>) => ({ load, Board: lazy(load) });

/** A board of the shelf, loaded when it is pulled up; an early one stands before there is an air version. */
export type Board = { id: string; label: string; load: () => Promise<unknown> } & (
  { early: true; Board: ComponentType<EarlyBoardProps> } | { early: false; Board: ComponentType<BoardProps> }
);

const board = (id: string, label: string, load: () => Promise<Module<BoardProps>>): Board => ({
  id,
  label,
  early: false,
  ...later(load),
});
const earlyBoard = (id: string, label: string, load: () => Promise<Module<EarlyBoardProps>>): Board => ({
  id,
  label,
  early: true,
  ...later(load),
});

/** Every board, in the order of the shelf. The first one is seen in one line while it is not pulled up. */
export const BOARDS: readonly Board[] = [
  earlyBoard('others', 'Air versions', () => import('../search/SearchBoard')),
  board('water', 'Water', () => import('../water/WaterBoard')),
  board('bowls', 'Bowls', () => import('../bowls/BowlsBoard')),
  board('oil', 'Oil', () => import('../oil/OilBoard')),
  board('basket', 'Basket', () => import('../basket/BasketBoard')),
  board('steps', 'Steps', () => import('../steps/StepsBoard')),
  board('plate', 'On the plate', () => import('../plate/PlateBoard')),
  board('schools', 'Schools', () => import('../schools/SchoolsBoard')),
  board('versions', 'Kept versions', () => import('../versions/VersionsBoard')),
  board('cautions', 'Cautions', () => import('../cautions/CautionsBoard')),
  earlyBoard('limits', 'Who eats, how hot', () => import('../limits/LimitsBoard')),
];
