import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/**
 * What of WCAG 2.2 AA can be measured and is not held, by axe.
 * @param part a selector, for a part of the page alone
 * @param colourAlone where the rest has been looked at in another theme
 */
export async function barriers(page: Page, part = 'body', colourAlone = false): Promise<string[]> {
  // What is found to be right need not be listed.
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] });
  if (colourAlone) axe.withRules(['color-contrast']);
  else axe.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']);
  const { violations } = await axe
    .include(part)
    // Hundreds of dots of one kind, hidden from readers: those that count stand beside them as buttons.
    .exclude('[data-dots]')
    // Thousands of strokes behind one name each; the journeys find these pictures by that name.
    .exclude('svg[role="img"]')
    // No page holds a frame: what was found needs no second page to be put together.
    .setLegacyMode()
    .analyze();
  return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
}
