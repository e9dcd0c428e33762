import type { CookLine } from '@hammock/core/records';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { Fence } from '../../ui/shell/Fence.js';
import { PotLine } from './PotLine.js';
import * as w from '../../words/screens/notebook.js';

/** What a line is about as high as, px, until it is drawn; and how many more are drawn than are seen. */
const LINE_PX = 84;
const OVERSCAN = 12;
/** So many lines before the last one the next page is asked for. */
const AHEAD = 25;

/** The list itself: only what is seen of it is drawn, however long it is; its end brings the pots before. */
export function PotRows({
  list,
  today,
  more,
  onMore,
}: {
  readonly list: readonly CookLine[];
  readonly today: number;
  readonly more: boolean;
  readonly onMore: () => void;
}) {
  const place = useRef<HTMLOListElement>(null);
  const [topPx, setTopPx] = useState(0);
  useLayoutEffect(() => {
    setTopPx(place.current ? place.current.getBoundingClientRect().top + scrollY : 0);
  }, []);
  const rows = useWindowVirtualizer({
    count: list.length,
    estimateSize: () => LINE_PX,
    overscan: OVERSCAN,
    scrollMargin: topPx,
    getItemKey: (i) => list[i]?.id ?? i,
    measureElement: (line) => line.getBoundingClientRect().height || LINE_PX,
    // Where nothing is laid out, as in a test, the first lines are there all the same.
    initialRect: { width: 800, height: 1600 },
  });
  const seen = rows.getVirtualItems();
  const last = seen.at(-1)?.index ?? 0;
  useEffect(() => {
    if (more && last >= list.length - AHEAD) onMore();
  }, [more, last, list.length, onMore]);
  return (
    <ol
      ref={place}
      className="relative m-0 mt-1 list-none border-t-2 border-ink p-0"
      aria-label={w.potsCooked}
      style={{ height: rows.getTotalSize() }}
    >
      {seen.map(({ index, key, start }) => {
        const cook = list[index];
        return cook === undefined ? null : (
          <li
            key={key}
            data-index={index}
            ref={rows.measureElement}
            aria-posinset={index + 1}
            aria-setsize={more ? -1 : list.length}
            className="absolute inset-x-0 top-0 border-b border-line"
            style={{ transform: `translateY(${(start - topPx).toString()}px)` }}
          >
            <Fence what={w.thisPot} of={cook}>
              <PotLine cook={cook} today={today} />
            </Fence>
          </li>
        );
      })}
    </ol>
  );
}
