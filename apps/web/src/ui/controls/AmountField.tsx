import type { AmountInput } from '@hammock/core';
import { useId, useRef, useState, type CSSProperties } from 'react';
import { fetched } from '../../storage/fetched.js';
import { late } from '../hooks/late.js';

export interface AmountFieldProps {
  readonly label: string;
  /** The amount as it is shown when nobody is typing. */
  readonly shown: string;
  readonly onChange: (amount: AmountInput) => void;
  /** What is wrong with it, in a sentence. */
  readonly problem: string | undefined;
  readonly className?: string;
  readonly placeholder?: string;
  readonly onLeave?: () => void;
}

const AmountKeys = late(() => fetched(() => import('./AmountKeys.js')).then((m) => m.AmountKeys), null, true);

/** Under a thumb, where a keyboard of digits covers the rest. */
const byTouch = (): boolean => typeof matchMedia === 'function' && matchMedia('(pointer: coarse)').matches;

/** How far the keys must move to the left to stay on the page, px. */
const KEYS_PX = 352;
const shiftOf = (field: HTMLElement): number =>
  Math.min(
    0,
    Math.max(
      -field.getBoundingClientRect().left + 8,
      innerWidth - KEYS_PX - field.getBoundingClientRect().left,
    ),
  );

/** An amount edited in place: typed as people type it, understood at every keystroke, never taken away. */
export function AmountField(props: AmountFieldProps) {
  const { label, shown, onChange, problem, className = '', onLeave } = props;
  const [typing, setTyping] = useState<string | undefined>(undefined);
  const [keys, setKeys] = useState<number | undefined>(undefined);
  const [letters, setLetters] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const id = useId();
  const value = typing ?? shown;
  const set = (text: string): void => {
    setTyping(text);
    onChange({ text });
  };
  return (
    <span
      className={`relative inline-flex flex-col ${className}`}
      style={{ '--shift': `${(keys ?? 0).toString()}px` } as CSSProperties}
    >
      <input
        ref={field}
        aria-label={label}
        aria-invalid={problem !== undefined}
        aria-describedby={problem === undefined ? undefined : id}
        className="changeable w-full min-w-12"
        style={{ fieldSizing: 'content' }}
        size={Math.max(6, value.length + 1)}
        value={value}
        placeholder={props.placeholder}
        maxLength={80}
        inputMode={letters ? 'text' : 'decimal'}
        autoComplete="off"
        onFocus={(e) => {
          setTyping(shown);
          setKeys(byTouch() ? shiftOf(e.currentTarget) : undefined);
          e.currentTarget.select();
        }}
        onChange={(e) => set(e.currentTarget.value)}
        onBlur={() => {
          setTyping(undefined);
          setKeys(undefined);
          setLetters(false);
          onLeave?.();
        }}
      />
      {keys !== undefined && (
        <AmountKeys
          text={value}
          letters={letters}
          onText={(text) => {
            set(text);
            // What was chosen when the field was entered is not chosen any more: the next digit goes to the end.
            requestAnimationFrame(() => field.current?.setSelectionRange(text.length, text.length));
          }}
          onLetters={() => setLetters(!letters)}
        />
      )}
      {problem !== undefined && (
        <span id={id} role="alert" className="max-w-64 text-[0.95rem] leading-tight text-ember">
          {problem}
        </span>
      )}
    </span>
  );
}
