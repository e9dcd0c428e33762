import { saidNumber } from '../line/saidNumber.js';
import { GRAIN } from './grainWords.js';
import type { ParseOptions } from '../../basics/measures/parseAmount.js';

/** A cook's own way to say how much is poured. */
export type PourRule =
  | {
      /** Parts of liquid to one of grain, as measured dry. */
      readonly kind: 'ratio';
      readonly ratio: number;
      /** Besides that, ml: "double, and half a cup more". */
      readonly moreMl?: number;
    }
  | {
      readonly kind: 'level';
      readonly by: 'finger' | 'joint' | 'halfInch' | 'corners';
      readonly times: number;
    }
  | { readonly kind: 'mm'; readonly mm: number }
  /** All there is of the liquid, made up to so much. */
  | { readonly kind: 'ml'; readonly ml: number }
  | { readonly kind: 'less'; readonly ml: number };

const LIQUID = String.raw`(?:boiling|boiled|hot|cold|warm|fresh|the|of|chicken|vegetable|beef|meat|\s)*(?:water|stock|broth|liquid|liquor)`;
const PER = String.raw`(?:(?:to|for|per|on)\s+(?:each|every|one|an?|1|the)|per)\s+`;
/** "A cup and three quarters of boiling water to each cup of rice", "1¾ per cup". */
const PER_CUP = new RegExp(
  String.raw`^(.{0,60}?)\s*(?:(?:cups?|mugs?|parts?|measures?|glass(?:es)?)\s+)?(?:of\s+)?(?:${LIQUID}\s*)?${PER}(?:cup|mug|part|measure|glass)\b`,
  'iu',
);
const FOR_EVERY = new RegExp(
  String.raw`\bfor\s+(?:each|every|one|an?)\s+(?:cup|mug|part|measure|glass)\s+(?:of\s+)?[\p{L}\s]{0,24},?\s*(.{1,40}?)\s+(?:cups?|mugs?|parts?|measures?|glass(?:es)?)?\s*(?:of\s+)?${LIQUID}`,
  'iu',
);
/** "One and a half times the rice", "twice as much water as rice", "double the water". */
const TIMES = new RegExp(
  String.raw`\b(twice|double|thrice|(?:[\w½¼¾⅓⅔.]+(?:\s+and\s+an?\s+(?:half|quarter))?)\s+times)\s+(?:as\s+much|the\s+(?:amount|volume|quantity)|that\s+(?:amount|much)|(?:the|its|their|my|of)?\s*(?:own\s+)?(?:${GRAIN}|water|liquid|stock|volume|dry))\b`,
  'iu',
);
const TO_ONE =
  /(?:^|\s)([\w½¼¾⅓⅔.]+(?:\s+and\s+an?\s+(?:half|quarter|third))?)\s*(?:to|:)\s*([\w½¼¾⅓⅔.]+(?:\s+and\s+an?\s+(?:half|quarter|third))?)(?=\s*(?:$|[,.;)]|by\b|rule|rice|grain|parts?\b|water|liquid|ratio|of\b))/iu;
/** "One part rice to two parts water", "two of water to one of rice". */
const NUM = String.raw`([\w½¼¾⅓⅔.]+(?:\s+and\s+an?\s+(?:half|quarter|third))?)`;
const PART = String.raw`\s+(?:(?:parts?|cups?|mugs?|measures?)\s+)?(?:of\s+)?`;
const OF_GRAIN = String.raw`(?:the\s+)?${GRAIN}`;
const PARTS_TO = [
  new RegExp(String.raw`\b${NUM}${PART}${OF_GRAIN}\s+to\s+${NUM}${PART}${LIQUID}`, 'iu'),
  new RegExp(String.raw`\b${NUM}${PART}${LIQUID}\s+to\s+${NUM}${PART}${OF_GRAIN}`, 'iu'),
];
const SAME =
  /\b(?:cup for cup|equal (?:parts|amounts?)|(?:the )?same (?:amount|volume|quantity) of (?:water|stock|liquid)|as much (?:water|stock|liquid) as)\b/iu;
const LEVEL =
  /\b(an?|one|two|three|first|half an?|\d+(?:\.\d+)?|½)[\s-]+(fingers?(?:['’]s?)?(?:\s+(?:width|breadth|deep))?|finger[\s-]?tips?|knuckles?|joints?|thumbs?|thumbnails?|inch(?:es)?|cm|centimet\w+|mm|millimet\w+)(?:\s+(?:of\s+(?:water|stock|liquid|the\s+finger|my\s+finger|a\s+finger|your\s+finger)|high|deep|up|or so|more|worth))*\s+(?:above|over|on top|higher|past|covers?)\b/iu;
const FIRST = /\b(?:up\s+)?to\s+(?:the|my|your|a)\s+first\s+(?:knuckle|joint)\b/iu;
const COVERS =
  /\b(?:just|only just|barely)\s+(?:covers?|covering|to the corners?|to cover|up to the (?:top of the )?(?:rice|grain))\b|\b(?:winks? at|to|at) the corners\b|\blevel with the (?:rice|grain)\b.*\bwater\b/iu;
const LESS =
  /\bless\s+((?:an?\s+)?(?:half|quarter|third)(?:\s+(?:an?|of\s+a|of\s+one))?(?:\s+(?:cup|mug|glass))?|.{1,24}?(?:cups?|mugs?|ml|tbsp|tablespoons?|dl))\b/iu;

const WHICH_IS =
  /\b(?:water|stock|liquid)\b.*\b(?:which is|that is|that['’]s|which makes|comes to)\s+(.{3,40})/iu;
const MADE_UP =
  /\b(?:ma(?:d|k)e|making|top(?:ped)?|bring|fill(?:ed)?)\b.{0,30}?\bup\s+to\s+(.{2,30})|\b(?:water|stock|broth|liquid)\s+to\s+(?:come\s+(?:up\s+)?to|make(?:\s+up)?|bring\s+(?:it\s+)?(?:up\s+)?to|reach|give)\s+(?:it\s+|a\s+total\s+of\s+)?(.{2,30})/iu;

const numberIn = (text: string): number | undefined => {
  const words = text.trim().replace(/^(?:about|then|and|so|with|use|add|pour|in|water|stock)\s+/iu, '');
  return saidNumber(`${words} `, {})?.count;
};
const isRatio = (n: number | undefined): n is number => n !== undefined && n >= 0.5 && n <= 8;

const SAYING = /\b(?:says?|always|rule|never changes|that['’]?s (?:all|it)|works every time)\b/iu;
const ONE_AND = new RegExp(
  String.raw`\b(?:one|1|an?)\s+(?:mug|cup|part|measure|glass)\s+(?:of\s+)?${GRAIN},?\s+(?:and\s+|to\s+|then\s+)?${NUM}\s+(?:mugs?|cups?|parts?|measures?|glass(?:es)?)\s+(?:of\s+)?${LIQUID}`,
  'iu',
);

/** "My aunt says: one mug of rice, one and a half mugs of water": a saying is no list of what goes in. */
export function sayingIn(sentence: string): PourRule | undefined {
  const [, said] = SAYING.test(sentence) ? (ONE_AND.exec(sentence) ?? []) : [];
  const ratio = said === undefined ? undefined : numberIn(said);
  return isRatio(ratio) ? { kind: 'ratio', ratio } : undefined;
}

/** What a line lists, without what it is made up to: "400 ml coconut milk plus water to come to 560 ml". */
export const withoutMadeUp = (line: string): string =>
  line.replace(
    /[\s,]*(?:plus|and|with|\+)?\s*(?:enough\s+)?(?:(?:hot|boiling|cold)\s+)?(?:(?:water|stock|broth|liquid)\s+to\s+(?:come|make|bring|reach|give)|(?:made|topped|filled|making)\b.{0,20}\bup\s+to)\b.*$/iu,
    '',
  );

/** True where a piece says how the pour is measured, so that its amount is none of a thing. */
export function pourRuleIn(text: string, options: ParseOptions): PourRule | undefined {
  const less = LESS.exec(text);
  if (less && /\d|one|two|three|four|five|six|cup|half/iu.test(text.slice(0, less.index))) {
    const ml = lessMl(less[1] ?? '', options);
    if (ml !== undefined) return { kind: 'less', ml };
  }
  const [, upTo = '', to = upTo] = MADE_UP.exec(text) ?? WHICH_IS.exec(text) ?? [];
  const made =
    to === ''
      ? undefined
      : saidNumber(to.replace(/\s+(?:in all|altogether|together|in total)\b.*$/iu, ''), options);
  if (made?.unit?.kind === 'volume') return { kind: 'ml', ml: made.count * made.unit.size };
  return levelIn(text) ?? withMore(ratioIn(text), text, options);
}

/** "And half a cup more", "plus a quarter of a cup": what goes in besides a ratio. */
const MORE = new RegExp(
  String.raw`\b(?:and\s+(?:about\s+)?(.{1,24}?)\s+(?:more|extra|over|besides|on\s+top)\b|plus\s+(?:about\s+)?(.{1,24}?(?:cups?|ml|tbsp|tablespoons?|dl)))`,
  'iu',
);

function withMore(rule: PourRule | undefined, text: string, options: ParseOptions): PourRule | undefined {
  const [, and, plus] = MORE.exec(text) ?? [];
  const said = and ?? plus;
  if (rule?.kind !== 'ratio' || said === undefined) return rule;
  const moreMl = lessMl(said, options);
  return moreMl === undefined ? rule : { ...rule, moreMl };
}

function lessMl(said: string, options: ParseOptions): number | undefined {
  const withUnit = /cup|mug|glass|ml|tbsp|tablespoon|dl/iu.test(said) ? said : `${said} cup`;
  const read = saidNumber(withUnit.replace(/\bmug|\bglass/iu, 'cup'), options);
  return read?.unit?.kind === 'volume' ? read.count * read.unit.size : undefined;
}

function ratioIn(text: string): PourRule | undefined {
  const ratio = (n: number | undefined): PourRule | undefined =>
    isRatio(n) ? { kind: 'ratio', ratio: n } : undefined;
  const [, before] = PER_CUP.exec(text) ?? [];
  if (before !== undefined && before.trim() !== '') {
    const tail = new RegExp(
      String.raw`((?:[\w½¼¾⅓⅔.]+\s+)?(?:[\w½¼¾⅓⅔./]+)(?:\s+cups?)?(?:\s+and\s+(?:an?\s+half|a\s+quarter|three\s+quarters|a\s+third))?)$`,
      'iu',
    ).exec(before.trim());
    return ratio(perCup(before) ?? numberIn(tail?.[1] ?? before));
  }
  const [, each] = FOR_EVERY.exec(text) ?? [];
  if (each !== undefined) return ratio(numberIn(each));
  const [, times] = TIMES.exec(text) ?? [];
  if (times !== undefined)
    return ratio(/^(?:twice|double)/iu.test(times) ? 2 : /^thrice/iu.test(times) ? 3 : numberIn(times));
  for (const [i, ways] of PARTS_TO.entries()) {
    const [, a = '', b = ''] = ways.exec(text) ?? [];
    const [grain, liquid] = (i === 0 ? [a, b] : [b, a]).map(numberIn);
    if (grain !== undefined && liquid !== undefined && grain > 0 && grain <= 2) return ratio(liquid / grain);
  }
  if (SAME.test(text)) return { kind: 'ratio', ratio: 1 };
  const [, a, b] = TO_ONE.exec(text) ?? [];
  const [x, y] = [a === undefined ? undefined : numberIn(a), b === undefined ? undefined : numberIn(b)];
  if (x !== undefined && y !== undefined && (x === 1 || y === 1) && !/min|people|hour/iu.test(text))
    return ratio(x === 1 ? y : x);
  return undefined;
}

/** "A cup and three quarters of boiling water" of a rule by the cup: in cups. */
function perCup(before: string): number | undefined {
  const read = saidNumber(before.trim(), { cupMl: 100 });
  return read?.unit ? (read.unit.size === 100 ? read.count : undefined) : undefined;
}

function levelIn(text: string): PourRule | undefined {
  const [, count = '', unit = ''] = LEVEL.exec(text) ?? [];
  if (unit !== '') {
    const n = /^half/iu.test(count)
      ? 0.5
      : /^first$/iu.test(count)
        ? 1
        : (saidNumber(`${count} `, {})?.count ?? 1);
    if (/^inch/iu.test(unit))
      return n <= 0.6 ? { kind: 'level', by: 'halfInch', times: 1 } : { kind: 'mm', mm: 25 * n };
    if (/^c/iu.test(unit)) return { kind: 'mm', mm: 10 * n };
    if (/^m/iu.test(unit)) return { kind: 'mm', mm: n };
    const by = /^(?:knuckle|joint|thumb)/iu.test(unit) || /^first$/iu.test(count) ? 'joint' : 'finger';
    return { kind: 'level', by, times: n };
  }
  if (FIRST.test(text)) return { kind: 'level', by: 'joint', times: 1 };
  return COVERS.test(text) ? { kind: 'level', by: 'corners', times: 1 } : undefined;
}
