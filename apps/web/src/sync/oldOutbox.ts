import type { Fields } from '@hammock/core/records';
import { readText } from '../storage/deviceStorage.js';
import type { Order } from './pendingWrite.js';

interface OldLetter {
  readonly key: string;
  readonly method: Order['method'];
  readonly path: string;
  readonly body?: Fields;
}

/** What a pot says before anything was said of it. */
const UNSAID: Fields = { pouredMl: null, abandoned: false, outcome: null };

/** Letters as they were written before they had revisions, in the order they were written; none when there are none. */
export function oldLetters(): readonly Order[] {
  try {
    const { state } = JSON.parse(readText('hammock.outbox') ?? '{}') as { state?: { letters?: unknown } };
    const letters = Array.isArray(state?.letters) ? (state.letters as (OldLetter | null)[]) : [];
    return joined(letters.filter(isOld).map(orderOf));
  } catch {
    return [];
  }
}

/** What was said of a pot in several letters is one now; what none of them says is as it was in the beginning. */
function joined(orders: readonly Order[]): readonly Order[] {
  const byKey = new Map<string, Order>();
  for (const order of orders) {
    const before = byKey.get(order.key)?.body;
    const isSaid = order.key.startsWith('said/');
    byKey.set(order.key, isSaid ? { ...order, body: { ...UNSAID, ...before, ...order.body } } : order);
  }
  return [...byKey.values()];
}

const isOld = (letter: OldLetter | null): letter is OldLetter =>
  typeof letter?.key === 'string' && typeof letter.path === 'string';

function orderOf({ key, method, path, body = {} }: OldLetter): Order {
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
function saidOf(cookId: string, said: Fields): Order {
  return {
    ...common(`said/${cookId}`, `cook/${cookId}`, 'what was said of a pot'),
    method: 'PATCH',
    path: `/api/cooks/${cookId}`,
    body: said,
    stands: { revision: undefined, base: UNSAID },
  };
}
