import { memo, useState, type ComponentType, type ReactNode } from 'react';
import { fetched } from '../../storage/fetched.js';
import { late } from '../hooks/late.js';
import { Chevron, markWrong, type PickProps } from './pickParts.js';
import * as w from '../../words/ui/controls.js';

type ListProps = PickProps<string> & { readonly startOpen: boolean; readonly word: ReactNode };

/** Longer than this nobody reads through: it can be searched. */
const LONG = 15;

const searchList = () => fetched(() => import('./SearchList.js'));
const pickList = () => fetched(() => import('./PickList.js'));
/** Has both kinds of lists fetched, so that the first touch need not wait, nor a server that has gone be asked. */
export const fetchLists = (): void => {
  void searchList();
  void pickList();
};
const wordOf = ({ word }: ListProps): ReactNode => word;
const SearchList = late(
  () => searchList().then((m) => m.SearchList as ComponentType<ListProps>),
  wordOf,
  true,
);
const PickList = late(() => pickList().then((m) => m.PickList as ComponentType<ListProps>), wordOf, true);

/** Keys that open a list from its word. */
const OPENS: ReadonlySet<string> = new Set(['ArrowDown', 'ArrowUp']);

/** The word by itself until it is touched: a page has dozens of lists, and few of them are opened. */
function PlainPick<T extends string>(props: PickProps<T>) {
  const { label, value, options, placeholder, className = '', wrongId } = props;
  const [asked, ask] = useState(false);
  const isLong = options.length > LONG || props.make !== undefined;
  const word = (
    // What it will be: a button would be named otherwise than it reads.
    <button
      type="button"
      role="combobox"
      aria-haspopup="listbox"
      aria-expanded={false}
      aria-label={label}
      data-state="closed"
      {...markWrong(wrongId)}
      className={`changeable inline-flex items-center gap-1.5 text-left ${className}`}
      onClick={() => ask(true)}
      onKeyDown={(e) => {
        if (OPENS.has(e.key)) ask(true);
      }}
    >
      <span>{options.find((o) => o.value === value)?.label ?? placeholder ?? w.choose}</span>
      <Chevron />
    </button>
  );
  if (!asked) return word;
  const List = isLong ? SearchList : PickList;
  return <List {...(props as unknown as PickProps<string>)} word={word} startOpen />;
}

/** One word of a sentence that opens a list. Drawn again only when something about it changes. */
export const Pick = memo(PlainPick) as typeof PlainPick;
