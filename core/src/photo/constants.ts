/** How a colour is read off a photograph. Each: what it is, @unit, @range in which it may be meant to lie, @source. */

/**
 * A pixel is clipped, and says nothing, when one of its channels is this bright, or all of them are this dark.
 * @unit sRGB, 0–255
 * @range bright 245–254; dark 3–12
 * @source our choice
 */
export const CLIPPED = { bright: 250, dark: 6 } as const;
/**
 * A pixel of a spot lies in shade or in a glint when it has less, or more, than so many times the light of the spot's middle.
 * @unit 1
 * @range shade 0.4–0.7; glint 1.5–2.5
 * @source our choice
 */
export const UNEVENLY_LIT = { shade: 0.55, glint: 1.8 } as const;
/**
 * How much light a thing that is taken for white or grey throws back: a plate or paper, a grey card; and what that may be off by.
 * @unit share of light
 * @range white 0.75–0.9; grey 0.17–0.2; off 0.05–0.15
 * @source white paper and glazed plates L* 90–95, from memory; the usual grey card 18 %
 */
export const THROWN_BACK = { white: 0.82, grey: 0.18, off: 0.1 } as const;
/**
 * The Bradford matrix: from XYZ to the responses in which a light is taken out (von Kries).
 * @unit 1
 * @range –
 * @source Lam 1985, as in ICC.1:2010 annex E, from memory
 */
export const BRADFORD = [
  [0.8951, 0.2664, -0.1614],
  [-0.7502, 1.7135, 0.0367],
  [0.0389, -0.0685, 1.0296],
] as const;
/**
 * Browning is looked for on its path from none to so much, in so many steps.
 * @unit B; 1
 * @range 5–6; 60–200
 * @source our choice
 */
export const PATH_STEPS = { mostB: 5.5, steps: 110 } as const;
/**
 * What lies farther from the path of browning than this is hardly a crust; and the path's own spread.
 * @unit ΔE₀₀
 * @range far 12–25; own 2–6
 * @source our judgement: spice, seeds and greens lie beside it
 */
export const BESIDE_PATH = { far: 18, own: 3 } as const;
/**
 * Fewest pixels of a spot; the most of it that may be left out, what of it is told, and what is told of a white, as shares.
 * @unit 1; share; share; share
 * @range 9–100; 0.5–0.9; 0.05–0.2; 0.3–0.7
 * @source our choice
 */
export const SPOT = { least: 16, leftOut: 0.75, told: 0.1, nearlyAll: 0.5 } as const;
/**
 * The range that is told of a spot: from this share of its pixels to that one.
 * @unit share
 * @range 0.05–0.2; 0.8–0.95
 * @source our choice: 80 % of what is seen
 */
export const PIXEL_RANGE = { from: 0.1, to: 0.9 } as const;
