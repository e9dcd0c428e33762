import { grainById } from '../../basics/larder/grainById.js';
import { ingredientById } from '../../basics/larder/larder.js';
import { isFiller } from '../line/fillers.js';
import { saidNumber } from '../line/saidNumber.js';
import { singular, wordsOf } from '../line/words.js';
import { heatIn, lidIn, stateIn } from '../words/attributes.js';
import { GRAIN_WORD } from '../words/grainWords.js';
import type { SaidLine, Span, ToldAct } from '../words/told.js';
import { actionIn } from '../words/verbs.js';

/** A word of an act, and whether something was made of it. */
export interface MarkedWord extends Span {
  readonly text: string;
  readonly isHeard: boolean;
}

/** Words that join others and name nothing, and those that times and amounts are told with. */
const SMALL = new Set(
  `a an and are as at be been before but by can could did do does done down each every everything for from get gets give go goes
  had has have here how i if in into is it its itself just keep let like make makes may me might more most much my need needs no not now of off
  on once one only onto or other our out over own per put really see should so some still such than that the their them then there these they
  thing this those through till time times to together too took turn under until up upon us use used very was we well were what when where which
  while will with without would yet you your minute minutes min mins hour hours hr second seconds half quarter third cup cups tbsp tsp tablespoon
  tablespoons teaspoon teaspoons spoon spoons g kg ml l cm tin tins can cans pinch handful whistle whistles heat flame fire ring hob pot pan
  cooker lid cover boil simmer water`.split(/\s+/u),
);
const WORD = /[\p{L}\d½¼¾⅓⅔][\p{L}\p{M}\d½¼¾⅓⅔.’'-]*/gu;

/**
 * The words of an act in their order, each with whether something was made of it: its action, a thing it names, an amount, a heat, a
 * lid, a time, a look. What is left over is for the cook to say. Spans are characters from the beginning of the act's own text.
 * @param lines the things of the telling
 * @example markedWords(readTelling('Stir the zhoug.').acts[0], []).filter((m) => !m.isHeard).map((m) => m.text) // ['zhoug']
 */
export function markedWords(act: ToldAct, lines: readonly SaidLine[]): readonly MarkedWord[] {
  const things = new Set(act.things.flatMap(({ line }) => namesOf(lines[line])));
  const action = act.verb === 'words' ? undefined : actionIn(act.text);
  const until = act.until ? act.text.search(/\b(?:until|till|til|when|once|to a)\b/iu) : -1;
  const isAllHeard = act.rule !== undefined || act.beside !== undefined;
  return [...act.text.matchAll(WORD)].map((m) => {
    const from = m.index;
    const to = from + m[0].length;
    const [word = ''] = wordsOf(m[0]);
    const isHeard =
      isAllHeard ||
      word === '' ||
      SMALL.has(m[0].toLowerCase()) ||
      SMALL.has(word) ||
      things.has(word) ||
      (action !== undefined && from < action.to && to > action.from) ||
      (until >= 0 && from >= until) ||
      (act.grain && GRAIN_WORD.test(m[0])) ||
      (act.verb !== 'words' && isFiller(word)) ||
      heatIn(m[0]) !== undefined ||
      lidIn(m[0]) !== undefined ||
      stateIn(m[0]) !== undefined ||
      saidNumber(`${m[0]} `, {}) !== undefined;
    return { text: m[0], from, to, isHeard };
  });
}

/** Every word that a line or its row goes by. */
function namesOf(line: SaidLine | undefined): readonly string[] {
  if (!line) return [];
  const row = ingredientById(line.id ?? '') ?? grainById(line.id ?? '');
  return [line.text, line.note, row?.name ?? '', ...(row?.also ?? [])]
    .flatMap((n) => wordsOf(n))
    .map(singular);
}
