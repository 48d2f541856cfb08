import { text } from '../../units/index.js';
import { CLOSE_SETTINGS, SHARED_COVERAGE } from '../constants/index.js';
import type { Cooked, EveningDish } from '../types.js';
import type { Block, Part } from './block.js';

/** Two dishes in one basket, or on racks one above the other, at the settings of the one. */

/** Why two dishes cannot lie together; empty where they can. Each goes in at once, and their settings are close. */
export function whyNotTogether(host: Cooked, guest: Cooked, own: Cooked): string {
  const { tempC, minutes } = host.plan.settings;
  const mine = own.plan.settings;
  if (
    Math.abs(tempC - mine.tempC) > CLOSE_SETTINGS.tempC ||
    Math.abs(minutes - mine.minutes) > CLOSE_SETTINGS.minutes
  ) {
    return `their settings are too far apart: ${tempC} °C and ${minutes} minutes, ${mine.tempC} °C and ${mine.minutes}`;
  }
  if (host.plan.second || guest.plan.second) return 'one of them is sauced and cooked on';
  if (host.load.batches > 1 || guest.load.batches > 1) return 'one of them fills the fryer more than once by itself';
  const onRacks = host.load.racksUsed + guest.load.racksUsed <= host.fryer.racks;
  return onRacks || host.load.coverage + guest.load.coverage <= SHARED_COVERAGE
    ? ''
    : 'they do not lie side by side in it';
}

const moved = (part: Part, byMin: number): Part => ({ ...part, atMin: part.atMin + byMin });

/** One block of two: the guest is oiled and laid in before the host, and comes out after it. */
function together(host: Block, guest: Block): Block {
  const before = guest.parts.filter((p) => p.kind === 'oil' || p.kind === 'load');
  const after = guest.parts.filter((p) => p.kind === 'check' || p.kind === 'unload');
  let at = host.loadMin;
  const laid = before.map((p) => {
    const part = { ...p, atMin: at, inFryer: p.kind === 'load' };
    at += p.min;
    return part;
  });
  const shift = at - host.loadMin;
  let end = host.min + shift;
  const out = after.map((p) => {
    const part = { ...p, atMin: end };
    end += p.min;
    return part;
  });
  const rest = host.parts.map((p) => (p.atMin >= host.loadMin ? moved(p, shift) : p));
  const parts = [...rest, ...laid, ...out].sort((a, b) => a.atMin - b.atMin);
  return {
    ...host,
    parts,
    min: end,
    fryerMin: [host.fryerMin[0], end],
    cookedMin: host.cookedMin + shift,
    after: [...host.after, ...guest.after.filter((a) => !host.after.some((b) => b.id === a.id))],
    heated: host.heated && together(host.heated, guest),
  };
}

/** The blocks of an evening with a guest's batch in its host's. */
export function shareBasket(blocks: readonly Block[], host: EveningDish, guest: EveningDish): Block[] {
  const [hostId, guestId] = [`${host.id}:batch:1`, `${guest.id}:batch:1`];
  const [a, b] = [blocks.find((x) => x.id === hostId)!, blocks.find((x) => x.id === guestId)!];
  const both = together(a, b);
  const named = (block: Block): Block => ({
    ...block,
    parts: block.parts.map((p) =>
      p.kind === 'cook' ? { ...p, text: text`${p.text} ${guest.name} lies with it.` } : p,
    ),
    heated: block.heated && named(block.heated),
  });
  return blocks
    .filter((x) => x.id !== guestId)
    .map((x) => (x.id === hostId ? named(both) : x))
    .map((x) => ({ ...x, after: x.after.map((link) => (link.id === guestId ? { ...link, id: hostId } : link)) }));
}
