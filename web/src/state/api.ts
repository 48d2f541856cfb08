import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type {
  ConversionBody,
  ConversionDocument,
  KitchenDocument,
  PantryDocument,
  Problem,
  SupperDocument,
} from '@yellowmist/contract';
import { ingredientFromLabel, stockOwn } from '@yellowmist/core';
import { stockWorkers } from '../worker/core';

const SUPPER = { type: 'Supper', id: 'NEXT' } as const;
const LIST = { type: 'Conversion', id: 'LIST' } as const;

/** The server's documents, through one query layer. */
export const api = createApi({
  baseQuery: fetchBaseQuery({ baseUrl: '/api' }),
  tagTypes: ['Conversion', 'Supper'],
  endpoints: (build) => ({
    pantry: build.query<PantryDocument, void>({
      query: () => 'pantry/kitchen',
      // Before anybody sees a dish that names one of them.
      transformResponse: (pantry: PantryDocument) => {
        stockOwn(pantry.own.map(ingredientFromLabel));
        stockWorkers(pantry.own);
        return pantry;
      },
    }),
    kitchen: build.query<KitchenDocument, void>({ query: () => 'kitchen' }),
    saveKitchen: build.mutation<KitchenDocument, KitchenDocument>({
      query: (body) => ({ url: 'kitchen', method: 'PUT', body, keepalive: true }),
    }),
    supper: build.query<SupperDocument, void>({ query: () => 'supper', providesTags: [SUPPER] }),
    saveSupper: build.mutation<SupperDocument, SupperDocument>({
      query: (body) => ({ url: 'supper', method: 'PUT', body, keepalive: true }),
    }),
    savePantry: build.mutation<PantryDocument, PantryDocument>({
      query: (body) => ({ url: 'pantry/kitchen', method: 'PUT', body, keepalive: true }),
    }),
    conversions: build.query<ConversionDocument[], void>({ query: () => 'conversions', providesTags: [LIST] }),
    conversion: build.query<ConversionDocument, string>({
      query: (id) => `conversions/${id}`,
    }),
    create: build.mutation<ConversionDocument, ConversionBody>({
      query: (body) => ({ url: 'conversions', method: 'POST', body }),
      invalidatesTags: [LIST],
    }),
    save: build.mutation<ConversionDocument, { id: string; version: number; body: ConversionBody }>({
      query: ({ id, version, body }) => ({ url: `conversions/${id}`, method: 'PUT', body: { ...body, version } }),
      invalidatesTags: [LIST],
    }),
    duplicate: build.mutation<ConversionDocument, string>({
      query: (id) => ({ url: `conversions/${id}/duplicate`, method: 'POST' }),
      invalidatesTags: [LIST],
    }),
    remove: build.mutation<void, string>({
      query: (id) => ({ url: `conversions/${id}`, method: 'DELETE' }),
      invalidatesTags: [LIST, SUPPER],
    }),
    restore: build.mutation<ConversionDocument, string>({
      query: (id) => ({ url: `conversions/${id}/restore`, method: 'POST' }),
      invalidatesTags: [LIST, SUPPER],
    }),
  }),
});

export const {
  useKitchenQuery,
  useSaveKitchenMutation,
  useSupperQuery,
  useSaveSupperMutation,
  usePantryQuery,
  useSavePantryMutation,
  useConversionsQuery,
  useCreateMutation,
  useSaveMutation,
  useDuplicateMutation,
  useRemoveMutation,
  useRestoreMutation,
} = api;

/** What went wrong, in a sentence for the cook. */
export function problemText(error: unknown): string {
  const { status, data } = (error ?? {}) as { status?: number | string; data?: Problem };
  if (data?.detail) return data.detail;
  return status === 'FETCH_ERROR' ? 'The server cannot be reached.' : 'The server gave no answer that can be read.';
}
