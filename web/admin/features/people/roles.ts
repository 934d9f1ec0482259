import type { Choice } from '../../ui/pick';
import type { Role } from './queries';

export const ROLES: Choice<Role>[] = [
  { value: 'READER', text: 'read only' },
  { value: 'DESK', text: 'review desk' },
  { value: 'EDITOR', text: 'editor' },
  { value: 'OWNER', text: 'owner' },
];

export const roleName = (role: Role) => ROLES.find(({ value }) => value === role)?.text ?? role;

/** What each column of the table asks, from the role on that may do it. */
export const MAY: { text: string; from: Role }[] = [
  { text: 'Look at all', from: 'READER' },
  { text: 'Sort and answer', from: 'DESK' },
  { text: 'Change pages', from: 'EDITOR' },
  { text: 'Publish pages', from: 'EDITOR' },
  { text: 'People, keys', from: 'OWNER' },
];

const ORDER = ROLES.map(({ value }) => value);

export const isAtLeast = (role: Role, least: Role) => ORDER.indexOf(role) >= ORDER.indexOf(least);
