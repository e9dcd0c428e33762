import type { State } from '../../basics/larder/composition.js';
import { ingredientById } from '../../basics/larder/larder.js';
import {
  isThing,
  MOST_LINES,
  parseLine,
  parseLines,
  type LineOptions,
  type ParsedLine,
} from '../line/parseLine.js';
import { soakedFor } from '../../basics/larder/pulseSoak.js';
import { saidNumber } from '../line/saidNumber.js';
import { wordsOf } from '../line/words.js';
import type { Method, Toast, Wash } from '../../basics/method/methods.js';
import type { Act, Stage } from '../../basics/method/stage.js';
import type { Timing } from '../../basics/method/timing.js';
import { clausesOf, thingIn } from './clauses.js';
import { minutesIn } from './minutes.js';
import { inMeasure, ownMeasure, type OwnMeasure } from './ownMeasure.js';
import { GRAIN, readStep, some, type Said } from './readStep.js';
import { sentencesOf } from './sentences.js';
import type { TakenOut } from './takenOut.js';
import { NUMBERED, ORDERS, titled } from './title.js';

/** A clause of the telling that is no thing: its words stay, and what was understood of them is computed. */
export interface Step {
  readonly text: string;
  /** The stage it belongs to: its own, or that of the clause before. */
  readonly act?: Act;
  /** False where nothing in it could be computed. */
  readonly isUnderstood: boolean;
}

/** A thing with the words of the telling it was read from. */
type SaidLine = ParsedLine & {
  readonly said: string;
  /** The stage that was spoken of when it was named, where one was. */
  readonly act?: Act;
};

/** A pasted dish as understood. */
export interface Recipe {
  /** Its name, where its first line is one. */
  readonly title?: string;
  /** Every thing it names, in the order of the telling. */
  readonly lines: readonly SaidLine[];
  readonly steps: readonly Step[];
  readonly portions?: number;
  readonly method?: Method;
  readonly timing: Timing;
  readonly soakMin?: number;
  readonly wash?: Wash;
  readonly drain?: 'sieve';
  /** Where the soak water is poured: measured before the grain went into it, or after. */
  readonly soakWater?: 'reused' | 'reusedAfter';
  readonly toast?: Toast;
  readonly crust?: true;
  /** Parts of liquid to one of grain, by the cook's own rule. */
  readonly ratio?: number;
  /** True where the cook pours no water at all. */
  readonly baseOnly?: true;
  /** Stew taken out before the grain, and the act at which it comes back. */
  readonly takenOut?: TakenOut;
  /** How the pot is closed once it is off the heat. */
  readonly restLid?: Stage['lid'];
  readonly backAt?: Act;
  /** How far what is fried is cooked, in the order it was said: a colour is the onions', a mush the tomatoes'. */
  readonly states: readonly State[];
  /** Acts before the liquid, in the cook's own order. */
  readonly order: readonly Act[];
  /** Lines, or sentences of a line, of a very long text that were not read. */
  readonly leftOut: number;
}

/** A line of a list is short, and says one amount at its beginning. */
const LONGEST_LIST_LINE = 90;

function isListLine(line: string, options: LineOptions): boolean {
  if (line.length > LONGEST_LIST_LINE) return false;
  const bare = line.replace(NUMBERED, '');
  if (bare !== line.trimStart() && ORDERS.test(bare)) return false;
  const isProse = /[.;]\s+\S/u.test(line.replace(/\b(?:c|tbsp|tsp|oz|lb|approx|\d{1,2})\./giu, ' '));
  if (isProse) return false;
  if (saidNumber(line.trim().replace(/^[-•*\s]+/u, ''), options))
    return minutesIn(line) === undefined || isThing(line, options);
  const { status, portions, potCm, id } = parseLine(line, options);
  const names = id !== undefined && readStep(line, undefined) === undefined;
  return status === 'words' || portions !== undefined || potCm !== undefined || names;
}

const isFat = ({ id }: ParsedLine): boolean => ingredientById(id ?? '')?.behaves === 'fat';

/** What was named before and comes again without an amount, "mushrooms back", is no second helping. */
const isNew = (line: ParsedLine, before: readonly ParsedLine[]): boolean =>
  line.amount !== undefined || !before.some((l) => l.id === line.id || (l.isGrain && line.isGrain));

/** A shorter word is no name of a pulse. */
const SHORTEST_NAME = 3;
/** So many lines with things are a list. */
const IS_A_LIST = 3;
/** Acts a clause tells with the thing it names: "bay leaves out". */
const ALL_OF_IT: ReadonlySet<Act> = new Set<Act>(['spicesOut', 'turnOut', 'marinate', 'steep', 'fork']);

/** What is read of a telling at the most: three times the longest recipe there is. What comes after is said to be left out. */
const MOST_CHARACTERS = 12_000;
const MOST_CLAUSES = 600;

/** Reads clause by clause; what was said before decides what a bare number or a colour is said of. */
class Telling {
  readonly lines: SaidLine[] = [];
  readonly steps: Step[] = [];
  readonly says: Said[] = [];
  #act: Act | undefined;
  #measure: OwnMeasure | undefined;
  /** Lines of a list so far. */
  #listed = 0;

  constructor(readonly options: LineOptions) {}

  list(line: string): void {
    this.#listed += 1;
    this.lines.push(...parseLines(line, this.options).lines.map((l) => ({ ...l, said: line })));
  }

  clause(said: string): void {
    const tells = ownMeasure(said, this.options);
    this.#measure ??= tells;
    const clause = tells ? said : inMeasure(said, this.#measure);
    const thing = tells ? undefined : thingIn(clause, this.options);
    const all = thing === undefined ? [] : parseLines(thing, this.options).lines;
    const found = all.filter((l) => (this.#listed < IS_A_LIST ? isNew(l, this.lines) : this.#isBesides(l)));
    const spokenOf = this.#act === undefined ? {} : { act: this.#act };
    this.lines.push(...found.map((l) => ({ ...l, said, ...spokenOf })));
    // What is fried after the toasting is a base of its own.
    if (this.#act === 'toast' && found.some((l) => !l.isGrain && !isFat(l))) this.#act = 'base';
    const whole = readStep(said, this.#act)?.act;
    if (found.length === 0 || thing === undefined || (whole && ALL_OF_IT.has(whole))) this.#step(said, false);
    else this.#step(clause.slice(clause.indexOf(thing) + thing.length), true);
  }

  /** Under a list the steps speak of what stands in it: only a measured thing that is not there goes in besides. */
  #isBesides({ id, choices, amount }: ParsedLine): boolean {
    const meant = new Set([id, ...choices.slice(0, 2)]);
    return amount !== undefined && !this.lines.some((l) => meant.has(l.id));
  }

  /** A colour, or minutes in the fat, are said of the grain where that was named last, and toasting of nothing else. */
  #ofGrain(clause: string, read: Said | undefined): Said | undefined {
    const isGrain = this.lines.findLast((l) => !isFat(l))?.isGrain === true;
    if (read?.toast !== undefined && !isGrain && !GRAIN.test(clause)) return undefined;
    const isColour = read?.act === 'base' && this.#act !== 'base' && isGrain && !/^stir$/iu.test(clause);
    return isColour ? readStep(`toast grain ${clause}`, this.#act) : read;
  }

  /**
   * "Soak the chickpeas overnight" is said of the chickpeas, and of the grain only where that is named too; "soaked an hour" of what
   * was named last.
   */
  #ofPulse(clause: string, said: Said | undefined): Said | undefined {
    if (said?.soakMin === undefined) return said;
    const words = new Set(wordsOf(clause));
    const minutes = said.soakMin;
    const pulses = this.lines.filter((line) => {
      const row = ingredientById(line.id ?? '');
      const isNamed = wordsOf(line.text).some((w) => w.length >= SHORTEST_NAME && words.has(w));
      return row !== undefined && isNamed && soakedFor(row, 0) !== undefined;
    });
    const last = this.lines.at(-1);
    const row = ingredientById(last?.id ?? '');
    const isBare = pulses.length === 0 && !GRAIN.test(clause) && /^soaked\b/iu.test(clause);
    if (isBare && last && row && soakedFor(row, 0) !== undefined) pulses.push(last);
    for (const line of pulses)
      this.lines[this.lines.indexOf(line)] = { ...line, soak: { minutes, said: true } };
    return pulses.length === 0 || GRAIN.test(clause) ? said : { act: 'soak' };
  }

  #step(words: string, isRest: boolean): void {
    const clause = words.replace(/^[\s,.;]+/u, '').trim();
    if (!/[\p{L}\d]/u.test(clause)) return;
    const said = this.#ofPulse(clause, this.#ofGrain(clause, readStep(clause, this.#act)));
    this.#act = said?.act ?? this.#act;
    if (said) this.says.push(said);
    const act = this.#act === undefined ? {} : { act: this.#act };
    if (said || !isRest || clause.split(/\s+/u).length > 1)
      this.steps.push({ text: clause, isUnderstood: said !== undefined, ...act });
  }
}

/**
 * Reads a whole pasted dish: what goes in, line by line or within sentences, and of the steps what can be computed (soak,
 * washing, toasting, method, minutes, seals, whistles). Everything else stays as words at its place; nothing is left out.
 * Never throws.
 * @example parseRecipe('2 cups basmati\nSimmer covered 12 minutes.').timing.coveredMin // 12
 */
export function parseRecipe(text: string, options: LineOptions = {}): Recipe {
  const given = text.split(/\r?\n/u).filter((l) => /[\p{L}\d]/u.test(l));
  const telling = new Telling(options);
  const { title, forPeople, body } = titled(given, options);
  let leftOut = Math.max(0, body.length - MOST_LINES);
  let [characters, clauses] = [0, 0];
  for (const line of body.slice(0, MOST_LINES)) {
    if (isListLine(line, options)) {
      telling.list(line);
      continue;
    }
    for (const sentence of sentencesOf(line.replace(NUMBERED, ''))) {
      if (characters > MOST_CHARACTERS || clauses > MOST_CLAUSES) {
        leftOut += 1;
        continue;
      }
      const said = clausesOf(sentence);
      for (const clause of said) telling.clause(clause);
      characters += sentence.length;
      clauses += said.length;
    }
  }
  const { lines, steps, says } = telling;
  return {
    ...(title === undefined ? {} : { title }),
    lines,
    steps,
    ...together(says),
    ...(forPeople === undefined ? {} : { portions: forPeople }),
    ...besides(lines),
    leftOut,
  };
}

/** What all the clauses say together: of one thing said twice, the first. */
function together(says: readonly Said[]): Pick<Recipe, 'timing' | 'order' | 'states'> & Partial<Recipe> {
  const pick = <K extends keyof Said>(key: K): Said[K] | undefined =>
    says.find((s) => s[key] !== undefined)?.[key];
  const first = says.reduce<Timing>((sum, s) => ({ ...s.timing, ...sum }), {});
  // "Lid a minute" while frying is not the covered time: that is the longest.
  const covered = Math.max(0, ...says.map((s) => s.timing?.coveredMin ?? 0));
  const timing = covered > 0 ? { ...first, coveredMin: covered } : first;
  const dry = says.flatMap((s) => (s.act === 'base' || s.act === 'toast' ? [s.act] : []));
  const method =
    says.find((s) => s.method !== undefined && s.method !== 'boilDown')?.method ?? pick('method');
  const found = some<Partial<Recipe>>({
    method,
    soakMin: pick('soakMin'),
    wash: says.some((s) => s.wash === 'untilClear') ? 'untilClear' : pick('wash'),
    drain: pick('drain'),
    soakWater: pick('soakWater'),
    // Grain that is fried dry in its stew is not toasted besides.
    toast: method === 'fryDry' ? undefined : pick('toast'),
    crust: pick('crust'),
    ratio: pick('ratio'),
    baseOnly: pick('baseOnly'),
    takenOut: pick('takenOut'),
    // Put on the ring again it was no rest.
    restLid: says.find((s, i) => s.restLid && !says.slice(i).some((t) => t.timing?.coveredMin))?.restLid,
    backAt: says.find((s) => s.putBack)?.act,
  });
  const states = [...new Set(says.flatMap((s) => s.state ?? []))];
  return { ...found, timing, states, order: [...new Set(dry)] };
}

/** What the lines themselves say: for how many, and how the grain is washed and soaked. */
function besides(lines: readonly ParsedLine[]): Partial<Recipe> {
  const portions = lines.find((l) => l.portions !== undefined)?.portions;
  const grain = lines.find((l) => l.isGrain);
  const wash = grain && readStep(grain.note, undefined)?.wash;
  return {
    ...(portions === undefined ? {} : { portions }),
    ...(wash === undefined ? {} : { wash }),
    ...(grain?.soak ? { soakMin: grain.soak.minutes } : {}),
  };
}
