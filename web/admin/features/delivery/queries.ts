import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, sendForm, type Schemas } from '../../shared/api';
import { draftChanged, takeBackStep } from '../pages/nod-queries';

export type DeliveryView = Schemas['DeliveryView'];
export type Settings = Schemas['SettingsView'];
export type Layer = Schemas['LayerView'];
export type Destination = Schemas['DestinationView'];
export type Days = Schemas['DaysView'];
export type Journey = Schemas['JourneyView'];
export type CalendarDay = Schemas['DayView'];
export type Step = Schemas['StepView'];
export type Arrival = Schemas['ArrivalView'];
export type LayerReading = Schemas['LayerReading'];
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
export function useJourney(order: Ordered) {
  return useQuery({
    queryKey: ['delivery', 'journey', order],
    queryFn: () => need(api.GET('/api/v1/delivery/journey', { params: { query: query(order) } })),
    enabled: order.products.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** When an order arrives in each country that has a line. */
export function useArrivals(order: Ordered) {
  return useQuery({
    queryKey: ['delivery', 'arrivals', order],
    queryFn: () => need(api.GET('/api/v1/delivery/arrivals', { params: { query: query(order) } })),
    enabled: order.products.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export function useKept() {
  return useQuery({
    queryKey: ['delivery', 'kept'],
    queryFn: () => need(api.GET('/api/v1/delivery/kept')),
  });
}

/** Takes other timings; what they come to is asked for again. */
export function useSetDelivery() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (change: { revision: string; words: string; settings: Settings }) =>
      need(api.PUT('/api/v1/delivery', { body: change })),
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: KEY });
      void draftChanged(queries);
    },
  });
}

const OF_DELIVERY = 'Delivery: ';

/**
 * Takes the newest step back where it is one of the timings; what it was. It is asked for at the
 * press: the page may not have heard of it yet.
 */
export function useTakeBack() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async () => {
      const { lastStep } = await need(api.GET('/api/v1/arrangement'));
      if (!lastStep?.words.startsWith(OF_DELIVERY)) return undefined;
      await takeBackStep(lastStep.id);
      return lastStep.words.slice(OF_DELIVERY.length);
    },
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: KEY });
      void draftChanged(queries);
    },
  });
}

/** Does again what was taken back last, where it is one of the timings; what it was. */
export function useDoAgain() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async () => {
      const { lastUndone } = await need(api.GET('/api/v1/arrangement'));
      if (!lastUndone?.words.startsWith(OF_DELIVERY)) return undefined;
      const step = await need(api.POST('/api/v1/arrangement/steps/again'));
      return step.words.slice(OF_DELIVERY.length);
    },
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: KEY });
      void draftChanged(queries);
    },
  });
}

/** Brings closed days or timings from a file. */
export function useBringFile(kind: 'closed-days' | 'timings') {
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
