import type { State } from '../../basics/larder/composition.js';
import type { Method, Toast, Wash } from '../../basics/method/methods.js';
import type { Act, Stage } from '../../basics/method/stage.js';
import type { Timing } from '../../basics/method/timing.js';
import { saidNumber } from '../line/saidNumber.js';
import { comesBack, takenOut, type TakenOut } from './takenOut.js';
import { byMinutes, COLOURS, first, heatIn, REST_LIDS, SEALS, STATES } from './stepWords.js';
import { bareNumber, lastNumber, minutesIn } from './minutes.js';

/** What one clause of a telling says of how the pot is made. */
export interface Said {
  /** The stage it speaks of. */
  readonly act?: Act;
  readonly soakMin?: number;
  readonly wash?: Wash;
  readonly drain?: 'sieve';
  readonly soakWater?: 'reused' | 'reusedAfter';
  readonly toast?: Toast;
  readonly method?: Method;
  readonly timing?: Timing;
  readonly crust?: true;
  /** Parts of liquid to one of grain, by the cook's own rule. */
  readonly ratio?: number;
  /** True where the cook pours no water at all. */
  readonly baseOnly?: true;
  /** Minutes of an act that has no place in the timing: a base, a marinade. */
  readonly minutes?: number;
  /** How the pot is closed once it is off the heat. */
  readonly restLid?: Stage['lid'];
  /** Stew that is taken out of the pot, and that it comes back. */
  readonly takenOut?: TakenOut;
  readonly putBack?: true;
  /** How far what is fried is cooked. */
  readonly state?: State;
}

/** Words for grain. */
export const GRAIN =
  /\b(?:rice|grains?|basmati|quinoa|bulgur|wheat|millet|barley|jasmine|freekeh|buckwheat|parboiled)\b/iu;
const FRIES =
  /\b(?:toast|fry|fried|frying|stir|turn|turned|cook|coat|coated|sizzle|sweat|soften|brown(?!\s+(?:rice|basmati|lentil|sugar|onion))|brow?ned|saut[eé])\w*\b/iu;
export const some = <T extends object>(fields: { readonly [K in keyof T]: T[K] | undefined }): Partial<T> =>
  Object.fromEntries(Object.entries(fields).filter(([, v]) => v !== undefined)) as Partial<T>;

type Rule = readonly [RegExp, (text: string, minutes: number | undefined) => Said | undefined];

/** What clauses say, the surest first. */
const RULES: readonly Rule[] = [
  [
    /whistle/iu,
    (t) => {
      const [, count = ''] = /(\w+)\s+(?:more\s+)?whistle/iu.exec(t) ?? [];
      const whistles = saidNumber(`${count} `, {})?.count;
      return { act: 'pressure', method: 'pressureCooker', timing: some<Timing>({ whistles }) };
    },
  ],
  [
    /electric (?:pot|cooker)|multi[\s-]?cooker|vent (?:shut|closed|sealed)|high pressure|natural release|\bpressure\b.*\d/iu,
    (t, min) => ({
      act: 'pressure',
      method: 'multiCooker',
      timing: some<Timing>({
        pressureMin: min ?? numberAfter(t),
      }),
    }),
  ],
  [
    /rice[\s-]?cooker|\bin the cooker\b|\bflips?\b|press cook|on \*?cook\*?/iu,
    () => ({ act: 'cook', method: 'riceCooker' }),
  ],
  [
    /marinat|lay in|left in (?:its|the) (?:spices|garlic)/iu,
    (_t, minutes) => ({ act: 'marinate', ...some<Said>({ minutes }) }),
  ],
  [/steep|kettle over/iu, (_t, minutes) => ({ act: 'steep', ...some<Said>({ minutes }) })],
  [
    /\bto one\b|cup for cup|one to one/iu,
    (t) => {
      const [, parts] = /([\w½¼¾.]+(?:\s+and\s+an?\s+\w+)?)\s+to\s+one\b/iu.exec(t) ?? [];
      const ratio = parts === undefined ? 1 : saidNumber(`${parts} `, {})?.count;
      return ratio === undefined || ratio > 5 ? undefined : { ratio };
    },
  ],
  [
    /not a drop of water|no water (?:at all|added)|without (?:any )?water/iu,
    () => ({ method: 'stewSteam', baseOnly: true as const }),
  ],
  [
    /\brounds\b|lets go of the (?:pot|bottom)|takes? up all the stew|unsticks/iu,
    () => ({ act: 'fryDry', method: 'fryDry' }),
  ],
  [
    /measured (?:once|after|when)\b.*\b(?:out|drained)/iu,
    () => ({ act: 'drain', soakWater: 'reusedAfter' as const }),
  ],
  [/\bsoak(?:ing)? water\b(?!.*thrown)/iu, () => ({ act: 'drain', soakWater: 'reused' as const })],
  [/^dripping$/iu, () => ({ act: 'drain' })],
  [
    /left in water|in water since|\bsoak/iu,
    (_t, min) => ({ act: 'soak', soakMin: min ?? 30, wash: 'rinsed' }),
  ],
  [
    /\b(?:wash|rinse)\w*\b(?!.*\b(?:sieve|colander|drain)).*\b(?:stand|sit|wait)/iu,
    (t, min) =>
      min === undefined
        ? undefined
        : { act: 'soak', soakMin: min, wash: /clear/iu.test(t) ? 'untilClear' : 'rinsed' },
  ],
  [
    /\b(?:wash|rinse)\w*\b/iu,
    (t) => ({
      act: 'drain',
      wash: /clear/iu.test(t) ? 'untilClear' : 'rinsed',
      ...(/sieve/iu.test(t) ? { drain: 'sieve' as const } : {}),
    }),
  ],
  [
    /\b(?:drain|sieve)/iu,
    (t) => ({ act: 'drain', ...(/sieve/iu.test(t) ? { drain: 'sieve' as const } : {}) }),
  ],
  [/\bcrust\b|crisp bottom|floor one can lift/iu, () => ({ act: 'simmer', crust: true as const })],
  [
    /(?:plate|over).*(?:over it goes|on top, )|turn(?:ed)? (?:it )?out\b|invert/iu,
    () => ({ act: 'turnOut' }),
  ],
  [/\bfork|fluff/iu, () => ({ act: 'fork' })],
  [/(?<!to )\btaste\b/iu, () => ({ act: 'taste' })],
  [
    /(?:take|fish|pick)\s+(?:the\s+)?.*(?:spices|leaves|bay|stick).*\bout\b|(?:leaves|spices) out\b/iu,
    () => ({ act: 'spicesOut' }),
  ],
  [
    /(?:until|till).*(?:holes|crater|level with|no (?:water|liquid)|nothing is seen|pokes? out|hardly wet|surface is dry)/iu,
    (_t, min) => ({ act: 'boilDown', method: 'boilDown', ...some<Said>({ minutes: min }) }),
  ],
  [
    /(?:until|till).*(?:absorbed|taken up|drunk)/iu,
    (t, min) =>
      /\blid\b|cover/iu.test(t)
        ? { act: 'simmer', timing: some<Timing>({ coveredMin: min }) }
        : { act: 'boilDown', method: 'boilDown' },
  ],
  [
    /^(?:and\s+|let (?:it )?)?(?:rest|stand|sit)\b|\b(?:to rest|let .{0,20}(?:rest|stand|sit)|rest(?:ed)? (?:for )?\d|leave (?:it )?(?:for )?\d+|off (?:the )?heat|off the fire|switched off|turn off)\b|^\s*off\b/iu,
    (_t, min) => ({ act: 'rest', timing: some<Timing>({ restMin: min }) }),
  ],
  [
    /\bboil\w*\b.*\b(?:open|uncovered|lid off|no lid|without)|\b(?:open|uncovered)\b.*\bboil/iu,
    (_t, min) => ({ act: 'openBoil', timing: some<Timing>({ openBoilMin: min }) }),
  ],
  [
    /\b(?:lid|cover(?:ed)?|simmer|steam|foil|tea[\s-]?towel|parchment|baking paper|lowest)\b|as low as|\blow(?:ish)?\b/iu,
    (t, min) => ({
      act: 'simmer',
      timing: some<Timing>({
        coveredMin: min,
        coveredHeat: heatIn(t),
        seal: first(SEALS, t),
        spreader: /iron under|spreader|flat (?:pan|iron)|tawa/iu.test(t) ? true : undefined,
      }),
    }),
  ],
  [/^turn(?:ed)?(?:\s+it)?(?:\s+once)?$/iu, () => ({ act: 'turn' })],
  [
    /oil (?:stands|rises|separates|comes|floats)/iu,
    (t, min) => ({
      act: 'base',
      ...some<Said>({ state: 'oilSeparated', minutes: min ?? saidNumber(t, {})?.count }),
    }),
  ],
  [
    /toast/iu,
    (t, min) =>
      GRAIN.test(t) || !/\b(?:nut|seed|spice|coconut|almond|cashew)/iu.test(t)
        ? { act: 'toast', toast: first(COLOURS, t) ?? byMinutes(min) }
        : undefined,
  ],
  [
    FRIES,
    (t, min) =>
      GRAIN.test(t)
        ? { act: 'toast', toast: first(COLOURS, t) ?? byMinutes(min) }
        : { act: 'base', ...some<Said>({ state: first(STATES, t), minutes: min }) },
  ],
  [/\bpour(?:ed)?\b/iu, () => ({ act: 'boil' })],
  [/\bboil\b|comes? up|bring .*up|roll/iu, () => ({ act: 'boil' })],
  [/\b(?:warm|heat|melt)\w*\b.*\b(?:oil|fat|ghee|butter|lard|dripping)\b/iu, () => ({ act: 'warmFat' })],
  [
    /golden|yellow|biscuit|glass|opaque|translucent/iu,
    (t, min) => ({ act: 'base', ...some<Said>({ state: first(STATES, t), minutes: min }) }),
  ],
];

const ON_AGAIN = /\b(?:low\w*|high|medium\S*|simmer|steam|boil|cook|heat|flame|ring|back on)\b/iu;

const numberAfter = (text: string): number | undefined =>
  saidNumber(/pressure\W{0,3}(\w+.*)$/iu.exec(text)?.[1] ?? '', {})?.count;

/**
 * What one clause says; a number alone is the minutes of what was spoken of before it.
 * @param before the act that was spoken of last
 * @returns undefined where nothing in it can be computed: it stays as words
 */
export function readStep(clause: string, before: Act | undefined): Said | undefined {
  const here = some<Said>({ act: before });
  const out = takenOut(clause);
  if (out) return { ...here, takenOut: out };
  if (comesBack(clause)) return { ...here, putBack: true };
  const minutes = minutesIn(clause) ?? lastNumber(clause);
  // What closes a pot that is off the heat is of its rest, as long as nobody puts it on again.
  const restLid = before === 'rest' && !ON_AGAIN.test(clause) ? first(REST_LIDS, clause) : undefined;
  if (restLid) return { act: 'rest', restLid, timing: some<Timing>({ restMin: minutes }) };
  for (const [words, read] of RULES) {
    const said = words.test(clause) ? read(clause, minutes) : undefined;
    if (said) return said;
  }
  const min = bareNumber(clause) ?? minutes;
  if (min === undefined) return undefined;
  if (before === 'simmer' || before === 'turn') return { act: 'simmer', timing: { coveredMin: min } };
  // Forked and left alone: it rests.
  if (before === 'rest' || before === 'fork') return { act: 'rest', timing: { restMin: min } };
  if (before === 'soak') return { act: before, soakMin: min };
  if (before === 'toast') return { act: before, toast: byMinutes(min) };
  return before === 'base' ? { act: before, minutes: min } : undefined;
}
