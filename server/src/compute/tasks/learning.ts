import {
  Refusal,
  honestyOf,
  learnFryer,
  meanOff,
  observedOf,
  saidOfFryer,
  plain,
  type Foretold,
  type Fryer,
  type Honesty,
  type LearnedFryer,
  type ObservedCook,
  type LearningCook,
  type Pantry,
  type Text,
} from '@yellowmist/core';
import { work } from './work.js';

/** Fryers as their pages have them, and all cooks that may teach something of them. */
export interface ToLearn {
  pages: Fryer[];
  cooks: LearningCook[];
}

/** What was learned of a fryer, with its sentence. */
export interface LearnedFryerSaid {
  page: Fryer;
  learned: LearnedFryer;
  says: string;
  parts: Text;
}

/** What cooks say of their fryers; one dish that cannot be read any more says nothing, and the others do. */
function listened(pantry: Pantry, cooks: readonly LearningCook[]): ObservedCook[] {
  return cooks.flatMap((cook) => {
    try {
      return observedOf(pantry, { ...cook, id: `${cook.id}.${cook.dish}` }) ?? [];
    } catch (error) {
      if (error instanceof Refusal) return [];
      throw error;
    }
  });
}

export const learn = work((pantry, { pages, cooks }: ToLearn): LearnedFryerSaid[] => {
  const observed = listened(pantry, cooks);
  return pages.map((page) => {
    const own = observed.filter((o) => o.fryer === page.name);
    const learned = learnFryer(page, own);
    const parts = saidOfFryer(page.name, learned);
    return { page, learned, says: plain(parts), parts };
  });
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
