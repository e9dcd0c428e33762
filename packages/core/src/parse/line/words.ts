/** Words as they are compared, whatever their order. */
export const keyOf = (words: readonly string[]): string => [...words].sort().join(' ');

/** The words of a text as they are compared: lower case, without accents, singular. */
export const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .split(/[^\p{L}]+/u)
    .filter((w) => w.length > 1)
    .map(singular);

/** Good enough for a shopping list: tomatoes, leaves, berries, onions. */
export function singular(word: string): string {
  if (/^chill?ies$/u.test(word)) return word.slice(0, -2);
  if (word.length < 4 || word.endsWith('ss') || word.endsWith('us')) return word;
  if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (/(?:lea|hal|loa)ves$/u.test(word)) return `${word.slice(0, -3)}f`;
  if (/(?:oes|shes|ches|xes)$/u.test(word)) return word.slice(0, -2);
  return word.endsWith('s') ? word.slice(0, -1) : word;
}
