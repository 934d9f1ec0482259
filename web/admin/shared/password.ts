/** What a new password has to be, as the server judges it. */
export const PASSWORD_NOTE = 'At least 15 characters, of any kind; a short sentence is good.';
