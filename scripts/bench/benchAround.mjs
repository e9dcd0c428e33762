import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export const uuid = (n) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
export const wait = (ms) => new Promise((later) => setTimeout(later, ms));
export const newFolder = () => mkdtempSync(join(tmpdir(), 'hammock-reliable-'));

/** Memory of a process, MB. */
export const memoryMb = (pid) =>
  Number(/VmRSS:\s+(\d+)/u.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? Number.NaN) / 1024;
