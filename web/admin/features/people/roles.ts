import type { Choice } from '../../ui/inline-select';
import type { Role } from './queries';
import { t } from '../../shared/t';

export const ROLES: Choice<Role>[] = [
  { value: 'READER', text: t('people.roles.readOnly') },
  { value: 'DESK', text: t('people.roles.reviews') },
  { value: 'EDITOR', text: t('people.roles.editor') },
  { value: 'OWNER', text: t('people.roles.owner') },
];

export const roleName = (role: Role) => ROLES.find(({ value }) => value === role)?.text ?? role;

/** What each column of the table asks, from the role on that may do it. */
export const MAY: { text: string; from: Role }[] = [
  { text: t('people.roles.viewEverything'), from: 'READER' },
  { text: t('people.roles.checkAndReply'), from: 'DESK' },
  { text: t('people.roles.editPages'), from: 'EDITOR' },
  { text: t('people.roles.publishPages'), from: 'EDITOR' },
  { text: t('people.roles.peopleApiKeys'), from: 'OWNER' },
];

const ORDER = ROLES.map(({ value }) => value);

export const isAtLeast = (role: Role, least: Role) => ORDER.indexOf(role) >= ORDER.indexOf(least);
