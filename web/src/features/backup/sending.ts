import { noteLetIn, pageHeaders } from '../../state/asking';

/** What an answer is to the query layer. */
export type Sent<T> =
  { data: T } | { error: { status: number; data: unknown } | { status: 'FETCH_ERROR'; error: string } };

const FIRST_BAD = 400;

/**
 * Sends a file as it is, and tells how much of it has gone: `fetch` tells nothing of that.
 * @param onGone bytes of it that have gone
 */
export const sendFile = <T>(url: string, file: File, onGone: (bytes: number) => void): Promise<Sent<T>> =>
  new Promise((resolve) => {
    const request = new XMLHttpRequest();
    const away = (): void => resolve({ error: { status: 'FETCH_ERROR', error: 'away' } });
    request.upload.onprogress = ({ loaded }) => onGone(loaded);
    request.onerror = away;
    request.onabort = away;
    request.onload = () => {
      const { status } = request;
      if (!noteLetIn(status)) return away();
      const data = readAnswer(request.responseText);
      resolve(status < FIRST_BAD ? { data: data as T } : { error: { status, data } });
    };
    request.open('POST', url);
    const headers = { 'content-type': 'application/octet-stream', ...pageHeaders() };
    for (const [name, value] of Object.entries(headers)) request.setRequestHeader(name, value);
    request.send(file);
  });

/** What the server says; undefined where it is no JSON. */
function readAnswer(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}
