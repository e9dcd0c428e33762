import { ingredientById } from '../../basics/larder/larder.js';
import { grainById } from '../../basics/larder/grainById.js';
import { isName, parseLines, type LineOptions, type ParsedLine } from '../line/parseLine.js';
import { withSharedHeads } from '../line/sharedHead.js';
import { saidNumber } from '../line/saidNumber.js';
import { VAGUE_LEAD } from '../line/vague.js';
import { wordsOf } from '../line/words.js';

/** Where a noun phrase ends and another begins. */
const PARTS =
  /\s+(?:in|into|with|over|on|onto|from|through|under|beside|to|until|till|so that|for|at|by|like|as)\s+(?!taste\b)|\s+(?:plus)\s+/iu;
const OWN_WATER =
  /\b(?:in|into|with|under)\s+(?:plenty of|lots of|some|cold|hot|warm|salted|several changes of|running)\s*(?:hot |cold |warm )?water\b/giu;
/** Words before a name that are none of it. */
const BEFORE =
  /^\s*(?:(?:and|then|so|ok|okay|say|let|the|your|my|our|its?|this|that|these|those|same|also|plus|now|all|any|drained|washed|soaked|rinsed|chopped|sliced|diced|grated|blended|minced|cubed|reserved|remaining|fried|toasted|browned|cooked|boiled|raw|hot|another|more|extra|rest of(?: the)?|half(?: of)?(?: the)?(?=\s+(?:butter|oil|ghee|mint|onions?|coriander))|use|take|with|in|into|of|both)\s+)+/iu;
/** Where a name ends and what is done with it begins. */
const ENDS =
  /\s+(?:until|till|for|that|which|goes?|laid|left|cooks?|melted|lifted|turned|straight|since|fried|toasted|boiled soft|soaked|washed|drained|blended|pushed|laid|added|stirred|thrown|tucked|crisp|back|out|now|only|together|while|so|first|well|again|when|at once|twice|once|thrice|(?:two|three|four|five|six|several|\d+) times|separately|overnight|tonight|yesterday|the (?:day|night) before|from|as|above|till)(?:\s.*|$)/iu;
const LASTS =
  /\s+(?:(?:for|about|some)\s+)?\S+(?:\s+(?:to|or)\s+\S+)?\s+(?:minutes?|mins?|hours?|hrs?)\b.*$/iu;
/** Counted things that are none: minutes, times, rounds, sides, fingers. */
const NO_THING =
  /^(?:(?:about|another|the last|the first|for|some|just)\s+)*(?:an?|\S+)(?:\s+(?:to|or|and|a|half|more|good)(?:\s+\S+)?){0,2}\s+(?:minutes?|mins?|hours?|hrs?|seconds?|times?|rounds?|sides?|fingers?|knuckles?|whistles?|turns?|changes?|more|less|people|persons|cm|mm|inch(?:es)?$|degrees|°|stages?|ways?|coins?|rings?|cubes|pieces|matchsticks|strips|slices|hobs?|(?:ladles?|ladlefuls?)(?!\s+of\s+(?!(?:the\s+|that\s+|this\s+)?(?:stew|base|sauce|it|mixture|liquid|stock|water|broth)\b))|or so)\b/iu;
/** Vessels and rings are named and do not go in. */
const VESSEL =
  /^(?:(?:an?|one|two|the|my|wide|heavy|large|small|non-?stick|deep|same|rice|pressure|big|good|other|separate|another|another|electric|wok|clean|wet)\s+)*(?:pots?|pan|saucepan|casserole|cooker|multi-?cooker|skillet|bowl|sieve|colander|plate|lid|flame|heat|ring|hob|burner|fire|stove|cloth|towel|tea towel|paper towel|foil|board|fork|spoon(?!\s+(?:of|and)\b)|kettle|oven|jug|fridge|table|side|bottom|top|surface|corners|middle|meantime|way|fat|dish|tray)\b/iu;

/** "In the small cooker a spoon of ghee": the vessel, and then what goes into it. */
const IN_VESSEL =
  /^(?:in\s+)?(?:the|a|an|my)\s+(?:\p{L}+\s+){0,2}(?:pot|pan|saucepan|casserole|cooker|skillet)\s+(?=(?:\d|[½¼¾⅓⅔]|an?\s|one\s|two\s|three\s|four\s|half\s|some\s))/iu;

/** A name with what was found of it. */
export interface Mention {
  readonly text: string;
  /** The words as they stood. */
  readonly said: string;
  readonly lines: readonly ParsedLine[];
  /** True where an amount stands before it. */
  readonly counts: boolean;
  /** Adds to what there is already: "another spoon of oil". */
  readonly more: boolean;
}

/** Noun phrases of a piece, without what is done and how long: each with the things it names exactly or counts. */
export function mentionsIn(words: string, options: LineOptions): readonly Mention[] {
  const found: Mention[] = [];
  for (const part of withSharedHeads(words, (name) => isName(name, options))
    .replace(OWN_WATER, ' ')
    .replace(CM, inches)
    .split(PARTS)
    .flatMap((p) => p.split(AND_AMOUNT))) {
    const bracket = /\([^)]*\)/u.exec(part)?.[0] ?? '';
    const plain = part
      .replace(/\s*\([^)]*\)?/gu, ' ')
      .trim()
      .replace(IN_VESSEL, '');
    if (plain === '' || VESSEL.test(plain) || NO_THING.test(plain)) continue;
    const more = /\b(?:another|more|extra|further)\b/iu.test(plain);
    const name = bareName(plain, options);
    if (name === '' || VESSEL.test(name) || NO_THING.test(name) || PRONOUN.test(name)) continue;
    const counts = saidNumber(name, options) !== undefined || VAGUE_LEAD.test(name);
    for (const whole of counts ? [name] : namesIn(name, options)) {
      const text = withUnit(whole, found.at(-1)?.text);
      const { lines } = parseLines(counts ? `${text} ${bracket}`.trim() : text, options);
      found.push({ text, said: part, lines, counts, more });
    }
  }
  return found;
}

/** A colour behind a name: "the onion light golden". */
const LOOK =
  /\s+(?:(?:until|till|light(?:ly)?|deep|dark|just|very|nice and|to)\s+)*(?:golden|soft|brown|browned|crisp|crispy|translucent|mushy|yellow|glossy|transparent|gold)(?:\s+brown)?$/iu;
/** A second amount behind an "and": "a bay leaf and a teaspoon of cumin"; not "a cup and a half". */
const AND_AMOUNT =
  /\s+and\s+(?=(?:about\s+)?(?:the\s|\d|[½⅓¼¾⅔⅛]|an?\s|one\s|two\s|three\s|four\s|five\s|six\s|half\s|some\s))(?!(?:an?\s+)?(?:half|quarter|third|three[\s-]quarters)\b(?!\s+(?:of\s+)?an?\b))/iu;

/** "Ginger garlic paste a spoon". */
const AMOUNT_BEHIND =
  /^(?!an?\s+(?:half|quarter|third)\b)(\p{L}[\p{L}\s-]{2,30}?)[\s,]+((?:an?|one|two|three|four|half an?|\d+(?:\.\d+)?)\s+(?:spoons?|tsp|tbsp|teaspoons?|tablespoons?|cups?|pinch|handfuls?|cloves?|sticks?)(?:\s+and\s+(?:an?\s+)?(?:half|quarter))?)$/iu;

/** "A teaspoon of cumin and one of oregano": the second in the unit of the first. */
function withUnit(text: string, before: string | undefined): string {
  const [, count, name] = /^(one|two|three|half|another|an?)\s+of\s+(\p{L}.*)$/iu.exec(text) ?? [];
  const [, unit] = /^\S+\s+(?:(?:a|heaped|level)\s+)?(\p{L}+)\s+(?:of\s+)?\p{L}/iu.exec(before ?? '') ?? [];
  return count === undefined || unit === undefined
    ? text
    : `${count === 'another' ? 'one' : count} ${unit} of ${name ?? ''}`;
}

/** "Paprika and tomato purée": two names, where they are not one. */
function namesIn(name: string, options: LineOptions): readonly string[] {
  const parts = name.split(/\s+(?:and|&)\s+/iu).map((p) => p.replace(/^the\s+/iu, ''));
  // "Coconut and water" are two: what is poured is part of no other name.
  const pours = parts.some((p) =>
    /^(?:(?:hot|boiling|cold|warm)\s+)?(?:water|stock|broth)$/iu.test(p.trim()),
  );
  return parts.length < 2 || (isName(name, options) && !pours) ? [name] : parts;
}

const PRONOUN =
  /^(?:it|them|they|this|that|these|those|everything|all|each|one|both|some|any|rest|the rest|nothing)$/iu;

/** Roots are told by their length: one centimetre is 0.4 inch. */
const CM =
  /(\d+(?:\.\d+)?)\s*cm\s+(?:piece\s+of\s+|of\s+|stick\s+of\s+)?(?=(?:fresh\s+|grated\s+)?(?:ginger|galangal|cinnamon))/giu;
const inches = (_all: string, cm: string): string => `${(Number(cm) / 2.5).toString()} inch `;

/** The words that name: "another tbsp of ghee" -> "1 tbsp of ghee", "the drained rice" -> "rice". */
function bareName(text: string, options: LineOptions): string {
  // "Fried fish", "roasted peppers" are names of their own.
  const whole = text
    .replace(/^(?:and|then|the|your|my)\s+/iu, '')
    .replace(ENDS, '')
    .replace(/\s+(?:with|in|and)\s*$/iu, '')
    .trim();
  if (/^(?:fried|roasted|toasted|boiled|cooked|dried|smoked)\s/iu.test(whole) && isName(whole, options))
    return whole;
  const another = text
    .replace(/^(ginger|galangal|cinnamon|turmeric)\s+([\d.½¼¾]+)\s*(?:inch(?:es)?|")/iu, '$2 inch $1')
    .replace(/^(?:and\s+)?another\s+(?=\S)/iu, 'a ');
  const bare = another
    .replace(/\bof (?:that|the|this|my|your|those|these)\b(?= \p{L})/iu, 'of')
    .replace(BEFORE, '')
    .replace(AMOUNT_BEHIND, '$2 of $1');
  return bare
    .replace(ENDS, '')
    .replace(LASTS, '')
    .replace(LOOK, '')
    .replace(/\s+(?:with|in|and|of|,)\s*$/iu, '')
    .trim();
}

/** A name alone is a few words. */
const MOST_WORDS_ALONE = 5;

/** True where a mention names exactly one thing of the larder without an amount: how much is asked. */
export function namesAlone({ text, lines }: Mention, options: LineOptions): boolean {
  return (
    text.split(/\s+/u).length <= MOST_WORDS_ALONE &&
    lines.length > 0 &&
    lines.every((l) => l.id !== undefined && isName(l.text, options))
  );
}

/** Too common to tell one thing from another. */
const COMMON = new Set(
  'cup tbsp tsp spoon teaspoon tablespoon gram tin can large small medium fresh chopped sliced dried ground whole red green white black half piece clove stick powder hot cold leaf leave seed soft water oil long grain salt chicken'.split(
    ' ',
  ),
);

/** Numbers of the lines that words speak of again: by their names, or by a word that is only theirs. */
export function listedBy(words: string, lines: readonly ParsedLine[]): readonly number[] {
  const said = new Set(wordsOf(words));
  if (said.size === 0) return [];
  const exact = numbersOf(lines, (line) => {
    const names = namesOf(line);
    return names.some((n) => n.length > 0 && n.every((w) => said.has(w)));
  });
  if (exact.length > 0) return exact;
  const kinds = COLLECTIVE.find(([w]) => w.test(words));
  if (kinds) return numbersOf(lines, kinds[1]);
  // What is said last is what it is: coconut shreds are no coconut oil.
  const head = wordsOf(words.replace(/\s+(?:in|of|with|on|over)\b.*$/iu, '')).at(-1) ?? '';
  const telling = [head].filter((w) => w.length >= 4 && !COMMON.has(w));
  return numbersOf(lines, (line) => {
    // A stock is spoken of by its own name only: "the fish" is no fish stock.
    const own =
      behaves(line) === 'liquid'
        ? new Set(namesOf(line).map((n) => n.at(-1)))
        : new Set([...wordsOf(line.text), ...namesOf(line).flat()]);
    return telling.some((w) => own.has(w));
  });
}

const numbersOf = (lines: readonly ParsedLine[], fits: (line: ParsedLine) => boolean): readonly number[] =>
  lines.flatMap((line, i) => (line.id !== undefined && fits(line) ? [i] : []));

function namesOf({ id }: ParsedLine): readonly (readonly string[])[] {
  const row = ingredientById(id ?? '') ?? grainById(id ?? '');
  if (!row) return [];
  const [head = ''] = row.name.split(',');
  return [head, row.name, ...row.also].map((n) => wordsOf(n));
}

const behaves = ({ id }: ParsedLine): string => ingredientById(id ?? '')?.behaves ?? '';
const SPICE =
  /^(?:spices|cumin|coriander(?:Seed|Ground)|turmeric|chilli(?:Powder|Dried|Flakes)|paprika|garamMasala|curryPowder|cardamom|cinnamon|cloves|bayLeaf|starAnise|nutmeg|mace|fennelSeed|fenugreek|ajwain|asafoetida|mustardSeed|nigella|caraway|allspice|fiveSpice|blackPepper|spiceMix|thymeDried|oregano)/u;
const GROUND = /^(?:turmeric|.*Powder$|.*Ground$|garamMasala|paprika|spiceMix|allspice|fiveSpice)/u;

/** Words for several of the things at once. */
const COLLECTIVE: readonly (readonly [RegExp, (line: ParsedLine) => boolean])[] = [
  [/^(?:the\s+)?(?:oil|fat)$/iu, (l) => behaves(l) === 'fat'],
  [/\b(?:ground|powdered)\s+spices?\b|\bpowders\b|\bspice powders?\b/iu, (l) => GROUND.test(l.id ?? '')],
  [/\bwhole\s+spices?\b/iu, (l) => SPICE.test(l.id ?? '') && !GROUND.test(l.id ?? '')],
  [
    /\bspices?\b|\bmasalas?\b|\bseasonings?\b/iu,
    (l) => SPICE.test(l.id ?? '') || /^(?:allPurpose|stockCube)$/u.test(l.id ?? ''),
  ],
  [/\bmeat\b/iu, (l) => behaves(l) === 'meat'],
  [/\b(?:dh?als?|daal|lentils|pulses)\b/iu, (l) => /pulse/iu.test(behaves(l))],
  [/\b(?:vegetables|veg|veggies)\b/iu, (l) => /Vegetable|potato|onion|mushroom/u.test(behaves(l))],
  [
    /\bnuts\b/iu,
    (l) => /^(?:cashew|almond|pistachio|walnut|pineNuts|peanut|hazelnut|pecan)$/u.test(l.id ?? ''),
  ],
  [/\bherbs\b/iu, (l) => /^(?:coriander|mint|parsley|dill|basil|chives|thyme)$/u.test(l.id ?? '')],
  [/\b(?:blend|blended mix|puree|purée|mix)\b/iu, (l) => /\bblend|\bpur[eé]e|\bground\b/iu.test(l.text)],
];

/** True for a spice, whole or ground: it goes into hot fat before anything else. */
export const isSpice = (id: string): boolean => SPICE.test(id) && ingredientById(id)?.behaves === 'dry';
