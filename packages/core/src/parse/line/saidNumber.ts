import { readLeading, type LeadingAmount, type ParseOptions } from '../../basics/measures/parseAmount.js';

/** Numbers said in other ways, as they would be counted. */
const SAID: readonly (readonly [RegExp, string])[] = [
  [/^(?:a\s+)?half\s+(?:a\s+)?dozen\b\s*(?:of\s+)?/iu, '6 '],
  [/^(?:an?\s+|one\s+)?dozen\b\s*(?:of\s+)?/iu, '12 '],
  [/^two\s+dozen\b\s*(?:of\s+)?/iu, '24 '],
  [/^(?:a\s+)?couple\s+(?:of\s+)?/iu, '2 '],
  // "Tin of beans": one of them.
  [
    /^(?=(?:tin|can|jar|packet|cup|mug|glass|teaspoon|tablespoon|spoon|spoonful|litre|liter|pint|sprig|bulb|stalk)\s+of\s)/iu,
    '1 ',
  ],
  [/^(?:a\s+)?pair\s+(?:of\s+)?/iu, '2 '],
];
/** "A few", "several": a count with a doubt. */
const FEW = /^(?:a\s+|the\s+)?(?:few|several)\s+(?:of\s+)?/iu;
const FEW_IS = '4 ';
/** What stands before an amount and says only how sure it is. */
const ABOUT =
  /^(?:about|approx\.?|approximately|around|roughly|ca\.?|circa|~|nearly|almost|scant|just\s+over|just\s+under|up\s+to|at\s+least)\s*/iu;
const TO = /^\s*(?:to|or|-|–|—)\s*/iu;
/** "A heaped teaspoon" holds half as much again (common practice). */
const HEAPED =
  /^(\S+\s+(?:\S+\s+)?)?(?:heaped|heaping|rounded|generous|big)\s+(?=\S*(?:tsp|teaspoon|tbsp|tablespoon|spoon|cup|c\b))/iu;
/** A heaped spoon against a level one (common practice). */
const HEAPED_TIMES = 1.5;
const LEVEL =
  /^(\S+\s+(?:\S+\s+)?)?(?:level|scant|flat)\s+(?=\S*(?:tsp|teaspoon|tbsp|tablespoon|spoon|cup|c\b))/iu;

/** One standard deviation of an amount that was said loosely, as a share of it. */
const ABOUT_SPREAD = 0.1;
const FEW_SPREAD = 0.25;
const HEAPED_SPREAD = 0.2;
/** A spoon that is not named is a table spoon, more or less (common practice). */
const SPOON_SPREAD = 0.25;

export interface SaidAmount extends LeadingAmount {
  /** One standard deviation, as a share, where it was said with a doubt. */
  readonly spread?: number;
  /** What follows it. */
  readonly rest: string;
}

/** A third of the way across a range is its standard deviation, for evenly spread values: width over √12. */
const ofRange = (low: number, high: number): number => (high - low) / Math.sqrt(12) / ((low + high) / 2);

/**
 * The amount a line begins with, however it is said: "a couple of", "half a dozen", "3 to 4", "2–3 cups", "about 200 g", "a
 * heaped tsp". A range is its middle.
 * @returns undefined where the line begins with none
 */
export function saidNumber(text: string, options: ParseOptions): SaidAmount | undefined {
  let line = text.replace(ABOUT, '');
  let spread = line === text ? 0 : ABOUT_SPREAD;
  for (const [said, as] of SAID) line = line.replace(said, as);
  if (FEW.test(line)) {
    line = line.replace(FEW, FEW_IS);
    spread = FEW_SPREAD;
  }
  const heaped = HEAPED.exec(line);
  if (heaped) {
    line = line.replace(HEAPED, '$1');
    spread = HEAPED_SPREAD;
  } else line = line.replace(LEVEL, '$1');
  if (/^\S+\s+(?:and\s+a\s+half\s+)?spoon/iu.test(line)) spread = SPOON_SPREAD;
  const first = readLeading(line, options);
  if (!first) return undefined;
  const range = rangeOf(line, first, options);
  const lead = range ?? first;
  return {
    count: lead.count * (heaped ? HEAPED_TIMES : 1),
    unit: lead.unit,
    next: text.length - line.length + lead.next,
    rest: line.slice(lead.next),
    ...((range?.spread ?? spread) > 0 ? { spread: range?.spread ?? spread } : {}),
  };
}

/** "3 to 4 onions", "2-3 tbsp", "200 to 250 g": both ends in the unit of the last. */
function rangeOf(
  line: string,
  first: LeadingAmount,
  options: ParseOptions,
): (LeadingAmount & { spread: number }) | undefined {
  // The dash of "4-5" has been eaten as space already.
  const from = line.slice(0, first.next).search(/\s*[-–—]\s*$/u);
  const at = from >= 0 ? from : first.next;
  const to = TO.exec(line.slice(at));
  if (!to) return undefined;
  const second = readLeading(line.slice(at + to[0].length), options);
  if (!second) return undefined;
  const unit = second.unit ?? first.unit;
  const low = first.unit && second.unit ? (first.count * first.unit.size) / second.unit.size : first.count;
  // "1-2/3" is a fraction, "2-1" is no range.
  if (!(low < second.count) || (first.unit && second.unit && first.unit.kind !== second.unit.kind))
    return undefined;
  const next = at + to[0].length + second.next;
  return { count: (low + second.count) / 2, unit, next, spread: ofRange(low, second.count) };
}
