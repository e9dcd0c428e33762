import { lstatSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

/** A plain file of a folder. */
export interface PlainFile {
  readonly name: string;
  readonly bytes: number;
  readonly atMs: number;
}

/**
 * What lies in a folder: plain files, and the names of what is something else. Links are not followed, wherever they lead or do not;
 * what goes while it is looked at was not there.
 */
export function lookIn(folder: string): {
  readonly files: readonly PlainFile[];
  readonly others: readonly string[];
} {
  const files: PlainFile[] = [];
  const others: string[] = [];
  for (const name of namesIn(folder)) {
    try {
      const found = lstatSync(join(folder, name));
      if (found.isFile()) files.push({ name, bytes: found.size, atMs: Math.round(found.mtimeMs) });
      else others.push(name);
    } catch {
      // It was taken away in the meantime.
    }
  }
  return { files, others };
}

function namesIn(folder: string): readonly string[] {
  try {
    return readdirSync(folder);
  } catch {
    // No folder, nothing in it.
    return [];
  }
}
