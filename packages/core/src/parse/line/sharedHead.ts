/** Two words before a third: "tomato and pepper paste". */
const TWO_OF_ONE = /(\p{L}+)(\s+(?:and|&)\s+)(\p{L}+)\s+(\p{L}+)/giu;

/**
 * "Tomato and pepper paste" names two pastes, and "red and green pepper" two peppers: the word they share stands at both. What is one
 * name by itself stays: "ginger and garlic paste".
 * @param isName whether a few words are exactly the name of a thing
 */
export const withSharedHeads = (text: string, isName: (words: string) => boolean): string =>
  text.replace(TWO_OF_ONE, (all, a: string, and: string, b: string, head: string) =>
    !isName(all) && isName(`${a} ${head}`) && isName(`${b} ${head}`) ? `${a} ${head}${and}${b} ${head}` : all,
  );
