import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type {
  BinnedConversion,
  BinnedCook,
  ConversionBody,
  ConversionDocument,
  CookDiagnosis,
  CookDocument,
  CookReview,
  EveningBody,
  EveningDocument,
  ExperimentDocument,
  ExperimentInList,
  Health,
  HonestyAnswer,
  ImportReport,
  KeptAnswer,
  KitchenDocument,
  LearningBody,
  LearningDocument,
  ListedConversion,
  ListedCook,
  ListedEvening,
  PantryDocument,
  PhotoRecord,
  Problem,
  SaveExperimentRequest,
  SaveSeenRequest,
  ScaleHand,
  SearchAnswer,
  SeenRecord,
  StartCookRequest,
  StartExperimentRequest,
} from '@yellowmist/contract';
import { ask, isSignedOut } from './asking';
import * as texts from './texts';

const EXPERIMENTS = { type: 'Experiment', id: 'LIST' } as const;
const COOKS = { type: 'Cook', id: 'LIST' } as const;
const EVENINGS = { type: 'Evening', id: 'LIST' } as const;
const LIST = { type: 'Conversion', id: 'LIST' } as const;

/** All that is shown in lists, and the kitchen that plans are for. */
export const LISTS = [EXPERIMENTS, COOKS, EVENINGS, LIST, 'KitchenInUse'] as const;

/** Where a photograph is shown from. */
export const photoUrl = (cook: string, photo: string): string => `/api/cooks/${cook}/photos/${photo}`;

/** The server's documents, through one query layer. A save goes on when the page is left at once. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api', fetchFn: ask }),
  tagTypes: ['Conversion', 'Evening', 'Cook', 'Experiment', 'KitchenInUse', 'Photos', 'Health'],
  endpoints: (build) => ({
    // A damaged database answers, too: with what is wrong.
    health: build.query<Health, void>({
      query: () => ({ url: 'health', validateStatus: ({ status }) => status === 200 || status === 503 }),
      providesTags: ['Health'],
    }),
    pantry: build.query<PantryDocument, void>({ query: () => 'pantry/kitchen' }),
    savePantry: build.mutation<PantryDocument, PantryDocument>({
      query: (body) => ({ url: 'pantry/kitchen', method: 'PUT', body, keepalive: true }),
    }),
    kitchen: build.query<KitchenDocument, void>({ query: () => 'kitchen' }),
    saveKitchen: build.mutation<KitchenDocument, KitchenDocument>({
      query: (body) => ({ url: 'kitchen', method: 'PUT', body, keepalive: true }),
      invalidatesTags: ['KitchenInUse'],
    }),
    evenings: build.query<ListedEvening[], void>({ query: () => 'evenings', providesTags: [EVENINGS] }),
    evening: build.query<EveningBody & { version: number }, string>({
      query: (id) => `evenings/${id}?as=document`,
      transformResponse: ({ id: _i, format: _f, createdAt: _c, updatedAt: _u, ...body }: EveningDocument) => body,
      providesTags: [EVENINGS],
    }),
    saveEvening: build.mutation<EveningDocument, { id: string; body: EveningBody & { version: number } }>({
      query: ({ id, body }) => ({ url: `evenings/${id}`, method: 'PUT', body, keepalive: true }),
    }),
    createEvening: build.mutation<EveningDocument, EveningBody>({
      query: (body) => ({ url: 'evenings', method: 'POST', body }),
      invalidatesTags: [EVENINGS],
    }),
    copyEvening: build.mutation<EveningDocument, { id: string; serveAt: string | null }>({
      query: ({ id, serveAt }) => ({ url: `evenings/${id}/copy`, method: 'POST', body: { serveAt } }),
      invalidatesTags: [EVENINGS],
    }),
    removeEvening: build.mutation<void, string>({
      query: (id) => ({ url: `evenings/${id}`, method: 'DELETE' }),
      invalidatesTags: [EVENINGS],
    }),
    restoreEvening: build.mutation<EveningDocument, string>({
      query: (id) => ({ url: `evenings/${id}/restore`, method: 'POST' }),
      invalidatesTags: [EVENINGS],
    }),
    experiments: build.query<ExperimentInList[], void>({ query: () => 'experiments', providesTags: [EXPERIMENTS] }),
    experiment: build.query<ExperimentDocument, string>({
      query: (id) => `experiments/${id}`,
      providesTags: (_document, _error, id) => [{ type: 'Experiment', id }],
    }),
    planExperiment: build.mutation<ExperimentDocument, StartExperimentRequest>({
      query: (body) => ({ url: 'experiments', method: 'POST', body }),
      invalidatesTags: [EXPERIMENTS],
    }),
    saveExperiment: build.mutation<ExperimentDocument, { id: string; body: SaveExperimentRequest }>({
      query: ({ id, body }) => ({ url: `experiments/${id}`, method: 'PUT', body, keepalive: true }),
      invalidatesTags: (_saved, _error, { id }) => [EXPERIMENTS, { type: 'Experiment', id }],
    }),
    removeExperiment: build.mutation<void, string>({
      query: (id) => ({ url: `experiments/${id}`, method: 'DELETE' }),
      invalidatesTags: [EXPERIMENTS],
    }),
    restoreExperiment: build.mutation<ExperimentDocument, string>({
      query: (id) => ({ url: `experiments/${id}/restore`, method: 'POST' }),
      invalidatesTags: [EXPERIMENTS],
    }),
    cooks: build.query<ListedCook[], void>({ query: () => 'cooks', providesTags: [COOKS] }),
    latestCooks: build.query<ListedCook[], number>({ query: (many) => `cooks?limit=${many}`, providesTags: [COOKS] }),
    // Its events come by a stream; what was fetched once is as it was then.
    cook: build.query<CookDocument, string>({ query: (id) => `cooks/${id}`, keepUnusedDataFor: 0 }),
    startCook: build.mutation<CookDocument, StartCookRequest & { key?: string }>({
      query: ({ key, ...body }) => ({ url: 'cooks', method: 'POST', params: { key }, body }),
      invalidatesTags: [COOKS],
    }),
    seen: build.query<SeenRecord[], string>({ query: (id) => `cooks/${id}/seen`, keepUnusedDataFor: 0 }),
    saveSeen: build.mutation<SeenRecord, { id: string; body: SaveSeenRequest }>({
      query: ({ id, body }) => ({ url: `cooks/${id}/seen`, method: 'PUT', body }),
      invalidatesTags: [COOKS],
    }),
    learning: build.query<LearningDocument, void>({ query: () => 'learning', providesTags: [COOKS] }),
    // What was learned since moves them: asked for anew wherever they are chosen from.
    kitchenInUse: build.query<KitchenDocument, void>({
      query: () => 'learning/kitchen',
      providesTags: [COOKS, LIST, 'KitchenInUse'],
    }),
    honesty: build.query<HonestyAnswer, void>({ query: () => 'learning/honesty', providesTags: [COOKS] }),
    saveLearning: build.mutation<LearningDocument, LearningBody & { version: number }>({
      query: (body) => ({ url: 'learning', method: 'PUT', body, keepalive: true }),
      // What is asked for is shown at once; what follows from it when it is learned.
      async onQueryStarted({ on, leftOut, since, handsSince }, { dispatch, queryFulfilled }) {
        const shown = dispatch(
          api.util.updateQueryData(
            'learning',
            undefined,
            (now) => void Object.assign(now, { on, leftOut, since, handsSince }),
          ),
        );
        try {
          const { data } = await queryFulfilled;
          dispatch(api.util.updateQueryData('learning', undefined, () => data));
        } catch {
          shown.undo();
        }
      },
      // Dishes are read with their fryers as they were learned.
      invalidatesTags: [LIST, 'Conversion'],
    }),
    removeCook: build.mutation<void, string>({
      query: (id) => ({ url: `cooks/${id}`, method: 'DELETE' }),
      invalidatesTags: [COOKS],
    }),
    restoreCook: build.mutation<CookDocument, string>({
      query: (id) => ({ url: `cooks/${id}/restore`, method: 'POST' }),
      invalidatesTags: [COOKS],
    }),
    cookBin: build.query<BinnedCook[], void>({ query: () => 'cooks/bin', providesTags: [COOKS] }),
    emptyCookBin: build.mutation<void, void>({
      query: () => ({ url: 'cooks/bin', method: 'DELETE' }),
      invalidatesTags: [COOKS],
    }),
    photos: build.query<PhotoRecord[], string>({
      query: (id) => `cooks/${id}/photos`,
      providesTags: (_photos, _error, id) => [{ type: 'Photos', id }],
    }),
    addPhoto: build.mutation<PhotoRecord, { id: string; dish: string; file: File; key: string }>({
      query: ({ id, dish, file, key }) => ({
        url: `cooks/${id}/photos`,
        method: 'POST',
        params: { dish, key },
        // What it is shows in its content, whatever it is called.
        headers: { 'content-type': 'application/octet-stream' },
        body: file,
      }),
      invalidatesTags: (_photo, _error, { id }) => [COOKS, { type: 'Photos', id }],
    }),
    removePhoto: build.mutation<void, { id: string; photo: string }>({
      query: ({ id, photo }) => ({ url: `cooks/${id}/photos/${photo}`, method: 'DELETE' }),
      invalidatesTags: (_photo, _error, { id }) => [COOKS, { type: 'Photos', id }],
    }),
    restorePhoto: build.mutation<PhotoRecord, { id: string; photo: string }>({
      query: ({ id, photo }) => ({ url: `cooks/${id}/photos/${photo}/restore`, method: 'POST' }),
      invalidatesTags: (_photo, _error, { id }) => [COOKS, { type: 'Photos', id }],
    }),
    diagnosis: build.query<CookDiagnosis, { id: string; dish: string; version: number }>({
      query: ({ id, dish }) => ({ url: `cooks/${id}/diagnosis`, params: { dish } }),
    }),
    cookReview: build.query<CookReview, string>({ query: (id) => `cooks/${id}/review` }),
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
      invalidatesTags: [LIST, EVENINGS],
    }),
    restore: build.mutation<ConversionDocument, string>({
      query: (id) => ({ url: `conversions/${id}/restore`, method: 'POST' }),
      invalidatesTags: [LIST, EVENINGS],
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
  useHealthQuery,
  useKitchenQuery,
  usePantryQuery,
  useEveningsQuery,
  useExperimentQuery,
  useExperimentsQuery,
  usePlanExperimentMutation,
  useSaveExperimentMutation,
  useRemoveExperimentMutation,
  useRestoreExperimentMutation,
  useCooksQuery,
  useLatestCooksQuery,
  useCookQuery,
  useHonestyQuery,
  useKitchenInUseQuery,
  useLearningQuery,
  useSaveLearningMutation,
  useRemoveCookMutation,
  useRestoreCookMutation,
  useCookBinQuery,
  useEmptyCookBinMutation,
  usePhotosQuery,
  useAddPhotoMutation,
  useRemovePhotoMutation,
  useRestorePhotoMutation,
  useCookReviewQuery,
  useDiagnosisQuery,
  useSeenQuery,
  useStartCookMutation,
  useCreateEveningMutation,
  useCopyEveningMutation,
  useRemoveEveningMutation,
  useRestoreEveningMutation,
  useBinQuery,
  useConversionQuery,
  useLazyConversionQuery,
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
  if (isSignedOut()) return texts.nobodyIsSignedIn;
  return status === 'FETCH_ERROR' ? texts.serverCannotBeReached : texts.serverGaveNoAnswer;
}
