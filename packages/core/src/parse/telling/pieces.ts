import { sentencesOf } from '../words/sentences.js';
import { headVerb } from '../words/verbs.js';
import type { Span } from '../words/told.js';

/** A piece of a sentence between two joints; with what stands before it. */
export interface Piece extends Span {
  readonly text: string;
  /** What joins it to the piece before: nothing at the beginning of a sentence. */
  readonly joint: '' | ',' | ';' | ':' | 'and' | 'then' | 'or' | 'but';
}

/** Where a sentence ends; not after a measure that is cut short. */
const END =
  /(?<=[.!?])(?<!^\d{1,2}\.)(?:(?<!\b(?:[cC]|[tT]bsp|[tT]sp|oz|lb|approx|ca|mins?)\.)|(?<=\bmins?\.)(?=\s+(?!(?:or|until|till|til|more|on|with|at|over|in|per|each|an? side|and|to|then)\b))|(?=\s+\p{Lu}))\s+(?=\S)/gu;

/** The sentences of a line, each with where it stands. */
export function sentencesIn(line: string, from: number): readonly (Span & { readonly text: string })[] {
  const found: (Span & { text: string })[] = [];
  let at = from;
  for (const sentence of line.split(END).flatMap((s) => sentencesOf(s))) {
    const begin = line.indexOf(sentence, at - from) + from;
    found.push({ text: sentence, from: begin, to: begin + sentence.length });
    at = begin + sentence.length;
  }
  return found;
}

/** Joints that part a sentence wherever they stand, outside brackets. */
const JOINT =
  /\s*;\s*|:\s+|,(?!\d|\s*(?:(?:but\s+)?less|which|that['’]s|that is)\b)\s*|\s+[–—-]\s+|\s+(?=then\b)|\s+(?=(?:and|but|or)\s)/giu;
const WHEN = /^(?:when|once|as soon as|after)\b/iu;
const AMOUNT_AND = /^and\s+(?:an?\s+)?(?:half|quarter|third|three[\s-]quarters|two[\s-]thirds)\b/iu;

/**
 * A sentence in its pieces: at commas, colons, dashes and "then" always, at "and", "but" and "or" only where something is done next.
 * What stands in brackets stays with what it follows.
 */
export function piecesOf(sentence: string, from: number): readonly Piece[] {
  const plain = blanked(sentence);
  const cuts: { at: number; next: number; joint: Piece['joint'] }[] = [];
  for (const m of plain.matchAll(JOINT)) {
    const next = m.index + m[0].length;
    const tail = plain.slice(next);
    const word = /^(then|and|but|or)\b/iu.exec(tail)?.[1]?.toLowerCase();
    if (word === undefined || m[0].trim() !== '') {
      cuts.push({ at: m.index, next, joint: m[0].includes(';') ? ';' : m[0].includes(':') ? ':' : ',' });
      continue;
    }
    const after = tail.slice(word.length).trimStart();
    if (word === 'then') cuts.push({ at: m.index, next, joint: 'then' });
    else if (!AMOUNT_AND.test(tail) && (headVerb(after) !== undefined || WHEN.test(after)))
      cuts.push({ at: m.index, next, joint: word as 'and' | 'but' | 'or' });
  }
  const pieces: Piece[] = [];
  let begin = 0;
  let joint: Piece['joint'] = '';
  for (const cut of [...cuts, { at: sentence.length, next: sentence.length, joint: '' as const }]) {
    const raw = sentence.slice(begin, cut.at);
    const text = raw.replace(/[.!?,;:\s]+$/u, '').trim();
    // "…, and then": the word that follows a comma says more than the comma.
    if (/[\p{L}\d]/u.test(text)) {
      const start = begin + raw.indexOf(text);
      pieces.push({ text, joint: jointOf(text, joint), from: from + start, to: from + start + text.length });
    }
    begin = cut.next;
    joint = cut.joint;
  }
  return pieces;
}

function jointOf(text: string, joint: Piece['joint']): Piece['joint'] {
  if (/^or\b/iu.test(text)) return 'or';
  return joint === ',' && /^(?:and\s+)?then\b/iu.test(text) ? 'then' : joint;
}

/** The same with the inside of brackets blanked: nothing is cut there. */
const blanked = (text: string): string =>
  text
    .replace(/\([^)]*\)?/gu, (m) => '·'.repeat(m.length))
    .replace(EACH, (m) => m.replace(/,/gu, '·'))
    .replace(PER, (m) => m.replace(/,/gu, '·'));

/** "For each cup of rice, two cups of water" is one rule. */
const PER = /\bfor\s+(?:each|every|one)\s+\p{L}+\s+of\s+[\p{L}\s]{3,24},/giu;

/** "A cup each of turnip, swede and peas": a list with commas that is one piece. */
const EACH =
  /(?:\b(?:an?|half|one|two|three)|\d[\d/.]*|[½¼¾])\s+\S+\s+each(?:\s+of)?\s+[\p{L}\s]+,[\p{L}\s,]+?\band\s+\p{L}+/giu;
