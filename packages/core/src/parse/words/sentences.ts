/**
 * Longest piece of a telling that is read as one, characters. Patterns look at every beginning in a piece, so what they cost grows with
 * its square: cut to this, with the length of the telling. Nobody says a sentence that long in one breath.
 */
const LONGEST_PIECE = 220;
/** So much of a piece is looked through for a good place to cut. */
const LEAST_PIECE = 90;
/** Good places to cut, the best first: before the next thing is said, at a comma, between words. */
const PLACES = [/\s(?=(?:and|then|now|next|until|till)\s)/giu, /,\s/gu, /\s/gu];

/** Where a sentence ends; not after a measure that is cut short: "4 c. water". */
const END = /(?<=[.;:!?])(?<!\b(?:c|tbsp|tsp|oz|lb|approx)\.)\s+/u;

/**
 * The sentences of a line, in pieces short enough to be read: a telling in one breath is cut where the next thing is said, a word
 * without end anywhere. All its words are in some piece.
 * @example sentencesOf('Wash it. Cook it.') // ['Wash it.', 'Cook it.']
 */
export function sentencesOf(line: string): readonly string[] {
  if (line.length <= LONGEST_PIECE) return [line];
  return line.split(END).flatMap(piecesOf);
}

function piecesOf(sentence: string): readonly string[] {
  const pieces: string[] = [];
  let rest = sentence;
  while (rest.length > LONGEST_PIECE) {
    const at = placeIn(rest.slice(0, LONGEST_PIECE));
    pieces.push(rest.slice(0, at));
    rest = rest.slice(at);
  }
  return [...pieces, rest];
}

function placeIn(head: string): number {
  for (const place of PLACES) {
    const last = [...head.matchAll(place)].findLast(({ index }) => index >= LEAST_PIECE);
    if (last) return last.index + last[0].length;
  }
  return head.length;
}
