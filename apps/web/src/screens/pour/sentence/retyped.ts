/** Writes of a text as they are looked for, whatever they mean elsewhere. */
const plain = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/gu, String.raw`\$&`);

/**
 * A pasted text with an amount before a thing that had none it could be measured by. Only that thing is touched: the salt that
 * stands by itself, and not the one within "salted butter".
 * @param words the thing as it was read, and `said` the words of the telling it was read from
 */
export function retyped(
  text: string,
  { text: words, said }: { text: string; said: string },
  amount: string,
): string {
  const name = words
    .trim()
    // A count that said nothing is answered anew.
    .replace(/^(?:some|an?|a little|\d[\d.,/]*)\s+/iu, '')
    .replace(/\s+to taste$/iu, '');
  const alone = (what: string): RegExp => new RegExp(`(?<![\\p{L}\\d])${plain(what)}(?![\\p{L}\\d])`, 'iu');
  // The clause it was read from, between its commas and ends of lines.
  const clause = new RegExp(String.raw`(^|[\n,.;:]\s*)${plain(said.trim())}(?=\s*(?:[\n,.;:]|$))`, 'iu');
  const inside = said.trim().replace(alone(words.trim()), () => `${amount} ${name}`);
  if (inside !== said.trim() && clause.test(text))
    return text.replace(clause, (_all, before: string) => before + inside);
  return alone(words.trim()).test(text)
    ? text.replace(alone(words.trim()), () => `${amount} ${name}`)
    : `${text}\n${amount} ${name}`;
}
