import { decode } from 'html-entities';
import { parse, toSeconds } from 'iso8601-duration';

/** A Recipe of schema.org as it was read: words only; what they mean is for the reader of tellings. */
export interface RecipeRead {
  readonly name?: string;
  readonly portions?: number;
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
  readonly totalMin?: number;
}

/** More than these are no cook's file. */
const MOST_RECIPES = 20;
const MOST_LINES = 300;
const LONGEST_LINE = 2000;
const MOST_DEEP = 12;

type Node = Readonly<Record<string, unknown>>;

/**
 * Every Recipe in JSON-LD, wherever it stands in it: alone, in a list, in a graph, as what a page is about; with its names under
 * the vocabulary's address or a prefix. Never throws; what is not a recipe is left out.
 * @param json parsed JSON
 * @example recipesIn({ '@type': 'Recipe', recipeIngredient: '2 cups rice' })[0].ingredients // ['2 cups rice']
 */
export function recipesIn(json: unknown): readonly RecipeRead[] {
  const found: RecipeRead[] = [];
  look(json, 0, found);
  return found;
}

function look(value: unknown, deep: number, found: RecipeRead[]): void {
  if (deep > MOST_DEEP || found.length >= MOST_RECIPES || typeof value !== 'object' || value === null) return;
  if (Array.isArray(value)) {
    for (const item of value) look(item, deep + 1, found);
    return;
  }
  const node = plainNames(value as Node);
  if (typesOf(node).includes('Recipe')) found.push(readOne(node));
  else for (const inner of Object.values(node)) look(inner, deep + 1, found);
}

/** Names without the address or the prefix of the vocabulary. */
const plainNames = (node: Node): Node =>
  Object.fromEntries(Object.entries(node).map(([key, value]) => [plainName(key), value]));
const plainName = (key: string): string => key.replace(/^(?:https?:\/\/schema\.org\/|schema:)/u, '');

const typesOf = (node: Node): readonly string[] => listOf(node['@type']).map((t) => plainName(String(t)));

/** A value that may stand alone, in a list, or in a list of the vocabulary's. */
function listOf(value: unknown): readonly unknown[] {
  if (value === undefined || value === null) return [];
  if (Array.isArray(value)) return value;
  if (typeof value === 'object') {
    const { '@list': list, '@set': set } = value as Node;
    if (Array.isArray(list)) return list;
    if (Array.isArray(set)) return set;
    const node = plainNames(value as Node);
    if (typesOf(node).includes('ItemList')) return listOf(node['itemListElement']);
  }
  return [value];
}

/** Words as they are read: without marks of a page, its signs written out. */
function wordsOf(value: unknown): string {
  if (typeof value === 'number') return value.toString();
  if (typeof value === 'object' && value !== null) {
    const node = plainNames(value as Node);
    return wordsOf(node['@value'] ?? node['text'] ?? node['name'] ?? node['item'] ?? '');
  }
  if (typeof value !== 'string') return '';
  const bare = value
    .slice(0, 4 * LONGEST_LINE)
    .replaceAll(/<(?:br|\/p|\/li|\/div|\/h\d)\b[^<>]{0,200}>/giu, '\n')
    .replaceAll(/<\/?[a-z][^<>]{0,500}>/giu, ' ');
  return decode(bare)
    .replaceAll(/[^\S\n]+/gu, ' ')
    .trim();
}

const linesOf = (value: unknown): readonly string[] =>
  wordsOf(value)
    .split(/\n+/u)
    .map((line) => line.trim().slice(0, LONGEST_LINE))
    .filter((line) => line !== '');

function readOne(node: Node): RecipeRead {
  const [name] = linesOf(node['name'] ?? node['headline']);
  const portions = portionsOf(node['recipeYield'] ?? node['yield']);
  const totalMin = minutesOf(node['totalTime'] ?? node['cookTime']);
  const ingredients = listOf(node['recipeIngredient'] ?? node['ingredients'] ?? node['supply']);
  return {
    ...(name === undefined ? {} : { name }),
    ...(portions === undefined ? {} : { portions }),
    ingredients: ingredients.slice(0, MOST_LINES).flatMap(ingredientLines).slice(0, MOST_LINES),
    steps: stepsOf(node['recipeInstructions'] ?? node['step'], 0).slice(0, MOST_LINES),
    ...(totalMin === undefined ? {} : { totalMin }),
  };
}

/** An ingredient in words, or with its amount beside its name. */
function ingredientLines(value: unknown): readonly string[] {
  if (typeof value !== 'object' || value === null) return linesOf(value);
  const node = plainNames(value as Node);
  const amount = node['requiredQuantity'] ?? node['amount'];
  if (amount === undefined) return linesOf(node);
  const quantity = typeof amount === 'object' && amount !== null ? plainNames(amount as Node) : undefined;
  const said = quantity
    ? [quantity['value'], quantity['unitText'] ?? quantity['unitCode']].map(wordsOf).join(' ')
    : wordsOf(amount);
  return linesOf(`${said} ${wordsOf(node['name'] ?? node['item'])}`);
}

/** Steps, sections and their steps, tips, one text of several lines: each in words, a section under its name. */
function stepsOf(value: unknown, deep: number): readonly string[] {
  if (deep > MOST_DEEP) return [];
  return listOf(value).flatMap((item): readonly string[] => {
    if (typeof item !== 'object' || item === null) return linesOf(item);
    const node = plainNames(item as Node);
    const inner = node['itemListElement'] ?? node['steps'] ?? node['item'];
    const text = linesOf(node['text']);
    if (typesOf(node).includes('HowToSection')) return [...text, ...stepsOf(inner, deep + 1)];
    // A step says itself in its text, its directions, or at the least its name.
    if (text.length > 0) return text;
    const directions = inner === undefined ? [] : stepsOf(inner, deep + 1);
    return directions.length > 0 ? directions : linesOf(node['name']);
  });
}

function portionsOf(value: unknown): number | undefined {
  for (const item of listOf(value)) {
    const said =
      typeof item === 'object' && item !== null ? (plainNames(item as Node)['value'] ?? item) : item;
    const [number] = /\d+(?:\.\d+)?/u.exec(wordsOf(said)) ?? [];
    const portions = Number(number);
    if (portions >= 1 && portions <= 100) return Math.round(portions);
  }
  return undefined;
}

function minutesOf(value: unknown): number | undefined {
  try {
    const minutes = toSeconds(parse(wordsOf(value))) / 60;
    return Number.isFinite(minutes) && minutes > 0 ? minutes : undefined;
  } catch {
    return undefined;
  }
}

/**
 * A recipe that was read, as it would be told: its name, what goes in, and its steps, a line for each.
 * @example toldOf({ name: 'Pilaf', portions: 4, ingredients: ['2 cups rice'], steps: ['Simmer 12 minutes.'] }).split('\n')[0] // 'Pilaf for 4'
 */
export function toldOf({ name, portions, ingredients, steps }: RecipeRead): string {
  // A name may not look like a thing or an order to the reader of tellings: it is a short line without numbers.
  const title = name?.replaceAll(/[.:;\d]+/gu, ' ').trim() ?? '';
  const people = portions === undefined ? '' : ` for ${portions.toString()}`;
  return [...(title === '' ? [] : [`${title}${people}`]), ...ingredients, ...steps].join('\n');
}
