import * as texts from './texts';

/** What was noted and is not on the server yet: it is kept, and tried again. */
export const Waiting = ({ why }: { why: string }) =>
  why === '' ? null : (
    <p role="alert" className="mx-auto mt-2 w-full max-w-3xl border-l-4 border-warning px-3">
      {texts.whatWasNotedIs(why)}
    </p>
  );
