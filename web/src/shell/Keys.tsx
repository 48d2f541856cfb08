import { useRef } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import * as texts from './texts';

/** Every key of the application, by place, as it is shown on `?`. */
const SHEET: readonly { place: string; keys: readonly [string, string][] }[] = [
  {
    place: texts.everywhere,
    keys: [
      ['?', texts.thisSheet],
      [texts.tabShiftTab, texts.fromOneThingTo],
      [texts.esc, texts.closeWhatIsOpen],
    ],
  },
  {
    place: texts.recipeThatIsRead,
    keys: [
      [texts.with19On, texts.putItIntoThat],
      [texts.onLine, texts.toLineAboveOr],
      ['Ctrl+Z / Ctrl+Shift+Z', texts.undoAndRedoWhat],
    ],
  },
  {
    place: texts.theBench,
    keys: [
      ['Ctrl+Z', texts.undo],
      ['Ctrl+Shift+Z', texts.redo],
      ['P / A', texts.coatInPotIn],
      ['B', texts.takeBetterVersionThat],
      ['Alt+1 … Alt+9, Alt+0, Alt+−', texts.pullUpBoardOf],
      ['Enter', texts.openEditorOfLayer],
    ],
  },
  {
    place: texts.layerOfCoat,
    keys: [
      ['Alt+↑ / Alt+↓', texts.moveItOutwardToward],
      [texts.spaceOnItsHandle, texts.pickItUpCarry],
    ],
  },
  {
    place: texts.pieceInBasket,
    keys: [
      [texts.arrowKeys, texts.moveItWithShift],
      ['R', texts.turnIt],
      ['Delete', texts.takeItOut],
    ],
  },
  {
    place: texts.taskOfEvening,
    keys: [
      ['↑ / ↓', texts.toTaskBeforeOr],
      ['← / →', texts.minuteSoonerOrLater],
      ['Ctrl+Z / Ctrl+Shift+Z', texts.undoAndRedo],
    ],
  },
  {
    place: texts.atCounter,
    keys: [
      [texts.spacePageDown, texts.doneOnToWhat],
      [texts.pageUp, texts.backTakeLastStep],
      ['→', texts.passOverThisStep],
    ],
  },
  {
    place: texts.numbersCurvesAndDots,
    keys: [
      [texts.inNumber, texts.stepMoreOrLess],
      [texts.onScrubberOrCurve, texts.throughCookHomeAnd],
      [texts.onYellowDots, texts.alongThoseThatNothing],
      [texts.onShelf, texts.fromBoardToBoard],
    ],
  },
];

/** The sheet of keys, which `?` opens from anywhere but a text field. */
export function Keys() {
  const dialog = useRef<HTMLDialogElement>(null);
  const show = (): void => {
    if (!dialog.current?.open) dialog.current?.showModal();
  };
  useHotkeys('?', show, { useKey: true });
  return (
    <>
      <button
        type="button"
        className="btn btn-ghost btn-square hidden size-11 font-display text-lg sm:inline-flex"
        aria-label={texts.keys}
        title={texts.keysKeys}
        onClick={show}
      >
        ?
      </button>
      <dialog
        ref={dialog}
        aria-labelledby="keys-title"
        className="m-auto max-h-[90dvh] w-[46rem] max-w-[94vw] rounded-box border-2 border-base-content bg-base-100 p-4 text-base-content backdrop:bg-neutral/50"
        onClick={(e) => e.target === dialog.current && dialog.current.close()}
      >
        <div className="flex items-center justify-between">
          <h2 id="keys-title" className="text-xl">
            {texts.everythingByKeyboard}
          </h2>
          <button type="button" className="btn btn-sm h-11" onClick={() => dialog.current?.close()}>
            {texts.close}
          </button>
        </div>
        <div className="columns-1 gap-8 sm:columns-2">
          {SHEET.map(({ place, keys }) => (
            <section key={place} className="mb-3 break-inside-avoid">
              <h3 className="text-base">{place}</h3>
              <dl>
                {keys.map(([key, does]) => (
                  <div key={key} className="border-t border-base-300 py-1 text-sm leading-snug">
                    <dt className="font-semibold">{key}</dt>
                    <dd>{does}</dd>
                  </div>
                ))}
              </dl>
            </section>
          ))}
        </div>
      </dialog>
    </>
  );
}
