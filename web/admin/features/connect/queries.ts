import {
  keepPreviousData,
  useMutation,
  useQuery,
  useQueryClient,
  type UseQueryResult,
} from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type Connection = Schemas['ShopConnection'];
export type PageSeen = Schemas['PageSeen'];
export type AddressChecked = Schemas['AddressChecked'];
export type ReadAddress = Schemas['ReadAddress'];
export type Sign = Schemas['ViewsBySign']['sign'];

const KEY = 'connection';
/** Shoppers come while the owner looks on. */
const EACH = 10_000;

export function useConnection(): UseQueryResult<Connection> {
  return useQuery({
    queryKey: [KEY],
    queryFn: () => need(api.GET('/api/v1/connection')),
    refetchInterval: EACH,
  });
}

export function usePagesSeen(shape: string, page: number, size: number) {
  return useQuery({
    queryKey: [KEY, 'pages', shape, page, size],
    queryFn: () =>
      need(api.GET('/api/v1/connection/pages', { params: { query: { shape, page, size } } })),
    refetchInterval: EACH,
    placeholderData: keepPreviousData,
  });
}

export function useSnippets() {
  return useQuery({
    queryKey: [KEY, 'snippets'],
    queryFn: () => need(api.GET('/api/v1/page/check/snippets')),
  });
}

/** One address, step by step; asked when it was chosen, and again while its line is missing. */
export function useAddressCheck(address: string) {
  return useQuery({
    queryKey: [KEY, 'check', address],
    queryFn: () => need(api.GET('/api/v1/page/check/address', { params: { query: { address } } })),
    enabled: address !== '',
    retry: false,
    refetchInterval: (query) => (isWaitingForLine(query.state.data) ? EACH : false),
  });
}

export function isWaitingForLine(checked: AddressChecked | undefined): boolean {
  return !!checked?.steps.some(({ step, outcome }) => step === 'LINE' && outcome === 'TROUBLE');
}

export function useReadAddress() {
  return useMutation({
    mutationFn: (address: string) =>
      need(api.POST('/api/v1/connection/reading', { body: { address } })),
  });
}

/** Says that the shop is the owner's own, though it is not on the public internet, or takes it back. */
export function useLocalShop(act: 'allow' | 'forbid') {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () =>
      act === 'allow'
        ? need(api.PUT('/api/v1/connection/local-shop'))
        : need(api.DELETE('/api/v1/connection/local-shop')),
    onSuccess: () => queries.invalidateQueries({ queryKey: [KEY] }),
  });
}

/** Says which product a name on pages means. */
export function useSayProduct() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (meaning: { name: string; product: string }) =>
      need(api.PUT('/api/v1/connection/names', { body: meaning })),
    onSuccess: () => queries.invalidateQueries({ queryKey: [KEY] }),
  });
}
