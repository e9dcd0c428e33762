import { grainById } from '../../basics/larder/grainById.js';
import { ingredientById } from '../../basics/larder/larder.js';
import { parseLine, type LineOptions } from '../line/parseLine.js';
import { saidNumber } from '../line/saidNumber.js';

/** "My mug holds 265 g of this parboiled", "(my mug is 300 ml)". */
const HOLDS =
  /\(?\bmy\s+(mug|cup|glass|bowl|tin|scoop)\s+(?:holds|is|takes|has)\s+(?:about\s+)?(\d{2,4})\s*(g|ml)\b(?:\s+of\s+(?:this\s+|my\s+)?([\p{L}\s-]{3,40}))?\)?/iu;

/** What a cook measures with, as the telling says it. */
export interface OwnMeasure {
  readonly inText: RegExp;
  readonly size: number;
  readonly unit: string;
  /** What it was measured with. */
  readonly of: string;
  /** Its volume, ml. */
  readonly ml: number;
}

/** The measure a clause tells of; undefined where it tells of none. */
export function ownMeasure(clause: string, options: LineOptions): OwnMeasure | undefined {
  const [, word = '', size = '', unit = 'g', of = ''] = HOLDS.exec(clause) ?? [];
  if (word === '') return undefined;
  const { id = '' } = parseLine(`100 g ${of}`, options);
  const density = (grainById(id) ?? ingredientById(id))?.densityGPerMl ?? 1;
  const ml = Math.round(Number(size) / (unit.toLowerCase() === 'g' ? density : 1));
  return { inText: new RegExp(`\\b${word}s?\\b`, 'iu'), size: Number(size), unit, of: of.trim(), ml };
}

/** A clause without what it tells of a measure. */
export const withoutMeasure = (clause: string): string => clause.replace(HOLDS, ' ');

/** A clause with that measure in units that can be read: "one and a half of those", "three mugs from the kettle". */
export function inMeasure(clause: string, own: OwnMeasure | undefined): string {
  if (!own) return clause;
  // Their own mug is another than anybody's: its word is no unit here.
  const read = saidNumber(clause.replace(own.inText, 'own-measure'), {});
  if (!read || read.unit) return clause;
  if (/^(?:of )?(?:those|these|them)\b/iu.test(read.rest) && own.of !== '')
    return `${(read.count * own.size).toString()} ${own.unit} ${own.of}`;
  return read.rest.startsWith('own-measure')
    ? `${(read.count * own.ml).toString()} ml ${read.rest.slice('own-measure'.length).trim()}`
    : clause;
}
