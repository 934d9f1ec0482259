import { useState, type FormEvent } from 'react';
import { useMutation } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Mark } from '../../ui/mark';
import { api, need, Problem } from '../../shared/api';
import { PASSWORD_NOTE } from '../../shared/password';
import { ByLink } from './by-link';
import { forgetDoorLink, readDoorLink } from './door-link';
import { useEnter } from './queries';

/** Signing in; the first time, making the owner with the code printed at the start. */
export function Door({ firstRun }: { firstRun: boolean }) {
  const enter = useEnter();
  const [link, setLink] = useState(readDoorLink);
  const [told, setTold] = useState<string>();
  // the password was right: the code of the second step is asked for
  const [asksCode, setAsksCode] = useState(false);
  const [given, setGiven] = useState({ code: '', name: '', email: '', password: '', step: '' });
  const forgotten = useMutation({
    mutationFn: () => need(api.POST('/api/v1/account/reset', { body: { email: given.email } })),
    onSuccess: ({ words }) => setTold(words),
    onError: (error) => setTold(error.message),
  });
  const problem = enter.error instanceof Problem ? enter.error : undefined;
  const fault = (field: string) => problem?.faults.find((one) => one.field === field)?.reason;
  const set = (field: keyof typeof given) => ({
    value: given[field],
    fault: fault(field),
    required: true,
    onChange: (event: { target: { value: string } }) =>
      setGiven({ ...given, [field]: event.target.value }),
  });
  if (link && !firstRun) {
    const done = (words?: string) => {
      forgetDoorLink();
      setLink(undefined);
      setTold(words);
    };
    return <ByLink link={link} onDone={done} />;
  }
  const submit = (event: FormEvent) => {
    event.preventDefault();
    setTold(undefined);
    const { code, name, email, password, step } = given;
    enter.mutate(
      firstRun
        ? {
            firstRun: {
              code,
              name,
              email,
              password,
              zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
            },
          }
        : { signIn: { email, password, ...(asksCode ? { code: step } : {}) } },
      { onSuccess: ({ state }) => setAsksCode(state === 'SECOND_STEP') },
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
          note={firstRun ? PASSWORD_NOTE : undefined}
          {...set('password')}
        />
        {asksCode && (
          <Field
            label="Code from your app"
            note="Or one of your spare codes."
            autoComplete="one-time-code"
            autoFocus
            maxLength={20}
            {...set('step')}
          />
        )}
        {problem && (
          <p role="alert" className="rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
            {problem.message}
          </p>
        )}
        {told && (
          <p role="status" className="rounded-lg bg-paper-2 px-3 py-2">
            {told}
          </p>
        )}
        <Button look="inside" type="submit" disabled={enter.isPending} className="justify-center">
          {firstRun ? 'Make me the owner' : 'Sign in'}
        </Button>
        {!firstRun && (
          <Button
            look="link"
            className="self-start"
            disabled={forgotten.isPending}
            onClick={() =>
              given.email.trim()
                ? forgotten.mutate()
                : setTold('Give your e-mail address first; a link for a new password goes there.')
            }
          >
            Password forgotten
          </Button>
        )}
      </form>
    </main>
  );
}
