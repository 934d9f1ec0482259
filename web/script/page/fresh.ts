// what is kept is asked about each time (an answer of 304): a held review is gone with the next page
export const FRESH: RequestInit = { credentials: 'omit', cache: 'no-cache' };
