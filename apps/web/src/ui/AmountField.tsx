import type { AmountInput } from '@hammock/core';
import { useId, useState } from 'react';

export interface AmountFieldProps {
  readonly label: string;
  /** The amount as it is shown when nobody is typing. */
  readonly shown: string;
  readonly onChange: (amount: AmountInput) => void;
  /** What is wrong with it, in a sentence. */
  readonly problem: string | undefined;
  readonly className?: string;
}

/** An amount edited in place: typed as people type it, understood at every keystroke, never taken away. */
export function AmountField({ label, shown, onChange, problem, className = '' }: AmountFieldProps) {
  const [typing, setTyping] = useState<string | undefined>(undefined);
  const id = useId();
  const value = typing ?? shown;
  return (
    <span className={`inline-flex flex-col ${className}`}>
      <input
        aria-label={label}
        aria-invalid={problem !== undefined}
        aria-describedby={problem === undefined ? undefined : id}
        className="changeable w-full"
        style={{ fieldSizing: 'content' }}
        size={Math.max(6, value.length + 1)}
        value={value}
        maxLength={80}
        inputMode="text"
        autoComplete="off"
        onFocus={(e) => {
          setTyping(shown);
          e.currentTarget.select();
        }}
        onChange={(e) => {
          setTyping(e.currentTarget.value);
          onChange({ text: e.currentTarget.value });
        }}
        onBlur={() => {
          setTyping(undefined);
        }}
      />
      {problem !== undefined && (
        <span id={id} role="alert" className="max-w-64 text-[0.95rem] leading-tight text-ember">
          {problem}
        </span>
      )}
    </span>
  );
}
