/** What a drawing's look may hang on, beside its own attributes: written into it, it looks the same anywhere. */
const LOOK = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-opacity',
  'stroke-dasharray',
  'stroke-linecap',
  'stroke-linejoin',
  'opacity',
  'color',
  'font-family',
  'font-size',
  'font-weight',
  'font-style',
  'text-anchor',
  'dominant-baseline',
  'paint-order',
  'visibility',
  'display',
] as const;

const NAMESPACE = 'http://www.w3.org/2000/svg';

/** Letters that a drawing's words are written with: those that every western word needs. */
const LATIN = /U\+0{1,4}-(00)?FF\b/i;

/** A file as a data address. */
const asData = async (address: string): Promise<string> => {
  const blob = await (await fetch(address)).blob();
  return new Promise((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.readAsDataURL(blob);
  });
};

/** The page's own typefaces of these families, written out, so that words are as wide anywhere as they are here. */
async function fontsOf(families: string): Promise<string> {
  const rules = [...document.styleSheets].flatMap((sheet) => [...sheet.cssRules]);
  const faces = rules.filter((rule): rule is CSSFontFaceRule => {
    if (!(rule instanceof CSSFontFaceRule)) return false;
    const family = rule.style.getPropertyValue('font-family').replace(/["']/g, '');
    return families.includes(family) && LATIN.test(rule.style.getPropertyValue('unicode-range'));
  });
  const written = faces.map(async (rule) => {
    const address = /url\(["']?([^"')]+)["']?\)/.exec(rule.style.getPropertyValue('src'))?.[1];
    if (!address) return '';
    const base = rule.parentStyleSheet?.href ?? location.href;
    return rule.cssText.replace(address, await asData(new URL(address, base).href));
  });
  return (await Promise.all(written)).join('\n');
}

/** A drawing of the page as a file of its own: every look written into it, its size, and the ground that it stands on. */
export async function svgText(drawing: SVGSVGElement): Promise<string> {
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  const shown = [drawing, ...drawing.querySelectorAll<SVGElement>('*')];
  const copied = [copy, ...copy.querySelectorAll<SVGElement>('*')];
  shown.forEach((element, at) => {
    const style = getComputedStyle(element);
    const look = LOOK.map((name) => `${name}:${style.getPropertyValue(name)}`).join(';');
    copied[at].style.cssText = look;
    copied[at].removeAttribute('class');
    copied[at].removeAttribute('tabindex');
  });
  const { width, height } = drawing.getBoundingClientRect();
  const { x, y, width: w, height: h } = drawing.viewBox.baseVal;
  copy.setAttribute('xmlns', NAMESPACE);
  copy.setAttribute('width', String(Math.round(width)));
  copy.setAttribute('height', String(Math.round(height)));
  const ground = document.createElementNS(NAMESPACE, 'rect');
  for (const [name, value] of Object.entries({ x, y, width: w || width, height: h || height }))
    ground.setAttribute(name, String(value));
  ground.setAttribute('fill', getComputedStyle(document.body).backgroundColor);
  copy.prepend(ground);
  const families = shown.map((element) => getComputedStyle(element).fontFamily).join(' ');
  const style = document.createElementNS(NAMESPACE, 'style');
  style.textContent = await fontsOf(families);
  copy.prepend(style);
  return new XMLSerializer().serializeToString(copy);
}

/** Dots of a PNG for each of the screen's. */
const SHARPNESS = 2;

/** The same as dots, twice as sharp as on the screen. @throws Error when the browser cannot draw it */
export async function pngOf(svg: string): Promise<Blob> {
  const image = new Image();
  await new Promise((resolve, reject) => {
    image.onload = resolve;
    image.onerror = () => reject(new Error('The drawing cannot be turned into a picture here.'));
    image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  });
  const canvas = document.createElement('canvas');
  canvas.width = image.width * SHARPNESS;
  canvas.height = image.height * SHARPNESS;
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('The picture cannot be made here.'))),
      'image/png',
    ),
  );
}

/** Gives something to the cook as a file. */
export function saveAs(blob: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  // The browser has read it by then.
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
