import type { ReactNode, Ref } from 'react';
import * as texts from './texts';

interface Props {
  /** Words, and numbers between them. */
  children: ReactNode;
  className?: string;
  heading?: Ref<HTMLHeadingElement>;
  tabIndex?: number;
}

/** The heading of a page, which its window is named after as well. */
export const PageHeading = ({ children, className = 'text-2xl', heading, tabIndex }: Props) => (
  <>
    <title>{texts.yellowmist([children].flat().join(''))}</title>
    <h1 ref={heading} tabIndex={tabIndex} className={className}>
      {children}
    </h1>
  </>
);
