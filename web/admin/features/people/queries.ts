import {
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
  type QueryKey,
} from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type People = Schemas['PeopleView'];
export type PersonLine = Schemas['PersonLine'];
export type Role = PersonLine['role'];
export type Rule = Schemas['SignInRule'];
export type Device = Schemas['DeviceLine'];

const PEOPLE: QueryKey = ['people'];
const ACCOUNT: QueryKey = ['account'];

export const usePeople = () =>
  useQuery({ queryKey: PEOPLE, queryFn: () => need(api.GET('/api/v1/people')) });

export const useAccount = () =>
  useQuery({ queryKey: ACCOUNT, queryFn: () => need(api.GET('/api/v1/account')), retry: false });

export const useDevices = (id: number) =>
  useQuery({
    queryKey: [...PEOPLE, id, 'devices'],
    queryFn: () => need(api.GET('/api/v1/people/{id}/sign-ins', { params: { path: { id } } })),
  });

/** Something is done to accounts; what is shown of them and of what was done is asked anew. */
export function useAct<T, R>(act: (given: T) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: act,
    onSettled: () => {
      for (const queryKey of [PEOPLE, ACCOUNT, ['trail'], ['session']]) {
        void queries.invalidateQueries({ queryKey });
      }
    },
  });
}

export interface TrailWanted {
  who: string;
  place: string;
  q: string;
}

export const trailQuery = (wanted: TrailWanted) =>
  Object.fromEntries(Object.entries(wanted).filter(([, value]) => value));

export const useTrail = (wanted: TrailWanted) =>
  useInfiniteQuery({
    queryKey: ['trail', wanted],
    initialPageParam: 0,
    queryFn: ({ pageParam }) =>
      need(
        api.GET('/api/v1/trail', {
          params: { query: { ...trailQuery(wanted), ...(pageParam ? { before: pageParam } : {}) } },
        }),
      ),
    getNextPageParam: (last) => last.before,
  });

export const useTrailNames = () =>
  useQuery({ queryKey: ['trail', 'names'], queryFn: () => need(api.GET('/api/v1/trail/names')) });
