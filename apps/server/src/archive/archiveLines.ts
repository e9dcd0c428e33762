import { createReadStream } from 'node:fs';

/** One row of an archive, and the list it stands in. */
export interface ArchiveRow {
  readonly key: string;
  readonly row: unknown;
}

/** How an archive of ours begins, whatever its version: a row a line from there on. */
const HEAD = /^\{"format":"hammock\.archive","version":1,$/u;
const HOUSEHOLD = /^"household":(\{.*\})([,}])$/u;
const LIST = /^"([a-zA-Z]{1,20})":\[(\]?)(,|\}?)$/u;
const ROW = /^(\{.*\})(,|\],|\]\}|\])$/u;

/** Hears how many bytes were read; what it throws ends the reading. */
export type OnBytes = (bytes: number) => void;

/** The lines of a file, none longer than `most`; undefined is said for one that is. */
async function* linesOf(
  file: string,
  most: number,
  onBytes?: OnBytes,
): AsyncGenerator<readonly string[] | undefined> {
  const words = new TextDecoder();
  let rest = '';
  for await (const piece of createReadStream(file, { highWaterMark: 256 * 1024 })) {
    onBytes?.((piece as Buffer).length);
    rest += words.decode(piece as Buffer, { stream: true });
    const lines = rest.split('\n');
    rest = lines.pop() ?? '';
    if (rest.length > most || lines.some((l) => l.length > most)) {
      yield undefined;
      return;
    }
    if (lines.length > 0) yield lines;
  }
  if (rest !== '') yield [rest];
}

/**
 * Whether a file is laid out as ours are, a row a line: then its rows can be read by themselves, ten times as fast. Only the layout is
 * looked at.
 */
export async function isByLine(file: string, most: number): Promise<boolean> {
  let n = 0;
  let last = '';
  for await (const lines of linesOf(file, most)) {
    if (!lines) return false;
    for (const line of lines) {
      const fits =
        n === 0 ? HEAD.test(line) : n === 1 ? HOUSEHOLD.test(line) : ROW.test(line) || LIST.test(line);
      if (!fits) return false;
      n += 1;
      last = line;
    }
  }
  return n > 1 && last.endsWith('}');
}

/**
 * The rows of a file that is laid out a row a line.
 * @throws SyntaxError for a row that is no JSON
 */
export async function* rowsByLine(
  file: string,
  most: number,
  onBytes?: OnBytes,
): AsyncGenerator<readonly ArchiveRow[]> {
  let list: string | undefined;
  for await (const lines of linesOf(file, most, onBytes)) {
    const rows: ArchiveRow[] = [];
    for (const line of lines ?? []) {
      const household = HOUSEHOLD.exec(line)?.[1];
      const head = household === undefined ? LIST.exec(line)?.[1] : undefined;
      const row = head === undefined && household === undefined ? ROW.exec(line)?.[1] : undefined;
      if (household !== undefined) rows.push({ key: 'household', row: JSON.parse(household) as unknown });
      if (head !== undefined) list = head;
      if (row !== undefined && list !== undefined) rows.push({ key: list, row: JSON.parse(row) as unknown });
    }
    if (rows.length > 0) yield rows;
  }
}
