import { useCombobox } from 'downshift';
import { useState } from 'react';
import * as texts from './texts';

/** One thing that can be chosen by typing. */
export interface Findable {
  value: string;
  label: string;
}

interface Props {
  label: string;
  value: Findable;
  /** What may be meant by what is typed, the likeliest first. */
  find: (typed: string) => readonly Findable[];
  onChange: (value: string) => void;
  hideLabel?: boolean;
  className?: string;
}

/** Answers that are offered at once. */
const MOST_SHOWN = 40;

/** One of many, found by typing any word for it; the arrows choose, Enter takes, Escape leaves all as it was. */
export function FindChoice({ label, value, find, onChange, hideLabel, className }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const found = find(typed ?? '').slice(0, MOST_SHOWN);
  const { isOpen, getInputProps, getLabelProps, getMenuProps, getItemProps, highlightedIndex, openMenu } =
    useCombobox<Findable>({
      items: [...found],
      selectedItem: value,
      inputValue: typed ?? value.label,
      defaultHighlightedIndex: 0,
      itemToString: (item) => item?.label ?? '',
      onInputValueChange: ({ inputValue, type }) => {
        if (type === useCombobox.stateChangeTypes.InputChange) setTyped(inputValue);
      },
      onSelectedItemChange: ({ selectedItem }) => {
        if (selectedItem && selectedItem.value !== value.value) onChange(selectedItem.value);
      },
      onIsOpenChange: ({ isOpen: open }) => {
        if (!open) setTyped(null);
      },
    });
  return (
    <div className={`relative min-w-0 ${className ?? ''}`}>
      <label {...getLabelProps()} className={hideLabel ? 'sr-only' : 'block text-xs'}>
        {label}
      </label>
      <input
        {...getInputProps({
          onFocus: (e) => {
            e.target.select();
            openMenu();
          },
        })}
        className="input h-9 w-full px-2"
        autoComplete="off"
      />
      <ul
        {...getMenuProps()}
        className={
          isOpen
            ? 'absolute z-30 max-h-64 w-full min-w-52 overflow-y-auto rounded-box border border-base-content/40 bg-base-100 py-1 shadow-lg'
            : ''
        }
      >
        {isOpen &&
          found.map((item, index) => (
            <li
              key={item.value}
              {...getItemProps({ item, index })}
              className={`cursor-pointer px-2 py-1.5 text-sm ${index === highlightedIndex ? 'bg-primary text-primary-content' : ''}`}
            >
              {item.label}
            </li>
          ))}
        {isOpen && found.length === 0 && <li className="px-2 py-1.5 text-sm">{texts.nothingIsCalledSo}</li>}
      </ul>
    </div>
  );
}
