import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { InlineSelect, type Choice } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';
import { useServerForm } from '../../shared/server-form';
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
      {rule.data && <RuleForm rule={rule.data} />}
      {rule.error && <p className="text-rust-ink">{rule.error.message}</p>}
    </section>
  );
}

function RuleForm({ rule }: { rule: SubmissionPolicyView }) {
  const { form, field, pick, problem, hasFaults, isChanged, onSubmit, refuse } =
    useServerForm<SubmissionPolicyView>(rule);
  const save = useSaveSubmissionPolicy();
  const { say } = useNotify();
  useUnsaved('new-reviews', isChanged);
  const submit = onSubmit((wanted) =>
    save.mutate(wanted, {
      onSuccess: (kept) => {
        form.reset(kept);
        say(t('setup.submissionPolicy.saved'));
      },
      onError: refuse,
    }),
  );
  return (
    <form onSubmit={(event) => void submit(event)} noValidate>
      <p className="text-[15px] leading-8 text-ink-2">
        <T
          id="setup.submissionPolicy.publishNewReviewsWhateverThe"
          values={{
            rule: (
              <InlineSelect
                label={t('setup.submissionPolicy.publishNewReviews')}
                choices={ADMISSIONS}
                {...pick('admission')}
              />
            ),
            interval: (
              <InlineSelect
                label={t('setup.submissionPolicy.eMailAboutNewReviews')}
                choices={NOTICES}
                {...pick('notice')}
              />
            ),
          }}
        />
      </p>
      {form.getValues('notice') !== 'NEVER' && (
        <Field
          label={t('setup.submissionPolicy.eMailAddressForNotifications')}
          note={
            rule.hasMail
              ? t('setup.submissionPolicy.anEMailAddress')
              : t('setup.submissionPolicy.noMailServerIsConnected')
          }
          type="email"
          className="mt-2 max-w-md"
          {...field('noticeTo')}
        />
      )}
      {rule.failure && (
        <p role="alert" className="mt-2 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
          <T id="setup.submissionPolicy.theLastEMailCould" values={{ failure: rule.failure }} />
        </p>
      )}
      {problem && !hasFaults && (
        <p role="alert" className="mt-2 text-rust-ink">
          {problem}
        </p>
      )}
      <Button look="inside" type="submit" className="mt-3" disabled={save.isPending}>
        {t('setup.submissionPolicy.save')}
      </Button>
    </form>
  );
}
