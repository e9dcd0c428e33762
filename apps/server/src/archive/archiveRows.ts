import { createReadStream } from 'node:fs';
import { JSONParser } from '@streamparser/json';
import { DepthScan } from './jsonScan.js';
import { isByLine, rowsByLine, type ArchiveRow, type OnBytes } from './archiveLines.js';
import { FORMAT, KEPT, VERSION } from './archiveTables.js';

/** Why a file is no archive. */
export type ArchiveWrong =
  'notJson' | 'notAnArchive' | 'newer' | 'rowTooLarge' | 'tooDeep' | 'tooMany' | 'empty' | 'stopped';
export class ArchiveProblem extends Error {
  constructor(readonly reason: ArchiveWrong) {
    super(reason);
  }
}

/** A household of a hundred years has fewer rows. */
const MOST_ROWS = 500_000;
/** Longest row, bytes: what goes on for longer is no row. */
const LARGEST_ROW = 1024 * 1024;
const PIECE = 64 * 1024;
const LISTS: ReadonlySet<string> = new Set([...KEPT.map(([key]) => key), 'cooks']);

/**
 * The rows of an archive, in the order they stand in it, read piece by piece: a file of any size takes the memory of one row.
 * @param onBytes hears how far it has come
 * @throws ArchiveProblem for what is no archive, or of a newer program
 */
export async function* archiveRows(file: string, onBytes?: OnBytes): AsyncGenerator<readonly ArchiveRow[]> {
  let count = 0;
  for await (const rows of rowsIn(file, onBytes)) {
    count += rows.length;
    if (count > MOST_ROWS) throw new ArchiveProblem('tooMany');
    yield rows;
  }
}

async function* rowsIn(file: string, onBytes?: OnBytes): AsyncGenerator<readonly ArchiveRow[]> {
  await isShallow(file);
  if (!(await isByLine(file, LARGEST_ROW))) {
    yield* rowsOfAny(file, onBytes);
    return;
  }
  try {
    for await (const rows of rowsByLine(file, LARGEST_ROW, onBytes))
      yield rows.filter(({ key }) => isKnown(key));
  } catch (error) {
    throw error instanceof SyntaxError ? new ArchiveProblem('notJson') : error;
  }
}

/** @throws ArchiveProblem for a nest without end, before anything takes it apart */
async function isShallow(file: string): Promise<void> {
  const scan = new DepthScan();
  for await (const piece of createReadStream(file, { highWaterMark: 4 * PIECE }))
    if (!scan.isWithin(piece as Buffer)) throw new ArchiveProblem('tooDeep');
}

const isKnown = (key: string): boolean => key === 'household' || LISTS.has(key);

/** The rows of an archive that somebody laid out anew. */
async function* rowsOfAny(file: string, onBytes?: OnBytes): AsyncGenerator<readonly ArchiveRow[]> {
  let found: ArchiveRow[] = [];
  let since = 0;
  const read: { isArchive: boolean; hasVersion: boolean; ended: boolean; failed: unknown } = {
    isArchive: false,
    hasVersion: false,
    ended: false,
    failed: undefined,
  };
  const parser = new JSONParser({
    paths: ['$.format', '$.version', '$.household', ...[...LISTS].map((key) => `$.${key}.*`)],
    keepStack: false,
  });
  parser.onValue = ({ value, key, stack }) => {
    since = 0;
    const list = stack.at(-1)?.key;
    if (stack.length === 1 && key === 'format') read.isArchive = value === FORMAT;
    else if (stack.length === 1 && key === 'version') {
      read.hasVersion = true;
      if (value !== VERSION)
        read.failed ??= new ArchiveProblem(Number(value) > VERSION ? 'newer' : 'notAnArchive');
    } else if (stack.length === 1) found.push({ key: 'household', row: value });
    else if (typeof list === 'string') found.push({ key: list, row: value });
  };
  parser.onEnd = () => {
    read.ended = true;
  };
  parser.onError = (error) => {
    read.failed ??= error;
  };
  for await (const piece of createReadStream(file, { highWaterMark: PIECE })) {
    onBytes?.((piece as Buffer).length);
    since += (piece as Buffer).length;
    if (since > LARGEST_ROW) throw new ArchiveProblem('rowTooLarge');
    try {
      parser.write(piece as Buffer);
    } catch (error) {
      read.failed ??= error;
    }
    if (read.failed instanceof ArchiveProblem) throw read.failed;
    if (read.failed !== undefined) throw new ArchiveProblem('notJson');
    if (found.length > 0) {
      // What it is stands before what is in it: rows of something else are not looked at.
      if (!read.isArchive || !read.hasVersion) throw new ArchiveProblem('notAnArchive');
      yield found;
      found = [];
    }
  }
  if (!read.ended) throw new ArchiveProblem('notJson');
  if (!read.isArchive || !read.hasVersion) throw new ArchiveProblem('notAnArchive');
}
