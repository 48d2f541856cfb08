import type { ComponentProps } from 'react';
import { Controller, type Control, type FieldPathByValue, type FieldValues } from 'react-hook-form';
import { NumberField } from './NumberField';

type Props<Form extends FieldValues> = Omit<ComponentProps<typeof NumberField>, 'value' | 'onChange'> & {
  control: Control<Form>;
  name: FieldPathByValue<Form, number | null | undefined>;
  /** Shown where the form has no number yet. */
  otherwise?: number;
  /** Told after each change. */
  onChanged?: () => void;
};

/** A number of a form. */
export function NumberIn<Form extends FieldValues>({ control, name, otherwise = 0, onChanged, ...field }: Props<Form>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field: { value, onChange } }) => (
        <NumberField
          {...field}
          value={(value as number | null | undefined) ?? otherwise}
          onChange={(next) => {
            onChange(next);
            onChanged?.();
          }}
        />
      )}
    />
  );
}
