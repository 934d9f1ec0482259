export type SignInLink = { kind: 'invitation' | 'reset'; token: string };

/** The link that someone came by: its token stands in the fragment, which no server sees. */
export function readSignInLink(): SignInLink | undefined {
  const found = /^#(invitation|reset)=([\w.-]+)$/.exec(location.hash);
  return found ? { kind: found[1] as SignInLink['kind'], token: found[2] ?? '' } : undefined;
}

/** The token is taken out of the address, and so out of the browser's history. */
export const forgetSignInLink = () => history.replaceState(null, '', location.pathname);
