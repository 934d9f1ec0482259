import { useState, type FormEvent } from 'react';
import { Button } from '../../ui/button';
import { InlineSelect, type Choice } from '../../ui/inline-select';
import { useCopy } from '../../ui/copy';
import { api, need, Problem } from '../../shared/api';
import { useAct, type Role } from './queries';
import { ROLES } from './roles';
import { T, t } from '../../shared/t';

const DAYS: Choice<string>[] = ['1', '3', '7', '14', '30'].map((value) => ({
  value,
  text: value === '1' ? t('people.invite.1Day') : t('people.invite.days', { value }),
}));

/** Asks someone to join: by e-mail where that is set up, and by a link to pass on in any case. */
export function Invite({ canSend }: { canSend: boolean }) {
  const copy = useCopy();
  const [email, setEmail] = useState('');
  const [role, setRole] = useState<Role>('DESK');
  const [days, setDays] = useState('7');
  const [made, setMade] = useState<{ email: string; link: string; isSent: boolean }>();
  const invite = useAct(() =>
    need(api.POST('/api/v1/people/invitations', { body: { email, role, days: Number(days) } })),
  );
  const problem = invite.error instanceof Problem ? invite.error : undefined;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    invite.mutate(undefined, {
      onSuccess: ({ fragment, isSent }) => {
        setMade({
          email,
          link: t('people.invite.today', { origin: location.origin, fragment }),
          isSent,
        });
        setEmail('');
      },
    });
  };
  return (
    <form onSubmit={submit} noValidate className="px-5 py-4">
      <p className="flex flex-wrap items-center gap-x-2 gap-y-1 text-[15px] text-ink-2">
        <T
          id="people.invite.inviteAsTheLinkIs"
          values={{
            email: (
              <input
                type="email"
                aria-label={t('people.invite.eMailAddressToInvite')}
                placeholder={t('people.invite.eMailAddress')}
                aria-invalid={!!problem}
                className={`w-56 rounded-lg border bg-white px-3 py-1.5 ${problem ? 'border-rust' : 'border-line-3'}`}
                value={email}
                onChange={(event) => setEmail(event.target.value)}
              />
            ),
            role: (
              <InlineSelect
                label={t('people.invite.role')}
                value={role}
                choices={ROLES}
                onPick={setRole}
              />
            ),
            days: (
              <InlineSelect
                label={t('people.invite.linkValidFor')}
                value={days}
                choices={DAYS}
                onPick={setDays}
              />
            ),
          }}
        />
        <Button
          type="submit"
          look="inside"
          className="ms-auto"
          disabled={!email.trim() || invite.isPending}
        >
          {canSend ? t('people.invite.sendInvitation') : t('people.invite.createLink')}
        </Button>
      </p>
      {problem && (
        <p role="alert" className="mt-2 text-[13px] text-rust-ink">
          {problem.faults[0] ? problem.faults[0].reason : problem.message}
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
