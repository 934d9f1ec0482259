import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { useNotify } from '../../ui/toasts';
import { api, need } from '../../shared/api';
import { PASSWORD_NOTE } from '../../shared/password';
import { useServerForm } from '../../shared/server-form';
import { useAct } from './queries';
import { t } from '../../shared/t';

/** Another password; all other devices are signed out with it. */
export function PasswordForm() {
  const { form, field, problem, hasFaults, onSubmit, refuse } = useServerForm({
    current: '',
    password: '',
  });
  const { say } = useNotify();
  const change = useAct((body: { current: string; password: string }) =>
    need(api.PUT('/api/v1/account/password', { body })),
  );
  const submit = onSubmit((given) =>
    change.mutate(given, {
      onSuccess: () => {
        form.reset();
        say(t('people.passwordForm.passwordChangedAllOtherDevices'));
      },
      onError: refuse,
    }),
  );
  const isFilled = form.getValues(['current', 'password']).every((text) => text !== '');
  return (
    <form
      onSubmit={(event) => void submit(event)}
      noValidate
      aria-label={t('people.passwordForm.password')}
      className="flex flex-col gap-3 rounded-2xl border border-line bg-paper px-6 py-5"
    >
      <h2 className="text-lg">{t('people.passwordForm.password')}</h2>
      <Field
        label={t('people.passwordForm.currentPassword')}
        type="password"
        autoComplete="current-password"
        {...field('current')}
      />
      <Field
        label={t('people.passwordForm.newPassword')}
        type="password"
        autoComplete="new-password"
        note={PASSWORD_NOTE}
        {...field('password')}
      />
      {problem && !hasFaults && (
        <p role="alert" className="text-rust-ink">
          {problem}
        </p>
      )}
      <Button
        look="inside"
        type="submit"
        className="self-start"
        disabled={!isFilled || change.isPending}
      >
        {t('people.passwordForm.changePassword')}
      </Button>
    </form>
  );
}
