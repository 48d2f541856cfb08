import {
  Refusal,
  honestyOf,
  learnFryer,
  learnHands,
  saidOfHands,
  timedCoats,
  weighedCoats,
  meanOff,
  observedOf,
  saidOfFryer,
  plain,
  type Foretold,
  type Fryer,
  type Honesty,
  type LearnedFryer,
  type ObservedCook,
  type HandCook,
  type LearnedHands,
  type LearningCook,
  type Pantry,
  type Text,
} from '@yellowmist/core';
import { work } from './work.js';

/** Fryers as their pages have them, and all cooks that may teach something of them, or of hands. */
export interface ToLearn {
  pages: Fryer[];
  cooks: (LearningCook & HandCook & { ofFryer: boolean; ofHands: boolean })[];
}

/** What was learned of a fryer, with its sentence. */
export interface LearnedFryerSaid {
  page: Fryer;
  learned: LearnedFryer;
  says: string;
  parts: Text;
}

/** What one dish says; nothing where it cannot be read any more. */
function unlessRefused<T>(read: () => T): T | null {
  try {
    return read();
  } catch (error) {
    if (error instanceof Refusal) return null;
    throw error;
  }
}

/** What cooks say of their fryers; one dish that cannot be read any more says nothing, and the others do. */
const listened = (pantry: Pantry, cooks: ToLearn['cooks']): ObservedCook[] =>
  cooks
    .filter((cook) => cook.ofFryer)
    .flatMap((cook) => unlessRefused(() => observedOf(pantry, { ...cook, id: `${cook.id}.${cook.dish}` })) ?? []);

/** What was learned of fryers and hands, each with its sentence. */
export interface Learned {
  fryers: LearnedFryerSaid[];
  hands: { learned: LearnedHands; says: string; parts: Text };
}

/** What cooks say of the hands of their kitchen. */
function hands(pantry: Pantry, cooks: ToLearn['cooks']): Learned['hands'] {
  const own = cooks.filter((cook) => cook.ofHands);
  const weighed = own.flatMap((cook) => unlessRefused(() => weighedCoats(pantry, cook)) ?? []);
  const learned = learnHands(weighed, own.flatMap(timedCoats));
  const parts = saidOfHands(learned);
  return { learned, says: plain(parts), parts };
}

export const learn = work((pantry, { pages, cooks }: ToLearn): Learned => {
  const observed = listened(pantry, cooks);
  const fryers = pages.map((page) => {
    const own = observed.filter((o) => o.fryer === page.name);
    const learned = learnFryer(page, own);
    const parts = saidOfFryer(page.name, learned);
    return { page, learned, says: plain(parts), parts };
  });
  return { fryers, hands: hands(pantry, cooks) };
});

/** How right plans have been for one fryer. */
export type HonestFryer = Honesty & { fryer: string } & Record<Foretold['what'], ReturnType<typeof meanOff>>;

export const honesty = work((pantry, { pages, cooks }: ToLearn): HonestFryer[] => {
  const observed = listened(pantry, cooks);
  return pages.map((page) => {
    const own = honestyOf(
      page,
      observed.filter((o) => o.fryer === page.name),
    );
    const off = (what: Foretold['what']) => meanOff(own, what);
    return {
      fryer: page.name,
      ...own,
      colour: off('colour'),
      centre: off('centre'),
      minutes: off('minutes'),
      bald: off('bald'),
    };
  });
});
