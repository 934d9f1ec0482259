import { useEffect, type FormEvent } from 'react';
import {
  useForm,
  useWatch,
  type DefaultValues,
  type FieldPath,
  type FieldValues,
  type PathValue,
  type RegisterOptions,
  type UseFormRegisterReturn,
  type UseFormReturn,
} from 'react-hook-form';
import { Problem } from './api';

export interface ServerForm<Values extends FieldValues> {
  form: UseFormReturn<Values>;
  /** what is needed to draw a field with what is wrong with it */
  field: <Name extends FieldPath<Values>>(
    name: Name,
    options?: RegisterOptions<Values, Name>,
  ) => UseFormRegisterReturn & { fault: string | undefined };
  /** what is wrong with one of its fields or with a line of one */
  faultOf: (name: FieldPath<Values>) => string | undefined;
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
 * until it is changed, and what belongs to no field is told for the whole form. Where other values
 * come meanwhile, those fields follow that nobody has changed here.
 */
export function useServerForm<Values extends FieldValues>(
  defaultValues: DefaultValues<Values>,
): ServerForm<Values> {
  const form = useForm<Values>({ defaultValues });
  // drawn anew at each change, so that what is read of the values is never old
  useWatch({ control: form.control });
  const given = JSON.stringify(defaultValues);
  useEffect(() => {
    form.reset(JSON.parse(given) as DefaultValues<Values>, { keepDirtyValues: true });
  }, [form, given]);
  const { errors } = form.formState;
  const isField = (name: string): name is FieldPath<Values> =>
    Object.hasOwn(defaultValues, name.split('.')[0] ?? '');
  const faultOf = (name: FieldPath<Values>) => form.getFieldState(name).error?.message;
  return {
    form,
    field: (name, options) => ({ ...form.register(name, options), fault: faultOf(name) }),
    faultOf,
    pick: <Name extends FieldPath<Values>>(name: Name) => ({
      value: form.getValues(name),
      onPick: (value: PathValue<Values, Name>) => {
        form.clearErrors(name);
        form.setValue(name, value, { shouldDirty: true });
      },
    }),
    isChanged: form.formState.isDirty,
    problem: errors.root?.message,
    hasFaults: Object.keys(errors).some((name) => name !== 'root'),
    onSubmit: (send: (values: Values) => void) => (event?: FormEvent) => {
      // first, since what was wrong with something picked would hold back the next try
      form.clearErrors();
      return form.handleSubmit(send)(event);
    },
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
