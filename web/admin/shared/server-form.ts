import type { FormEvent } from 'react';
import {
  useForm,
  useWatch,
  type DefaultValues,
  type FieldPath,
  type FieldValues,
  type PathValue,
  type UseFormRegisterReturn,
  type UseFormReturn,
} from 'react-hook-form';
import { Problem } from './api';

export interface ServerForm<Values extends FieldValues> {
  form: UseFormReturn<Values>;
  /** what is needed to draw a field with what is wrong with it */
  field: (name: FieldPath<Values>) => UseFormRegisterReturn & { fault: string | undefined };
  /** what is needed to choose a value that no field holds, inside a sentence for instance */
  pick: <Name extends FieldPath<Values>>(
    name: Name,
  ) => {
    value: PathValue<Values, Name>;
    onPick: (value: PathValue<Values, Name>) => void;
  };
  /** whether anything differs from what it began with */
  isChanged: boolean;
  /** what is wrong with all of it */
  problem: string | undefined;
  /** whether something is wrong with one of its fields */
  hasFaults: boolean;
  /** runs on submit, with nothing of an earlier refusal left */
  onSubmit: (send: (values: Values) => void) => (event?: FormEvent) => Promise<void>;
  /** tells what the server refused */
  refuse: (error: unknown) => void;
}

/**
 * A form whose fields the server judges: what it found wrong with a field stands beside that field
 * until it is changed, and what belongs to no field is told for the whole form.
 */
export function useServerForm<Values extends FieldValues>(
  defaultValues: DefaultValues<Values>,
): ServerForm<Values> {
  const form = useForm<Values>({ defaultValues });
  // drawn anew at each change, so that what is read of the values is never old
  useWatch({ control: form.control });
  const { errors } = form.formState;
  const isField = (name: string): name is FieldPath<Values> => Object.hasOwn(defaultValues, name);
  return {
    form,
    field: (name: FieldPath<Values>) => ({
      ...form.register(name),
      fault: errors[name]?.message as string | undefined,
    }),
    pick: <Name extends FieldPath<Values>>(name: Name) => ({
      value: form.getValues(name),
      onPick: (value: PathValue<Values, Name>) => form.setValue(name, value, { shouldDirty: true }),
    }),
    isChanged: form.formState.isDirty,
    problem: errors.root?.message,
    hasFaults: Object.keys(errors).some((name) => name !== 'root'),
    onSubmit: (send: (values: Values) => void) =>
      form.handleSubmit((values) => {
        form.clearErrors();
        send(values);
      }),
    refuse: (error: unknown) => {
      if (!(error instanceof Problem)) return;
      error.faults
        .map(({ field, reason }) => ({ field, message: reason }))
        .filter((fault) => isField(fault.field))
        .forEach(({ field, message }, n) =>
          form.setError(
            field as FieldPath<Values>,
            { type: 'server', message },
            { shouldFocus: n === 0 },
          ),
        );
      form.setError('root', { type: 'server', message: error.message });
    },
  };
}
