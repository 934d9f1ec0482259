import { Pick, type Choice } from '../../ui/pick';
import { useSay } from '../../ui/toasts';
import { api, need } from '../../shared/api';
import { useAct, type Rule } from './queries';

const WHO: Choice<Rule['secondStep']>[] = [
  { value: 'WHO_WISHES', text: 'whoever has set one up' },
  { value: 'WHO_CHANGES', text: 'everyone who can change something' },
  { value: 'EVERYONE', text: 'everyone' },
];
const DAYS: Choice<string>[] = ['1', '7', '14', '30', '60'].map((value) => ({
  value,
  text: value === '1' ? '1 day' : `${value} days`,
}));
const TOLD: Choice<'yes' | 'no'>[] = [
  { value: 'yes', text: 'told to its owner by e-mail' },
  { value: 'no', text: 'not told' },
];

/** How people sign in, as sentences; each word that is changed counts at once. */
export function RuleSentence({ rule }: { rule: Rule }) {
  const { say, sayProblem } = useSay();
  const save = useAct((body: Rule) => need(api.PUT('/api/v1/people/rule', { body })));
  const set = (change: Partial<Rule>) =>
    save.mutate({ ...rule, ...change }, { onSuccess: () => say('Kept'), onError: sayProblem });
  return (
    <p className="border-t border-line bg-paper-2 px-5 py-4 text-[15px] leading-8 text-ink-2">
      At sign-in,{' '}
      <Pick
        label="Who gives a second step"
        value={rule.secondStep}
        choices={WHO}
        onPick={(secondStep) => set({ secondStep })}
      />{' '}
      gives a second step: a code from an app. A device stays signed in for{' '}
      <Pick
        label="Signed in for"
        value={String(rule.days)}
        choices={DAYS}
        onPick={(days) => set({ days: Number(days) })}
      />{' '}
      after its last use. A new device is{' '}
      <Pick
        label="A new device"
        value={rule.isTold ? 'yes' : 'no'}
        choices={TOLD}
        onPick={(told) => set({ isTold: told === 'yes' })}
      />
      .
    </p>
  );
}
