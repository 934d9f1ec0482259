import { useState, type FormEvent } from 'react';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Pick, type Choice } from '../../ui/pick';
import { useSay } from '../../ui/toasts';
import { Problem } from '../../shared/api';
import { useUnsaved } from '../../shared/unsaved';
import { useOwnRule, useSaveOwnRule, type OwnRule } from './own-rule';

const ADMISSIONS: Choice<OwnRule['admission']>[] = [
  { value: 'AFTER_A_LOOK', text: 'waits until I have looked at it' },
  { value: 'UNLESS_CONTACT', text: 'is published at once, unless it holds contact details' },
  { value: 'AT_ONCE', text: 'is published at once' },
];
const NOTICES: Choice<OwnRule['notice']>[] = [
  { value: 'NEVER', text: 'never' },
  { value: 'SOON', text: 'within a quarter of an hour' },
  { value: 'DAILY', text: 'each morning at eight' },
];

/** What becomes of reviews that shoppers write in the shop, and who is told of them. */
export function NewReviews() {
  const rule = useOwnRule();
  return (
    <section id="new-reviews" className="col-span-2 rounded-2xl border border-line bg-paper p-6">
      <h2 className="mb-2 text-xl">Reviews that shoppers write here</h2>
      {rule.data && <RuleForm key={JSON.stringify(rule.data)} rule={rule.data} />}
      {rule.error && <p className="text-rust-ink">{rule.error.message}</p>}
    </section>
  );
}

function RuleForm({ rule }: { rule: OwnRule }) {
  const [wanted, setWanted] = useState(rule);
  const save = useSaveOwnRule();
  const { say } = useSay();
  useUnsaved('new-reviews', JSON.stringify(wanted) !== JSON.stringify(rule));
  const problem = save.error instanceof Problem ? save.error : undefined;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    save.mutate(wanted, { onSuccess: () => say('Rule kept') });
  };
  return (
    <form onSubmit={submit} noValidate>
      <p className="text-[15px] leading-8 text-ink-2">
        A new review{' '}
        <Pick
          label="A new review"
          value={wanted.admission}
          choices={ADMISSIONS}
          onPick={(admission) => setWanted({ ...wanted, admission })}
        />
        , whatever its rating. I am told of new ones by mail{' '}
        <Pick
          label="Told of new ones"
          value={wanted.notice}
          choices={NOTICES}
          onPick={(notice) => setWanted({ ...wanted, notice })}
        />
        .
      </p>
      {wanted.notice !== 'NEVER' && (
        <Field
          label="Where notices go"
          note={
            rule.hasMail
              ? 'An e-mail address.'
              : 'No mail server is connected yet; see below how to connect one.'
          }
          type="email"
          className="mt-2 max-w-md"
          value={wanted.noticeTo}
          fault={problem?.faults.find((fault) => fault.field === 'noticeTo')?.reason}
          onChange={(event) => setWanted({ ...wanted, noticeTo: event.target.value })}
        />
      )}
      {rule.failure && (
        <p role="alert" className="mt-2 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
          The last notice did not go out: {rule.failure} It is tried again each minute; no review is
          lost.
        </p>
      )}
      {problem && problem.faults.length === 0 && (
        <p role="alert" className="mt-2 text-rust-ink">
          {problem.message}
        </p>
      )}
      <Button look="inside" type="submit" className="mt-3" disabled={save.isPending}>
        Keep this rule
      </Button>
    </form>
  );
}
