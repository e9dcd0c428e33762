import { Command } from 'cmdk';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { Chevron, type PickProps } from './Pick.js';
import { useBackCloses } from './useBackCloses.js';

/** A long list behind a word: what is typed finds it, and the arrows walk through what is found. */
export function SearchList<T extends string>({
  label,
  value,
  options,
  onChange,
  placeholder,
  className = '',
  wrong = false,
  startOpen,
}: PickProps<T> & { readonly startOpen: boolean }) {
  const [open, show] = useState(startOpen);
  const noteOpen = useBackCloses(() => show(false), startOpen);
  const setOpen = (next: boolean): void => {
    show(next);
    noteOpen(next);
  };
  const chosen = options.find((o) => o.value === value);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        role="combobox"
        aria-haspopup="listbox"
        aria-label={label}
        data-wrong={wrong}
        className={`changeable inline-flex items-center gap-1.5 text-left ${className}`}
      >
        <span>{chosen?.label ?? placeholder ?? 'choose'}</span>
        <Chevron />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={8}
          className="z-50 w-[min(22rem,94vw)] rounded-b-2xl border-2 border-ink bg-raised text-ink"
        >
          <Command label={label} loop {...(chosen ? { defaultValue: wordsOf(chosen) } : {})}>
            <Command.Input
              autoFocus
              placeholder="type to find"
              className="changeable m-1 w-[calc(100%-0.5rem)] text-[1.0625rem]"
            />
            <Command.List className="max-h-[min(24rem,calc(var(--radix-popover-content-available-height)-4rem))] overflow-auto p-1">
              <Command.Empty className="px-3 py-2 text-faint">Nothing goes by that name.</Command.Empty>
              {options.map((option) => (
                <Command.Item
                  key={option.value}
                  value={wordsOf(option)}
                  onSelect={() => {
                    onChange(option.value);
                    setOpen(false);
                  }}
                  className="flex min-h-12 cursor-pointer items-center justify-between gap-6 rounded-md px-3 py-1.5 text-[1.0625rem] outline-none data-[selected=true]:bg-ink data-[selected=true]:text-ground"
                >
                  <span className={option.value === value ? 'font-bold' : ''}>{option.label}</span>
                  {option.hint !== undefined && (
                    <span className="text-[0.95rem] font-normal opacity-80">{option.hint}</span>
                  )}
                </Command.Item>
              ))}
            </Command.List>
          </Command>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** What an option is found by; two of one name stay two. */
const wordsOf = ({ label, hint = '', value }: { label: string; hint?: string; value: string }): string =>
  `${label} ${hint} ${value}`;
