import { useState, type FormEvent } from 'react';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { InlineSelect, type Choice } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';
import { Problem } from '../../shared/api';
import { useUnsaved } from '../../shared/unsaved';
import {
  useSubmissionPolicy,
  useSaveSubmissionPolicy,
  type SubmissionPolicyView,
} from './submission-policy-query';
import { T, t } from '../../shared/t';

const ADMISSIONS: Choice<SubmissionPolicyView['admission']>[] = [
  { value: 'MANUAL', text: t('setup.submissionPolicy.afterICheckThem') },
  { value: 'UNLESS_CONTACT_DETAILS', text: t('setup.submissionPolicy.atOnceUnlessTheyContain') },
  { value: 'IMMEDIATE', text: t('setup.submissionPolicy.atOnce') },
];
const NOTICES: Choice<SubmissionPolicyView['notice']>[] = [
  { value: 'NEVER', text: t('setup.submissionPolicy.never') },
  { value: 'SOON', text: t('setup.submissionPolicy.within15Minutes') },
  { value: 'DAILY', text: t('setup.submissionPolicy.everyMorningAt8') },
];

/** What becomes of reviews that shoppers write in the shop, and who is told of them. */
export function SubmissionPolicy() {
  const rule = useSubmissionPolicy();
  return (
    <section id="new-reviews" className="col-span-2 rounded-2xl border border-line bg-paper p-6">
      <h2 className="mb-2 text-xl">{t('setup.submissionPolicy.reviewsWrittenInYourShop')}</h2>
      {rule.data && <RuleForm key={JSON.stringify(rule.data)} rule={rule.data} />}
      {rule.error && <p className="text-rust-ink">{rule.error.message}</p>}
    </section>
  );
}

function RuleForm({ rule }: { rule: SubmissionPolicyView }) {
  const [wanted, setWanted] = useState(rule);
  const save = useSaveSubmissionPolicy();
  const { say } = useNotify();
  useUnsaved('new-reviews', JSON.stringify(wanted) !== JSON.stringify(rule));
  const problem = save.error instanceof Problem ? save.error : undefined;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    save.mutate(wanted, { onSuccess: () => say(t('setup.submissionPolicy.saved')) });
  };
  return (
    <form onSubmit={submit} noValidate>
      <p className="text-[15px] leading-8 text-ink-2">
        <T
          id="setup.submissionPolicy.publishNewReviewsWhateverThe"
          values={{
            rule: (
              <InlineSelect
                label={t('setup.submissionPolicy.publishNewReviews')}
                value={wanted.admission}
                choices={ADMISSIONS}
                onPick={(admission) => setWanted({ ...wanted, admission })}
              />
            ),
            interval: (
              <InlineSelect
                label={t('setup.submissionPolicy.eMailAboutNewReviews')}
                value={wanted.notice}
                choices={NOTICES}
                onPick={(notice) => setWanted({ ...wanted, notice })}
              />
            ),
          }}
        />
      </p>
      {wanted.notice !== 'NEVER' && (
        <Field
          label={t('setup.submissionPolicy.eMailAddressForNotifications')}
          note={
            rule.hasMail
              ? t('setup.submissionPolicy.anEMailAddress')
              : t('setup.submissionPolicy.noMailServerIsConnected')
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
          <T id="setup.submissionPolicy.theLastEMailCould" values={{ failure: rule.failure }} />
        </p>
      )}
      {problem && problem.faults.length === 0 && (
        <p role="alert" className="mt-2 text-rust-ink">
          {problem.message}
        </p>
      )}
      <Button look="inside" type="submit" className="mt-3" disabled={save.isPending}>
        {t('setup.submissionPolicy.save')}
      </Button>
    </form>
  );
}
