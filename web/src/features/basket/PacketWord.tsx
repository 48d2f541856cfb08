import { RANGES, type ConversionBody } from '@yellowmist/contract';
import type { AirPlan, OtherRecipe } from '@yellowmist/core';
import { useState, type FormEvent } from 'react';
import { requestOf, usePantryDocument } from '../../state/pantryDocument';
import { useAnswer } from '../../state/useAnswer';
import { Check } from '../../ui/Check';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { Differences } from '../dish/Differences';
import { GivesMeant } from '../dish/GivesMeant';
import { useFryers } from '../dish/useFryers';
import * as texts from './texts';

/** Written for no appliance that is named. */
const ANY = '';

const USUAL: OtherRecipe = { tempC: 200, minutes: 18, turned: true };

/** "200 °C, 18 min" of a packet or another recipe, asked for this fryer. */
export function PacketWord({ body, plan }: { body: ConversionBody; plan: AirPlan }) {
  const [word, setWord] = useState<OtherRecipe>(USUAL);
  const [from, setFrom] = useState(ANY);
  const [asked, setAsked] = useState<{ word: OtherRecipe; from: string } | null>(null);
  const request = requestOf(body, usePantryDocument());
  const { fryer } = body;
  const others = useFryers(fryer).filter((f) => f.name !== fryer.name);
  const writtenFor = others.find((f) => f.name === asked?.from) ?? null;
  const { answer, error } = useAnswer('packet', asked && { ...request, plan, word: asked.word, writtenFor });
  const ask = (event: FormEvent): void => {
    event.preventDefault();
    setAsked({ word, from });
  };
  return (
    <section aria-label={texts.packetsWord} className="mt-3">
      <h3 className="text-base">{texts.packetsWord}</h3>
      <p className="text-xs leading-snug">{texts.packetOrAnotherRecipe(fryer.name)}</p>
      <form aria-label={texts.itsWords} className="flex flex-wrap items-end gap-2" onSubmit={ask}>
        <NumberField
          label={texts.itSays}
          value={word.tempC}
          quantity="temperature"
          range={RANGES.airTempC}
          onChange={(tempC) => setWord({ ...word, tempC })}
        />
        <NumberField
          label={texts.forIt}
          value={word.minutes}
          quantity="minutes"
          range={RANGES.airMinutes}
          onChange={(minutes) => setWord({ ...word, minutes })}
        />
        <Choice
          label={texts.writtenFor}
          value={from}
          options={[
            { value: ANY, label: texts.usualFryerOfThis },
            ...others.map(({ name }) => ({ value: name, label: name })),
          ]}
          onChange={setFrom}
        />
        <Check label={texts.turned} checked={word.turned} onChange={(turned) => setWord({ ...word, turned })} />
        <button type="submit" className="btn btn-sm h-11">
          {texts.whatIsThatHere}
        </button>
      </form>
      {error && <p role="alert">{error}</p>}
      {asked && !answer && !error && <p className="text-xs">{texts.simulating}</p>}
      {answer && (
        <div role="status" className="mt-1">
          <p className="text-sm">{texts.setJustSoIn(fryer.name, writtenFor?.name ?? texts.usualOne)}</p>
          <Differences
            changes={answer.differs}
            most={4}
            none={texts.muchSameAsIn(writtenFor?.name ?? texts.usualFryer)}
          />
          <GivesMeant answer={answer} fryer={fryer} />
          <Differences changes={answer.left} most={3} none={texts.asItWasMeant} />
        </div>
      )}
    </section>
  );
}
