import type { ComponentProps } from 'react';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';

interface AddressFormProps extends ComponentProps<typeof Field> {
  act: string;
  isBusy: boolean;
  onAsk: () => void;
}

/** One address, and what is done with it. */
export function AddressForm({ act, isBusy, onAsk, ...field }: AddressFormProps) {
  return (
    <form
      className="mt-2 grid grid-cols-[minmax(0,1fr)_auto] items-start gap-2"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onAsk();
      }}
    >
      <Field inputMode="url" autoComplete="off" spellCheck={false} {...field} />
      <Button type="submit" className="mt-7 py-2!" disabled={isBusy}>
        {act}
      </Button>
    </form>
  );
}
