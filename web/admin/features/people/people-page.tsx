import { useState } from 'react';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { Devices } from './devices';
import { Invite } from './invite';
import { PeopleTable } from './people-table';
import { usePeople } from './queries';
import { RuleSentence } from './rule-sentence';
import { ActivityPanel } from './activity-panel';
import { SetupTabs } from '../setup/tabs';
import { T, t } from '../../shared/t';

/** Who may do what, how they sign in, and what was done by whom. */
export function PeoplePage() {
  const people = usePeople();
  const [chosen, setChosen] = useState<number>();
  if (isLost(people)) return <Failure error={people.error} again={() => void people.refetch()} />;
  if (!people.data) return <Loading />;
  const person =
    people.data.people.find(({ id }) => id === chosen) ??
    people.data.people.find(({ isYou }) => isYou) ??
    people.data.people[0];
  return (
    <>
      <SetupTabs />
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_360px] items-start gap-4 overflow-auto p-5">
        <section
          aria-label={t('people.peoplePage.people')}
          className="overflow-hidden rounded-2xl border border-line bg-paper"
        >
          <div className="px-5 pt-4">
            <h1 className="text-xl">
              <T
                id="people.peoplePage.whoCanDoWhatFilled"
                values={{
                  span: (chunks) => (
                    <span className="ml-1.5 font-text text-[13px] font-normal text-ink-2">
                      {chunks}
                    </span>
                  ),
                }}
              />
            </h1>
          </div>
          <PeopleTable people={people.data} chosen={person?.id} onChoose={setChosen} />
          <Invite canSend={people.data.canSend} />
          <RuleSentence key={JSON.stringify(people.data.rule)} rule={people.data.rule} />
        </section>
        <div className="flex min-w-0 flex-col gap-4">
          {person && <Devices person={person} />}
          <ActivityPanel />
        </div>
      </div>
    </>
  );
}
