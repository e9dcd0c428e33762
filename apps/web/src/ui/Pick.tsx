import { memo, useState, type ComponentType, type ReactNode } from 'react';
import { fetched } from '../keeping/fetched.js';
import { late } from './late.js';

export interface Option<T extends string> {
  readonly value: T;
  readonly label: string;
  readonly hint?: string;
  /** Other names it is found by, with commas between them. */
  readonly also?: string;
  /** What most pots have: it stands before the rest. */
  readonly usual?: boolean;
}

export interface PickProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  readonly options: readonly Option<T>[];
  readonly onChange: (value: T) => void;
  readonly placeholder?: string;
  readonly className?: string;
  /** Id of the sentence that says what is wrong, where this choice is what is wrong with the plan. */
  readonly wrongId?: string | undefined;
  readonly make?: Making<T>;
}

/** What a list makes of what is typed, besides what it has. */
type Making<T extends string> = (typed: string) => Option<T> | undefined;

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

/** What a list that is wrong tells the eye and the ear. */
export const markWrong = (wrongId: string | undefined) =>
  wrongId === undefined
    ? { 'data-wrong': false }
    : { 'data-wrong': true, 'aria-invalid': true, 'aria-describedby': wrongId };

/** The mark of a word that opens a list. */
export const Chevron = () => (
  <svg viewBox="0 0 12 8" className="h-2 w-3 shrink-0" aria-hidden>
    <path d="M1 1q5 9 10 0" fill="none" stroke="currentColor" strokeWidth="2.2" strokeLinecap="round" />
  </svg>
);

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
      <span>{options.find((o) => o.value === value)?.label ?? placeholder ?? 'choose'}</span>
      <Chevron />
    </button>
  );
  if (!asked) return word;
  const List = isLong ? SearchList : PickList;
  return <List {...(props as unknown as PickProps<string>)} word={word} startOpen />;
}

/** One word of a sentence that opens a list. Drawn again only when something about it changes. */
export const Pick = memo(PlainPick) as typeof PlainPick;

/** Options from a table of words. */
export const optionsOf = <T extends string>(words: Readonly<Record<T, string>>): Option<T>[] =>
  (Object.entries(words) as [T, string][]).map(([value, label]) => ({ value, label }));
