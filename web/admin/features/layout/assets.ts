import { useMutation, useQuery, useQueryClient, keepPreviousData } from '@tanstack/react-query';
import { api, need, sendForm, type Schemas } from '../../shared/api';

export type Asset = Schemas['Asset'];
export type AssetKind = Asset['kind'];

const KEY = ['materials'];

/** What the browser's file picker offers. */
export const ACCEPTED: Record<AssetKind, string> = {
  FONT: '.woff2,font/woff2',
  PICTURE: 'image/png,image/webp,image/jpeg,image/gif,image/svg+xml',
};

/** The shop's own fonts and pictures, by name. */
export function useAssets() {
  return useQuery({
    queryKey: KEY,
    queryFn: () => need(api.GET('/api/v1/assets', { params: { query: { size: 100 } } })),
  });
}

/** Adds a font or picture, called after its file until it is called otherwise. */
export function useAddAsset() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ kind, file }: { kind: AssetKind; file: File }) => {
      const form = new FormData();
      form.append('name', file.name.replace(/\.[^.]*$/, '').slice(0, 60) || 'unnamed');
      form.append('kind', kind);
      form.append('file', file);
      return sendForm<Asset>('/api/v1/assets', form);
    },
    onSettled: () => queries.invalidateQueries({ queryKey: KEY }),
  });
}

export function useRemoveAsset() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (file: string) =>
      need(api.DELETE('/api/v1/assets/{file}', { params: { path: { file } } })),
    onSettled: () => queries.invalidateQueries({ queryKey: KEY }),
  });
}

/** The drawings that words fit, the nearest first. */
export function useIcons(words: string, wanted: boolean) {
  return useQuery({
    queryKey: ['drawings', words],
    queryFn: () => need(api.GET('/api/v1/icons', { params: { query: { words } } })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    enabled: wanted,
  });
}

/** Where the file of a picture is. */
export const addressOf = (file: string) => `/embed/v1/materials/${file}`;
