/** Marks around what is said with weight: control characters, which no cook types and no screen shows. */
const FROM = '\u0002';
const TO = '\u0003';

/** A part of a sentence that carries weight; `Emphasis` shows it so. */
export const strong = (text: string): string => `${FROM}${text}${TO}`;

/** A sentence as its parts in order, each with or without weight. */
export function partsOf(text: string): readonly { readonly text: string; readonly strong: boolean }[] {
  return text
    .split(FROM)
    .flatMap((part, i) => {
      if (i === 0) return [{ text: part, strong: false }];
      const [heavy = '', ...rest] = part.split(TO);
      return [
        { text: heavy, strong: true },
        { text: rest.join(''), strong: false },
      ];
    })
    .filter((part) => part.text !== '');
}
