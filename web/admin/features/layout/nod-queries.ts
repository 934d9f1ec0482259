import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';
import type { paths } from '../../../contract/schema';

export type NodFace = Schemas['NodSettingsView'];
export type Settings = Schemas['Settings'];
export type Rule = Schemas['ConditionDto'];
export type RuleGroup = Extract<Rule, { kind: 'ALL_OF' | 'ANY_OF' }>;
export type Step = Schemas['DraftChange'];
export type PageKindName = Settings['pages'][number];

/** What the server tells of the draft is to be asked again. */
export function draftChanged(queries: QueryClient): Promise<unknown> {
  return Promise.all(
    [['arrangement'], ['page'], ['reach']].map((queryKey) =>
      queries.invalidateQueries({ queryKey }),
    ),
  );
}

export function useNodFace(id: string) {
  return useQuery({
    queryKey: ['nod', id],
    queryFn: () => need(api.GET('/api/v1/layout/nods/{id}', { params: { path: { id } } })),
    staleTime: 0,
  });
}

/** An act on the draft; what it comes to is asked for again. */
export function useDraftAct<Given, Got>(act: (given: Given) => Promise<Got>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: act,
    // not waited for: the row that was acted on may be gone before the act has said what it did
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: ['nod'] });
      void queries.invalidateQueries({ queryKey: ['first-steps'] });
      void draftChanged(queries);
    },
  });
}

/**
 * Goes on once an act is done, also where what it was started from is gone by then: a row that is
 * removed leaves the list before the answer is heard, and its own listeners with it.
 */
export function runOnce<Got>(
  act: Promise<Got>,
  done: (got: Got) => void,
  failed: (error: unknown) => void,
): void {
  act.then(done, failed);
}

export const addNod = (nod: { kind: string; spot: string; page: PageKindName }) =>
  need(api.POST('/api/v1/layout/nods', { body: nod }));

export const copyNod = (id: string) =>
  need(api.POST('/api/v1/layout/nods/{id}/copy', { params: { path: { id } } }));

export const computeInstead = ({ id, kind }: { id: string; kind: string }) =>
  need(
    api.POST('/api/v1/layout/nods/{id}/computed', {
      params: { path: { id } },
      body: { kind },
    }),
  );

export const removeNod = (id: string) =>
  need(api.DELETE('/api/v1/layout/nods/{id}', { params: { path: { id } } }));

export const moveNod = ({ id, ...to }: { id: string; spot: string; before?: string }) =>
  need(api.POST('/api/v1/layout/nods/{id}/move', { params: { path: { id } }, body: to }));

export const undoStep = (id: number) =>
  need(api.POST('/api/v1/layout/steps/{id}/undo', { params: { path: { id } } }));

/** Takes back the newest step since the last publication, whatever it was of. */
export async function takeBackNewest() {
  const { lastStep } = await need(api.GET('/api/v1/layout'));
  if (!lastStep) return undefined;
  await undoStep(lastStep.id);
  return lastStep.message;
}

/** Redoes what was undone last. */
export async function doNewestAgain() {
  const { lastUndone } = await need(api.GET('/api/v1/layout'));
  if (!lastUndone) return undefined;
  const step = await need(api.POST('/api/v1/layout/steps/again'));
  return step.message;
}

export const switchNod = ({ id, on }: { id: string; on: boolean }) =>
  need(api.PATCH('/api/v1/layout/nods/{id}', { params: { path: { id } }, body: { on } }));

export const saveNod = (id: string, revision: number, set: Settings) =>
  need(
    api.PUT('/api/v1/layout/nods/{id}', {
      params: { path: { id } },
      body: { revision, set },
    }),
  );

/** Keeps settings that are not whole yet as they were typed, and saves what can be taken. */
export const keepIncomplete = (id: string, revision: number, set: Settings) =>
  need(
    api.PUT('/api/v1/layout/nods/{id}/half-made', {
      params: { path: { id } },
      body: { revision, set },
    }),
  );

export const saveSpot = ({ name, ...spot }: Schemas['SpotChange'] & { name: string }) =>
  need(api.PUT('/api/v1/layout/spots/{name}', { params: { path: { name } }, body: spot }));

export type Landmark = NonNullable<
  paths['/api/v1/layout/pages/landmarks/{landmark}']['put']['parameters']['path']['landmark']
>;

export const saveLandmark = ({ landmark, selector }: { landmark: Landmark; selector: string }) =>
  need(
    api.PUT('/api/v1/layout/pages/landmarks/{landmark}', {
      params: { path: { landmark } },
      body: { selector },
    }),
  );

export const forgetLandmark = (landmark: Landmark) =>
  need(api.DELETE('/api/v1/layout/pages/landmarks/{landmark}', { params: { path: { landmark } } }));

export const leaveOut = (selector: string) =>
  need(api.POST('/api/v1/layout/pages/left-out', { body: { selector } }));

export const takeIn = (selector: string) =>
  need(api.DELETE('/api/v1/layout/pages/left-out', { params: { query: { selector } } }));

export function useLearnedPages() {
  return useQuery({
    queryKey: ['arrangement', 'pages'],
    queryFn: () => need(api.GET('/api/v1/layout/pages')),
  });
}

export const forgetSpot = (name: string) =>
  need(api.DELETE('/api/v1/layout/spots/{name}', { params: { path: { name } } }));

/** How far a nod reaches with conditions that may not be kept yet. */
export function useReach(asked: Schemas['ReachAsked']) {
  return useQuery({
    queryKey: ['reach', asked],
    queryFn: () => need(api.POST('/api/v1/page/reach', { body: asked })),
    placeholderData: (previous) => previous,
    retry: false,
  });
}

export type DiagnosisQuery = NonNullable<
  paths['/api/v1/page/diagnosis']['get']['parameters']['query']
>;

/** Why a nod is not on a page. */
export function useDiagnosis(asked: DiagnosisQuery) {
  return useQuery({
    queryKey: ['page', 'why', asked],
    queryFn: () => need(api.GET('/api/v1/page/diagnosis', { params: { query: asked } })),
  });
}

/** What a fetch of the shop's page finds on it. */
export function usePageCheck(kind: string, of: string | undefined, enabled: boolean) {
  return useQuery({
    queryKey: ['page-check', kind, of],
    queryFn: () =>
      need(api.GET('/api/v1/page/check', { params: { query: { kind, ...(of ? { of } : {}) } } })),
    enabled,
    retry: false,
  });
}

/** What the live pages lack for the nods of the draft, and what keeps whole pages silent. */
export function useMissingSpots() {
  return useQuery({
    queryKey: ['arrangement', 'lacking'],
    queryFn: () => need(api.GET('/api/v1/page/check/lacking')),
    staleTime: 60_000,
    retry: false,
  });
}

export function useVersions(page: number) {
  return useQuery({
    queryKey: ['arrangement', 'versions', page],
    queryFn: () =>
      need(api.GET('/api/v1/layout/versions', { params: { query: { page, size: 20 } } })),
    placeholderData: (previous) => previous,
  });
}

export type Part = 'ALL' | 'NODS' | 'DELIVERY';

export const copyToDraft = ({ version, part }: { version: number; part: Part }) =>
  need(
    api.POST('/api/v1/layout/versions/{version}/into-draft', {
      params: { path: { version }, query: { part } },
    }),
  );

/** What putting a version into the draft would change in it. */
export function useWouldChange(version: number, part: Part) {
  return useQuery({
    queryKey: ['arrangement', 'would-change', version, part],
    queryFn: () =>
      need(
        api.GET('/api/v1/layout/versions/{version}/changes', {
          params: { path: { version }, query: { part } },
        }),
      ),
  });
}

export function useReplacedDrafts() {
  return useQuery({
    queryKey: ['arrangement', 'kept-drafts'],
    queryFn: () => need(api.GET('/api/v1/layout/versions/drafts')),
  });
}

export const restoreDraft = (id: number) =>
  need(api.POST('/api/v1/layout/versions/drafts/{id}/restore', { params: { path: { id } } }));

export const undoChangeOf = ({ version, id }: { version: number; id: string }) =>
  need(
    api.POST('/api/v1/layout/versions/{version}/nods/{id}/undo', {
      params: { path: { version, id } },
    }),
  );

export function useKit() {
  return useQuery({
    queryKey: ['arrangement', 'kit'],
    queryFn: () => need(api.GET('/api/v1/layout/kit')),
  });
}

export const saveKit = (kit: Schemas['KitSet']) =>
  need(api.PUT('/api/v1/layout/kit', { body: kit }));

export function useOnboarding() {
  return useQuery({
    queryKey: ['first-steps'],
    queryFn: () => need(api.GET('/api/v1/onboarding')),
  });
}

export const shareToken = () => need(api.POST('/api/v1/preview-tokens/share'));
