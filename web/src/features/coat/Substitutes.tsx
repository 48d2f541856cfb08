import { useState } from 'react';
import { DIETS, type Diet } from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { Choice } from '../../ui/Choice';
import { useAnswer } from '../../state/useAnswer';
import { requestOf, usePantryDocument } from '../../state/pantryDocument';
import { picked, selectBody, useDish } from '../dish/dishSlice';
import { Differences } from '../dish/Differences';
import { DIET_WORDS } from '../dish/words';
import * as texts from './texts';

const AS_WE_EAT = texts.asWeEat;

/** What could stand in for an ingredient, each simulated: what changes in set, hold, crunch, colour and allergens. */
export function Substitutes({ at, ingredientId, onDone }: { at: number; ingredientId: string; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const body = useDish(selectBody);
  const pantry = usePantryDocument();
  const [diet, setDiet] = useState<Diet | typeof AS_WE_EAT>(AS_WE_EAT);
  const plan = body?.chosen?.plan ?? null;
  const request = body && requestOf(body, pantry);
  const diets = request ? [...request.limits.diets, ...(diet === AS_WE_EAT ? [] : [diet])] : [];
  const { avoidAllergens = [], without = [] } = request?.limits ?? {};
  const { answer, error } = useAnswer(
    'substitutes',
    request && plan && { ...request, plan, at, ingredientId, asks: { diets, avoidAllergens, without } },
  );
  return (
    <section
      aria-label={texts.substitutesWhatCouldStandIn}
      className="mb-2 border-l-4 border-primary bg-base-100 px-2 py-1"
    >
      <Choice
        label={texts.itShouldBe}
        value={diet}
        options={[
          { value: AS_WE_EAT, label: texts.whateverDoesSame },
          ...DIETS.map((d) => ({ value: d, label: DIET_WORDS[d].toLowerCase() })),
        ]}
        onChange={setDiet}
      />
      {error && <p role="alert">{error}</p>}
      <div aria-live="polite">
        {!answer && !error && <p className="py-1 text-xs">{texts.simulatingEach}</p>}
        {answer?.length === 0 && <p className="py-1 text-sm">{texts.nothingInPantryDoes}</p>}
      </div>
      <ul>
        {answer?.map((s) => (
          <li key={s.id} className="flex items-start gap-2 border-t border-base-300 py-1 first:border-t-0">
            <div className="grow">
              <p className="text-sm font-semibold">
                {s.name}
                {!s.common && <span className="font-normal">{texts.specialShop}</span>}
              </p>
              <Differences changes={s.changes} most={3} none={texts.muchSame} />
            </div>
            <button
              type="button"
              className="btn btn-sm h-9 shrink-0"
              aria-label={texts.use(s.name)}
              onClick={() => {
                dispatch(picked({ family: 'own', by: 'cook', plan: s.plan }));
                onDone();
              }}
            >
              {texts.substitutesUse}
            </button>
          </li>
        ))}
      </ul>
      <p className="text-xs opacity-85">{texts.byIngredientsAloneCheck}</p>
    </section>
  );
}
