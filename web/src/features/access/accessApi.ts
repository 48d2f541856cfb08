import { PAGE_HEADER, type Access, type AccessChange, type PassphraseChange, type Problem } from '@yellowmist/contract';
import { api } from '../../state/api';
import { pageTokenIn } from '../../state/asking';
import { forgetKitchen } from '../../state/kitchenHere';
import * as texts from './texts';

/** Who is let in from the home network; only its page asks for it. */
const accessApi = api.enhanceEndpoints({ addTagTypes: ['Access'] }).injectEndpoints({
  endpoints: (build) => ({
    access: build.query<Access, void>({ query: () => 'access', providesTags: ['Access'] }),
    changeAccess: build.mutation<Access, AccessChange>({
      query: (body) => ({ url: 'access', method: 'PUT', body }),
      invalidatesTags: ['Access'],
    }),
    changePassphrase: build.mutation<void, PassphraseChange>({
      query: (body) => ({ url: 'access/passphrase', method: 'PUT', body }),
      invalidatesTags: ['Access'],
    }),
    endSession: build.mutation<void, string>({
      query: (id) => ({ url: `access/sessions/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Access'],
    }),
    endOthers: build.mutation<void, void>({
      query: () => ({ url: 'access/sessions', method: 'DELETE' }),
      invalidatesTags: ['Access'],
    }),
  }),
});

export const {
  useAccessQuery,
  useChangeAccessMutation,
  useChangePassphraseMutation,
  useEndSessionMutation,
  useEndOthersMutation,
} = accessApi;

const SESSION = '/api/access/session';
export const CERTIFICATE = '/api/access/certificate';

/** Signs this browser in. @returns what is wrong, in a sentence; null where it is let in */
export async function signIn(passphrase: string, name: string): Promise<string | null> {
  try {
    const answer = await fetch(SESSION, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ passphrase, name }),
    });
    if (answer.ok) return null;
    return ((await answer.json()) as Problem).detail;
  } catch {
    return texts.serverCannotBeReached;
  }
}

/** Signs this browser out, and leaves nothing of the kitchen in it. */
export async function signOut(): Promise<void> {
  const token = pageTokenIn(document.cookie);
  await fetch(SESSION, { method: 'DELETE', headers: token ? { [PAGE_HEADER]: token } : {} });
  await forgetKitchen();
  // What the page itself still holds goes with it.
  window.location.assign('/');
}
