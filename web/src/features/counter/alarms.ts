/** Sounds made in the browser, each batch with two tones of its own; and its own speech. */

let context: AudioContext | null = null;

/** Opens the sound at a tap: browsers let nothing sound before. */
export function openSound(): void {
  try {
    context ??= new AudioContext();
    void context.resume();
  } catch {
    // A browser without sound shows what it cannot say.
  }
}

/** Pairs of tones, Hz, that are told apart by ear. */
const TONES: readonly (readonly [number, number])[] = [
  [660, 880],
  [440, 554],
  [988, 740],
  [523, 392],
  [784, 1175],
  [349, 523],
];
const TONE_S = 0.18;
const LOUD = 0.2;

/** Rings for the k-th batch: its two tones, twice. */
export function ring(k: number): void {
  if (!context || context.state !== 'running') return;
  const [first, second] = TONES[k % TONES.length];
  [first, second, first, second].forEach((hertz, n) => {
    const at = context!.currentTime + n * TONE_S * 1.3;
    const tone = context!.createOscillator();
    const gain = context!.createGain();
    tone.type = k % 2 === 0 ? 'triangle' : 'sine';
    tone.frequency.value = hertz;
    gain.gain.setValueAtTime(0, at);
    gain.gain.linearRampToValueAtTime(LOUD, at + 0.02);
    gain.gain.linearRampToValueAtTime(0, at + TONE_S);
    tone.connect(gain).connect(context!.destination);
    tone.start(at);
    tone.stop(at + TONE_S);
  });
}

/** Says a sentence with the browser's own voice; what was being said is not cut off. */
export function speak(said: string): void {
  if (!('speechSynthesis' in window)) return;
  const words = new SpeechSynthesisUtterance(said);
  words.lang = 'en';
  window.speechSynthesis.speak(words);
}

/** Shakes a phone, where it can and nobody has asked for less motion. */
export function shake(): void {
  // Browsers shake for nobody who has not touched the page.
  if (navigator.userActivation && !navigator.userActivation.hasBeenActive) return;
  if (!window.matchMedia('(prefers-reduced-motion: reduce)').matches) navigator.vibrate?.([200, 100, 200]);
}
