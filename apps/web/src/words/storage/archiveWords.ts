/** What is in an archive beside what is here, by list. */
export type Lists = Readonly<
  Record<string, { readonly added: number; readonly newer: number; readonly same: number }>
>;

/** What the lists of an archive are called. */
export const LISTS: Readonly<Record<string, string>> = {
  bags: 'Bags',
  vessels: 'Pots',
  hobs: 'Rings',
  cups: 'Cups and spoons',
  dishes: 'Dishes',
  ingredients: 'Own ingredients',
  methods: 'Own methods',
  steamTests: 'Water tests',
  plans: 'Plans',
  cooks: 'Cooked pots',
};

/** What was put in, in a line: "3 dishes, 44 cooked pots". */
export function archiveText(lists: Lists): string {
  const said = Object.entries(lists).flatMap(([key, { added, newer }]) =>
    added + newer > 0 && LISTS[key] !== undefined ? [counted(added + newer, LISTS[key].toLowerCase())] : [],
  );
  return said.length === 0 ? 'nothing was new' : said.join(', ');
}

/** "1 bag", "3 dishes", "2 cups and spoons". */
function counted(n: number, many: string): string {
  const one =
    many === 'dishes' ? 'dish' : many === 'cups and spoons' ? 'cup or spoon' : many.replace(/s$/u, '');
  return `${n.toString()} ${n === 1 ? one : many}`;
}
