import { InlineSelect, type Choice } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';
import { api, need } from '../../shared/api';
import { useAct, type Rule } from './queries';
import { T, t } from '../../shared/t';

const WHO: Choice<Rule['secondStep']>[] = [
  { value: 'WHO_WISHES', text: t('people.ruleSentence.forPeopleWhoSetIt') },
  { value: 'WHO_CHANGES', text: t('people.ruleSentence.forEveryoneWhoCanChange') },
  { value: 'EVERYONE', text: t('people.ruleSentence.forEveryone') },
];
const DAYS: Choice<string>[] = ['1', '7', '14', '30', '60'].map((value) => ({
  value,
  text: value === '1' ? t('people.ruleSentence.1Day') : t('people.ruleSentence.days', { value }),
}));
const TOLD: Choice<'yes' | 'no'>[] = [
  { value: 'yes', text: t('people.ruleSentence.reportedByEMailTo') },
  { value: 'no', text: t('people.ruleSentence.notReported') },
];

/** How people sign in, as sentences; each word that is changed counts at once. */
export function RuleSentence({ rule }: { rule: Rule }) {
  const { say, sayProblem } = useNotify();
  const save = useAct((body: Rule) => need(api.PUT('/api/v1/people/rule', { body })));
  const set = (change: Partial<Rule>) =>
    save.mutate(
      { ...rule, ...change },
      { onSuccess: () => say(t('people.ruleSentence.saved')), onError: sayProblem },
    );
  return (
    <p className="border-t border-line bg-paper-2 px-5 py-4 text-[15px] leading-8 text-ink-2">
      <T
        id="people.ruleSentence.twoStepSignInWith"
        values={{
          who: (
            <InlineSelect
              label={t('people.ruleSentence.twoStepSignIn')}
              value={rule.secondStep}
              choices={WHO}
              onPick={(secondStep) => set({ secondStep })}
            />
          ),
          days: (
            <InlineSelect
              label={t('people.ruleSentence.staySignedInFor')}
              value={String(rule.days)}
              choices={DAYS}
              onPick={(days) => set({ days: Number(days) })}
            />
          ),
          report: (
            <InlineSelect
              label={t('people.ruleSentence.newDevice')}
              value={rule.isTold ? 'yes' : 'no'}
              choices={TOLD}
              onPick={(told) => set({ isTold: told === 'yes' })}
            />
          ),
        }}
      />
    </p>
  );
}
