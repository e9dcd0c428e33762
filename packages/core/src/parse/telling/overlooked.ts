import { isName, parseLine, type LineOptions, type ParsedLine } from '../line/parseLine.js';
import { wordsOf } from '../line/words.js';
import type { SaidLine, ToldAct } from '../words/told.js';

/** An amount with its unit, and the words behind it. */
const MEASURED = new RegExp(
  String.raw`(?<![\p{L}\d/])((?:(?:\d+\s+)?\d[\d.,/]*|[½¼¾⅓⅔]|an?|one|two|three|four|five|six|half\s+an?)` +
    String.raw`(?:\s+and\s+(?:an?\s+)?(?:half|quarter|third|three[\s-]quarters))?\s*` +
    String.raw`(?:g|kg|ml|l|grams?|cups?|tbsp|tsp|tablespoons?|teaspoons?|spoons?|handfuls?|tins?|cans?)\s+(?:of\s+)?)` +
    String.raw`(\p{L}+(?:[\s-]\p{L}+){0,3})`,
  'giu',
);
/** Another way to make it is no part of this pot. */
const INSTEAD = /^\s*(?:or|instead of|rather than)\b|\b(?:or|instead of|rather than|keeps?|holds?)\s*$/iu;

/** What a clause measures by name and nothing has read: its amount would be lost in silence. */
export interface Overlooked {
  /** Number of the act whose words hold it. */
  readonly act: number;
  /** As it is asked about. */
  readonly line: ParsedLine;
}

/**
 * Everything measured that stands in some words and on no line. It is asked about, since what kept it from being read may be a reason.
 * @param lines what was read
 */
export function overlookedIn(
  acts: readonly ToldAct[],
  lines: readonly SaidLine[],
  options: LineOptions,
): readonly Overlooked[] {
  const known = new Set(lines.map((l) => l.id));
  return acts.flatMap((act, n) => {
    if (act.negated || INSTEAD.test(act.text)) return [];
    const found: Overlooked[] = [];
    for (const m of act.text.matchAll(MEASURED)) {
      if (INSTEAD.test(act.text.slice(0, m.index))) continue;
      const line = namedBy(m[1] ?? '', m[2] ?? '', options);
      if (line?.id === undefined || line.amount === undefined || known.has(line.id) || line.isGrain) continue;
      // "2 cups of chicken stock" holds "2 cups of chicken" and is read.
      const [first = ''] = wordsOf(m[2] ?? '');
      const isRead = act.things.some((t) => wordsOf(lines[t.line]?.text ?? '').includes(first));
      if (isRead) continue;
      known.add(line.id);
      found.push({ act: n, line: { ...line, status: 'check', reason: 'severalMatch', choices: [line.id] } });
    }
    return found;
  });
}

/** The longest name that these words begin with, with its amount. */
function namedBy(amount: string, words: string, options: LineOptions): ParsedLine | undefined {
  const all = words.split(/\s+/u);
  for (let n = all.length; n > 0; n -= 1) {
    const name = all.slice(0, n).join(' ');
    if (isName(name, options)) return parseLine(`${amount}${name}`, options);
  }
  return undefined;
}
