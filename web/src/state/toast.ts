import type { ExternalToast } from 'sonner';

/** What is told for a moment in the corner; what shows it is fetched when there is something to tell. */
const shelf = () => import('sonner');

/** Tells something in the corner of the page. */
export const tell = async (text: string, options?: ExternalToast): Promise<void> =>
  void (await shelf()).toast(text, options);

/** Tells in the corner of the page what went wrong. */
export const tellWrong = async (text: string): Promise<void> => void (await shelf()).toast.error(text);
