import { getNonce } from 'get-nonce';
import { Select } from 'radix-ui';
import { Chevron, markWrong, type PickProps } from './pickParts.js';
import { useOpened } from '../hooks/useBackCloses.js';
import * as w from '../../words/ui/controls.js';

/** The list behind a word of a sentence: a piece of its own, since the first page is read before anything is chosen. */
export function PickList<T extends string>({
  label,
  value,
  options,
  onChange,
  placeholder,
  className = '',
  wrongId,
  startOpen,
}: PickProps<T> & { readonly startOpen: boolean }) {
  const [open, setOpen] = useOpened(startOpen);
  // The list brings a style element of its own, which the page's policy takes by its number only.
  const nonce = getNonce();
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
        {...markWrong(wrongId)}
        className={`changeable inline-flex items-center gap-1.5 text-left ${className}`}
      >
        <Select.Value placeholder={placeholder ?? w.choose}>
          {chosen?.label ?? placeholder ?? w.choose}
        </Select.Value>
        <Chevron />
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
            <Select.Viewport className="p-1" {...(nonce === undefined ? {} : { nonce })}>
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
