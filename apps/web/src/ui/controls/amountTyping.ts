/** Signs that no keyboard of digits has. */
export const FRACTIONS = ['½', '⅓', '¼', '¾'] as const;
/** Units that can be tapped, most used first. */
export const UNIT_KEYS = ['cups', 'tbsp', 'tsp', 'g', 'ml'] as const;

/** Letters after the last number, with the space before them. */
const LAST_UNIT = /\s*\p{L}*\.?\s*$/u;

/** An amount with another unit on its last number: "2 cups" is "2 g" after a tap on g. */
export const withUnit = (text: string, unit: string): string =>
  text.trim() === '' ? '' : `${text.replace(LAST_UNIT, '')} ${unit}`;

/** An amount with a fraction on its last number: "2 cups" is "2½ cups" after a tap on ½; a fraction there gives way. */
export function withFraction(text: string, fraction: string): string {
  const unit = LAST_UNIT.exec(text)?.[0] ?? '';
  const number = text.slice(0, text.length - unit.length).replace(/\s*(?:[½⅓⅔¼¾]|\d+\s*[/⁄]\s*\d+)$/u, '');
  return `${number}${fraction}${unit}`;
}
