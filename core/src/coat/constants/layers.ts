import type { Grain } from '../../foods/index.js';

/** How layers go on, and what the bowls hold. Each: what it is, @unit, @range in which it may be meant to lie, @source. */

/**
 * Seconds that a hand lets a wet piece drip.
 * @unit s
 * @range 5–15
 * @source common practice, no source
 */
export const DEFAULT_DRAIN_S = 8;
/**
 * Pick-up of a flour or starch dust on a skin.
 * @unit g/m²
 * @range dry 15–30, damp 40–80, wet 80–120
 * @source common practice, no source
 */
export const DUST_ON_SKIN_GM2 = { dry: 22, damp: 60, wet: 100 } as const;
/**
 * Grip of a dust on a skin: on a wet one it drowns, and the paste slides with the water under it.
 * @unit share
 * @range 0–1; wet 0.6–0.85
 * @source common practice, no source: a wet surface is the first cause of bald patches
 */
export const DUST_GRIP_ON_SKIN = { dry: 0.35, damp: 1, wet: 0.72 } as const;
/**
 * Grip of a wet layer on a skin: free water thins the glue where it should hold.
 * @unit share
 * @range 0.6–1
 * @source common practice, no source: nothing glues to a wet skin
 */
export const GLUE_GRIP_ON_SKIN = { dry: 1, damp: 1, wet: 0.72 } as const;
/**
 * Pick-up on a wet layer by grain.
 * @unit g/m²
 * @range powder 100–250, starch 150–350, fine 250–350, coarse 350–450, flakes 400–600
 * @source common practice, no source
 */
export const PICK_UP_ON_WET_GM2: Record<Grain, number> = {
  powder: 180,
  starch: 240,
  meal: 260,
  fine: 300,
  coarse: 400,
  flake: 500,
};
/**
 * A piece left lying in its dry bowl clumps: this multiple of a flour's or starch's pick-up.
 * @unit share
 * @range 2–3.5
 * @source common practice, no source
 */
export const CLUMPED_FACTOR = 2.7;
/**
 * Clumps are full of edges and air: they close this share of the gap between a flat flour's crunch and a full one.
 * @unit share
 * @range 0.2–0.5
 * @source common practice, no source: craggy clusters crunch
 */
export const CLUMPED_CRUNCH = 0.35;
/**
 * Folds and cragginess hold more of a wet layer than a smooth face: by the food's own skin, and on what was dredged before.
 * @unit share
 * @range 1.1–2
 * @source common practice, no source: florets carry batter in their folds, and a second dip over flour takes far more than the first
 */
export const HELD_IN_FOLDS = { skin: { smooth: 1, normal: 1, rough: 1.2 }, dredged: 1.6 } as const;
/**
 * Pressing holds this much more crumb.
 * @unit share
 * @range 1.1–1.3
 * @source common practice, no source
 */
export const PRESSED_FACTOR = 1.2;
/**
 * A batter underneath holds this much more crumb.
 * @unit share
 * @range 1.1–1.3
 * @source common practice, no source
 */
export const OVER_BATTER_FACTOR = 1.2;
/**
 * Grip of a dry layer by what it lies on: nothing holds a crumb on a dry skin or on flour.
 * @unit share
 * @range 0–1
 * @source common practice, no source
 */
export const GRIP_ON = { wet: 1, 'wet skin': 0.6, 'damp skin': 0.4, 'dry skin': 0.12, dry: 0.15 } as const;
/**
 * Share of liquid in a layer's mass from which it is dipped and not dredged.
 * @unit share
 * @range 0.25–0.4
 * @source our choice
 */
export const WET_FROM_LIQUID_SHARE = 0.3;
/**
 * Share of dry powder in a wet layer's mass from which it is a batter.
 * @unit share
 * @range 0.08–0.2
 * @source our choice
 */
export const BATTER_FROM_POWDER_SHARE = 0.12;
/**
 * Crunch of a dried wet layer: of a film alone, and more with the powder in it.
 * @unit share
 * @range 0–1
 * @source common practice, no source
 */
export const WET_STRUCTURE = { least: 0.35, ofPowder: 0.4 } as const;
/**
 * Browning of beaten egg or milk alone, by protein and milk sugar, against coarse crumbs.
 * @unit share
 * @range 0.6–1
 * @source common practice, no source
 */
export const BROWNING_OF_A_DIP = 0.8;
/**
 * Sugar adds this much browning per share of the solids.
 * @unit share
 * @range 2–5
 * @source from memory, order of magnitude
 */
export const BROWNING_OF_SUGAR = 3;
/**
 * What stays in a bowl that a piece can still be rolled or dipped in.
 * @unit g
 * @range 30–120
 * @source common practice, no source
 */
export const BOWL_REMAINDER_G = { batter: 100, dip: 30, powder: 45, crumb: 35 } as const;
/**
 * What sticks to hands, to a fork, in a shaker box, or to the bowl in which all is tossed, of what goes on the food.
 * @unit share
 * @range 0.03–0.15
 * @source common practice, no source
 */
export const LOST_BY = { hands: 0.1, fork: 0.06, shaker: 0.08, tossed: 0.05 } as const;
/**
 * Salt of a coated dish against the bare food's weight: below which it is bland, from which seasoned, above which salty;
 * and what a one-touch seasoning aims at.
 * @unit share
 * @range 0.002–0.02
 * @source common practice, no source: a teaspoon in the flour of a pound and a half of vegetables (C1) is about 0.4 %
 */
export const SALT_ON_FOOD = { bland: 0.0015, seasoned: 0.003, aim: 0.005, salty: 0.013 } as const;
/**
 * Salt of one layer beyond which it is tasted as salt.
 * @unit share
 * @range 0.08–0.12
 * @source common practice, no source: a teaspoon to half a cup of flour (C1)
 */
export const MOST_SALT_SHARE = 0.1;
/**
 * Air temperature above which ground spice on the outside burns before the coat is done.
 * @unit °C
 * @range 175–195
 * @source common practice, no source
 */
export const SPICE_BURNS_C = 185;
/**
 * Dust that is not tapped off lies this much thicker.
 * @unit share
 * @range 1.4–2.5
 * @source common practice, no source
 */
export const UNTAPPED_FACTOR = 1.8;
/**
 * An egg too many is over; this share of an egg too few goes unnoticed.
 * @unit share
 * @range 0.1–0.2
 * @source common practice, no source
 */
export const EGG_TOLERANCE = 0.15;
/**
 * How easily moving air carries a loose grain off, where the pantry does not say.
 * @unit share, 1 = dried leaf
 * @range 0–1
 * @source common practice, no source
 */
export const LIGHTNESS: Record<Grain, number> = { powder: 0, starch: 0, meal: 0, fine: 0.1, coarse: 0.35, flake: 0.45 };
/**
 * The least share of pores that any dry layer has.
 * @unit share
 * @range 0.02–0.1
 * @source our choice
 */
export const LEAST_PORES = 0.05;
/**
 * Parts of a bowl that differ by less are the same recipe.
 * @unit g
 * @range 0.001–0.1
 * @source our choice
 */
export const SAME_RECIPE_G = 0.01;
/**
 * Fat of a grain from which it is a nut, a seed or coconut, and no crumb.
 * @unit g per 100 g
 * @range 35–45
 * @source common practice, no source: crackers and hard cheese stay below 30, almonds are at 50
 */
export const FATTY_GRAINS_G = 40;
/**
 * A thin batter is lace when its flours hold more starch than this, and rises when they hold more leavening than that;
 * from so much water on a liquid is nothing but water.
 * @unit share, share, g per 100 g
 * @range starch 0.08–0.2, leavening 0.01–0.02, water 98–100
 * @source common practice, no source: a spoon or two of starch to a cup of flour; half a teaspoon of baking powder
 */
export const LACE = { starchShare: 0.12, liftShare: 0.012, waterG: 99 } as const;
/**
 * A recipe that writes this many times what a bowl needs, and so much more of it, is far too much.
 * @unit 1
 * @range 1.3–2
 * @source our choice
 */
export const FAR_TOO_MUCH = 1.6;
/**
 * Less than this is a little left over, and not worth a word.
 * @unit g
 * @range 20–80
 * @source our choice
 */
export const FAR_TOO_MUCH_G = 40;
/**
 * A layer up to as many mm thick is said to be as thin or thick as something that a cook knows by hand.
 * @unit mm
 * @range 0.1–5
 * @source paper 0.1, a fingernail 0.4, card 0.8, a coin 1.7, two coins 3.4: common practice, no source
 */
export const THICK_AS_MM = [0.2, 0.6, 1.1, 2.2, 3.6] as const;
/**
 * Share of a bowl's working surplus that stays in it when it runs short and is scraped out.
 * @unit 1
 * @range 0.2–0.6
 * @source common practice, no source
 */
export const SCRAPED = 0.4;
