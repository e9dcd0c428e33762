import {
  copyFileSync,
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  renameSync,
  rmSync,
} from 'node:fs';
import { dirname, join } from 'node:path';
import { checkFile } from './checkFile.js';
import { copiesFolder, copiesOf, isWhole } from './copyFile.js';
import { MIGRATIONS } from './dataSource.js';
import { lockFolder } from './folderLock.js';
import { StartProblem } from './startProblem.js';

/** What putting a copy back did. */
export interface Restored {
  /** The copy that is in its place now. */
  readonly from: string;
  /** Where what was there before lies; undefined when nothing was. */
  readonly aside: string | undefined;
}

/**
 * Puts a copy back in the place of the data. What was there is set aside, not lost; a copy that is damaged or of a newer program is
 * not put back.
 * @param name of the copy; the newest whole one without
 * @throws StartProblem while a server has the data, or when there is no such copy
 */
export function restoreCopy(databaseFile: string, nowMs: number, name?: string): Restored {
  const folder = dirname(databaseFile);
  const release = lockFolder(folder);
  try {
    const copies = copiesOf(databaseFile).filter((c) => name === undefined || c.name === name);
    const path = (copy: string): string => join(copiesFolder(databaseFile), copy);
    const from = copies.find((c) => isWhole(path(c.name)))?.name;
    if (from === undefined)
      throw new StartProblem(
        'damaged',
        name === undefined
          ? `There is no whole copy in ${copiesFolder(databaseFile)}.`
          : `${name} is no whole copy in ${copiesFolder(databaseFile)}.`,
      );
    checkFile(
      path(from),
      MIGRATIONS.map((m) => m.name),
    );
    const part = `${databaseFile}.part`;
    copyFileSync(path(from), part);
    const handle = openSync(part, 'r+');
    fsyncSync(handle);
    closeSync(handle);
    const aside = setAside(databaseFile, nowMs);
    renameSync(part, databaseFile);
    return { from, aside };
  } finally {
    release();
  }
}

/** Moves the data out of the way, with its log: nothing of it is erased. */
function setAside(databaseFile: string, nowMs: number): string | undefined {
  if (!existsSync(databaseFile)) return undefined;
  const folder = join(dirname(databaseFile), 'set-aside');
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const stamp = new Date(nowMs).toISOString().replaceAll(/[:.]/gu, '-').slice(0, 23);
  const aside = join(folder, `hammock-${stamp}.sqlite`);
  for (const end of ['-wal', '-shm', ''])
    if (existsSync(databaseFile + end)) renameSync(databaseFile + end, aside + end);
  rmSync(`${databaseFile}-shm`, { force: true });
  return aside;
}
