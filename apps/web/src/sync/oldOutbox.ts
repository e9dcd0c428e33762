import type { Fields } from '@hammock/core/records';
import { readText } from '../storage/deviceStorage.js';
import type { Write } from './pendingWrite.js';

interface OldWrite {
  readonly key: string;
  readonly method: Write['method'];
  readonly path: string;
  readonly body?: Fields;
}

/** What a pot says before anything was said of it. */
const UNSAID: Fields = { pouredMl: null, abandoned: false, outcome: null };

/** Writes as they were written before they had revisions, in the write they were written; none when there are none. */
export function oldWrites(): readonly Write[] {
  try {
    const { state } = JSON.parse(readText('hammock.outbox') ?? '{}') as { state?: { letters?: unknown } };
    // They were called letters then.
    const writes = Array.isArray(state?.letters) ? (state.letters as (OldWrite | null)[]) : [];
    return joined(writes.filter(isOld).map(writeOf));
  } catch {
    return [];
  }
}

/** What was said of a pot in several writes is one now; what none of them says is as it was in the beginning. */
function joined(writes: readonly Write[]): readonly Write[] {
  const byKey = new Map<string, Write>();
  for (const write of writes) {
    const before = byKey.get(write.key)?.body;
    const isSaid = write.key.startsWith('said/');
    byKey.set(write.key, isSaid ? { ...write, body: { ...UNSAID, ...before, ...write.body } } : write);
  }
  return [...byKey.values()];
}

const isOld = (write: OldWrite | null): write is OldWrite =>
  typeof write?.key === 'string' && typeof write.path === 'string';

function writeOf({ key, method, path, body = {} }: OldWrite): Write {
  const [kind = '', id = ''] = key.split('/');
  switch (kind) {
    case 'cook': {
      const { startedAtMs, ...said } = body;
      return { ...common(key, `cook/${id}`, 'a pot'), ...at(startedAtMs), method, path, body: said };
    }
    case 'event': {
      const { atMs, ...said } = body;
      const [, , , cookId = ''] = path.split('/');
      return { ...common(`tap/${id}`, `cook/${cookId}`, 'a tap'), ...at(atMs), method, path, body: said };
    }
    case 'poured':
    case 'abandon':
      return saidOf(id, body);
    case 'outcome': {
      const { atMs, ...outcome } = body;
      return { ...saidOf(id, { outcome }), ...at(atMs) };
    }
    default: {
      const thing = common(key, key, kind === 'plan' ? 'the plan' : 'something of the kitchen');
      return { ...thing, method, path, ...(method === 'DELETE' ? {} : { body }), stands: NOBODY_KNOWS };
    }
  }
}

const NOBODY_KNOWS = { revision: undefined, base: undefined } as const;
const common = (key: string, thread: string, label: string) => ({ key, thread, label });
const at = (atMs: unknown) => (typeof atMs === 'number' ? { atMs, timed: true } : {});

/** Only some of what can be said about a pot; the rest is as it was. */
function saidOf(cookId: string, said: Fields): Write {
  return {
    ...common(`said/${cookId}`, `cook/${cookId}`, 'what was said of a pot'),
    method: 'PATCH',
    path: `/api/cooks/${cookId}`,
    body: said,
    stands: { revision: undefined, base: UNSAID },
  };
}
