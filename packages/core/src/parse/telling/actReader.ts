import { isThing, parseLine, parseLines, type LineOptions, type ParsedLine } from '../line/parseLine.js';
import {
  bareTime,
  besideIn,
  countIn,
  heatIn,
  hotIn,
  lidIn,
  MAYBE,
  spreaderIn,
  stateIn,
  timeIn,
  untilIn,
} from '../words/attributes.js';
import { blank, extend, fits, isBare, join, type DraftAct } from './draftAct.js';
import { besides } from './besides.js';
import { Namer } from './namer.js';
import { overlookedIn } from './overlooked.js';
import { piecesOf, type Piece } from './pieces.js';
import { pourRuleIn, sayingIn, withoutMadeUp } from '../words/pourRule.js';
import type { Verb } from '../words/told.js';
import { actionIn, leadOf, notOf, type Action } from '../words/verbs.js';

/** "Bacon crisp in palm oil", "one leek soft": fried, without a verb. */
const LOOKS = /\s(?:crisp|soft|golden|brown|translucent|to gold|mushy)\b(?=\s*(?:$|in\b))/iu;

const BEFOREHAND =
  /^(?:the (?:night|day|evening) before|yesterday|last night|beforehand|in advance|ahead of time|a day ahead|earlier(?: in the day)?)\b/iu;
const BOILED_APART = /\b(?:boil|cook|simmer|poach|stew)\w*\b.*\bin\b.*\b(?:water|lit(?:re|er)s?)\b/iu;
/** "Three cups of broth, boiling": how it is poured, and nothing that boils. */
const HOT_ALONE =
  /^(?:(?:and\s+)?(?:boiling|piping|very|still)\s+hot|boiling|hot|straight from the kettle|from the kettle)$/iu;
/** An amount behind what is waited for; not how long that takes. */
const THEN_AMOUNT =
  /\s((?:\d\S*|[½¼¾⅓⅔]|two|three|four|five|six|eight|ten|half an?|(?:an?|one)\s+(?:good\s+|level\s+)?(?:teaspoon|tablespoon|tsp|tbsp|spoon|cup|mug|handful|pinch|clove|tin|can))\s(?!(?:to \S+ )?(?:minutes?|mins?|hours?|seconds?|more|times?|thirds?)\b).*)$/iu;
/** An action nobody named. */
const NO_WORDS = { from: 0, to: 0, word: '', isDone: false } as const;
const BUT_NOW = /^(?:but|instead)\b.*\b(?:this time|today|tonight|here)\b/iu;
/** Why it is done, and nothing that is done. */
const PURPOSE =
  /^(?:and\s+)?(?:so that|so (?:it|they|there)|because|otherwise|that way|this way|to (?:avoid|prevent|stop|keep it))\b/iu;

/** Verbs that take things one after another. */
const TAKES: ReadonlySet<Verb> = new Set<Verb>([
  'add',
  'fry',
  'toast',
  'prepare',
  'list',
  'wash',
  'soak',
  'liftOut',
  'serve',
  'putBack',
  'boil',
  'stir',
  'cook',
  'marinate',
]);
/** Verbs that a list behind them repeats: "onion to brown; two tomatoes till mushy". */
const REPEATS: ReadonlySet<Verb> = new Set<Verb>(['fry', 'toast', 'soak']);

/** Reads piece by piece; what was named last is what a pronoun means. */
export class ActReader extends Namer {
  #section: string | undefined;
  /** What was done to a thing before: nothing more goes into that. */
  readonly #done = new WeakSet<object>();

  /** A heading: what follows is made beside, or is of the pot again. */
  section(beside: string | undefined): void {
    this.#section = beside;
  }

  /** Words that tell nothing to be done. */
  words(text: string, from: number): void {
    this.#push(blank('words', { text, from, to: from + text.length }));
  }

  /** What was measured and not read is asked about at its place. */
  askOverlooked(): void {
    for (const { act, line } of overlookedIn(this.acts, this.lines, this.options)) {
      const before = this.acts[act];
      if (!before) continue;
      const n = this.add(line, before.text, before.beside);
      this.acts[act] = { ...before, things: [...before.things, { line: n, isNew: true }] };
    }
  }

  /** A line of a list: its things, and what was done to them before. */
  list(line: string, from: number, beside?: string): void {
    const found = listed(withoutMadeUp(this.measured(line)), this.options);
    this.listed += 1;
    const apart = beside ?? this.#section;
    const things = found.map((l) => this.add(l, line, apart));
    const act = blank('list', { text: line, from, to: from + line.length });
    if (apart !== undefined) act.beside = apart;
    act.things = things.map((n) => ({ line: n, isNew: true }));
    act.grain = found.some((l) => l.isGrain);
    if (hotIn(line)) act.hot = true;
    act.liquid = found.some((l) => l.pours === true);
    const rule = pourRuleIn(line, this.options);
    act.listed = true;
    const isWhole = rule !== undefined && found.every((l) => l.amount === undefined);
    if (rule?.kind === 'less' || isWhole) act.rule = rule;
    else if (rule?.kind === 'ml') Object.assign(act, { rule: besides(rule, found), liquid: true });
    this.#push(act);
    this.last = { things, grain: act.grain };
    for (const piece of piecesOf(line, from).slice(1)) {
      const action = actionIn(piece.text);
      if (!action?.isDone && !(action && /^(?:wash|soak|drain)$/u.test(action.verb))) continue;
      const done = this.#act(piece, action, apart);
      // They are the line's, and stand there.
      done.things = act.things.map(({ line: n }) => ({ line: n, isNew: false }));
      done.grain = act.grain;
      this.#push(done);
    }
  }

  /** One sentence; `beside` where it stands under a heading of something else. */
  sentence(pieces: readonly Piece[], beside?: string): void {
    const saying = sayingIn(pieces.map((p) => p.text).join(', '));
    if (saying) {
      for (const p of pieces) this.words(p.text, p.from);
      const last = this.acts.pop();
      if (last) this.acts.push({ ...last, rule: saying });
      return;
    }
    const first = this.acts.length;
    let group: DraftAct | undefined;
    let apart = beside ?? this.#section;
    let isCase = false;
    // "The night before: boil a leg in a litre of water": in another pot, whose water is none of this one's.
    const [head] = pieces;
    if (head && BEFOREHAND.test(head.text) && pieces.some((p) => BOILED_APART.test(p.text)))
      apart ??= 'beforehand';
    // "It is boiled in plenty of water, but this time in one pot": what comes before is of another time.
    const butNow = pieces.findIndex((p) => BUT_NOW.test(p.text));
    for (const [i, piece] of pieces.entries()) {
      if (i < butNow) {
        this.words(piece.text, piece.from);
        continue;
      }
      const own = besideIn(piece.text);
      if (own !== undefined) apart = own;
      else if (piece.joint === ';' && beside === undefined) apart = this.#section;
      // "If the top is still shiny: foil for three": all of it is of another case.
      if (i === 0 && /^\s*(?:if|unless|in case)\b/iu.test(piece.text)) isCase = true;
      if (isCase || piece.joint === 'or' || MAYBE.test(piece.text) || PURPOSE.test(piece.text)) {
        this.words(piece.text, piece.from);
        continue;
      }
      const next = this.#read(piece, group, apart);
      if (next) group = next;
    }
    this.#soaksOn(first);
  }

  /** "Lentils soaked for two hours; the rice, two cups, only forty minutes": what is listed behind a soak with its own time is soaked. */
  #soaksOn(from: number): void {
    for (let i = from + 1; i < this.acts.length; i += 1) {
      const [before, act] = [this.acts[i - 1], this.acts[i]];
      if (before?.verb !== 'soak' || before.negated || act?.verb !== 'list') continue;
      if (act.minutes !== undefined && act.things.length > 0) this.acts[i] = { ...act, verb: 'soak' };
    }
  }

  /** What one piece says: an act of its own, or more of the act before; undefined where it went into that. */
  #read(piece: Piece, group: DraftAct | undefined, apart: string | undefined): DraftAct | undefined {
    const when = this.#condition(piece);
    if (when) return this.#push(when);
    if (group && HOT_ALONE.test(piece.text)) {
      group.hot ||= group.liquid;
      extend(group, blank('words', piece));
      return undefined;
    }
    const rule = apart === undefined ? pourRuleIn(piece.text, this.options) : undefined;
    const found = actionIn(piece.text);
    const action = rule && found?.verb !== 'add' && found?.verb !== 'boil' ? undefined : found;
    const act = this.#act(piece, action, apart, rule !== undefined && rule.kind !== 'less');
    if (rule) {
      act.rule = besides(
        rule,
        // "Coconut milk, and water to make 560 ml": both are of one amount.
        [...act.things, ...(piece.joint === 'and' ? (group?.things ?? []) : [])].flatMap(
          (t) => this.lines[t.line] ?? [],
        ),
      );
      act.liquid = true;
      // "Make it up to 550 ml": the liquid is made ready, and not poured yet.
      if (!action) act.verb = rule.kind === 'ml' && found?.verb === 'prepare' ? 'prepare' : 'add';
      act.grain =
        act.grain &&
        action !== undefined &&
        /\b(?:add|stir|tip|put)\b.*\b(?:rice|grain|millet)\b.*\b(?:and|with)\b/iu.test(piece.text);
      return this.#push(act);
    }
    if (action?.word === 'stirring' && group) {
      extend(group, act);
      return undefined;
    }
    if (action) {
      const isAnd = piece.joint === 'and' || piece.joint === ',';
      // "Wash and soak the rice": both are of the rice.
      if (
        isAnd &&
        group &&
        this.filled.has(group) &&
        isBare(group) &&
        !this.filled.has(act) &&
        (act.things.length > 0 || act.grain)
      ) {
        group.things = act.things;
        group.grain = act.grain;
      }
      return this.#push(act);
    }
    return this.#verbless(act, piece, group);
  }

  /** A piece without a verb: more things, heat, lid or minutes of the act before, or an act that is understood. */
  #verbless(act: DraftAct, piece: Piece, group: DraftAct | undefined): DraftAct | undefined {
    if (act.negated && group) Object.assign(act, { things: [], grain: false, liquid: false, negated: false });
    const hasThings = act.things.length > 0 || act.grain || act.liquid;
    const says = act.heat ?? act.lid ?? act.minutes ?? act.until;
    if (hasThings && act.verb === 'words' && !act.grain && LOOKS.test(piece.text)) {
      act.verb = 'fry';
      const state = stateIn(piece.text);
      if (state && !act.until) act.until = { state, text: piece.text };
      return this.#push(act);
    }
    // "Onions on top, with yoghurt on the side": the second is of another vessel.
    if (hasThings && group && act.beside !== undefined && group.beside === undefined) {
      act.verb = act.verb === 'words' ? 'list' : act.verb;
      return this.#push(act);
    }
    if (hasThings) {
      const isOpen =
        group && group.minutes === undefined && group.until === undefined && group.heat === undefined;
      if (
        group &&
        isOpen &&
        TAKES.has(group.verb) &&
        !this.#done.has(group) &&
        piece.joint !== 'then' &&
        piece.joint !== ';' &&
        (says === undefined || group.heat === undefined)
      ) {
        join(group, act);
        this.last = { things: group.things.map((n) => n.line), grain: group.grain };
        return undefined;
      }
      const again =
        group !== undefined &&
        !group.negated &&
        !this.#done.has(group) &&
        REPEATS.has(group.verb) &&
        (group.verb !== 'soak' || says !== undefined) &&
        (says !== undefined || piece.joint !== 'then');
      act.verb = again ? group.verb : act.verb === 'words' ? 'list' : act.verb;
      return this.#push(act);
    }
    if (says === undefined && act.count === undefined) {
      if (!group) return this.#push(act);
      extend(group, act);
      return undefined;
    }
    if (group && fits(group, act) && piece.joint !== ';' && piece.joint !== 'then') {
      join(group, act);
      return undefined;
    }
    // "Then lid on, low, 9 minutes", "five more".
    act.verb =
      group && (group.verb === 'rest' || group.verb === 'off') && act.heat === undefined
        ? 'rest'
        : group && REPEATS.has(group.verb) && act.lid === undefined
          ? group.verb
          : 'cook';
    if (group && REPEATS.has(group.verb)) {
      act.things = group.things;
      act.grain = group.grain;
    }
    return this.#push(act);
  }

  /** "When it boils, …": what has to be seen first. */
  #condition(piece: Piece): DraftAct | undefined {
    const m = /^(?:and\s+|then\s+)?(?:when|once|as soon as|after|by the time)\b/iu.exec(piece.text);
    if (!m) return undefined;
    if (
      /^after\s+(?:that|this)\b/iu.test(piece.text) ||
      actionIn(piece.text.slice(m[0].length))?.isDone === true
    )
      return undefined;
    const until = untilIn(piece.text, '');
    const isFlip = /\b(?:flips?|clicks?|pops? up|goes to warm|switch(?:es)? (?:off|to warm)|beeps?)\b/iu.test(
      piece.text,
    );
    const act = blank(until?.sign !== undefined && !isFlip ? 'boil' : 'words', piece);
    if (until) act.until = until;
    // "When the onions are golden add …" without a comma.
    const rest = piece.text.slice(m[0].length);
    const inner =
      /\s((?:add|pour|stir|tip|put|cover|turn|reduce|lower|leave|let|rest|give|take|switch|wait|fluff|serve|keep|cook|simmer|lid|go)\b.*)$/iu.exec(
        rest,
      );
    if (!inner?.[1]) return this.#whenThing(piece, act, m[0].length) ?? act;
    const from = piece.from + m[0].length + inner.index + 1;
    this.#push({ ...act, text: piece.text.slice(0, m[0].length + inner.index), to: from - 1 });
    const action = actionIn(inner[1]);
    return this.#act({ ...piece, text: inner[1], from }, action, undefined);
  }

  /** "When they pop two sliced onions for 8 minutes": what goes in then, without a word for it. */
  #whenThing(piece: Piece, when: DraftAct, at: number): DraftAct | undefined {
    const inner = THEN_AMOUNT.exec(piece.text.slice(at));
    if (!inner?.[1] || !isThing(inner[1].split(/\s(?:for|until|till|on|over)\s/iu)[0] ?? '', this.options))
      return undefined;
    const from = piece.from + at + inner.index + 1;
    this.#push({ ...when, text: piece.text.slice(0, at + inner.index), to: from - 1 });
    return this.#act({ ...piece, text: inner[1], from }, { ...NO_WORDS, verb: 'add' }, undefined);
  }

  #act(piece: Piece, action: Action | undefined, apart: string | undefined, isRule = false): DraftAct {
    const { text } = piece;
    const act = blank(action?.verb ?? 'words', piece);
    const lead = leadOf(text);
    if (
      notOf(text.slice(lead)) > 0 &&
      (action === undefined || action.from <= lead + notOf(text.slice(lead)) + 12)
    )
      act.negated = true;
    if (action?.word.startsWith('un')) act.negated = true;
    if (
      action &&
      /\b(?:not|never|without being|without|no|skip(?: the)?|avoid|no need (?:for|of)|needs? no)\s*$/iu.test(
        text.slice(0, action.from),
      )
    )
      act.negated = true;
    if (action && /^\s*(?:is|are)\s+(?:not|never)\b/iu.test(text.slice(action.to))) act.negated = true;
    if (action?.isDone) this.#done.add(act);
    // What stands behind "until" is a look, and nothing that goes in.
    const words = this.measured(withoutAction(text, action)).replace(
      /\b(?:until|till|'?til|so that|like|as if)\b.*$/iu,
      ' ',
    );
    this.name(
      act,
      action?.isDone === true && action.from <= leadOf(text) + 1,
      /^(?:and\s+)?(?:until|till|so that)\b/iu.test(text) ? '' : words,
      text,
      apart,
      isRule,
    );
    const heat = heatIn(text);
    if (heat) act.heat = heat;
    const lid = lidIn(text);
    if (lid) act.lid = lid;
    if (spreaderIn(text)) act.spreader = true;
    const minutes =
      timeIn(text) ?? bareTime(text, action !== undefined || heat !== undefined || lid !== undefined);
    if (minutes !== undefined) act.minutes = minutes;
    const until = untilIn(text, act.verb);
    if (until) act.until = until;
    const count = countIn(text);
    if (count !== undefined) act.count = count;
    if (hotIn(text)) act.hot = true;
    if (apart !== undefined) act.beside = apart;
    return act;
  }

  #push(act: DraftAct): DraftAct {
    this.acts.push(act);
    return act;
  }
}

/** "Cumin seeds 1 tsp, salt 2 tsp": names before their amounts, each a thing. */
function listed(line: string, options: LineOptions): readonly ParsedLine[] {
  const parts = line.split(/,(?!\d)\s*/u);
  const each = parts.length > 1 && !/^\d/u.test(line) ? parts.map((p) => parseLine(p, options)) : [];
  return each.length > 0 && each.every((l) => l.id !== undefined && l.amount !== undefined)
    ? each
    : parseLines(line, options).lines;
}

function withoutAction(text: string, action: Action | undefined): string {
  if (!action) return text;
  return `${text.slice(0, action.from)} ${action.from > 0 ? 'with ' : ''}${text.slice(action.to)}`
    .replace(
      /^\s*(?:(?:and|then|now|next|first|finally|do not|don['’]t|not|never|no need to|when|once)\s+)+/iu,
      '',
    )
    .trim();
}
