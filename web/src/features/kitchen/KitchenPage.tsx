import { COMMON_FRYERS, RANGES, type KitchenBody } from '@yellowmist/contract';
import type { Fryer } from '@yellowmist/core';
import { Link } from 'react-router';
import { AddNamed } from '../../ui/AddNamed';
import { useKitchenEdits, type Changing } from '../../state/documents';
import { SaveNote } from '../../ui/SaveNote';
import { FryerCard } from './FryerCard';
import { Paces } from './Paces';
import { Sprayers } from './Sprayers';
import { Taught } from './Taught';
import { Vessels } from './Vessels';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

/** A fryer of a usual kind, or one that is not there, to practise with: it runs in a way of its own that nobody is told. */
const PRACTICE = texts.practice;
const PRACTISED = ['drawer', 'oven-type'];
const KINDS = [
  ...COMMON_FRYERS.map((f) => ({ value: f.kind as string, label: f.name })),
  ...COMMON_FRYERS.filter((f) => PRACTISED.includes(f.kind)).map((f) => ({
    value: `${PRACTICE}${f.kind}`,
    label: texts.practiceFryerSimulated(f.name.toLowerCase()),
  })),
];

/** The new fryer; a practice fryer says so in its name, wherever that stands. */
function newFryer(name: string, kind: string): Fryer {
  const practice = kind.startsWith(PRACTICE);
  const usual = COMMON_FRYERS.find((f) => f.kind === kind.replace(PRACTICE, ''))!;
  return practice ? { ...usual, name: `${name} (practice)`, practice } : { ...usual, name };
}

/** The cook's own kitchen: fryers with their sizes, bread test and thermometer, and what oil is put on with. */
export function KitchenPage() {
  const { shown: kitchen, known, change, note } = useKitchenEdits();
  return (
    <div className="mx-auto w-full max-w-[84rem] p-4">
      <PageHeading>{texts.kitchen}</PageHeading>
      <p className="max-w-3xl text-sm">{texts.everyPlanIsFor}</p>
      <p className="flex flex-wrap gap-x-6 text-sm">
        <Link to="/backups" className="link inline-flex min-h-6 items-center">
          {texts.keptSafeBackupsOf}
        </Link>
        <Link to="/access" className="link inline-flex min-h-6 items-center">
          {texts.inHouseUseIt}
        </Link>
      </p>
      <SaveNote {...note} />
      {known && <Furnished kitchen={kitchen} change={change} />}
    </div>
  );
}

/** Fryers, bowls, paces and sprayers, to be changed. */
function Furnished({ kitchen, change }: { kitchen: KitchenBody } & Pick<Changing<KitchenBody>, 'change'>) {
  return (
    <>
      <AddNamed
        title={texts.anotherFryer}
        nameLabel={texts.nameOfAnotherFryer}
        kindLabel={texts.itsKind}
        kinds={KINDS}
        taken={kitchen.fryers.map((f) => f.name)}
        most={RANGES.fryers.max}
        onAdd={(name, kind) => {
          const fryer = newFryer(name, kind);
          void change((k) => ({ ...k, fryers: [...k.fryers.filter((f) => f.name !== fryer.name), fryer] }));
        }}
      />
      {kitchen.fryers.length === 0 && <p className="mt-3">{texts.noFryerYetUntil}</p>}
      <ul className="mt-3 space-y-6">
        {kitchen.fryers.map((fryer) => (
          <li key={fryer.name}>
            <FryerCard
              fryer={fryer}
              onChange={(next) =>
                void change((k) => ({ ...k, fryers: k.fryers.map((f) => (f.name === fryer.name ? next : f)) }))
              }
              onRemove={() => void change((k) => ({ ...k, fryers: k.fryers.filter((f) => f.name !== fryer.name) }))}
            />
          </li>
        ))}
      </ul>
      <Taught />
      <Vessels kitchen={kitchen} onChange={(part) => void change((k) => ({ ...k, ...part }))} />
      <Paces paces={kitchen.paces ?? {}} onChange={(paces) => void change((k) => ({ ...k, paces }))} />
      <Sprayers sprayers={kitchen.sprayers} onChange={(sprayers) => void change((k) => ({ ...k, sprayers }))} />
    </>
  );
}
