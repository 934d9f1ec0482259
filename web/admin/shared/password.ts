import { t } from './t';
/** What a new password has to be, as the server judges it. */
export const PASSWORD_NOTE = t('shared.password.atLeast15CharactersA');
