import { useEffect, useRef, type ReactNode } from 'react';
import { PageHeading } from './PageHeading';

/** The heading of a page that takes the place of another one: a keyboard goes on from it, and a screen reader reads it. */
export function FocusedHeading({ children }: { children: ReactNode }) {
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus(), []);
  return (
    <PageHeading heading={heading} tabIndex={-1} className="text-2xl outline-none">
      {children}
    </PageHeading>
  );
}
