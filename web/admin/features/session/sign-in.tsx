import { useState } from 'react';
import { useMutation } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { LanguagePick } from '../people/language-pick';
import { Logo } from '../../ui/logo';
import { api, need } from '../../shared/api';
import { PASSWORD_NOTE } from '../../shared/password';
import { useServerForm } from '../../shared/server-form';
import { JoinOrReset } from './join-or-reset';
import { forgetSignInLink, readSignInLink } from './sign-in-link';
import { useEnter } from './queries';
import { T, t } from '../../shared/t';

/** Signing in; the first time, making the owner with the code printed at the start. */
export function SignIn({ firstRun }: { firstRun: boolean }) {
  const enter = useEnter();
  const [link, setLink] = useState(readSignInLink);
  const [told, setTold] = useState<string>();
  // the password was right: the code of the second step is asked for
  const [asksCode, setAsksCode] = useState(false);
  const { form, field, problem, onSubmit, refuse } = useServerForm({
    code: '',
    name: '',
    email: '',
    password: '',
    step: '',
  });
  const forgotten = useMutation({
    mutationFn: (email: string) => need(api.POST('/api/v1/account/reset', { body: { email } })),
    onSuccess: ({ words }) => setTold(words),
    onError: (error) => setTold(error.message),
  });
  const set = (name: Parameters<typeof field>[0]) => ({ ...field(name), required: true });
  if (link && !firstRun) {
    const done = (words?: string) => {
      forgetSignInLink();
      setLink(undefined);
      setTold(words);
    };
    return <JoinOrReset link={link} onDone={done} />;
  }
  const submit = onSubmit(({ code, name, email, password, step }) => {
    setTold(undefined);
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    enter.mutate(
      firstRun
        ? { firstRun: { code, name, email, password, zone } }
        : { signIn: { email, password, ...(asksCode ? { code: step } : {}) } },
      { onSuccess: ({ state }) => setAsksCode(state === 'SECOND_STEP'), onError: refuse },
    );
  });
  const forget = () => {
    const email = form.getValues('email');
    if (email.trim()) forgotten.mutate(email);
    else setTold(t('session.signIn.enterYourEMailAddress'));
  };
  return (
    <main className="grid min-h-screen place-items-center p-6">
      <form
        onSubmit={(event) => void submit(event)}
        noValidate
        className="flex w-full max-w-sm flex-col gap-4"
      >
        <p className="flex items-center gap-2 self-start font-display text-xl font-bold">
          <T id="session.signIn.nodYes" values={{ mark: <Logo /> }} />
        </p>
        <h1 className="text-2xl">
          {firstRun ? t('session.signIn.createTheOwnerAccount') : t('session.signIn.signIn')}
        </h1>
        {firstRun && (
          <>
            <Field
              label={t('session.signIn.oneTimeCode')}
              note={t('session.signIn.youFindItInThe')}
              autoComplete="one-time-code"
              {...set('code')}
            />
            <Field label={t('session.signIn.yourName')} autoComplete="name" {...set('name')} />
          </>
        )}
        <Field
          label={t('session.signIn.eMailAddress')}
          type="email"
          autoComplete="username"
          {...set('email')}
        />
        <Field
          label={t('session.signIn.password')}
          type="password"
          autoComplete={firstRun ? 'new-password' : 'current-password'}
          note={firstRun ? PASSWORD_NOTE : undefined}
          {...set('password')}
        />
        {asksCode && (
          <Field
            label={t('session.signIn.codeFromYourAuthenticatorApp')}
            note={t('session.signIn.orOneOfYourRecovery')}
            autoComplete="one-time-code"
            autoFocus
            maxLength={20}
            {...set('step')}
          />
        )}
        {problem && (
          <p role="alert" className="rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
            {problem}
          </p>
        )}
        {told && (
          <p role="status" className="rounded-lg bg-paper-2 px-3 py-2">
            {told}
          </p>
        )}
        <Button look="inside" type="submit" disabled={enter.isPending} className="justify-center">
          {firstRun ? t('session.signIn.createAccount') : t('session.signIn.signIn')}
        </Button>
        {!firstRun && (
          <Button
            look="link"
            className="self-start"
            disabled={forgotten.isPending}
            onClick={forget}
          >
            {t('session.signIn.forgotYourPassword')}
          </Button>
        )}
        <LanguagePick />
      </form>
    </main>
  );
}
