import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Logo } from '../../ui/logo';
import { api, need, Problem } from '../../shared/api';
import { PASSWORD_NOTE } from '../../shared/password';
import { useServerForm } from '../../shared/server-form';
import type { SignInLink } from './sign-in-link';
import { T, t } from '../../shared/t';

/** Where a link from an e-mail leads: an invitation to take, or a new password to choose. */
export function JoinOrReset({
  link,
  onDone,
}: {
  link: SignInLink;
  onDone: (words?: string) => void;
}) {
  const queries = useQueryClient();
  const { field, problem, hasFaults, onSubmit, refuse } = useServerForm({ name: '', password: '' });
  const isInvitation = link.kind === 'invitation';
  const { token } = link;
  const look = useQuery({
    queryKey: ['invitation', token],
    enabled: isInvitation,
    retry: false,
    queryFn: () => need(api.POST('/api/v1/account/invitation', { body: { token } })),
  });
  const take = useMutation({
    mutationFn: ({ name, password }: { name: string; password: string }) =>
      isInvitation
        ? need(api.POST('/api/v1/account/invitation/taken', { body: { token, name, password } }))
        : need(api.POST('/api/v1/account/reset/password', { body: { token, password } })),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['session'] });
      onDone(isInvitation ? undefined : t('session.joinOrReset.yourPasswordWasChangedSign'));
    },
  });
  const submit = onSubmit((values) => take.mutate(values, { onError: refuse }));
  const gone = look.error instanceof Problem ? look.error.message : undefined;
  return (
    <main className="grid min-h-screen place-items-center p-6">
      <form
        onSubmit={(event) => void submit(event)}
        noValidate
        className="flex w-full max-w-sm flex-col gap-4"
      >
        <p className="flex items-center gap-2 self-start font-display text-xl font-bold">
          <T id="session.joinOrReset.nodYes" values={{ mark: <Logo /> }} />
        </p>
        <h1 className="text-2xl">
          {isInvitation
            ? t('session.joinOrReset.join', {
                shop: look.data?.shop ?? t('session.joinOrReset.nodYes2'),
              })
            : t('session.joinOrReset.chooseANewPassword')}
        </h1>
        {gone ? (
          <p role="alert" className="rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
            {gone}
          </p>
        ) : (
          <>
            {isInvitation && (
              <>
                <p className="text-ink-2">
                  <T
                    id="session.joinOrReset.youSignInWith"
                    values={{ email: look.data?.email ?? '…' }}
                  />
                </p>
                <Field
                  label={t('session.joinOrReset.yourName')}
                  autoComplete="name"
                  {...field('name')}
                />
              </>
            )}
            <Field
              label={t('session.joinOrReset.newPassword')}
              type="password"
              autoComplete="new-password"
              note={PASSWORD_NOTE}
              {...field('password')}
            />
            {problem && !hasFaults && (
              <p role="alert" className="rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
                {problem}
              </p>
            )}
            <Button
              look="inside"
              type="submit"
              disabled={take.isPending}
              className="justify-center"
            >
              {isInvitation ? t('session.joinOrReset.join2') : t('session.joinOrReset.setPassword')}
            </Button>
          </>
        )}
        <Button look="link" className="self-start" onClick={() => onDone()}>
          {t('session.joinOrReset.goToSignIn')}
        </Button>
      </form>
    </main>
  );
}
