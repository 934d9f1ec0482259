import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, pageIs, type Schemas } from '../../shared/api';
import { followLanguage } from '../../shared/intl';
import { forgetSteps } from '../../shared/steps';

export type Session = Schemas['SessionView'];

/** Whoever leaves on purpose sees the door alone; whose session ended goes on where they were. */
export const leaving = { isOnPurpose: false };

/** With each answer on who is here comes what this page sends with changes. */
async function heard(asked: Promise<Session>): Promise<Session> {
  const session = await asked;
  pageIs(session.page);
  followLanguage(session.language);
  return session;
}

export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: () => heard(need(api.GET('/api/v1/session'))),
    staleTime: Infinity,
    refetchInterval: 300_000,
  });
}

/** Signs in, or makes the first owner. */
export function useEnter() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (given: { signIn: Schemas['SignInGiven'] } | { firstRun: Schemas['FirstRun'] }) =>
      'signIn' in given
        ? heard(need(api.POST('/api/v1/session', { body: given.signIn })))
        : heard(need(api.POST('/api/v1/first-run', { body: given.firstRun }))),
    onSuccess: (session) => {
      // the password alone signs nobody in: the door asks on
      if (session.state === 'SECOND_STEP') return;
      leaving.isOnPurpose = false;
      queries.setQueryData(['session'], session);
      // what could not be asked for meanwhile
      void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'session' });
    },
  });
}

export function useLeave() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => {
      leaving.isOnPurpose = true;
      return heard(need(api.DELETE('/api/v1/session')));
    },
    onSuccess: (session) => {
      queries.setQueryData(['session'], session);
      forgetSteps();
      queries.removeQueries({ predicate: (query) => query.queryKey[0] !== 'session' });
    },
  });
}
