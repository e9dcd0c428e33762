import {
  readLeading,
  thingAndPart,
  type LeadingAmount,
  type ParseOptions,
} from '../../basics/measures/parseAmount.js';
import type { Row } from './findRow.js';
import { saidNumber, type SaidAmount } from './saidNumber.js';
import { isVague, vagueAmount, VAGUE_LEAD, VAGUE_SPREAD, withoutVague } from './vague.js';
import { singular, wordsOf } from './words.js';

/** An amount of a line: exactly one of mass, volume or natural units. */
export type LineAmount = { readonly g: number } | { readonly ml: number } | { readonly count: number };

/** What a jar, a packet or a tube of each thing holds in this household, g: by the thing's id and the vessel's word. */
export type CanSizes = Readonly<Record<string, Readonly<Record<string, number>>>>;

const CONTAINER =
  /^(?:(?:small|large|big|medium|standard|regular|full)[\s-]+)*(can|tin|packet|pack|sachet|jar|bottle|carton|tube|pouch|box|bag|tub|punnet)(?:e?s)?\b\.?\s*(?:of\s+)?/iu;
/** Vessels that go by another's size. */
const AS: Readonly<Record<string, readonly string[]>> = {
  can: ['can', 'tin'],
  tin: ['tin', 'can'],
  packet: ['packet', 'pack', 'sachet'],
  pack: ['pack', 'packet', 'sachet'],
};

/** Units that are never meant by a bare count: nobody says "two gingers" for slices. */
const PARTS: ReadonlySet<string> = new Set(
  'slice bunch sprig handful inch pinch strand tin can jar tube sachet pouch knob floret piece thumb sheet drop'.split(
    ' ',
  ),
);

/** What a cook's word for a size makes of the usual piece †. */
const SIZE: Readonly<Record<string, number>> = { small: 0.7, medium: 1, large: 1.4, big: 1.4 };
const OF_IT = /^(?:the\s+|finely\s+|grated\s+)*(juice|zest|rind|peel|strips?)\s+of\s+/iu;

/** How much a line says, before it is known of what. */
export interface Amount {
  readonly lead: SaidAmount | undefined;
  /** Contents of one tin or packet where the line says them, in g or ml. */
  readonly size: LeadingAmount['unit'];
  /** The vessel it comes in: "jar". */
  readonly container: string | undefined;
  /** What names the thing. */
  readonly rest: string;
}

/** "1 8-oz can", "1 (400 g) tin", "2 x 400 g tins", "1 jar of 500 g", "3", "1/3 cup", and what follows. */
export function amountOf(text: string, inside: string, options: ParseOptions): Amount {
  const [, part] = OF_IT.exec(text) ?? [];
  const whole = text.replace(OF_IT, '');
  const named = (rest: string): string =>
    part === undefined ? rest.replace(/^\s*of\s+/iu, '') : `${part} of ${rest}`;
  const begun = saidNumber(whole, options);
  if (!begun)
    return {
      lead: undefined,
      size: undefined,
      container: undefined,
      rest: named(withoutVague(whole.replace(VAGUE_LEAD, ''))),
    };
  let { rest } = begun;
  rest = rest.replace(/^[x×]\s*/iu, '');
  const more = begun.unit ? undefined : thingAndPart(rest);
  const lead = { ...begun, count: begun.count + (more?.part ?? 0) };
  if (more) rest = `${more.word} ${more.rest}`;
  // What one holds: in brackets, before its vessel, or after it: "1 (400 g) tin", "1 8-oz can", "1 jar of 500 g".
  let size = begun.unit ? undefined : sizeIn(inside, options)?.size;
  const takeSize = (): void => {
    const next = lead.unit || size ? undefined : sizeIn(rest, options);
    if (!next) return;
    ({ size } = next);
    rest = rest.slice(next.next).replace(/^of\s+/iu, '');
  };
  takeSize();
  const [vessel = '', name] = CONTAINER.exec(rest) ?? [];
  rest = rest.slice(vessel.length);
  if (name !== undefined) takeSize();
  const container = lead.unit ? undefined : name?.toLowerCase();
  // "6 chicken thighs (800 g)": a weight in brackets is that of all of them, unless it says each.
  if (size && container === undefined && !OF_EACH.test(inside) && sizeIn(inside, options) && lead.count > 1)
    return { lead: { ...lead, count: 1 }, size, container, rest: named(withoutVague(rest)) };
  return { lead, size, container, rest: named(withoutVague(rest)) };
}

/** What one of several weighs. */
const OF_EACH = /\b(?:each|apiece|per piece|a piece)\b/iu;

/** The size a text begins with, and where what follows it begins; undefined where it begins with none. */
function sizeIn(
  text: string,
  options: ParseOptions,
): { readonly size: NonNullable<LeadingAmount['unit']>; readonly next: number } | undefined {
  const read = readLeading(text.replace(/^(?:about|approx\.?|ca\.?|roughly|in all|total)\s+/iu, ''), options);
  return read?.unit && { size: { kind: read.unit.kind, size: read.unit.size * read.count }, next: read.next };
}

export type WhyNot = 'noUnit' | 'packetSize' | 'noAmount' | 'vague';

/** An amount with its doubt, one standard deviation as a share. */
export interface Measured {
  readonly amount: LineAmount;
  readonly spread?: number;
}

const about = (amount: LineAmount, spread: number | undefined): Measured =>
  spread === undefined ? { amount } : { amount, spread };

/** Words that say there is an amount and not which. */
const UNSAID = /\b(?:to taste|some|a little|bit of|as needed|as required|enough|optional)\b/iu;

/** The amount in g, ml or natural units of this row; a reason when it cannot be measured. */
export function measured(
  line: string,
  { lead, size, container }: Amount,
  row: Row,
  sizes: CanSizes,
): Measured | WhyNot {
  const natural = 'units' in row ? row.units : [];
  const words = wordsOf(line);
  const named = natural.find((u) => words.includes(singular(u.name.toLowerCase())));
  if (!lead?.unit && !size) {
    // A squeeze of lemon is no lemon; a pinch of saffron has a weight of its own.
    const vague = vagueAmount(line, row, lead?.count ?? 1);
    if (vague && !(named && isVague(named.name))) return about(rounded(vague), VAGUE_SPREAD);
  }
  if (!lead) return UNSAID.test(line) ? 'vague' : 'noAmount';
  const { count, spread } = lead;
  const unit = lead.unit ?? size;
  if (unit) {
    const total = round(count * unit.size);
    return about(unit.kind === 'mass' ? { g: total } : { ml: total }, spread);
  }
  const grown = Object.entries(SIZE).find(([word]) => words.includes(word))?.[1] ?? 1;
  if (container !== undefined) {
    const known = (AS[container] ?? [container]).map(
      (c) => sizes[row.id]?.[c] ?? natural.find((u) => u.name === c)?.g,
    );
    const g = known.find((k) => k !== undefined);
    return g === undefined
      ? 'packetSize'
      : about({ g: round(g * count * grown) }, grown === 1 ? spread : 0.2);
  }
  const one = named ?? natural.find((u, i) => i === 0 && !PARTS.has(u.name));
  if (!one) return 'noUnit';
  const g = round(one.g * grown * count);
  return about(one === natural[0] && grown === 1 ? { count } : { g }, spread);
}

const rounded = (amount: { g: number } | { ml: number }): LineAmount =>
  'g' in amount ? { g: round(amount.g) } : { ml: round(amount.ml) };
/** To a hundredth; less than one to four places, for a strand of saffron weighs milligrams. */
const round = (n: number): number => (n < 1 ? Math.round(n * 10_000) / 10_000 : Math.round(n * 100) / 100);

/**
 * Volume of an amount of a thing as it is measured in a cup, ml.
 * @example millilitresOf({ g: 200 }, ingredientById('water')) // 200
 */
export function millilitresOf(amount: LineAmount, row: Row): number {
  if ('ml' in amount) return amount.ml;
  const g = 'g' in amount ? amount.g : amount.count * (('units' in row ? row.units[0]?.g : undefined) ?? 0);
  return g / row.densityGPerMl;
}
