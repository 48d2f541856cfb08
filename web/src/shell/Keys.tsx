import { useRef } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

/** Every key of the application, by place, as it is shown on `?`. */
const SHEET: readonly { place: string; keys: readonly [string, string][] }[] = [
  {
    place: 'Everywhere',
    keys: [
      ['?', 'This sheet'],
      ['Tab, Shift+Tab', 'From one thing to the next'],
      ['Esc', 'Close what is open'],
    ],
  },
  {
    place: 'A recipe that is read',
    keys: [
      ['1 … 9 on a line', 'Put it into that bowl or place'],
      ['↑ / ↓ on a line', 'To the line above or below'],
      ['Ctrl+Z / Ctrl+Shift+Z', 'Undo and redo what was put elsewhere'],
    ],
  },
  {
    place: 'The bench',
    keys: [
      ['Ctrl+Z', 'Undo'],
      ['Ctrl+Shift+Z', 'Redo'],
      ['P / A', 'The coat in the pot / in the air'],
      ['B', 'Take the better version that was found'],
      ['Alt+1 … Alt+9, Alt+0, Alt+−', 'Pull up a board of the shelf, and push it down again'],
      ['Enter', 'Open the editor of a layer'],
    ],
  },
  {
    place: 'A layer of the coat',
    keys: [
      ['Alt+↑ / Alt+↓', 'Move it outward / toward the skin'],
      ['Space on its handle', 'Pick it up; ↑ ↓ carry it, Space lays it down, Esc puts it back'],
    ],
  },
  {
    place: 'A piece in the basket',
    keys: [
      ['Arrow keys', 'Move it; with Shift farther'],
      ['R', 'Turn it'],
      ['Delete', 'Take it out'],
    ],
  },
  {
    place: 'A task of the evening',
    keys: [
      ['↑ / ↓', 'To the task before or after; Home and End to the first and the last'],
      ['← / →', 'A minute sooner or later; with Shift five'],
      ['Ctrl+Z / Ctrl+Shift+Z', 'Undo and redo'],
    ],
  },
  {
    place: 'At the counter',
    keys: [
      ['Space, Page down', 'Done: on to what is next. A foot pedal does the same'],
      ['← / Page up', 'Back: take the last step back'],
      ['→', 'Pass over this step'],
    ],
  },
  {
    place: 'Numbers, curves and dots',
    keys: [
      ['↑ / ↓ in a number', 'A step more or less'],
      ['← / → on the scrubber or a curve', 'Through the cook; Home and End to its ends'],
      ['← / → on the yellow dots', 'Along those that nothing beats; Enter lays one on the bench'],
      ['← / → on the shelf', 'From board to board'],
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
        aria-label="Keys"
        title="Keys (?)"
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
            Everything by keyboard
          </h2>
          <button type="button" className="btn btn-sm h-11" onClick={() => dialog.current?.close()}>
            Close
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
