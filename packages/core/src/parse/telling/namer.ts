import { ingredientById } from '../../basics/larder/larder.js';
import { soakedFor } from '../../basics/larder/pulseSoak.js';
import { isName, parseLine, parseLines, type LineOptions, type ParsedLine } from '../line/parseLine.js';
import { saidNumber } from '../line/saidNumber.js';
import { ALL_WORD, LIQUID_WORD } from '../words/attributes.js';
import { GRAIN_WORD } from '../words/grainWords.js';
import type { DraftAct } from './draftAct.js';
import { isSpice, listedBy, mentionsIn, namesAlone } from './mentions.js';
import { inMeasure, ownMeasure, withoutMeasure, type OwnMeasure } from '../words/ownMeasure.js';
import { IS_A_LIST, type Named, type SaidLine, type ToldAct, type Verb } from '../words/told.js';

/** Verbs whose "it" is the pot. */
const NO_OBJECT: ReadonlySet<Verb> = new Set<Verb>([
  'rest',
  'off',
  'cover',
  'turn',
  'stir',
  'heat',
  'switch',
  'pressure',
  'release',
  'turnOut',
  'fork',
  'taste',
  'words',
  'cook',
  'boil',
]);
/** What was ground or blended before is told by that alone. */
const BLEND = /\b(?:blend|blended mix|pur[eé]e|mix)\b/iu;
const BARE_AMOUNT =
  /^(?:about\s+)?(?:an?|one|two|three|four|half an?|[\d½¼¾⅓⅔./]+)\s*(?:(?:good|big|small|large|heaped|level)\s+)?(?:g|kg|ml|grams?|cups?|tbsp|tsp|tablespoons?|teaspoons?|spoons?|handfuls?|pinch(?:es)?|bunch(?:es)?|tins?|cans?)$/iu;
/** A part of a cup: "a quarter of a cup". */
const BARE_PART = /^(?:an?\s+)?(?:half|quarter|third)(?:\s+of)?(?:\s+an?)?\s+(?:cup|mug|glass|spoon)$/iu;
/** "Some zhoug": something goes in, whatever it is. */
const SOME =
  /^some\s+(?!(?:of|more|colou?r|time|heat|steam|room|space|people|others?|bits?|shine|bite|air)\b)\p{L}{3,}(?:\s\p{L}{3,})?$/iu;
/** "A cup and a half": an amount with its unit, and no name. */
const isAmountAlone = (text: string, options: LineOptions): boolean => {
  const read = saidNumber(`${text.trim()} `, options);
  return read?.unit !== undefined && read.rest.trim() === '';
};
const OF_IT = /\bof\s*$|\bof\s+(?:it|them|those|these)\b/iu;
const ALL_BUT_GRAIN =
  /\b(?:everything|all(?:\s+of\s+it)?|the\s+lot)\s+(?:but|except|bar|apart\s+from|other\s+than)\s+(?:for\s+)?(?:the\s+)?(?:\p{L}+\s+)?(?:rice|grain|basmati|millet|bulgur|quinoa)/iu;
/** Verbs that are done to something. */
const NEEDS: ReadonlySet<Verb> = new Set<Verb>([
  'wash',
  'soak',
  'drain',
  'fry',
  'toast',
  'liftOut',
  'marinate',
]);

/** How much of a spice is meant where nobody says (common practice): it brings no water, and is not worth a question. */
const USUAL_SPOON_ML = 5;
const USUAL_SPREAD = 0.4;
function asUsual(line: ParsedLine): ParsedLine {
  if (line.reason !== 'noAmount' && line.reason !== 'vague') return line;
  const row = ingredientById(line.id ?? '');
  if (!row || !isSpice(row.id)) return line;
  const { reason: _reason, ...rest } = line;
  const amount = row.units[0] ? { count: 1 } : { ml: USUAL_SPOON_ML };
  return { ...rest, status: 'understood', amount, spread: USUAL_SPREAD };
}

const isPulse = (id: string | undefined): boolean => {
  const row = ingredientById(id ?? '');
  return row !== undefined && soakedFor(row, 0) !== undefined;
};

/** What is soaked is dry, not out of a tin. */
function dry(line: ParsedLine, options: LineOptions): ParsedLine {
  if (!(line.id ?? '').endsWith('Tinned')) return line;
  const as = line.choices.find((c) => {
    const row = ingredientById(c);
    return row !== undefined && soakedFor(row, 0) !== undefined;
  });
  return as === undefined ? line : parseLine(line.text, { ...options, as });
}

/** "Until every grain is coated" and "above the rice" speak of no rice that goes in. */
const stripLooks = (text: string): string =>
  text
    .replace(
      /\b(?:until|till|so that|above|over|than|around|of|as|on top of|level with|under|like)\b\s+(?:the\s+|each\s+|every\s+|it\s+|that\s+)*(?:grains?|rice)\b.*$/iu,
      ' ',
    )
    .replace(/\b(?:each|every)\s+grain\b/giu, ' ')
    .replace(/\brice[\s-](?:cooker|pot)\b/giu, ' ');

const hasUnit = (text: string, options: LineOptions): boolean =>
  saidNumber(text, options)?.unit !== undefined ||
  /^(?:(?:about|an?|one|two|three|four|five|six|half|\d\S*)\s+)+(?:(?:small|large|big)\s+)?(?:tins?|cans?|jars?|packets?|mugs?|glass(?:es)?|handfuls?|bunch(?:es)?|pinch(?:es)?|spoons?|spoonfuls?|bags?|bottles?)\b/iu.test(
    text,
  );

/** Finds what a piece names: new things with their amount, listed ones again, the grain, the liquid, what was named last. */
export abstract class Namer {
  readonly lines: SaidLine[] = [];
  readonly acts: ToldAct[] = [];
  /** Lines of a list so far. */
  protected listed = 0;
  protected last: { things: readonly number[]; grain: boolean } = { things: [], grain: false };
  /** Acts whose things were not said but meant: those named last. */
  protected readonly filled = new WeakSet<object>();
  protected measure: OwnMeasure | undefined;

  constructor(protected readonly options: LineOptions) {}

  /** The things a piece names: new ones with their amount, listed ones again, the grain, the liquid, what was named last. */
  protected name(
    act: DraftAct,
    isDone: boolean,
    words: string,
    text: string,
    apart: string | undefined,
    isRule: boolean,
  ): void {
    const named: Named[] = [];
    let grain = false;
    this.amountOfLast(words);
    const isPronoun =
      !NO_OBJECT.has(act.verb) &&
      /\b(?:it|them|these|those|both)\b/iu.test(text) &&
      !/\bit\s+(?:boils?|is|comes|rolls|looks|smells|just|turns|has|goes)\b/iu.test(text);
    for (const m of mentionsIn(words, this.options)) {
      const isList = this.listed >= IS_A_LIST;
      if (OF_IT.test(m.text) || BARE_AMOUNT.test(m.text) || BARE_PART.test(m.text)) continue;
      if (isAmountAlone(m.text, this.options)) continue;
      const isSame = /\bsame\b/iu.test(m.said);
      for (const read of m.lines) {
        if (isSame && read.amount === undefined) continue;
        const line = act.verb === 'soak' ? dry(read, this.options) : read;
        if (line.isGrain && /\blea(?:f|ves)\b/iu.test(line.text)) continue;
        // A rule pours: what it measures is no thing of its own.
        if (isRule && /^(?:water|stock)/u.test(line.id ?? '')) continue;
        const known = line.id === undefined ? undefined : this.known(line);
        if (line.isGrain && known !== undefined) grain = true;
        const isAgain =
          known !== undefined && !m.more && (isList || line.amount === undefined || line.isGrain);
        if (isAgain) {
          named.push({ line: known, isNew: false });
          const before = this.lines[known];
          if (before && before.amount === undefined && line.amount !== undefined)
            this.lines[known] = {
              ...before,
              amount: line.amount,
              status: 'understood',
            };
          continue;
        }
        const isMeasured =
          m.counts && (line.amount !== undefined || line.id !== undefined || hasUnit(m.text, this.options));
        // A name that is only nearly one, and not measured, is none.
        const isNear =
          line.amount === undefined &&
          line.reason === 'noUnit' &&
          !isName(line.text.replace(/^\S+\s+/u, ''), this.options);
        const exact = line.reason !== 'spelling' && line.id !== undefined && !isNear;
        const alone = !m.counts && this.again(m.text).length === 0 && namesAlone(m, this.options);
        const isSome =
          line.id === undefined && SOME.test(m.text) && /^(?:add|list|fry|stir|words)$/u.test(act.verb);
        if (isSome || (isMeasured ? exact || hasUnit(m.text, this.options) : alone)) {
          if (isMeasured && !exact && this.again(m.text).length > 0) continue;
          const n = this.add(line, text, apart);
          named.push({ line: n, isNew: true });
          if (line.isGrain) grain = true;
        }
      }
      if (!m.counts)
        for (const n of this.again(m.text))
          if (!named.some((x) => x.line === n)) named.push({ line: n, isNew: false });
    }
    if (GRAIN_WORD.test(stripLooks(words))) grain = true;
    const isBareVerb =
      (named.length === 0 && !grain && NEEDS.has(act.verb)) || (isDone && !grain && this.last.grain);
    if (isPronoun || isBareVerb) {
      // What is washed and soaked is the grain, unless something else that soaks was just named.
      const isSoakable = this.last.grain || this.last.things.some((n) => isPulse(this.lines[n]?.id));
      if (/^(?:wash|soak|drain)$/u.test(act.verb) && !isSoakable) grain = true;
      else
        for (const line of this.last.things)
          if (!named.some((n) => n.line === line)) named.push({ line, isNew: false });
      grain ||= this.last.grain;
      if (isBareVerb || act.things.length === 0) this.filled.add(act);
    }
    act.all = ALL_WORD.test(text);
    // "Everything but the rice": all of it, and no grain yet.
    if (ALL_BUT_GRAIN.test(text)) {
      grain = false;
      named.splice(0, named.length, ...named.filter((n) => this.lines[n.line]?.isGrain !== true));
    }
    act.things = named;
    act.grain = grain || named.some((n) => this.lines[n.line]?.isGrain === true);
    act.liquid =
      named.some((n) => this.lines[n.line]?.pours === true) ||
      (LIQUID_WORD.test(words) && /^(?:add|boil|list)$/u.test(act.verb));
    if (named.length > 0 || grain) this.last = { things: act.things.map((n) => n.line), grain: act.grain };
  }

  /** "The basmati, two cups of it": the amount is of what was named last. */
  protected amountOfLast(words: string): void {
    const [, of = ''] = /^\s*(.{2,30}?)\s+of\s+(?:it|them|those|these)\b/iu.exec(words) ?? [];
    const bare = words.trim();
    const isBare = BARE_AMOUNT.test(bare) || isAmountAlone(bare, this.options);
    const amount = of === '' && isBare ? bare : of;
    const read = amount === '' ? undefined : saidNumber(`${amount} `, this.options);
    const n = this.last.things.findLast((t) => this.lines[t]?.amount === undefined);
    const line = n === undefined ? undefined : this.lines[n];
    if (!read || n === undefined || !line) return;
    const { lines } = parseLines(`${amount} of ${line.text}`, this.options);
    if (lines[0]?.amount) this.lines[n] = { ...line, ...lines[0], said: `${line.said}, ${words}` };
  }

  /** A thing that stands already, by its row. */
  protected known({ id, isGrain }: ParsedLine): number | undefined {
    const at = this.lines.findIndex((l) => l.id === id || (isGrain && l.isGrain));
    return at < 0 ? undefined : at;
  }

  protected again(words: string): readonly number[] {
    const blended = BLEND.test(words)
      ? this.acts
          .filter((a) => /\b(?:blend|grind|ground|whizz|pur[eé]e)/iu.test(a.text))
          .flatMap((a) => a.things.map((t) => t.line))
      : [];
    return blended.length > 0 ? [...new Set(blended)] : listedBy(words, this.lines);
  }

  protected add(read: ParsedLine, said: string, apart: string | undefined): number {
    const line = asUsual(read);
    if (line.status !== 'words' && line.potCm === undefined && line.portions === undefined) {
      const row = ingredientById(line.id ?? '');
      const soaks = line.soak && row && soakedFor(row, 0) === undefined;
      const { soak: _soak, ...rest } = line;
      this.lines.push({
        ...(soaks ? rest : line),
        said,
        ...(apart === undefined ? {} : { apart: true as const }),
      });
    } else this.lines.push({ ...line, said });
    return this.lines.length - 1;
  }

  /** The cook's own measure, wherever the telling says what it holds. */
  knowMeasure(telling: string): void {
    this.measure = ownMeasure(telling, this.options);
  }

  /** The same in units that can be read, where it is measured with the cook's own. */
  protected measured(words: string): string {
    return inMeasure(
      withoutMeasure(words)
        .trim()
        .replace(/^(?:so|then|and)\s+(?=\S+\s+(?:and\s+an?\s+half\s+)?\p{L})/iu, ''),
      this.measure,
    ).replace(/^(.{1,30}?)\s+from the kettle\b/iu, '$1 of water');
  }
}
