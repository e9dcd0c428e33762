/**
 * What keeps the program from starting: a setting, the port, another server on the same data, the folder, the disk, a damaged file,
 * a file of a newer program, SQLite itself, or something nobody thought of.
 */
export type StartCode =
  'setting' | 'port' | 'inUse' | 'folder' | 'full' | 'damaged' | 'newer' | 'sqlite' | 'unknown';

/** What the program ends with for each: the names BSD's sysexits.h gives them. */
export const EXIT: Readonly<Record<StartCode, number>> = {
  setting: 78, // EX_CONFIG
  port: 69, // EX_UNAVAILABLE
  inUse: 75, // EX_TEMPFAIL
  folder: 73, // EX_CANTCREAT
  full: 74, // EX_IOERR
  damaged: 65, // EX_DATAERR
  newer: 76, // EX_PROTOCOL
  sqlite: 71, // EX_OSERR
  unknown: 70, // EX_SOFTWARE
};

/** Why the program cannot start, in one sentence for the person who started it. */
export class StartProblem extends Error {
  constructor(
    readonly code: StartCode,
    sentence: string,
  ) {
    super(sentence);
  }
}
