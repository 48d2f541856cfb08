import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type {
  BinnedConversion,
  ConversionBody,
  ConversionDocument,
  ImportReport,
  KeptAnswer,
  KitchenDocument,
  ListedConversion,
  PantryDocument,
  Problem,
  ScaleHand,
  SearchAnswer,
  SupperDocument,
} from '@yellowmist/contract';

const SUPPER = { type: 'Supper', id: 'NEXT' } as const;
const LIST = { type: 'Conversion', id: 'LIST' } as const;

/** The server's documents, through one query layer. A save goes on when the page is left at once. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api' }),
  tagTypes: ['Conversion', 'Supper'],
  endpoints: (build) => ({
    pantry: build.query<PantryDocument, void>({ query: () => 'pantry/kitchen' }),
    savePantry: build.mutation<PantryDocument, PantryDocument>({
      query: (body) => ({ url: 'pantry/kitchen', method: 'PUT', body, keepalive: true }),
    }),
    kitchen: build.query<KitchenDocument, void>({ query: () => 'kitchen' }),
    saveKitchen: build.mutation<KitchenDocument, KitchenDocument>({
      query: (body) => ({ url: 'kitchen', method: 'PUT', body, keepalive: true }),
    }),
    supper: build.query<SupperDocument, void>({ query: () => 'supper', providesTags: [SUPPER] }),
    saveSupper: build.mutation<SupperDocument, SupperDocument>({
      query: (body) => ({ url: 'supper', method: 'PUT', body, keepalive: true }),
    }),
    conversions: build.query<ListedConversion[], void>({ query: () => 'conversions', providesTags: [LIST] }),
    bin: build.query<BinnedConversion[], void>({ query: () => 'conversions/bin', providesTags: [LIST] }),
    conversion: build.query<ConversionDocument, string>({
      query: (id) => `conversions/${id}`,
      providesTags: (_document, _error, id) => [{ type: 'Conversion', id }],
    }),
    create: build.mutation<ConversionDocument, ConversionBody>({
      query: (body) => ({ url: 'conversions', method: 'POST', body }),
      invalidatesTags: [LIST],
    }),
    save: build.mutation<ConversionDocument, { id: string; version: number; body: ConversionBody }>({
      query: ({ id, version, body }) => ({ url: `conversions/${id}`, method: 'PUT', body: { ...body, version } }),
      invalidatesTags: (_saved, _error, { id }) => [LIST, { type: 'Conversion', id }],
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
    keptAnswer: build.query<KeptAnswer, string>({ query: (id) => `conversions/${id}/answer` }),
    keepAnswer: build.mutation<void, { id: string; found: SearchAnswer }>({
      query: ({ id, found }) => ({ url: `conversions/${id}/answer`, method: 'PUT', body: found }),
    }),
    importKitchen: build.mutation<ImportReport, { file: File; rehearsal: boolean; take: string[]; both: string[] }>({
      query: ({ file, rehearsal, take, both }) => ({
        url: 'import',
        method: 'POST',
        params: { ...(rehearsal && { try: '1' }), take: take.join(','), both: both.join(',') },
        headers: { 'content-type': 'application/octet-stream' },
        body: file,
      }),
    }),
    scaleHand: build.mutation<void, ScaleHand>({
      query: (body) => ({ url: 'devices/scale/hand', method: 'POST', body }),
    }),
  }),
});

export const {
  useKitchenQuery,
  usePantryQuery,
  useSupperQuery,
  useBinQuery,
  useConversionQuery,
  useConversionsQuery,
  useCreateMutation,
  useDuplicateMutation,
  useRemoveMutation,
  useImportKitchenMutation,
  useRestoreMutation,
  useSaveMutation,
  useScaleHandMutation,
} = api;

/** The HTTP status of a failed request; undefined when there was no answer at all. */
export const statusOf = (error: unknown): number | undefined => {
  const { status } = (error ?? {}) as { status?: number | string };
  return typeof status === 'number' ? status : undefined;
};

/** What went wrong, in a sentence for the cook. */
export function problemText(error: unknown): string {
  const { status, data } = (error ?? {}) as { status?: number | string; data?: Problem };
  if (data?.detail) return data.detail;
  return status === 'FETCH_ERROR' ? 'The server cannot be reached.' : 'The server gave no answer that can be read.';
}
