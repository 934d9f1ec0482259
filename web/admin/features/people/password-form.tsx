import { useState, type FormEvent } from 'react';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { useNotify } from '../../ui/toasts';
import { api, need, Problem } from '../../shared/api';
import { PASSWORD_NOTE } from '../../shared/password';
import { useAct } from './queries';
import { t } from '../../shared/t';

/** Another password; all other devices are signed out with it. */
export function PasswordForm() {
  const [current, setCurrent] = useState('');
  const [password, setPassword] = useState('');
  const { say } = useNotify();
  const change = useAct(() =>
    need(api.PUT('/api/v1/account/password', { body: { current, password } })),
  );
  const problem = change.error instanceof Problem ? change.error : undefined;
  const fault = (field: string) => problem?.faults.find((one) => one.field === field)?.reason;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    change.mutate(undefined, {
      onSuccess: () => {
        setCurrent('');
        setPassword('');
        say(t('people.passwordForm.passwordChangedAllOtherDevices'));
      },
    });
  };
  return (
    <form
      onSubmit={submit}
      noValidate
      aria-label={t('people.passwordForm.password')}
      className="flex flex-col gap-3 rounded-2xl border border-line bg-paper px-6 py-5"
    >
      <h2 className="text-lg">{t('people.passwordForm.password')}</h2>
      <Field
        label={t('people.passwordForm.currentPassword')}
        type="password"
        autoComplete="current-password"
        value={current}
        fault={fault('current')}
        onChange={(event) => setCurrent(event.target.value)}
      />
      <Field
        label={t('people.passwordForm.newPassword')}
        type="password"
        autoComplete="new-password"
        note={PASSWORD_NOTE}
        value={password}
        fault={fault('password')}
        onChange={(event) => setPassword(event.target.value)}
      />
      {problem && problem.faults.length === 0 && (
        <p role="alert" className="text-rust-ink">
          {problem.message}
        </p>
      )}
      <Button
        look="inside"
        type="submit"
        className="self-start"
        disabled={!current || !password || change.isPending}
      >
        {t('people.passwordForm.changePassword')}
      </Button>
    </form>
  );
}
