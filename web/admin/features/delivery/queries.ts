import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, sendForm, type Schemas } from '../../shared/api';
import { draftChanged, undoStep } from '../layout/nod-queries';

export type DeliveryView = Schemas['DeliveryView'];
export type Settings = Schemas['SettingsView'];
export type DeliveryRule = Schemas['LayerView'];
export type Destination = Schemas['DestinationView'];
export type ReturnRule = Schemas['ReturnView'];
export type Days = Schemas['DaysView'];
export type Estimate = Schemas['JourneyView'];
export type CalendarDay = Schemas['DayView'];
export type Step = Schemas['StepView'];
export type Arrival = Schemas['ArrivalView'];
export type RuleReading = Schemas['LayerReading'];
export type FileRead = Schemas['FileRead'];

/** What is ordered, when, and where it goes. */
export interface Ordered {
  products: string[];
  variant: string | undefined;
  at: string | undefined;
  country: string | undefined;
}

const KEY = ['delivery'];

export function useDelivery() {
  return useQuery({ queryKey: KEY, queryFn: () => need(api.GET('/api/v1/delivery')) });
}

/** Countries, and those whose holidays are known. */
export function useChoice() {
  return useQuery({
    queryKey: ['delivery', 'choice'],
    queryFn: () => need(api.GET('/api/v1/delivery/choice')),
    staleTime: Infinity,
  });
}

const query = ({ products, variant, at, country }: Ordered) => ({
  product: products.join(','),
  ...(variant ? { variant } : {}),
  ...(at ? { at } : {}),
  ...(country ? { country } : {}),
});

/** An order day by day. */
export function useEstimate(order: Ordered) {
  return useQuery({
    queryKey: ['delivery', 'journey', order],
    queryFn: () => need(api.GET('/api/v1/delivery/estimate', { params: { query: query(order) } })),
    enabled: order.products.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** When an order arrives in each country that has a line. */
export function useEstimatesByCountry(order: Ordered) {
  return useQuery({
    queryKey: ['delivery', 'arrivals', order],
    queryFn: () =>
      need(api.GET('/api/v1/delivery/estimates-by-country', { params: { query: query(order) } })),
    enabled: order.products.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** Until when an order can be sent back, and which rule says so. */
export function useReturns(order: Ordered) {
  return useQuery({
    queryKey: ['delivery', 'returns', order],
    queryFn: () => need(api.GET('/api/v1/delivery/returns', { params: { query: query(order) } })),
    enabled: order.products.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export function useOnTime() {
  return useQuery({
    queryKey: ['delivery', 'kept'],
    queryFn: () => need(api.GET('/api/v1/delivery/on-time')),
  });
}

/** Takes other delivery rules; what they come to is asked for again. */
export function useSetDelivery() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (change: { revision: string; message: string; settings: Settings }) =>
      need(api.PUT('/api/v1/delivery', { body: change })),
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: KEY });
      void draftChanged(queries);
    },
  });
}

/**
 * Takes the newest step back where it is one of the delivery rules; what it was. It is asked for at the
 * press: the page may not have heard of it yet.
 */
export function useUndo() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async () => {
      const { lastStep } = await need(api.GET('/api/v1/layout'));
      if (!lastStep?.isOfDelivery) return undefined;
      await undoStep(lastStep.id);
      return lastStep.message;
    },
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: KEY });
      void draftChanged(queries);
    },
  });
}

/** Redoes what was undone last, where it is one of the delivery rules; what it was. */
export function useRedo() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async () => {
      const { lastUndone } = await need(api.GET('/api/v1/layout'));
      if (!lastUndone?.isOfDelivery) return undefined;
      const step = await need(api.POST('/api/v1/layout/steps/again'));
      return step.message;
    },
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: KEY });
      void draftChanged(queries);
    },
  });
}

/** Brings closed days or delivery rules from a file. */
export function useUploadFile(kind: 'closures' | 'rules') {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (file: File) => {
      const form = new FormData();
      form.append('file', file);
      return sendForm<FileRead>(`/api/v1/delivery/${kind}`, form);
    },
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: KEY });
      void draftChanged(queries);
    },
  });
}
