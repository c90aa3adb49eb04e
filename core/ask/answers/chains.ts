// Answers about chains: links, their wire, and the length they make.
import { ringOfCoilMm } from '../../blank/jump-ring.ts';
import { chainLengthMm } from '../../blank/lengths/chain-length.ts';
import { chainLinks } from '../../blank/lengths/chain-length.ts';
import { linksOfPitch } from '../../blank/lengths/woven-links.ts';
import { computed, type Figure, inSum, renamed } from '../../figure/figure.ts';
import { ellipsePerimeterMm } from '../../geometry/outline.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { chainOfSample, isFromSample } from './backwards.ts';
import { massOf } from './round-wire.ts';

/** Links for a length of chain and their wire, or a bezel made of jump rings. */
export function chainAnswer(slots: Slots): TopicAnswer {
  if (isFromSample(slots)) return { figures: chainOfSample(slots) };
  const pitch = slots.take('pitch', 'pitch of a link, measured');
  if (pitch) return wovenChain(slots, pitch);
  const example = 'chain 45 cm links 5 mm inside 1 mm wire';
  const long = slots.take('long', 'length of chain');
  const oval = slots.pair(['inside of a link', 'width inside']);
  // In 6 x 4 mm inside 0.8 mm the word belongs to the pair.
  const afterPair = oval && slots.take('inside', 'wire');
  const gauged = slots.free().find(({ gauge }) => gauge);
  const wire = slots.take('wire', 'wire') ?? slots.take('thick', 'wire') ?? afterPair ?? (gauged ? slots.figure(gauged, 'wire') : slots.thin('wire', 'round')); // prettier-ignore
  const inside = oval?.[0] ?? slots.take('inside', 'inside of a link') ?? smallestOfTwo(slots, long !== null);
  const length = long ?? slots.next('length of chain');
  if (!inside && /\bfor (?:an? |the )?chains?\b/i.test(slots.question.line) && slots.question.alloys.length > 0)
    return stockOfChain(slots, wire, length);
  if (!wire || !inside) throw new NotEnough('Give the length, the inside of a link and its wire.', example);
  const counted = slots.question.counts.links ?? (length ? null : slots.count('pieces'));
  if (length) return linksOfLength(slots, length, { inside, oval, wire });
  if (!counted) return { figures: linkOf(inside, wire) };
  const each = (oval && ovalLink(oval, wire)) ?? roundLink(inside, wire);
  const how = `${inSum(counted)} × ${inSum(each.value)}`;
  const all = computed('wire for all links', counted * each.value, 'mm', how, [each]);
  return { figures: [lengthOfLinks(counted, inside, wire), all, ...massOf(slots, all, wire)] };
}

interface Link {
  /** How far each link carries the chain on. */
  readonly inside: Figure;
  readonly oval: readonly [Figure, Figure] | null;
  readonly wire: Figure;
}

function linksOfLength(slots: Slots, length: Figure, { inside, oval, wire }: Link): TopicAnswer {
  const links = computed(
    'links',
    chainLinks(length.value, inside.value, wire.value),
    '',
    `(${inSum(length.value)} − 2 × ${inSum(wire.value)}) ÷ ${inSum(inside.value)}, rounded up`,
    [length, inside, wire],
  );
  const real = renamed(lengthOfLinks(links.value, inside, wire, [links]), 'chain length');
  const each = (oval && ovalLink(oval, wire)) ?? roundLink(inside, wire);
  const how = `${inSum(links.value)} × ${inSum(each.value)}`;
  const all = computed('wire for all links', links.value * each.value, 'mm', how, [links, each]);
  return { figures: [links, all, real, each, ...massOf(slots, all, wire)] };
}

function lengthOfLinks(links: number, inside: Figure, wire: Figure, from: readonly Figure[] = []): Figure {
  const how = `${inSum(links)} × ${inSum(inside.value)} + 2 × ${inSum(wire.value)}`;
  const length = chainLengthMm(links, inside.value, wire.value);
  return computed('length of chain', length, 'mm', how, [...from, inside, wire]);
}

function roundLink(inside: Figure, wire: Figure): Figure {
  const how = `√((π × (${inSum(inside.value)} + ${inSum(wire.value)}))² + ${inSum(wire.value)}²)`;
  return computed('wire for one link', ringOfCoilMm(inside.value, wire.value), 'mm', how, [inside, wire]);
}

/** Wire that is only said to be for a chain. */
function stockOfChain(slots: Slots, wire: Figure | null, length: Figure | null): TopicAnswer {
  if (!wire || !length) throw new NotEnough('Give the wire and its length.', '5 m of 0.9 mm fine silver');
  return { figures: massOf(slots, length, wire) };
}

function ovalLink([along, across]: readonly [Figure, Figure], wire: Figure): Figure {
  const how = `ellipse of ${inSum(along.value + wire.value)} × ${inSum(across.value + wire.value)} through the middle of the wire (Ramanujan 1914)`; // prettier-ignore
  return computed(
    'wire for one link',
    ellipsePerimeterMm(along.value + wire.value, across.value + wire.value),
    'mm',
    how,
    [along, across, wire],
  );
}

// One link of a mandrel: how long it is, and what it adds to a chain.
function linkOf(inside: Figure, wire: Figure): Figure[] {
  const how = `${inSum(inside.value)} + 2 × ${inSum(wire.value)}`;
  return [
    computed('length of a link', inside.value + 2 * wire.value, 'mm', how, [inside, wire]),
    { ...inside, label: 'each link adds to a chain' },
  ];
}

// Wrapped or woven links each add their measured pitch.
function wovenChain(slots: Slots, pitch: Figure): TopicAnswer {
  const length = slots.take('long', 'length of chain') ?? slots.next('length of chain');
  if (!length) throw new NotEnough('Give the length of the chain.', 'chain 45 cm 4.2 mm pitch');
  const how = `${inSum(length.value)} ÷ ${inSum(pitch.value)}, rounded up`;
  return { figures: [computed('links', linksOfPitch(length.value, pitch.value), '', how, [length, pitch])] };
}

function smallestOfTwo(slots: Slots, hasLength: boolean): Figure | null {
  const free = slots.free().toSorted((a, b) => (a.mm ?? 0) - (b.mm ?? 0));
  const [size] = free;
  return size && (hasLength || free.length > 1 || slots.question.counts.links)
    ? slots.figure(size, 'inside of a link')
    : null;
}
