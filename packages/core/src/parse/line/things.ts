import type { ParseOptions } from '../../basics/measures/parseAmount.js';
import { saidNumber } from './saidNumber.js';
import { VAGUE_LEAD } from './vague.js';

/** "½ cup each of potato, carrot and beans", "1 tsp each cumin and coriander". */
const EACH_BEFORE = /^(.{1,40}?)\s+(?:each\s+of|each|of\s+each)\s*:?\s+(.+)$/iu;
/** "potato, carrot and beans, ½ cup each", or without the comma. */
const EACH_AFTER = [
  /^(.+?),\s*([^,]{1,30}?)\s+(?:of\s+)?each$/iu,
  /^(.+?)\s+(\S+(?:\s+\S+)?)\s+(?:of\s+)?each$/iu,
];
const BETWEEN = /\s*,\s+|\s+(?:and|&|plus)\s+/iu;
/** What parts things; what stands in brackets is no list. */
const SEPARATED = /(\s*,\s+(?:and\s+)?|\s+(?:and|&|plus|\+)\s+|\s+in\s+(?=\d|[½¼¾⅓⅔]))(?![^(]*\))/iu;

/**
 * The things of one line, each as a line of its own: after a comma or an "and" a new one begins where something known does.
 * @param isThing whether a piece names a thing by itself
 */
export function thingsOf(line: string, options: ParseOptions, isThing: (piece: string) => boolean): string[] {
  const each = eachOf(line, options, isThing);
  if (each) return each;
  const pieces = line.split(SEPARATED);
  const begun: string[] = [pieces[0] ?? ''];
  for (let i = 1; i < pieces.length; i += 2) {
    const [between = '', piece = ''] = [pieces[i], pieces[i + 1]];
    const before = begun.at(-1) ?? '';
    // A hand measures too: "pinch of salt" begins a thing like "2 onions".
    const counts = saidNumber(piece, options) !== undefined || VAGUE_LEAD.test(piece);
    const isNew = counts
      ? isThing(piece) && (isThing(before) || isThing(headOf(before)))
      : !between.includes(',') &&
        alone(before, options) &&
        alone(piece, options) &&
        isThing(before) &&
        isThing(piece);
    // "Ginger and garlic paste" is one thing.
    if (isNew && (counts || !isThing(`${before} ${piece}`) || before.split(/\s+/u).length > 1))
      begun.push(piece);
    else begun[begun.length - 1] = `${before}${between}${piece}`;
  }
  return begun;
}

/** A thing without what was done to it: "3 cups of rice, rinsed till clear". */
const headOf = (piece: string): string => piece.split(/,(?!\d)/u)[0] ?? '';

/** A piece of a few words that says no amount. */
const alone = (piece: string, options: ParseOptions): boolean =>
  saidNumber(piece, options) === undefined && !piece.includes(',') && piece.trim().split(/\s+/u).length <= 4;

function eachOf(
  line: string,
  options: ParseOptions,
  isThing: (piece: string) => boolean,
): string[] | undefined {
  const before = EACH_BEFORE.exec(line);
  const after = before
    ? null
    : EACH_AFTER.map((e) => e.exec(line)).find((m) => m && saidNumber(m[2] ?? '', options) !== undefined);
  const [amount = '', list = ''] = before ? [before[1], before[2]] : [after?.[2], after?.[1]];
  if (list === '' || saidNumber(amount, options) === undefined) return undefined;
  const names = list.split(BETWEEN).filter((n) => n.trim() !== '');
  return names.length > 1 && names.every((n) => isThing(n)) ? names.map((n) => `${amount} ${n}`) : undefined;
}
