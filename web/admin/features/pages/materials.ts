import { useMutation, useQuery, useQueryClient, keepPreviousData } from '@tanstack/react-query';
import { api, need, sendForm, type Schemas } from '../../shared/api';

export type Material = Schemas['Material'];
export type MaterialKind = Material['kind'];

const KEY = ['materials'];

/** What the browser's file picker offers. */
export const ACCEPTED: Record<MaterialKind, string> = {
  FONT: '.woff2,font/woff2',
  PICTURE: 'image/png,image/webp,image/jpeg,image/gif,image/svg+xml',
};

/** The shop's own fonts and pictures, by name. */
export function useMaterials() {
  return useQuery({
    queryKey: KEY,
    queryFn: () => need(api.GET('/api/v1/materials', { params: { query: { size: 100 } } })),
  });
}

/** Adds a font or picture, called after its file until it is called otherwise. */
export function useAddMaterial() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ kind, file }: { kind: MaterialKind; file: File }) => {
      const form = new FormData();
      form.append('name', file.name.replace(/\.[^.]*$/, '').slice(0, 60) || 'unnamed');
      form.append('kind', kind);
      form.append('file', file);
      return sendForm<Material>('/api/v1/materials', form);
    },
    onSettled: () => queries.invalidateQueries({ queryKey: KEY }),
  });
}

export function useRemoveMaterial() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (file: string) =>
      need(api.DELETE('/api/v1/materials/{file}', { params: { path: { file } } })),
    onSettled: () => queries.invalidateQueries({ queryKey: KEY }),
  });
}

/** The drawings that words fit, the nearest first. */
export function useDrawings(words: string, wanted: boolean) {
  return useQuery({
    queryKey: ['drawings', words],
    queryFn: () => need(api.GET('/api/v1/drawings', { params: { query: { words } } })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    enabled: wanted,
  });
}

/** Where the file of a picture is. */
export const addressOf = (file: string) => `/embed/v1/materials/${file}`;
