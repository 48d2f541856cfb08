import { joiResolver } from '@hookform/resolvers/joi';
import type { ObjectSchema } from 'joi';
import { useForm, type Control, type FieldValues } from 'react-hook-form';

interface LiveForm<T extends FieldValues> {
  control: Control<T>;
  /** To be called after each change of a field. */
  onChanged: () => void;
  /** The first thing that is wrong; empty when nothing is. */
  wrong: string;
}

const firstIn = (errors: object): string =>
  (Object.values(errors) as { message?: string }[]).find((e) => e?.message)?.message ?? '';

/** A form without a button: a change that leaves it whole by the schema is told at once, one that does not is not. */
export function useLiveForm<T extends FieldValues>(
  schema: ObjectSchema<T>,
  values: T,
  onChange: (next: T) => void,
): LiveForm<T> {
  const { control, formState, handleSubmit } = useForm<T>({ values, resolver: joiResolver(schema) });
  return {
    control,
    onChanged: () => void handleSubmit((next) => onChange(next))(),
    wrong: firstIn(formState.errors),
  };
}
