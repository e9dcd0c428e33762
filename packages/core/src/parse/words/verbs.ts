import type { Verb } from './told.js';

/** Where an action was found in a piece: what stands there is no name of a thing. */
export interface Action {
  readonly verb: Verb;
  /** The words of the action within the piece. */
  readonly from: number;
  readonly to: number;
  readonly word: string;
  /** True where it is told as what was done to the thing before: "washed, drained". */
  readonly isDone: boolean;
}

/** Words that stand before what is told. */
const LEADS =
  /^(?:(?:and|then|now|next|first(?:ly)?|second(?:ly)?|also|finally|lastly|after (?:that|this|which)|meanwhile|at once|once more|again|please|(?:the )?next day|the day after|in the morning|later(?: on)?|at the end|in the end|by then|just|gently|quickly|slowly|briefly|carefully|well|immediately|i|we|you|to|let (?:it|them|the [\p{L}]+(?: (?!rest\b|stand\b|sit\b|go\b|cool\b|steam\b|be\b)[\p{L}]+)??)(?=\s+(?!rest|stand|sit|go|cool|steam|be\b))|let's|allow it to|i'd|simply|lightly|thoroughly|only|but|so|always|(?:in|into)\s+(?:the|a|an|my|that|another|its)\s+(?:same\s+|other\s+|separate\s+|second\s+|different\s+|small\s+|little\s+|medium\s+|non-?stick\s+|frying\s+|large\s+|big\s+|wide\s+|heavy\s+|deep\s+|rice\s+|pressure\s+|hot\s+)*(?:pot|pan|cooker|saucepan|casserole|bowl|fat|oil|ghee)(?=\s+(?!with|it\b)))\s+)+/iu;

/** Acts by the words that begin them, as an order: "wash the rice"; the first that fits. */
const ORDERS: readonly (readonly [RegExp, Verb])[] = [
  [/^(?:drop|fall|come\s+down|go\s+down)\s+(?:by|on)\s+(?:itself|its\s+own)\b/iu, 'release'],
  [/^(?:wash|rinse)\b(?:\s+and\s+(?=drain|soak))?/iu, 'wash'],
  [/^(?:(?:pre-?)?soak(?:ing)?|steep)\b/iu, 'soak'],
  [/^(?:leave|put|set|let|stand|keep)(?=\b.{0,40}\b(?:to soak|soak(?:ing)?|in (?:\w+ )?water)\b)/iu, 'soak'],
  [
    /^cover(?=\s+(?:it|them|the\s+[\p{L}\s]{3,20}?)\s+with\s+(?:cold|fresh|plenty|hot|warm|clean)\b)/iu,
    'words',
  ],
  [/^(?:drain|strain|sieve)\b(?:\s+well)?/iu, 'drain'],
  [
    /^cover\s+(?:(?:it|them|the\s+[\p{L}\s]{3,20}?)\s+)?with\s+(?=(?:about\s+)?(?:\d|[½¼¾]|an?\s+(?:cup|mug|litre|pint)|one|two|three|four|half|the\s+(?:hot\s+|boiling\s+)?(?:water|stock|broth)|water|stock|broth|boiling|enough))/iu,
    'add',
  ],
  [/^marinate\b/iu, 'marinate'],
  [/^(?:pressure[\s-]cook|give it \w+ whistles?|whistle)\b/iu, 'pressure'],
  [/^(?:(?:lock|clamp|seal|close)\s+(?:the\s+)?(?:lid|cooker|pot|it)|close up|close(?=\s*$))\b/iu, 'cover'],
  [
    /^(?:put|place|clap|set|keep|leave)\s+(?:the\s+|a\s+(?:tight\s+)?)?(?:lid|cover)\b(?:\s+back)?(?:\s+on)?/iu,
    'cover',
  ],
  [/^(?:cover|wrap\s+(?:the\s+)?lid)\b(?:\s+(?:it|the\s+(?:pot|pan)))?/iu, 'cover'],
  [
    /^(?:press\s+(?:cook|start|the\s+(?:switch|lever|button))|switch\s+(?:it|the\s+cooker)\s+on|(?:turn|switch)\s+(?:it|the\s+(?:rice\s+)?cooker)?\s*on|start\s+the\s+(?:rice\s+)?cooker|set\s+(?:it|the\s+(?:rice\s+)?cooker)\s+to)\b/iu,
    'switch',
  ],
  [
    /^(?:(?:take|remove|move|pull|slide|draw|lift|get)\s+(?:(?:it|the\s+(?:pot|pan|cooker)|pot|pan)\s+)?(?:off|from)\s+(?:of\s+)?(?:the\s+)?(?:heat|fire|flame|hob|ring|stove|burner)|take\s+(?:it|the\s+pot)\s+off)\b/iu,
    'off',
  ],
  [
    /^(?:(?:turn|switch|shut|put)\s+(?:(?:it|the\s+(?:heat|fire|flame|stove|gas|hob|ring|cooker|burner)|heat|everything)\s+)?off|kill\s+the\s+(?:heat|flame)|off\s+(?:the\s+)?(?:heat|fire|flame)|off at the wall|off)\b/iu,
    'off',
  ],
  [/^(?:turn\s+(?:it\s+)?out|invert|flip\s+(?:it\s+)?(?:onto|out))\b/iu, 'turnOut'],
  [
    /^(?:(?:turn|bring|take|set|get|keep|put)\s+(?:(?:it|the\s+(?:heat|fire|flame|ring|gas))\s+)?(?:right\s+|straight\s+)?(?:down|up|back|to|on)\s+(?:to\s+)?(?:a\s+)?(?:the\s+)?(?=(?:very\s+)?(?:low|lowest|high|medium|minimum|simmer\b|gentle|smallest|small))|(?:turn|crank)\s+(?:(?:it|the\s+(?:heat|fire|flame|ring|gas))\s+)?(?:right\s+)?(?:down|up)\b|reduce(?:\s+(?:the\s+)?(?:heat|flame|it))?|lower(?:\s+(?:the\s+)?(?:heat|flame|fire))?|raise\s+(?:the\s+)?heat|increase\s+(?:the\s+)?heat|turn\s+(?:the\s+)?heat)\b(?:\s+to)?/iu,
    'heat',
  ],
  [
    /^(?:bring|get|come)\b.*?\b(?:to|up\s+to)\s+(?:a|the|an)?\s*(?:\w+\s+)?(?:boil|simmer|bubble)\b/iu,
    'boil',
  ],
  [/^bring\b.*\bup\b/iu, 'boil'],
  [/^(?:boil|bubble)\b(?:\s+(?:it|up|hard|rapidly))*/iu, 'boil'],
  [/^(?:cook(?!['’]s)|simmer|steam|dum|braise|stew|bake|keep\s+(?:it\s+)?(?:on|cooking))\b/iu, 'cook'],
  [/^(?:toast|dry[\s-]roast)\b/iu, 'toast'],
  [
    /^(?:fry|sauté|saute|sweat|soften|brown|sear|caramelise|caramelize|sizzle|splutter|bloom|crisp|golden|stir[\s-]fry|roast|temper|crackle|pop|smell|colou?r|foam|heat|warm|melt)\b/iu,
    'fry',
  ],
  [/^(?:fluff|fork|loosen)\b/iu, 'fork'],
  [/^(?:taste|check the salt)\b/iu, 'taste'],
  [
    /^(?:(?:take|lift|fish|pick|scoop|spoon)\s+(?:the\s+|out\s+the\s+)?(?:whole\s+)?(?:spices|bay|leaf|leaves|cinnamon|stick)\b.*\bout|fish out|pick out)\b/iu,
    'spicesOut',
  ],
  [/^(?:set|put|keep)\s+(?:(?:it|them|this|these|the\s+[\p{L}\s]{2,20}?)\s+)?aside\b/iu, 'liftOut'],
  [/^(?:take|lift|remove|scoop)\s+(?:(?:it|them|the\s+[\p{L}\s]{2,20}?)\s+)?(?:out|aside)\b/iu, 'liftOut'],
  [/^remove\b|^(?:tip|pour|turn)\s+(?:(?:it|them)\s+)?out\s*$/iu, 'liftOut'],
  [/^(?:return|put\b.*\bback|bring\b.*\bback)\b/iu, 'putBack'],
  [/^(?:squeeze|wring|press)\b(?=.*\b(?:out|dry)\b)/iu, 'prepare'],
  [
    /^(?:add|stir\s+(?:in|through)|mix\s+in|tip|throw|toss(?:\s+in)?|put|place|lay|scatter|top|nestle|fold\s+in|drop|dot|combine|pour|in\s+goe?s?|season|crumble|slide|sprinkle|squeeze|dump|load|spread|level|transfer|crack|spoon|water\s+(?=(?:two|one|an?|three|half an?|\d|½)\s*(?:fingers?|joints?|knuckles?|inch|cm|mm)|to\b|up\b)|empty|arrange|tuck|into)\b(?:\s+(?:in|into|over|on|onto|back)\b)?/iu,
    'add',
  ],
  [
    /^(?:turn\s+(?:(?:it|the\s+(?:pot|rice))\s+)?(?:gently\s+)?(?:over|round|once|upside)|turn$|fold\s+it(?:\s+over)?|flip\s+(?:it|the\s+rice)|give\s+it\s+a\s+turn)\b/iu,
    'turn',
  ],
  [/^(?:turn|stir|mix|toss|give\s+it\s+a\s+stir|keep\s+stirring)\b/iu, 'stir'],
  [/^(?:rest|stand|sit|leave|let|allow|wait|steam\s+off|give\s+(?:it|them))\b/iu, 'rest'],
  [/^(?:serve|garnish|decorate|enjoy|eat|drizzle|finish|plate)\b/iu, 'serve'],
  [
    /^(?:chop|slice|cut|peel|grate|blend|grind|crush|dice|mince|prepare|measure|weigh|purée|puree|whisk|beat|make|mash|trim|break|halve|quarter|pound|cube|shred|whizz|dissolve|crumble|butterfly|preheat|use|buy|take|get|gather|have)\b/iu,
    'prepare',
  ],
  [
    /^(?:keep|save|reserve|repeat|try|do|go|watch|check|look|listen|lift|peek|press|scrape|open(?!\s+(?:until|till|on|for|over|boil))|remember|note|see|wipe|clean)\b/iu,
    'words',
  ],
];

/** Acts by what was done to the thing before: "washed", "fried crisp". */
const DONE: readonly (readonly [RegExp, Verb])[] = [
  [/^(?:(?:un|well[\s-])?washed|(?:un)?rinsed)\b(?:\s+well)?/iu, 'wash'],
  [/^(?:pre-?|un)?soaked\b|^soaking\b|^left\s+(?:in\s+water|to\s+soak|soaking)\b/iu, 'soak'],
  [/^(?:drained|dripping|strained)\b|^drain(?:ing)?\b/iu, 'drain'],
  [
    /^(?:fried|browned|cooked(?=\s+(?:to|until|till|down|mushy|soft|golden|slowly|gently|for|in|over|on|\d))|softened|sautéed|seared|sweated|charred)\b/iu,
    'fry',
  ],
  [/^(?:toasted|roasted|dry[\s-]roasted)\b/iu, 'toast'],
  [/^(?:turned|tossed)\b/iu, 'stir'],
  [/^(?:covered|lidded)\b/iu, 'cover'],
  [/^(?:stirring)\b/iu, 'words'],
  [/^(?:left\s+to\s+(?:stand|rest|sit))\b/iu, 'rest'],
];

/** Acts by what is said of the thing behind it: "rice in", "bay leaves out", "lid on". */
const BEHIND: readonly (readonly [RegExp, Verb])[] = [
  [/\b(?:bay\s+lea(?:f|ves)|spices|leaves|cinnamon|stick)\s+out\b/iu, 'spicesOut'],
  [
    /\b(?:lid|cover)\s+(?:goes\s+|stays\s+|back\s+)?on\b|^(?:lid|cover|foil)\b(?!\s+(?:off|ajar|slightly|open))|\blid\s+wrapped\b|\b(?:covered|closed|lidded)\b/iu,
    'cover',
  ],
  [
    /\bwhistles?\b|\b(?:at|under|on)\s+(?:high\s+|low\s+|full\s+)?pressure\b|\b(?:high|low)\s+pressure\b/iu,
    'pressure',
  ],
  [
    /\b(?:natural(?:ly)?|quick)\s+(?:pressure\s+)?releas\w*|\breleas\w*\s+(?:the\s+pressure|naturally|by\s+itself)|\b(?:pressure|it)\s+(?:to\s+)?(?:drops?|falls?|come\s+down|go\s+down|drop|fall)\b|\bfalls?\s+by\s+(?:itself|themselves)\b|\blet\s+it\s+fall\b/iu,
    'release',
  ],
  [/\bsoak(?:ing|s)?\b/iu, 'soak'],
  [/\b(?:washing|rinsing)\b/iu, 'wash'],
  [/\btoasting\b/iu, 'toast'],
  [/^(?:left\s+)?in\s+(?:a|the)\s+(?:sieve|colander)\b/iu, 'drain'],
  [/\bon\s+(?:keep[\s-])?warm\b|\bkeep[\s-]warm\b/iu, 'off'],
  [
    /\b(?:minutes?|mins?)\s+off\b(?!\s+the\s+(?:top|cooking|time))|\b(?:off|away\s+from)\s+(?:the\s+)?(?:heat|fire|flame|hob|ring|stove)\b|\bswitched\s+off\b|(?<!\b(?:lid|cover)\s)\boff\s*$/iu,
    'off',
  ],
  [
    /\b(?:(?:goe?s?|comes?|put|all|straight)\s+)?(?:back|return(?:s|ed)?)(?:\s+in(?:to)?)?(?:\s+(?:it|the\s+(?:pot|pan)))?\s*$|\bback\s+in\b/iu,
    'putBack',
  ],
  [
    /\b(?:in|goes?\s+in(?:to)?|on\s+top|laid\s+on|over\s+the\s+top|straight\s+in|stirred\s+in)\s*$|\bin\s+(?=for\b|till\b|until\b|with\b)|\bgoe?s?\s+in(?:to)?\b/iu,
    'add',
  ],
  [/\b(?:out|aside|lifted\s+out|taken\s+out)\s*$|\bout\s+(?=for\b|and\b)/iu, 'liftOut'],
  [
    /\b(?:boils?|comes?\s+(?:up|to\s+the\s+boil)|rolls?)\b|\bto\s+(?:a|the)\s+(?:\w+\s+)?(?:boil|simmer|bubble)\b/iu,
    'boil',
  ],
  [/(?<!\bthe\s)\b(?:rests?|stand|resting|standing|sitting)\b/iu, 'rest'],
  [/\bfork(?:ed)?\b/iu, 'fork'],
  [/\bto\s+(?:serve|finish)\b/iu, 'serve'],
];

/** How far into a piece the words before the order go. */
export const leadOf = (text: string): number => LEADS.exec(text)?.[0].length ?? 0;

const NOT =
  /^(?:(?:do\s+not|don['’]?t|never|no\s+need\s+to|not\s+necessary\s+to|needn['’]?t|without|avoid|no|not|instead\s+of|rather\s+than|you\s+don['’]?t\s+(?:need\s+to|have\s+to))\s+)+/iu;

/** What is said not to be done: how many characters say so. */
export const notOf = (text: string): number => NOT.exec(text)?.[0].length ?? 0;

function found(
  table: readonly (readonly [RegExp, Verb])[],
  text: string,
  at: number,
  isDone: boolean,
): Action | undefined {
  for (const [words, verb] of table) {
    const m = words.exec(text.slice(at));
    if (m)
      return { verb, from: at + m.index, to: at + m.index + m[0].length, word: m[0].toLowerCase(), isDone };
  }
  return undefined;
}

/** The order a text begins with; what is said not to be done is one too. */
export function headVerb(text: string): Action | undefined {
  const lead = leadOf(text);
  const not = notOf(text.slice(lead));
  const at = lead + not + leadOf(text.slice(lead + not));
  const order = found(ORDERS, text, at, false);
  if (order?.verb === 'fry' && isNamed(text.slice(order.from))) return undefined;
  return order ?? done(text, at) ?? ing(text, at);
}

/** A participle that is no part of a name behind it: "fried crisp", and not "fried fish". */
function done(text: string, at: number): Action | undefined {
  const action = found(DONE, text, at, true);
  return action && (action.word.startsWith('un') || AFTER_DONE.test(text.slice(action.to)))
    ? action
    : undefined;
}
const AFTER_DONE =
  /^\s*(?:$|[,;.)(]|(?:in|until|till|for|with|and|then|well|once|twice|to|under|over|crisp|golden|soft|mushy|translucent|through|hard|dry|til|light|lightly|deep|dark|again|just|at|on|overnight|as|but|separately|very|about|since|slowly|gently|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|forty|half|several|if|by|down|\d\S*)(?=\s|$|[,;.)]))/iu;

/** "Golden onion" at the head of a list, "brown rice", "roast chicken", "crisp bacon": a name and no order. */
const isNamed = (text: string): boolean =>
  /^(?:brown\s+(?:rice|basmati|sugar|lentils?|long|short|medium)|golden\s+(?:sella|raisins?|brown)|roast\s+(?:chicken|pepper)|stew(?:ed)?\s+meat|heat\s*$)/iu.test(
    text,
  );

/** "Adding", "stirring": what goes on while. */
function ing(text: string, at: number): Action | undefined {
  const [word = ''] = /^(?:adding|pouring|covering|washing|rinsing)\b/iu.exec(text.slice(at)) ?? [];
  if (word === '') return undefined;
  const verb: Verb = /^(?:add|pour)/iu.test(word) ? 'add' : /^cover/iu.test(word) ? 'cover' : 'wash';
  return { verb, from: at, to: at + word.length, word: word.toLowerCase(), isDone: false };
}

/** What a piece says is done: the order it begins with, or what is said behind its thing. */
export function actionIn(text: string): Action | undefined {
  if (/^(?:and\s+)?(?:until|till|so that|so it|because|otherwise|as\s+(?:low|the))\b/iu.test(text))
    return undefined;
  // What comes behind "until" is a look: "until the grain pokes out" takes nothing out.
  const before = text.replace(/\b(?:until|till|'?til)\b.*$/iu, '');
  return headVerb(text) ?? found(BEHIND, before, 0, false) ?? doneWithin(before);
}

/** "1 1/2 cups basmati soaked for 30 minutes": said behind the name without a comma. */
function doneWithin(text: string): Action | undefined {
  const m =
    /\s((?:pre-?)?soaked|left to soak|left in water|turned|washed|rinsed|drained|fried|browned|toasted|sweated|softened|sautéed|seared)\b(?!\s+(?:rice|basmati|grain|onions?|lentils?|millet|chickpeas|beans|cashews?|in the pan))/iu.exec(
      text,
    );
  if (!m) return undefined;
  return done(text, m.index + 1);
}
