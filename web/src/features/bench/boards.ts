import { lazy, type ComponentType } from 'react';
import type { BoardProps, EarlyBoardProps } from '../dish/board';
import * as texts from './texts';

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
  earlyBoard('others', texts.airVersions, () => import('../search/SearchBoard')),
  board('water', texts.water, () => import('../water/WaterBoard')),
  board('bowls', texts.bowls, () => import('../bowls/BowlsBoard')),
  board('oil', texts.oil, () => import('../oil/OilBoard')),
  board('basket', texts.basket, () => import('../basket/BasketBoard')),
  board('steps', texts.steps, () => import('../steps/StepsBoard')),
  board('plate', texts.onPlate, () => import('../plate/PlateBoard')),
  board('schools', texts.schools, () => import('../schools/SchoolsBoard')),
  board('versions', texts.keptVersions, () => import('../versions/VersionsBoard')),
  board('cautions', texts.cautions, () => import('../cautions/CautionsBoard')),
  earlyBoard('limits', texts.whoEatsHowHot, () => import('../limits/LimitsBoard')),
];
