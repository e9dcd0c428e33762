import { ALLERGENS, BEHAVIOURS, SOURCES, type Allergen, type Ingredient } from '../composition.js';
import { row } from './row.js';

/** One of a fixed set of words; a slip in a table is a slip in the program and stops it. */
function oneOf<T extends string>(word: string, words: readonly T[]): T {
  const found = words.find((w) => w === word);
  if (found === undefined) throw new Error(`"${word}" is none of ${words.join(', ')}`);
  return found;
}

const listOf = (text: string): string[] => (text === '' ? [] : text.split(', '));

/**
 * Rows written as a table, one to a line: id | name | water, fat and salt in g/100 g | density, g/ml | how it gives up its
 * water | source | other names | natural units, g each | allergens, "rawMeat", "film:tomato". Ends of lines may be left out.
 * @throws where a line names a behaviour, a source or an allergen that there is not
 */
export function tableOf(text: string): readonly Ingredient[] {
  return text
    .trim()
    .split('\n')
    .map((line) => {
      const [
        id = '',
        name = '',
        figures = '',
        density,
        behaves = '',
        source = '',
        also = '',
        units = '',
        marks = '',
      ] = line.split('|').map((cell) => cell.trim());
      const [water, fat, salt] = figures.split(' ').map(Number);
      const marked = listOf(marks);
      const allergens = marked
        .filter((m) => m !== 'rawMeat' && !m.startsWith('film:'))
        .map((m) => oneOf<Allergen>(m, ALLERGENS));
      return row(
        id,
        name,
        water ?? Number.NaN,
        fat ?? Number.NaN,
        Number(density),
        oneOf(behaves, BEHAVIOURS),
        oneOf(source, Object.keys(SOURCES) as (keyof typeof SOURCES)[]),
        {
          salt: salt ?? Number.NaN,
          also,
          units: Object.fromEntries(
            listOf(units).map((u) => [u.replace(/ \S+$/u, ''), Number(u.split(' ').at(-1))]),
          ),
          allergens,
          ...(marked.includes('rawMeat') ? { rawMeat: true } : {}),
          ...(marked.includes('film:tomato') ? { film: 'tomato' as const } : {}),
        },
      );
    });
}
