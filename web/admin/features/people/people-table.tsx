import { Button } from '../../ui/button';
import { Menu, MenuItem } from '../../ui/menu';
import { Pick } from '../../ui/pick';
import { useSay } from '../../ui/toasts';
import { api, need } from '../../shared/api';
import { moment, since } from '../../shared/words';
import { useShop } from '../setup/queries';
import { Drop } from './drop';
import { useAct, type People, type PersonLine, type Role } from './queries';
import { isAtLeast, MAY, roleName, ROLES } from './roles';

interface Props {
  people: People;
  chosen: number | undefined;
  onChoose: (id: number) => void;
}

/** People and those who are invited, each with what they may do. */
export function PeopleTable({ people, chosen, onChoose }: Props) {
  return (
    <table className="mt-2 w-full border-collapse">
      <thead>
        <tr className="border-b border-line text-[13px] text-ink-2">
          <th scope="col" className="py-2 pl-5 text-start font-normal">
            Person
          </th>
          <th scope="col" className="text-start font-normal">
            Role
          </th>
          {MAY.map(({ text }) => (
            <th key={text} scope="col" className="w-17 px-1 font-normal">
              {text}
            </th>
          ))}
          <th scope="col" className="px-1 font-normal">
            Second step
          </th>
          <th scope="col" className="pr-3 pl-3 text-start font-normal">
            Last here
          </th>
          <th scope="col">
            <span className="sr-only">More</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {people.people.map((person) => (
          <Row
            key={person.id}
            person={person}
            isChosen={person.id === chosen}
            onChoose={() => onChoose(person.id)}
          />
        ))}
        {people.invited.map((one) => (
          <Invited key={one.id} invited={one} />
        ))}
      </tbody>
    </table>
  );
}

function Row({
  person,
  isChosen,
  onChoose,
}: {
  person: PersonLine;
  isChosen: boolean;
  onChoose: () => void;
}) {
  const { say, sayProblem } = useSay();
  const path = { id: person.id };
  const setRole = useAct((role: Role) =>
    need(api.PUT('/api/v1/people/{id}/role', { params: { path }, body: { role } })),
  );
  return (
    <tr className={`border-b border-line/70 ${isChosen ? 'bg-plum-soft' : ''}`}>
      <th scope="row" className="max-w-52 py-3 pl-5 text-start font-normal">
        <button
          type="button"
          className="w-full text-start"
          title={`${person.name}, ${person.email}`}
          onClick={onChoose}
        >
          <b className="block truncate">
            {person.name}
            {person.isYou && <span className="font-normal text-ink-2"> (you)</span>}
          </b>
          <span className="block truncate text-[13px] text-ink-2">{person.email}</span>
        </button>
      </th>
      <td className="whitespace-nowrap">
        <Pick
          label={`Role of ${person.name}`}
          value={person.role}
          choices={ROLES}
          onPick={(role) =>
            setRole.mutate(role, {
              onSuccess: () => say(`${person.name} is ${roleName(role)} now`),
              onError: sayProblem,
            })
          }
        />
      </td>
      {MAY.map(({ text, from }) => (
        <td key={text} className="text-center">
          <Drop is={isAtLeast(person.role, from) ? 'yes' : 'no'} />
        </td>
      ))}
      <td className="text-center text-[13px]">
        {person.hasSecondStep ? 'code from an app' : 'none'}
      </td>
      <td className="pr-3 pl-3 text-[13px]">
        {person.lastHere ? since(person.lastHere) : 'not lately'}
      </td>
      <td className="pr-2">
        <More person={person} />
      </td>
    </tr>
  );
}

function More({ person }: { person: PersonLine }) {
  const { say, sayProblem } = useSay();
  const params = { params: { path: { id: person.id } } };
  const signOut = useAct(() => need(api.DELETE('/api/v1/people/{id}/sign-ins', params)));
  const stepAway = useAct(() => need(api.DELETE('/api/v1/people/{id}/second-step', params)));
  const remove = useAct(() => need(api.DELETE('/api/v1/people/{id}', params)));
  const done = (words: string) => ({ onSuccess: () => say(words), onError: sayProblem });
  return (
    <Menu
      mark="⋯"
      name={`More about ${person.name}`}
      className="rounded-lg px-2 py-1 hover:bg-paper-2"
    >
      <MenuItem
        onSelect={() => signOut.mutate(undefined, done(`${person.name} is signed out everywhere`))}
      >
        Sign out everywhere
      </MenuItem>
      {person.hasSecondStep && (
        <MenuItem
          onSelect={() => stepAway.mutate(undefined, done('The second step is taken away'))}
        >
          Take the second step away (app and codes are lost)
        </MenuItem>
      )}
      <MenuItem onSelect={() => remove.mutate(undefined, done(`${person.name} is removed`))}>
        Remove; what they did stays
      </MenuItem>
    </Menu>
  );
}

function Invited({ invited }: { invited: People['invited'][number] }) {
  const { sayProblem } = useSay();
  const zone = useShop().data?.zone ?? 'UTC';
  const withdraw = useAct(() =>
    need(api.DELETE('/api/v1/people/invitations/{id}', { params: { path: { id: invited.id } } })),
  );
  return (
    <tr className="border-b border-line/70">
      <th scope="row" className="max-w-52 py-3 pl-5 text-start font-normal">
        <b className="block truncate" title={invited.email}>
          {invited.email}
        </b>
        <span className="text-[13px] text-ink-2">invited {since(invited.madeAt)}</span>
      </th>
      <td className="whitespace-nowrap">{roleName(invited.role)}</td>
      {MAY.map(({ text, from }) => (
        <td key={text} className="text-center">
          <Drop is={!invited.isOver && isAtLeast(invited.role, from) ? 'later' : 'no'} />
        </td>
      ))}
      <td className="text-center text-[13px]">at first sign-in</td>
      <td className="pr-3 pl-3 text-[13px]" colSpan={2}>
        {invited.isOver ? 'the link has ended' : `link ends ${moment(invited.endsAt, zone)}`}{' '}
        <Button look="link" onClick={() => withdraw.mutate(undefined, { onError: sayProblem })}>
          Withdraw
        </Button>
      </td>
    </tr>
  );
}
