import { Command } from 'cmdk';
import { Dialog, Popover } from 'radix-ui';
import { startTransition, useEffect, useRef, useState } from 'react';
import { notePicked, useRecent } from '../../stores/kitchen/recent.js';
import { Chevron, markWrong, type PickProps } from './pickParts.js';
import { found } from './searching.js';
import { useOpened } from '../hooks/useBackCloses.js';
import { useNarrow } from '../hooks/useWide.js';
import * as w from '../../words/ui/controls.js';

const NONE: readonly string[] = [];

/** A long list behind a word: what is typed finds it. On a phone it is a sheet with the field at the thumb. */
export function SearchList<T extends string>(props: PickProps<T> & { readonly startOpen: boolean }) {
  const { label, value, options, placeholder, className = '', wrongId, startOpen } = props;
  const [open, setOpen] = useOpened(startOpen);
  const narrow = useNarrow();
  const chosen = options.find((o) => o.value === value);
  const trigger = {
    role: 'combobox',
    'aria-haspopup': 'listbox',
    'aria-label': label,
    ...markWrong(wrongId),
    className: `changeable inline-flex items-center gap-1.5 text-left ${className}`,
    children: (
      <>
        <span>{chosen?.label ?? placeholder ?? w.choose}</span>
        <Chevron />
      </>
    ),
  } as const;
  const list = <Found {...props} narrow={narrow} onPicked={() => setOpen(false)} />;
  if (narrow)
    return (
      <Dialog.Root open={open} onOpenChange={setOpen}>
        <Dialog.Trigger {...trigger} />
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40 forced-colors:hidden" />
          <Dialog.Content
            aria-describedby={undefined}
            className="fixed inset-x-0 bottom-0 z-50 rounded-t-2xl border-2 border-ink bg-raised pb-[env(safe-area-inset-bottom)] text-ink"
          >
            <Dialog.Title className="sr-only">{label}</Dialog.Title>
            {list}
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    );
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger {...trigger} />
      <Popover.Portal>
        <Popover.Content
          aria-label={label}
          align="start"
          sideOffset={4}
          collisionPadding={8}
          className="z-50 w-[min(22rem,94vw)] rounded-b-2xl border-2 border-ink bg-raised text-ink"
        >
          {list}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** So many are drawn at once, a screenful; more come as the list is scrolled. */
const FIRST = 9;
const STEP = 24;

function Found<T extends string>({
  label,
  value,
  options,
  onChange,
  narrow,
  make,
  onPicked,
}: PickProps<T> & { readonly narrow: boolean; readonly onPicked: () => void }) {
  const recent = useRecent((s) => s.picked[label] ?? NONE);
  const [typed, setTyped] = useState('');
  const [count, setCount] = useState(FIRST);
  const made = make?.(typed);
  const all = made ? [...found(options, typed, recent), made] : found(options, typed, recent);
  const shown = all.slice(0, count);
  return (
    // What is found, and in which order, is found() and not the package.
    <Command label={label} loop shouldFilter={false} className={narrow ? 'flex flex-col-reverse' : ''}>
      <Command.Input
        autoFocus
        value={typed}
        onValueChange={(next) => {
          setTyped(next);
          setCount(FIRST);
        }}
        placeholder={w.typeToFind}
        className="changeable m-1 w-[calc(100%-0.5rem)] text-[1.0625rem]"
      />
      <Command.List
        className={
          narrow
            ? 'max-h-[55dvh] overflow-auto p-1'
            : 'max-h-[min(24rem,calc(var(--radix-popover-content-available-height)-4rem))] overflow-auto p-1'
        }
      >
        <Command.Empty className="px-3 py-2 text-faint">{w.nothingGoesByThatName}</Command.Empty>
        {shown.map((option) => (
          <Command.Item
            key={option.value}
            value={option.value}
            onSelect={() => {
              notePicked(label, option.value);
              onChange(option.value);
              onPicked();
            }}
            className="flex min-h-12 cursor-pointer items-center justify-between gap-6 rounded-md px-3 py-1.5 text-[1.0625rem] outline-none data-[selected=true]:bg-ink data-[selected=true]:text-ground"
          >
            <span className={option.value === value ? 'font-bold' : ''}>{option.label}</span>
            {option.hint !== undefined && (
              <span className="text-[0.95rem] font-normal opacity-80">{option.hint}</span>
            )}
          </Command.Item>
        ))}
        {all.length > shown.length && <More onSeen={() => startTransition(() => setCount(count + STEP))} />}
      </Command.List>
    </Command>
  );
}

/** The end of what is drawn: once it is seen, more is. */
function More({ onSeen }: { readonly onSeen: () => void }) {
  const end = useRef<HTMLDivElement>(null);
  const seen = useRef(onSeen);
  useEffect(() => {
    seen.current = onSeen;
  });
  useEffect(() => {
    if (!end.current || typeof IntersectionObserver === 'undefined') return undefined;
    const watch = new IntersectionObserver((f) => {
      if (f.some((e) => e.isIntersecting)) seen.current();
    });
    watch.observe(end.current);
    return () => watch.disconnect();
  }, []);
  return <div ref={end} className="h-2" aria-hidden />;
}
