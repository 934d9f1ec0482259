import type { ButtonHTMLAttributes } from 'react';

const LOOKS = {
  main: 'bg-saffron text-ink hover:bg-[#d3920e] font-semibold',
  inside: 'bg-ink text-paper hover:bg-dark-2 font-semibold',
  plain: 'border border-line-3 bg-paper hover:bg-paper-2 font-medium',
  danger: 'border border-rust bg-paper text-rust-ink hover:bg-rust-soft font-medium',
  onDark: 'border border-dark-line text-on-dark hover:bg-dark-2 font-medium',
  link: 'text-plum underline underline-offset-2 hover:text-ink px-0! py-0!',
} as const;

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  look?: keyof typeof LOOKS;
  hint?: string;
}

/** Saffron goes public, ink works inside. The hint is the act's key. */
export function Button({ look = 'plain', hint, className = '', children, ...rest }: ButtonProps) {
  return (
    <button
      type="button"
      className={`inline-flex items-center gap-2 rounded-lg px-3.5 py-1.5 transition-colors disabled:opacity-55 ${LOOKS[look]} ${className}`}
      {...rest}
    >
      {children}
      {hint && <Key>{hint}</Key>}
    </button>
  );
}

/** A key to press. */
export function Key({ children }: { children: string }) {
  return (
    <kbd className="rounded border border-current/40 px-1.5 text-[11px] font-medium" aria-hidden>
      {children}
    </kbd>
  );
}
