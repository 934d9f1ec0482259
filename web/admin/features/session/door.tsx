import { useState, type FormEvent } from 'react';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Mark } from '../../ui/mark';
import { Problem } from '../../shared/api';
import { useEnter } from './queries';

/** Signing in; the first time, making the owner with the code printed at the start. */
export function Door({ firstRun }: { firstRun: boolean }) {
  const enter = useEnter();
  const [given, setGiven] = useState({ code: '', name: '', email: '', password: '' });
  const problem = enter.error instanceof Problem ? enter.error : undefined;
  const fault = (field: string) => problem?.faults.find((one) => one.field === field)?.reason;
  const set = (field: keyof typeof given) => ({
    value: given[field],
    fault: fault(field),
    required: true,
    onChange: (event: { target: { value: string } }) =>
      setGiven({ ...given, [field]: event.target.value }),
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    enter.mutate(
      firstRun
        ? { firstRun: { ...given, zone: Intl.DateTimeFormat().resolvedOptions().timeZone } }
        : { signIn: { email: given.email, password: given.password } },
    );
  };
  return (
    <main className="grid min-h-screen place-items-center p-6">
      <form onSubmit={submit} noValidate className="flex w-full max-w-sm flex-col gap-4">
        <p className="flex items-center gap-2 self-start rounded-xl bg-plum-deep px-4 py-2 font-display text-lg font-bold text-on-plum">
          <Mark /> Nod Yes
        </p>
        <h1 className="text-2xl">{firstRun ? 'Make yourself the owner' : 'Sign in'}</h1>
        {firstRun && (
          <>
            <Field
              label="One-time code"
              note="It was printed where Nod Yes was started."
              autoComplete="one-time-code"
              {...set('code')}
            />
            <Field label="Your name" autoComplete="name" {...set('name')} />
          </>
        )}
        <Field label="E-mail address" type="email" autoComplete="username" {...set('email')} />
        <Field
          label="Password"
          type="password"
          autoComplete={firstRun ? 'new-password' : 'current-password'}
          note={firstRun ? 'At least 12 characters; a sentence is good.' : undefined}
          {...set('password')}
        />
        {problem && (
          <p role="alert" className="rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
            {problem.message}
          </p>
        )}
        <Button look="inside" type="submit" disabled={enter.isPending} className="justify-center">
          {firstRun ? 'Make me the owner' : 'Sign in'}
        </Button>
      </form>
    </main>
  );
}
