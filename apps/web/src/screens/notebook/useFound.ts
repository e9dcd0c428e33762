import type { CookLine } from '@hammock/core/records';
import { useCallback, useEffect, useRef, useState } from 'react';
import { ask } from '../../api/http.js';
import { PAGE } from '../../stores/cooks/cookList.js';
import { useCooks } from '../../stores/cooks/cooks.js';

/** What is looked for; what is left out is all the same. */
export interface Wanted {
  readonly words?: string;
  readonly dishId?: string;
  readonly bagId?: string;
  readonly vesselId?: string;
  readonly by?: string;
  readonly texture?: string;
}

export const EVERY: Wanted = {};
export const isEvery = (wanted: Wanted): boolean => Object.keys(wanted).length === 0;

/** Typing goes on while the last words are looked for, ms. */
const WAIT_MS = 150;

/** The same as the server does, for what this device has when the server is away. */
const isLike = (cook: CookLine, { words, by, texture, ...ids }: Wanted): boolean => {
  const text = `${cook.label} ${cook.outcome?.note ?? ''}`.toLowerCase();
  return (
    (words === undefined || text.includes(words.trim().toLowerCase())) &&
    (by === undefined || cook.outcome?.by === by) &&
    (texture === undefined || cook.outcome?.texture === Number(texture)) &&
    Object.entries(ids).every(([field, id]) => cook[field as 'dishId'] === id)
  );
};

/** One page of what is found; undefined where the server does not answer. */
async function pageOf(wanted: Wanted, last?: CookLine): Promise<readonly CookLine[] | undefined> {
  const query = new URLSearchParams({ limit: PAGE.toString(), ...trimmed(wanted) });
  if (last) query.set('beforeMs', last.startedAtMs.toString());
  if (last) query.set('beforeId', last.id);
  const reply = await ask('GET', `/api/cooks?${query.toString()}`);
  return reply.kind === 'stored' ? (reply.body as CookLine[]) : undefined;
}
const trimmed = ({ words, ...rest }: Wanted): Record<string, string> => ({
  ...rest,
  ...(words === undefined || words.trim() === '' ? {} : { words: words.trim() }),
});

interface Found {
  readonly key: string;
  readonly list: readonly CookLine[];
  readonly more: boolean;
  readonly away: boolean;
}

/** The pots that are looked for, a page at a time; with nothing looked for, those the device knows already. */
export function useFound(wanted: Wanted, recent: readonly CookLine[]) {
  const loadEarlier = useCooks((s) => s.loadEarlier);
  const [found, setFound] = useState<Found>();
  const [moreOfAll, setMoreOfAll] = useState(true);
  const busy = useRef(false);
  const every = isEvery(wanted);
  const key = JSON.stringify(wanted);
  useEffect(() => {
    if (key === '{}') return undefined;
    let isAsked = true;
    const asked = JSON.parse(key) as Wanted;
    const soon = setTimeout(() => {
      void pageOf(asked).then((page) => {
        if (!isAsked) return;
        const list = page ?? (useCooks.getState().recent ?? []).filter((c) => isLike(c, asked));
        setFound({ key, list, more: page?.length === PAGE, away: page === undefined });
      });
    }, WAIT_MS);
    return () => {
      isAsked = false;
      clearTimeout(soon);
    };
  }, [key]);
  const loadMore = useCallback(() => {
    if (busy.current) return;
    busy.current = true;
    const done = (): void => {
      busy.current = false;
    };
    if (every) {
      void loadEarlier().then(setMoreOfAll).finally(done);
      return;
    }
    void pageOf(wanted, found?.list.at(-1))
      .then((page = []) => {
        setFound((f) => f && { ...f, list: [...f.list, ...page], more: page.length === PAGE });
      })
      .finally(done);
  }, [every, loadEarlier, wanted, found]);
  if (every) return { list: recent, more: moreOfAll && recent.length >= PAGE, loadMore, away: false };
  const isFound = found?.key === key;
  return {
    // What was found before stays in sight while the next is looked for.
    list: found?.list,
    more: isFound && found.more,
    loadMore,
    away: isFound && found.away,
  };
}
