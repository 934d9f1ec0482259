import { useId, type ComponentProps } from 'react';

interface FieldProps extends ComponentProps<'input'> {
  label: string;
  note?: string | undefined;
  fault?: string | undefined;
}

/** A field with its label, a note, and what is wrong with it. */
export function Field({ label, note, fault, className = '', ...rest }: FieldProps) {
  const id = useId();
  return (
    <div className={`flex flex-col gap-1 ${className}`}>
      <label htmlFor={id} className="font-medium">
        {label}
      </label>
      <input
        id={id}
        aria-invalid={!!fault}
        aria-describedby={`${id}-note`}
        className={`rounded-lg border bg-white px-3 py-2 ${fault ? 'border-rust' : 'border-line-3'}`}
        {...rest}
      />
      <p id={`${id}-note`} className={`text-[13px] ${fault ? 'text-rust-ink' : 'text-ink-2'}`}>
        {fault ?? note}
      </p>
    </div>
  );
}
