import { useForm, type DefaultValues, type FieldPath, type FieldValues } from 'react-hook-form';
import { Problem } from './api';

/**
 * A form whose fields the server judges: what it found wrong with a field stands beside that field
 * until it is changed, and what belongs to no field is told for the whole form.
 */
export function useServerForm<Values extends FieldValues>(defaultValues: DefaultValues<Values>) {
  const form = useForm<Values>({ defaultValues });
  const { errors } = form.formState;
  const isField = (name: string): name is FieldPath<Values> => Object.hasOwn(defaultValues, name);
  return {
    form,
    /** what is needed to draw a field with what is wrong with it */
    field: (name: FieldPath<Values>) => ({
      ...form.register(name),
      fault: errors[name]?.message as string | undefined,
    }),
    /** what is wrong with all of it */
    problem: errors.root?.message,
    /** whether something is wrong with one of its fields */
    hasFaults: Object.keys(errors).some((name) => name !== 'root'),
    /** runs on submit, with nothing of an earlier refusal left */
    onSubmit: (send: (values: Values) => void) =>
      form.handleSubmit((values) => {
        form.clearErrors();
        send(values);
      }),
    /** tells what the server refused */
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
