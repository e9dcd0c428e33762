import { Select } from 'radix-ui';
import { memo, useState } from 'react';

export interface Option<T extends string> {
  readonly value: T;
  readonly label: string;
  readonly hint?: string;
}

export interface PickProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  readonly options: readonly Option<T>[];
  readonly onChange: (value: T) => void;
  readonly placeholder?: string;
  readonly className?: string;
  /** True when this choice is what is wrong with the plan. */
  readonly wrong?: boolean;
}

function PlainPick<T extends string>({
  label,
  value,
  options,
  onChange,
  placeholder,
  className = '',
  wrong = false,
}: PickProps<T>) {
  const [open, setOpen] = useState(false);
  const chosen = options.find((o) => o.value === value);
  return (
    <Select.Root
      open={open}
      onOpenChange={setOpen}
      {...(value === undefined ? {} : { value })}
      onValueChange={(next) => {
        onChange(next as T);
      }}
    >
      <Select.Trigger
        aria-label={label}
        data-wrong={wrong}
        className={`changeable inline-flex items-center gap-1.5 text-left ${className}`}
      >
        <Select.Value placeholder={placeholder ?? 'choose'}>
          {chosen?.label ?? placeholder ?? 'choose'}
        </Select.Value>
        <Select.Icon asChild>
          <svg viewBox="0 0 12 8" className="h-2 w-3 shrink-0" aria-hidden>
            <path
              d="M1 1q5 9 10 0"
              fill="none"
              stroke="currentColor"
              strokeWidth="2.2"
              strokeLinecap="round"
            />
          </svg>
        </Select.Icon>
      </Select.Trigger>
      {/* A closed list would still draw every option, off the page: a hundred of them on Pour. */}
      {open && (
        <Select.Portal>
          <Select.Content
            position="popper"
            sideOffset={4}
            collisionPadding={8}
            className="z-50 max-h-(--radix-select-content-available-height) overflow-hidden rounded-b-2xl border-2 border-ink bg-raised text-ink"
          >
            <Select.Viewport className="p-1">
              {options.map((option) => (
                <Select.Item
                  key={option.value}
                  value={option.value}
                  className="flex min-h-12 cursor-pointer items-center justify-between gap-6 rounded-md px-3 py-1.5 text-[1.0625rem] outline-none data-[highlighted]:bg-ink data-[highlighted]:text-ground data-[state=checked]:font-bold"
                >
                  <Select.ItemText>{option.label}</Select.ItemText>
                  {option.hint !== undefined && (
                    <span className="text-[0.95rem] font-normal opacity-80">{option.hint}</span>
                  )}
                </Select.Item>
              ))}
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      )}
    </Select.Root>
  );
}

/** One word of a sentence that opens a list. Drawn again only when something about it changes. */
export const Pick = memo(PlainPick) as typeof PlainPick;

/** Options from a table of words. */
export const optionsOf = <T extends string>(words: Readonly<Record<T, string>>): Option<T>[] =>
  (Object.entries(words) as [T, string][]).map(([value, label]) => ({ value, label }));
