import {
  closeSync,
  copyFileSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { randomBytes } from 'node:crypto';
import { basename, dirname, join } from 'node:path';
import SqliteFile from 'better-sqlite3';
import { checkFile, isOurs } from './checkFile.js';
import { copiesFolder, copiesOf, isWhole, setAsideFolder } from './copyFile.js';
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

const NAMES = MIGRATIONS.map((m) => m.name);

/** What is being done, written down before it is: the next start finishes it. */
interface Note {
  /** Name the data is set aside under, in its folder; null where there was none. */
  readonly aside: string | null;
}
const noteFile = (databaseFile: string): string => `${databaseFile}.restoring`;
const partFile = (databaseFile: string): string => `${databaseFile}.part`;

/**
 * Puts a copy back in the place of the data, in one step: a kill at any moment leaves the old data or the copy, and the next start
 * finishes what was begun. What was there is set aside, not lost. Only a file of this program is put back: with its migrations, no
 * newer ones, and nothing that would run by itself.
 * @param name of the copy; the newest whole one without
 * @throws StartProblem while a server has the data, or when there is no such copy
 */
export function restoreCopy(databaseFile: string, nowMs: number, name?: string): Restored {
  const folder = dirname(databaseFile);
  const release = lockFolder(folder);
  try {
    finishRestore(databaseFile);
    const copies = copiesOf(databaseFile).filter((c) => name === undefined || c.name === name);
    const path = (copy: string): string => join(copiesFolder(databaseFile), copy);
    const from = copies.find((c) => isWhole(path(c.name)) && isOurs(path(c.name), NAMES))?.name;
    if (from === undefined)
      throw new StartProblem(
        'damaged',
        name === undefined
          ? `There is no whole copy of Hammock's in ${copiesFolder(databaseFile)}.`
          : `${name} is no whole copy of Hammock's in ${copiesFolder(databaseFile)}.`,
      );
    checkFile(path(from), NAMES);
    const part = partFile(databaseFile);
    rmSync(part, { force: true });
    copyFileSync(path(from), part);
    anotherEpoch(part);
    sameDevices(part, databaseFile);
    flush(part);
    const aside = existsSync(databaseFile) ? asideName(nowMs) : null;
    note(databaseFile, { aside });
    finishRestore(databaseFile);
    return { from, aside: aside === null ? undefined : join(setAsideFolder(databaseFile), aside) };
  } finally {
    release();
  }
}

/**
 * Finishes putting back a copy that was begun and not ended. Each of its steps may have been taken already; without a note nothing was
 * begun, and what lies half made is taken away. To be called by the process that holds the folder's lock.
 */
export function finishRestore(databaseFile: string): void {
  const part = partFile(databaseFile);
  const begun = noteOf(databaseFile);
  rmSync(`${noteFile(databaseFile)}.new`, { force: true });
  if (begun === undefined) {
    rmSync(part, { force: true });
    return;
  }
  // Without the part the copy is in its place already: only the note is left.
  if (existsSync(part)) {
    if (begun.aside !== null) setAside(databaseFile, begun.aside);
    for (const end of ['-wal', '-shm']) rmSync(databaseFile + end, { force: true });
    renameSync(part, databaseFile);
    flush(dirname(databaseFile));
  }
  rmSync(noteFile(databaseFile), { force: true });
}

/** Moves the data out of the way, with its log: nothing of it is erased. The log goes first and comes to lie beside its file. */
function setAside(databaseFile: string, name: string): void {
  const folder = setAsideFolder(databaseFile);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  for (const end of ['-wal', '-shm', ''])
    if (existsSync(databaseFile + end)) renameSync(databaseFile + end, join(folder, name + end));
  flush(folder);
}

const asideName = (nowMs: number): string =>
  `hammock-${new Date(nowMs).toISOString().replaceAll(/[:.]/gu, '-').slice(0, 23)}.sqlite`;

/** The note is there whole or not at all. */
function note(databaseFile: string, what: Note): void {
  const made = `${noteFile(databaseFile)}.new`;
  writeFileSync(made, JSON.stringify(what), { mode: 0o600 });
  flush(made);
  renameSync(made, noteFile(databaseFile));
  flush(dirname(databaseFile));
}

function noteOf(databaseFile: string): Note | undefined {
  try {
    const { aside } = JSON.parse(readFileSync(noteFile(databaseFile), 'utf8')) as Partial<Note>;
    // A name, and no path: nothing is moved to where a note says that somebody else wrote.
    return { aside: typeof aside === 'string' ? basename(aside) : null };
  } catch {
    return undefined;
  }
}

/** What was put back is another epoch than what pages knew: they lay what they still had to send before the cook. */
function anotherEpoch(file: string): void {
  const opened = new SqliteFile(file);
  try {
    const columns = opened.pragma('table_info("sequence")') as { name: string }[];
    // A file of an older program gets its epoch when it is brought up to date.
    if (columns.some((c) => c.name === 'epoch'))
      opened.prepare('UPDATE "sequence" SET "epoch" = ?').run(randomBytes(8).toString('hex'));
  } finally {
    opened.close();
  }
}

/**
 * Who is let in is what it was before: a device that was let go since the copy was made does not come back with it. Where the data
 * cannot be read any more nobody is, and each is let in anew.
 */
function sameDevices(part: string, databaseFile: string): void {
  const opened = new SqliteFile(part);
  try {
    if (opened.prepare("SELECT 1 FROM sqlite_master WHERE name = 'device'").get() === undefined) return;
    opened.exec('DELETE FROM "device"');
    if (!existsSync(databaseFile)) return;
    opened.prepare('ATTACH ? AS before').run(databaseFile);
    opened.exec('INSERT INTO main."device" SELECT * FROM before."device"');
    opened.exec('DETACH before');
  } catch {
    // A damaged file lets nobody in.
  } finally {
    opened.close();
  }
}

function flush(path: string): void {
  const handle = openSync(path, 'r');
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
}
