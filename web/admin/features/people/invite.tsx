import { useState, type FormEvent } from 'react';
import { Button } from '../../ui/button';
import { Pick, type Choice } from '../../ui/pick';
import { useCopy } from '../../ui/copy';
import { api, need, Problem } from '../../shared/api';
import { useAct, type Role } from './queries';
import { ROLES } from './roles';

const DAYS: Choice<string>[] = ['1', '3', '7', '14', '30'].map((value) => ({
  value,
  text: value === '1' ? '1 day' : `${value} days`,
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
        setMade({ email, link: `${location.origin}/today${fragment}`, isSent });
        setEmail('');
      },
    });
  };
  return (
    <form onSubmit={submit} noValidate className="px-5 py-4">
      <p className="flex flex-wrap items-center gap-x-2 gap-y-1 text-[15px] text-ink-2">
        Invite
        <input
          type="email"
          aria-label="E-mail address to invite"
          placeholder="their e-mail address"
          aria-invalid={!!problem}
          className={`w-56 rounded-lg border bg-white px-3 py-1.5 ${problem ? 'border-rust' : 'border-line-3'}`}
          value={email}
          onChange={(event) => setEmail(event.target.value)}
        />
        as <Pick label="Role of the invited" value={role} choices={ROLES} onPick={setRole} />; the
        link works for <Pick label="Link works for" value={days} choices={DAYS} onPick={setDays} />
        <Button
          type="submit"
          look="inside"
          className="ms-auto"
          disabled={!email.trim() || invite.isPending}
        >
          {canSend ? 'Send it' : 'Make the link'}
        </Button>
      </p>
      {problem && (
        <p role="alert" className="mt-2 text-[13px] text-rust-ink">
          {problem.faults[0] ? `The address ${problem.faults[0].reason}.` : problem.message}
        </p>
      )}
      {made && (
        <p role="status" className="mt-3 rounded-lg bg-fern-soft px-3 py-2 text-fern-ink">
          {made.isSent ? `An e-mail to ${made.email} is on its way. ` : `For ${made.email}. `}
          You can pass the link on yourself, too; it is not shown again:{' '}
          <code className="break-all">{made.link}</code>{' '}
          <Button look="link" onClick={() => copy(made.link)}>
            Copy
          </Button>
        </p>
      )}
    </form>
  );
}
