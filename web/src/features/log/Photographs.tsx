import { RANGES, type PhotoRecord } from '@yellowmist/contract';
import { Camera, Trash2 } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { photoUrl } from '../../state/api';
import { PhotoColour } from './PhotoColour';
import { MOST_PHOTO_MB, usePhotographs } from './usePhotographs';
import * as texts from './texts';

/** What the server can read; a telephone that writes otherwise turns its pictures into one of these by itself. */
const KINDS = 'image/jpeg,image/png,image/webp,image/avif';

interface Props {
  id: string;
  dish: string;
  onTake: (side: 'colourTop' | 'colourUnder', b: number) => void;
}

/** What is looked at: a kept photograph, or a picture that stays in this browser. */
type Looked = { kept: PhotoRecord } | { file: File };

const keyOf = (looked: Looked): string => ('kept' in looked ? looked.kept.id : looked.file.name);

/** Photographs of a dish as it came out: taken or dropped in; and its colours, read off them. */
export function Photographs({ id, dish, onTake }: Props) {
  const { photos, count, waiting, add, again, drop, takeAway } = usePhotographs(id, dish);
  const [looked, setLooked] = useState<Looked | null>(null);
  const [over, setOver] = useState(false);
  const shown = looked && 'kept' in looked && !photos.some((p) => p.id === looked.kept.id) ? null : looked;
  return (
    <section
      aria-label={texts.photographs}
      className={`rounded-box border border-dashed p-2 ${over ? 'border-base-content bg-base-200' : 'border-base-content/40'}`}
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(e) => {
        e.preventDefault();
        setOver(false);
        add(e.dataTransfer.files);
      }}
    >
      <div className="flex flex-wrap items-center gap-2">
        {photos.map((photo, k) => (
          <button
            key={photo.id}
            type="button"
            aria-pressed={shown !== null && keyOf(shown) === photo.id}
            className="rounded-field border-2 border-transparent p-0.5 aria-pressed:border-base-content"
            onClick={() => setLooked(shown && keyOf(shown) === photo.id ? null : { kept: photo })}
          >
            <img
              src={photoUrl(id, photo.id)}
              alt={texts.photograph(k + 1)}
              className="size-20 rounded-field object-cover"
            />
          </button>
        ))}
        {count < RANGES.photos.max && (
          <Chooser
            multiple
            onFiles={add}
            className="btn h-11"
            label={
              <>
                <Camera aria-hidden className="size-4" />
                {texts.addPhotographs}
              </>
            }
          />
        )}
        <span className="grow text-sm">
          {count === 0
            ? texts.orDropThemHere(RANGES.photos.max, MOST_PHOTO_MB)
            : texts.ofPressOneTo(count, RANGES.photos.max)}
        </span>
      </div>
      <ul className="text-sm">
        {waiting.map((w) => (
          <li key={w.key} className="flex flex-wrap items-center gap-2">
            {w.problem === null ? (
              <span role="status">{texts.keeping(w.file.name)}</span>
            ) : (
              <>
                <span role="alert" className="min-w-0 break-words text-error">
                  <b>{w.file.name}</b>
                  {w.then === 'by itself' ? texts.isNotKeptYet(w.problem, w.here) : texts.isNotKept(w.problem)}
                </span>
                {w.then !== 'nothing' && (
                  <button type="button" className="btn btn-sm h-11" onClick={() => again(w.key)}>
                    {texts.tryAgain}
                  </button>
                )}
                <button type="button" className="btn btn-ghost btn-sm h-11" onClick={() => drop(w.key)}>
                  {texts.leaveIt}
                </button>
              </>
            )}
          </li>
        ))}
      </ul>
      {shown && (
        <PhotoColour
          key={keyOf(shown)}
          source={'kept' in shown ? photoUrl(id, shown.kept.id) : shown.file}
          onTake={onTake}
          aside={
            'kept' in shown && (
              <button type="button" className="btn btn-ghost h-11" onClick={() => takeAway(shown.kept)}>
                <Trash2 aria-hidden className="size-4" />
                {texts.takeThisPhotographAway}
              </button>
            )
          }
        />
      )}
      <Chooser
        onFiles={([file]) => setLooked(file ? { file } : null)}
        className="link inline-flex min-h-11 items-center text-sm"
        label={texts.onlyReadColourOff}
      />
    </section>
  );
}

interface ChooserProps {
  label: ReactNode;
  className: string;
  multiple?: boolean;
  onFiles: (files: File[]) => void;
}

/** A button that opens the device's own choice of pictures; on a telephone, its camera too. */
function Chooser({ label, className, multiple, onFiles }: ChooserProps) {
  return (
    <label
      className={`${className} relative cursor-pointer has-focus-visible:outline-2 has-focus-visible:outline-offset-2`}
    >
      {label}
      <input
        type="file"
        accept={KINDS}
        multiple={multiple}
        className="absolute inset-0 cursor-pointer opacity-0"
        onChange={(e) => {
          onFiles([...(e.target.files ?? [])]);
          e.target.value = '';
        }}
      />
    </label>
  );
}
