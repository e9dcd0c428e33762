import { ProblemException } from './problems.js';

const FULL = /^(?:SQLITE_FULL|ENOSPC|EDQUOT)/u;
const STORAGE =
  /^(?:SQLITE_(?:IOERR|BUSY|LOCKED|READONLY|CANTOPEN|CORRUPT|NOTADB|NOMEM|PROTOCOL)|EROFS|EACCES|EPERM|EIO)/u;

/** What the disk did, as a reply; undefined when it was not the disk. */
export function storageProblem(error: unknown): ProblemException | undefined {
  const { driverError, code: own } = error as { driverError?: { code?: string }; code?: string };
  const code = driverError?.code ?? own ?? '';
  if (FULL.test(code)) return new ProblemException(507, 'full', 'The disk is full; nothing was changed');
  if (STORAGE.test(code))
    return new ProblemException(503, 'storage', 'This cannot be stored just now; nothing was changed');
  return undefined;
}
