import type { Page } from '@playwright/test';

/**
 * What can be pressed or filled in whose name lacks words that are seen on it: whoever speaks to the page says what they see,
 * and whoever hears it hears all of that. WCAG 2.2, 2.5.3.
 */
export const misnamed = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const plain = (text: string): string =>
      text
        .toLowerCase()
        .replace(/[^\p{L}\p{N}]+/gu, ' ')
        .trim();
    const seen = (node: Node): string => {
      if (node instanceof Text) return node.data;
      if (!(node instanceof Element) || node.matches('[aria-hidden="true"], .sr-only, title')) return '';
      const { display, visibility } = getComputedStyle(node);
      return display === 'none' || visibility === 'hidden' ? '' : ` ${[...node.childNodes].map(seen).join('')} `;
    };
    const nameOf = (e: Element): string | null =>
      e
        .getAttribute('aria-labelledby')
        ?.split(' ')
        .map((id) => document.getElementById(id)?.textContent ?? '')
        .join(' ') ?? e.getAttribute('aria-label');
    const PRESSED = 'a[href], button, summary, input, select, textarea, [role=button], [role=tab], [role=option]';
    return [...document.querySelectorAll(PRESSED)]
      .filter((e) => e.getBoundingClientRect().width > 0)
      .map((e) => {
        const labels = [...((e as HTMLInputElement).labels ?? [])];
        return {
          name: nameOf(e),
          words: (labels.length > 0 ? labels : e.matches('select, textarea') ? [] : [e]).map(seen).join(' '),
        };
      })
      .filter(({ name, words }) => name !== null && !plain(name).includes(plain(words)))
      .map(({ name, words }) => `“${words.replace(/\s+/g, ' ').trim()}” is named “${name}”`);
  });
