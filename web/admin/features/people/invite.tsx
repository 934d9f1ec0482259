import { useState } from 'react';
import { Button } from '../../ui/button';
import { InlineSelect, type Choice } from '../../ui/inline-select';
import { useCopy } from '../../ui/copy';
import { api, need } from '../../shared/api';
import { useServerForm } from '../../shared/server-form';
import { useAct, type Role } from './queries';
import { ROLES } from './roles';
import { T, t } from '../../shared/t';

const DAYS: Choice<string>[] = ['1', '3', '7', '14', '30'].map((value) => ({
  value,
  text: value === '1' ? t('people.invite.1Day') : t('people.invite.days', { value }),
}));

interface Invited {
  email: string;
  role: Role;
  days: string;
}

/** Asks someone to join: by e-mail where that is set up, and by a link to pass on in any case. */
export function Invite({ canSend }: { canSend: boolean }) {
  const copy = useCopy();
  const [made, setMade] = useState<{ email: string; link: string; isSent: boolean }>();
  const { form, field, pick, problem, onSubmit, refuse } = useServerForm<Invited>({
    email: '',
    role: 'DESK',
    days: '7',
  });
  const invite = useAct(({ email, role, days }: Invited) =>
    need(api.POST('/api/v1/people/invitations', { body: { email, role, days: Number(days) } })),
  );
  const submit = onSubmit((given) =>
    invite.mutate(given, {
      onSuccess: ({ fragment, isSent }) => {
        setMade({
          email: given.email,
          link: t('people.invite.today', { origin: location.origin, fragment }),
          isSent,
        });
        form.resetField('email');
      },
      onError: refuse,
    }),
  );
  const { fault = problem, ...email } = field('email');
  return (
    <form onSubmit={(event) => void submit(event)} noValidate className="px-5 py-4">
      <p className="flex flex-wrap items-center gap-x-2 gap-y-1 text-[15px] text-ink-2">
        <span className="leading-10">
          <T
            id="people.invite.inviteAsTheLinkIs"
            values={{
              email: (
                <input
                  type="email"
                  aria-label={t('people.invite.eMailAddressToInvite')}
                  placeholder={t('people.invite.eMailAddress')}
                  aria-invalid={!!fault}
                  className={`w-64 rounded-lg border bg-white px-3 py-1.5 leading-6 ${fault ? 'border-rust' : 'border-line-3'}`}
                  {...email}
                />
              ),
              role: (
                <InlineSelect label={t('people.invite.role')} choices={ROLES} {...pick('role')} />
              ),
              days: (
                <InlineSelect
                  label={t('people.invite.linkValidFor')}
                  choices={DAYS}
                  {...pick('days')}
                />
              ),
            }}
          />
        </span>
        <Button
          type="submit"
          look="inside"
          className="ms-auto"
          disabled={!form.getValues('email').trim() || invite.isPending}
        >
          {canSend ? t('people.invite.sendInvitation') : t('people.invite.createLink')}
        </Button>
      </p>
      {fault && (
        <p role="alert" className="mt-2 text-[13px] text-rust-ink">
          {fault}
        </p>
      )}
      {made && (
        <p role="status" className="mt-3 rounded-lg bg-fern-soft px-3 py-2 text-fern-ink">
          <T
            id="people.invite.youCanAlsoPassOn"
            values={{
              isSent: made.isSent
                ? `${t('people.invite.weAreSendingAnE', { email: made.email })} `
                : `${t('people.invite.for', { email: made.email })} `,
              code: <code className="break-all">{made.link}</code>,
            }}
          />{' '}
          <Button look="link" onClick={() => copy(made.link)}>
            {t('people.invite.copy')}
          </Button>
        </p>
      )}
    </form>
  );
}
