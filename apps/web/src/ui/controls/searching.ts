import type { Option } from './pickParts.js';

const plain = (text: string): string => text.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '');

/** How well an option answers what is typed: 0 not at all. What begins with it comes before what only holds it. */
function fitOf({ label, hint = '', also = '' }: Option<string>, typed: string): number {
  const wanted = plain(typed).trim();
  const name = plain(label);
  if (wanted === '') return 1;
  // Of two that fit alike the shorter name is the plainer thing: tomato before tomato juice.
  const plainness = 1 / (1 + name.length);
  if (name === wanted) return 7;
  // "Tomato, fresh" is tomato; tomato paste is not.
  if (name.split(',')[0] === wanted) return 6 + plainness;
  if (name.startsWith(wanted)) return 5 + plainness;
  const others = plain(also).split(/,\s*/u);
  if (others.some((o) => o === wanted)) return 4 + plainness;
  if (name.split(/[\s,()-]+/u).some((word) => word.startsWith(wanted))) return 3 + plainness;
  if (others.some((o) => o.split(/\s+/u).some((word) => word.startsWith(wanted)))) return 2 + plainness;
  return `${name} ${plain(hint)}`.includes(wanted) ? 1 + plainness : 0;
}

/**
 * A list as it is shown: what was picked lately on top, then the usual ones, then the rest as it came; or, once
 * something is typed, what answers it, the best first.
 */
export function found<T extends string>(
  options: readonly Option<T>[],
  typed: string,
  recent: readonly string[],
): readonly Option<T>[] {
  if (typed.trim() === '') {
    const place = (o: Option<T>): number => {
      const at = recent.indexOf(o.value);
      return at >= 0 ? at : o.usual ? 100 : 200;
    };
    return [...options].sort((a, b) => place(a) - place(b));
  }
  return options
    .map((option) => ({ option, fit: fitOf(option, typed) + (option.usual ? 0.01 : 0) }))
    .filter(({ fit }) => fit >= 1)
    .sort((a, b) => b.fit - a.fit)
    .map(({ option }) => option);
}
