import { Button } from '../../ui/button';
import { Menu, MenuItem } from '../../ui/menu';
import { InlineSelect } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';
import { api, need } from '../../shared/api';
import { moment, since } from '../../shared/format';
import { useShop } from '../shop/queries';
import { PermissionMark } from './permission-mark';
import { useAct, type People, type PersonLine, type Role } from './queries';
import { isAtLeast, MAY, roleName, ROLES } from './roles';
import { T, t } from '../../shared/t';

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
            {t('people.peopleTable.person')}
          </th>
          <th scope="col" className="text-start font-normal">
            {t('people.peopleTable.role')}
          </th>
          {MAY.map(({ text }) => (
            <th key={text} scope="col" className="w-17 px-1 font-normal">
              {text}
            </th>
          ))}
          <th scope="col" className="px-1 font-normal">
            {t('people.peopleTable.twoStepSignIn')}
          </th>
          <th scope="col" className="pr-3 pl-3 text-start font-normal">
            {t('people.peopleTable.lastActive')}
          </th>
          <th scope="col">
            <span className="sr-only">{t('people.peopleTable.more')}</span>
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
  const { say, sayProblem } = useNotify();
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
            {person.isYou && (
              <span className="font-normal text-ink-2"> {t('people.peopleTable.you')}</span>
            )}
          </b>
          <span className="block truncate text-[13px] text-ink-2">{person.email}</span>
        </button>
      </th>
      <td className="whitespace-nowrap">
        <InlineSelect
          label={t('people.peopleTable.roleOf', { name: person.name })}
          value={person.role}
          choices={ROLES}
          onPick={(role) =>
            setRole.mutate(role, {
              onSuccess: () =>
                say(
                  t('people.peopleTable.isNow', {
                    name: person.name,
                    role: roleName(role),
                  }),
                ),
              onError: sayProblem,
            })
          }
        />
      </td>
      {MAY.map(({ text, from }) => (
        <td key={text} className="text-center">
          <PermissionMark is={isAtLeast(person.role, from) ? 'yes' : 'no'} />
        </td>
      ))}
      <td className="text-center text-[13px]">
        {person.hasSecondStep
          ? t('people.peopleTable.authenticatorApp')
          : t('people.peopleTable.none')}
      </td>
      <td className="pr-3 pl-3 text-[13px]">
        {person.lastHere ? since(person.lastHere) : t('people.peopleTable.notRecently')}
      </td>
      <td className="pr-2">
        <More person={person} />
      </td>
    </tr>
  );
}

function More({ person }: { person: PersonLine }) {
  const { say, sayProblem } = useNotify();
  const params = { params: { path: { id: person.id } } };
  const signOut = useAct(() => need(api.DELETE('/api/v1/people/{id}/sign-ins', params)));
  const stepAway = useAct(() => need(api.DELETE('/api/v1/people/{id}/second-step', params)));
  const remove = useAct(() => need(api.DELETE('/api/v1/people/{id}', params)));
  const done = (words: string) => ({ onSuccess: () => say(words), onError: sayProblem });
  return (
    <Menu
      mark="⋯"
      name={t('people.peopleTable.moreActionsFor', { name: person.name })}
      className="rounded-lg px-2 py-1 hover:bg-paper-2"
    >
      <MenuItem
        onSelect={() =>
          signOut.mutate(
            undefined,
            done(t('people.peopleTable.signedOutEverywhere', { name: person.name })),
          )
        }
      >
        {t('people.peopleTable.signOutEverywhere')}
      </MenuItem>
      {person.hasSecondStep && (
        <MenuItem
          onSelect={() =>
            stepAway.mutate(undefined, done(t('people.peopleTable.twoStepSignInTurned')))
          }
        >
          {t('people.peopleTable.turnOffTwoStepSign')}
        </MenuItem>
      )}
      <MenuItem
        onSelect={() =>
          remove.mutate(undefined, done(t('people.peopleTable.removed', { name: person.name })))
        }
      >
        {t('people.peopleTable.removePersonTheirActivityStays')}
      </MenuItem>
    </Menu>
  );
}

function Invited({ invited }: { invited: People['invited'][number] }) {
  const { sayProblem } = useNotify();
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
        <span className="text-[13px] text-ink-2">
          <T id="people.peopleTable.invited" values={{ madeAt: since(invited.madeAt) }} />
        </span>
      </th>
      <td className="whitespace-nowrap">{roleName(invited.role)}</td>
      {MAY.map(({ text, from }) => (
        <td key={text} className="text-center">
          <PermissionMark is={!invited.isOver && isAtLeast(invited.role, from) ? 'later' : 'no'} />
        </td>
      ))}
      <td className="text-center text-[13px]">{t('people.peopleTable.atFirstSignIn')}</td>
      <td className="pr-3 pl-3 text-[13px]" colSpan={2}>
        {invited.isOver
          ? t('people.peopleTable.linkExpired')
          : t('people.peopleTable.linkExpires', { endsAt: moment(invited.endsAt, zone) })}{' '}
        <Button look="link" onClick={() => withdraw.mutate(undefined, { onError: sayProblem })}>
          {t('people.peopleTable.cancelInvitation')}
        </Button>
      </td>
    </tr>
  );
}
