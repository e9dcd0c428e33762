import type { HeatSetting } from '../../basics/heat/equipment.js';
import type { State } from '../../basics/larder/composition.js';
import type { Sign, Stage } from '../../basics/method/stage.js';
import { saidNumber } from '../line/saidNumber.js';
import { bareNumber, lastNumber, minutesIn } from './minutes.js';
import type { Until } from './told.js';

type Pairs<T> = readonly (readonly [RegExp, T])[];

/** A vessel with its lid is named, and no lid is put on. */
const VESSEL_WITH_LID =
  /\b(?:pot|pan|saucepan|casserole|skillet|cooker)\s+(?:\w+\s+)?(?:with|that has)\s+a\s+(?:[\w-]+\s+)*lid\b/giu;

const HEATS: Pairs<HeatSetting> = [
  [
    /\b(?:lowest|very low|extra low|as low as|barely|tiniest|tiny|small(?:est)? (?:flame|ring|burner|heat|fire|gas)|minimum|(?:a|the) whisper|low as it goes|gentlest|lowest)\b/iu,
    'veryLow',
  ],
  [/\b(?:medium[\s-]low|low[\s-](?:to[\s-])?medium|low and medium)\b/iu, 'low'],
  [/\b(?:medium[\s-](?:to[\s-])?high|moderately high|fairly high)\b/iu, 'mediumHigh'],
  [/\b(?:medium|moderate|middle)\b/iu, 'medium'],
  [
    /\b(?:high|hard|lively|full|rapid(?:ly)?|rolling|vigorous(?:ly)?|strong|hot) (?:flame|heat|fire|boil|ring|gas)?\b|\b(?:on|over|to) (?:full|high)\b|\bhigh\b|\b(?:boil|boiling) (?:hard|rapidly|fast)\b|\blively\b/iu,
    'high',
  ],
  [/\b(?:low(?:er|ish)?|gentle|gently|slow)\b/iu, 'low'],
];
/** "High pressure" is no flame, "low-sodium" and "low-fat" are things. */
const NO_HEAT =
  /\b(?:high|low|full)\s+pressure\b|\blow[\s-](?:sodium|fat|salt)\b|\bslow cooker\b|\bfull[\s-]fat\b|\bhot\s+(?:water|stock|broth|milk|oil|fat|ghee|butter|pepper|sauce)\b|\bhigh (?:side|up)\w*\b|\bmedium[\s-](?:grain|sized?|onions?|carrots?|tomato\w*|potato\w*)\b|\bhard[\s-](?:boiled|centre)\b|\bgently\b/giu;

/** The heat a piece names. */
export function heatIn(text: string): HeatSetting | undefined {
  const plain = text
    .replace(NO_HEAT, ' ')
    .replace(/\b(?:if|until|till)\b.*$/iu, ' ')
    .replace(/\bnot\s+(?:too\s+)?\w+/giu, ' ');
  return HEATS.find(([words]) => words.test(plain))?.[1];
}

const LIDS: Pairs<Stage['lid']> = [
  [
    /\bajar\b|\ba crack\b|\b(?:slightly|half|partly|partially)[\s-](?:open|cover(?:ed)?)\b|\btilted\b/iu,
    'ajar',
  ],
  [
    /\b(?:uncovered|unlidded|lid off|off comes the lid|no lid|without (?:a |the |any )?(?:lid|cover)|lidless)\b|\b(?:cook|boil|simmer|bubble|left?|keep)\w*\s+(?:it\s+)?open\b|\bopen\b(?=\s+(?:on|over|for|until|till|boil)\b)|^open\b|\bopen\s*$/iu,
    'off',
  ],
  [/\b(?:tea|kitchen|dish|paper|clean)[\s-]?(?:towel|cloth|paper)\b|\b(?:cloth|towel)\b/iu, 'cloth'],
  [/\b(?:parchment|baking paper|greaseproof)\b/iu, 'parchment'],
  [/\bfoil\b/iu, 'foil'],
  [/\bdough\b.*\b(?:seal|lid)\b|\bseal(?:ed)?\b.*\bdough\b/iu, 'sealed'],
  [/\b(?:lid|cover(?:ed)?|lidded|closed|shut)\b/iu, 'on'],
];
/** How a piece says that the pot is closed. */
export function lidIn(text: string): Stage['lid'] | undefined {
  const plain = text
    .replace(VESSEL_WITH_LID, ' ')
    .replace(/\b(?:strain|drain|dry|pat|squeeze)\w*\b.*\b(?:cloth|towel|paper)\b/giu, ' ')
    .replace(
      /\b(?:covers?|covered) (?:by|with)(?: the)? (?:water|liquid|stock)\b|\b(?:to|just|only just) cover(?:ed|s)?\b(?! (?:pot|pan))/giu,
      ' ',
    )
    .replace(/\b(?:do\s+not|don['’]?t|never|nobody)\s+(?:lift|open|touch|remove|peek)\w*\b.*$/giu, ' ');
  return LIDS.find(([words]) => words.test(plain))?.[1];
}

const STATES: Pairs<State> = [
  [
    /\b(?:oil|fat|ghee)\b.{0,25}?\b(?:ris|show|stand|separat|com|float|split|leav|surfac)\w*/iu,
    'oilSeparated',
  ],
  [/\bmush(?!room)|\bpulp|\bbr(?:eak|oken|oke) down|\bcollaps|\bfall(?:s|en)? apart/iu, 'mushy'],
  [/\b(?:dark|deep|well|very|rich)(?:ly)?[\s-](?:golden[\s-])?brown|\bcaramel|\bchestnut/iu, 'brown'],
  [/\bgold(?:en)?\b|\byellow\b|\bblond/iu, 'golden'],
  [/\btranslucent|\bsee-through|\bglass/iu, 'translucent'],
  [/\bsoft|\bwilt|\btender/iu, 'softened'],
  [/\bbrown/iu, 'browned'],
];
/** The same without what a text says it is not: "yellow, not brown". */
const said = (text: string): string => text.replace(/\bnot\s+(?:too\s+)?\w+/giu, ' ');

/** How far something is cooked, by the words of a piece. */
export const stateIn = (text: string): State | undefined =>
  STATES.find(([words]) => words.test(said(text)))?.[1];

const SIGNS: Pairs<Sign> = [
  [/\bholes?\b|\bcraters?\b|\bsteam\s+holes|\btunnels?\b/iu, 'holes'],
  [
    /\blevel with\b|\bto the level of\b|\b(?:down|drops?|sinks?|falls?) to the (?:rice|grain)|\bgrains? pokes? out|\bpokes? (?:out|through)|\bwater (?:is|has|sits)? ?(?:just )?(?:at|below)/iu,
    'levelWithGrain',
  ],
  [
    /\b(?:absorbed|taken up|drunk|soaked up|dried? up|evaporated|gone|disappear\w*|hardly wet|nothing is seen)\b|\bno (?:more )?(?:water|liquid|stock)\b|\b(?:top|surface)\b.{0,20}\b(?:dry|dries)\b|\b(?:dry|dries) on top\b/iu,
    'absorbed',
  ],
  [/\bboil|\bbubbl|\broll(?:s|ing)?\b|\bcomes? up\b|\bsimmer/iu, 'boilAllOver'],
];
const UNTIL = /\b(?:until|till|'?til|to a|to the colou?r of|so that|when|once)\b\s*(.*)$/iu;

/** What a piece says it goes on to: a look, a sign, a state. */
export function untilIn(text: string, verb: string): Until | undefined {
  const [, tail] = UNTIL.exec(text) ?? [];
  const words = tail ?? (verb === 'fry' || verb === 'toast' ? text : '');
  if (words === '') return undefined;
  const sign = tail === undefined ? undefined : SIGNS.find(([w]) => w.test(said(tail)))?.[1];
  const state = stateIn(words);
  return tail === undefined && state === undefined
    ? undefined
    : { text: words, ...(state === undefined ? {} : { state }), ...(sign === undefined ? {} : { sign }) };
}

/** "A minute", "another minute": one of them. */
const ONE_MINUTE = /\b(?:an?|another|one more|a further|the last)\s+minute\b/iu;
const PER_SIDE = /\b(?:a|per|each|on each|every)\s+side\b/iu;
const QUARTER_HOUR = /\b(?:a\s+)?quarter\s+(?:of\s+an\s+)?hour\b/iu;
const HALF_HOUR = /\bhalf\s+(?:an\s+)?hour\b/iu;

/** How long a piece says, min. */
export function timeIn(text: string): number | undefined {
  const plain = text
    .replace(/\b(?:more|further|extra|good)\s+(?=min)/giu, '')
    .replace(/\([^)]*\bsoak[^)]*\)/giu, ' ')
    .replace(/\b(?:every|after|each)\s+(?:few|\S+)\s+minutes?\b/giu, ' ');
  if (/\bthree[\s-]quarters\s+of\s+an\s+hour\b/iu.test(plain)) return 45;
  if (QUARTER_HOUR.test(plain)) return 15;
  if (HALF_HOUR.test(plain) && !/\b(?:and|\d)\s+(?:a\s+)?half\s+hours?/iu.test(plain)) return 30;
  const found = minutesIn(plain) ?? (ONE_MINUTE.test(plain) ? 1 : undefined);
  if (found === undefined) return undefined;
  return PER_SIDE.test(plain) ? found * 2 : found;
}

/** Minutes that are told by a number alone, where minutes are spoken of. */
export function bareTime(text: string, isTimed: boolean): number | undefined {
  const isShort =
    text.split(/\s+/u).length <= 5 &&
    /\bfor\s+[\w-]+(?:\s+more)?$/iu.test(text) &&
    !/^[\p{Lu}][\p{L}]+\s+for\b/u.test(text);
  if (!isTimed && !isShort) return bareNumber(text.replace(/^(?:and|then|again)\s+/iu, ''));
  const [, last] = /\bfor\s+(?:about\s+|another\s+)?([\w-]+)(?:\s+more)?$/iu.exec(text) ?? [];
  const [, head] =
    /^(?:and\s+|then\s+)*([\w-]+)\s+(?:more\s+)?(?:off|under|with|covered|on|closed|uncovered)\b/iu.exec(
      text,
    ) ?? [];
  const plain = text.replace(/^(?:and|then|again)\s+/iu, '');
  const [, stands] =
    /\b(?:stand|rest|leave(?:\s+it)?|sit|wait|simmer|cook|steam)\s+(?:for\s+)?(?:another\s+)?([\w-]+)\s+(?:more\s+)?(?:with|under|off|covered|on|in)\b/iu.exec(
      text,
    ) ?? [];
  return (
    bareNumber(plain) ??
    (stands === undefined || /^an?$/iu.test(stands) ? undefined : bareNumber(stands)) ??
    (head === undefined || /^an?$/iu.test(head) ? undefined : bareNumber(head)) ??
    lastNumber(text) ??
    (last === undefined ? undefined : bareNumber(last))
  );
}

/** How often: whistles, turns. */
export function countIn(text: string): number | undefined {
  const [, n = ''] = /\b([\w½]+)(?:\s+more)?\s+whistles?\b/iu.exec(text) ?? [];
  return n === '' ? undefined : saidNumber(`${n} `, {})?.count;
}

/** A vessel of its own is named as one: "with a little salt" names none. */
const BESIDE =
  /\b(?:in|into|using|with)\s+(?:another(?:\s+one)?\b(?!\s+\p{L}*(?:spoon|cup|tsp|tbsp|minute|onion))|(?:an?other|a\s+(?:separate|second|different|small|little|clean|mixing|frying|big|large)|the\s+(?:other|small|second))\s+(?:\p{L}+\s+)?(?:pots?|pan|saucepan|bowl|dish|skillet|jug|vessel|wok)\b|a\s+(?:\p{L}+\s+)?bowl\b|the\s+oven\b|a\s+hot\s+oven\b)/iu;
/** "Put it in a small saucepan": that is the pot, where the grain goes into it. */
const IS_THE_POT =
  /\b(?:rice|grain|everything|all|it)\b.{0,60}\bin\s+a\s+(?:small|wide|large|heavy|medium)/iu;
const FOR_OTHER =
  /^\s*(?:for\s+the|to\s+make\s+the|the)?\s*(?:raita|dip|salad|slaw|garnish|topping|sauce|dressing|salsa|chutney|side|relish|kachumber|pickle)\b/iu;
const SERVED =
  /^\s*(?:(?:and\s+)?serve[sd]?\b.*\bwith|to\s+serve|served?\s+with|on\s+the\s+side|alongside|meanwhile)\b/iu;

/** Where a piece puts what it names somewhere else than in the pot: the words that say so. */
export function besideIn(text: string): string | undefined {
  const [words] = FOR_OTHER.exec(text) ?? SERVED.exec(text) ?? [];
  if (words !== undefined) return words.trim();
  if (/\bon\s+the\s+side\b/iu.test(text)) return 'on the side';
  const [vessel] = BESIDE.exec(text) ?? [];
  if (/\bseparately\b|\bon\s+a\s+(?:baking\s+)?tray\b/iu.test(text)) return 'separately';
  return vessel !== undefined && !IS_THE_POT.test(text) ? vessel.trim() : undefined;
}

export const spreaderIn = (text: string): boolean =>
  /iron under|spreader|diffuser|flat (?:pan|iron|griddle)|\btawa\b|griddle under/iu.test(text);

export const hotIn = (text: string): boolean =>
  /\b(?:hot|boiling|boiled|kettle|piping)\b[\s-]*(?:hot\s+)?(?:kettle\s+)?(?:water|stock|broth|liquid|liquor|bouillon|chicken|vegetable|beef|meat|fish)?\b/iu.test(
    text,
  ) &&
  /\b(?:hot|boiling|kettle|piping|boiled)\s+(?:\w+\s+)?(?:water|stock|broth|liquid|liquor)\b|\bfrom the kettle\b|\bkettle\s+water\b|\b(?:water|stock|broth)\b(?:[^.;,]{0,20},)?\s*(?:boiling|hot|from the kettle)\b|\blit(?:re|er)\s+boiling\b/iu.test(
    text,
  );

export const LIQUID_WORD = /\b(?:water|stock|broth|liquid|liquor|bouillon|kettle)\b/iu;
/** "Every grain is coated" speaks of how it looks. */
export const ALL_WORD =
  /\b(?:everything|all of it|it all|all (?:the )?ingredients|all together|all in|combine all|the lot)\b/iu;
/** What may be, and is no part of this pot. */
export const MAYBE =
  /^\s*(?:or|if|in case|unless|optional(?:ly)?|you can|could|alternatively)\b|\b(?:may|might|should) (?:need|want|take)\b|\bif (?:it|you|they|the|still|needed)\b|\bhave a look\b/iu;

const CRUST =
  /\b(?:crust|tahdig|tahdeeg|socarrat|kazmag|hakkake|crisp(?:y)? (?:bottom|base)|golden bottom|floor one can lift)\b/iu;
const NO_CRUST = /\b(?:no|not|without|never|avoid\w*|don['’]?t want|isn['’]?t|instead of)\b[^.;,]{0,24}$/iu;

/** Whether a piece wants a crust: undefined where it does not speak of one. */
export function crustIn(text: string): boolean | undefined {
  const m = CRUST.exec(text);
  if (!m) return undefined;
  return !NO_CRUST.test(text.slice(0, m.index));
}
