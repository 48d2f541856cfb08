import type { Page } from '@playwright/test';

/** How far colours stand out from their ground: axe does not say it of what has a picture for its ground, as every button has. */

interface Seen {
  what: string;
  /** Red, green and blue. */
  top: number[];
  ground: number[];
}

/** Relative luminance. WCAG 2.2, glossary. */
function luminance(rgb: number[]): number {
  const [r, g, b] = rgb.map((v) => (v / 255 <= 0.04045 ? v / 255 / 12.92 : ((v / 255 + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** Contrast ratio, 1–21. WCAG 2.2, glossary. */
function contrast({ top, ground }: Seen): number {
  const [dark, light] = [luminance(top), luminance(ground)].sort((a, b) => a - b);
  return (light + 0.05) / (dark + 0.05);
}

/**
 * What of all that a selector finds and that is seen stands out less than `least` from its ground.
 * @param part its words, on its own ground; where it can be pressed; or its edge, on the ground that it lies on
 */
export async function faint(page: Page, selector: string, part: 'words' | 'edge', least: number): Promise<string[]> {
  const seen = await page.evaluate(
    ([find, of]): Seen[] => {
      const canvas = document.createElement('canvas').getContext('2d', { willReadFrequently: true })!;
      const painted = (colours: string[]): number[] => {
        for (const one of colours) {
          canvas.fillStyle = one;
          canvas.fillRect(0, 0, 1, 1);
        }
        return [...canvas.getImageData(0, 0, 1, 1).data].slice(0, 3);
      };
      const groundsOf = (e: Element | null): string[] =>
        e ? [...groundsOf(e.parentElement), getComputedStyle(e).backgroundColor] : ['white'];
      return [...document.querySelectorAll<HTMLElement>(find)]
        .filter((e) => e.getBoundingClientRect().width > 0 && (of === 'edge' || !e.matches(':disabled, [inert] *')))
        .map((e) => {
          const { color, borderTopColor } = getComputedStyle(e);
          const ground = groundsOf(of === 'words' ? e : e.parentElement);
          return {
            what: (e.textContent || e.getAttribute('aria-label') || e.tagName).trim().slice(0, 40),
            ground: painted(ground),
            top: painted([...ground, of === 'words' ? color : borderTopColor]),
          };
        });
    },
    [selector, part] as const,
  );
  return seen.filter((one) => contrast(one) < least).map((one) => `${one.what}: ${contrast(one).toFixed(2)}`);
}
