import { problemText } from './api';
import { tell, tellWrong } from './toast';

/** What was done can be taken back for so long, ms. */
const UNDO_MS = 10_000;

/** Does something; what goes wrong with it is told in the corner of the page. */
export const orTell = (work: Promise<unknown>): void =>
  void work.catch((error: unknown) => tellWrong(problemText(error)));

/** Tells in the corner of the page what was done, with a press that takes it back. */
export const tellUndoable = (done: string, label: string, back: () => Promise<unknown>): Promise<void> =>
  tell(done, { duration: UNDO_MS, action: { label, onClick: () => orTell(back()) } });
