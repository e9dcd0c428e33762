import { useId, useState, type ReactNode } from 'react';
import { UseReading } from './UseReading.js';
import { typedNumber } from '../../words/measures/numbers.js';

export interface NumberFieldProps {
  readonly label: string;
  /** Undefined and NaN show an empty field. */
  readonly value: number | undefined;
  readonly unit: ReactNode;
  /** What is typed, as a number; NaN for what is no number, and for nothing where `onEmpty` does not take it. */
  readonly onChange: (value: number) => void;
  readonly onEmpty?: () => void;
  readonly problem?: string | undefined;
  /** Label above its field, before it, or only for whoever hears the screen. A seen label is read with its unit. */
  readonly place?: 'above' | 'before' | 'unseen';
  readonly className?: string;
  /** The instrument of the kitchen that may tell it. */
  readonly by?: 'scale' | 'thermometer' | undefined;
}

/** At most one place behind the point: a field shows what a cook would type. */
const shownAs = (value: number | undefined): string =>
  value === undefined || Number.isNaN(value) ? '' : (Math.round(value * 10) / 10).toString();

/** A number with its unit. What is typed stays as typed, right or wrong, until the field is left. */
export function NumberField({
  label,
  value,
  unit,
  onChange,
  onEmpty,
  problem,
  place = 'above',
  className = 'w-28',
  by,
}: NumberFieldProps) {
  const id = useId();
  const [typed, setTyped] = useState<string | undefined>(undefined);
  const field = (
    <label className={place === 'above' ? 'flex flex-col' : 'inline-flex flex-wrap items-center gap-2'}>
      {place !== 'unseen' && <span>{label}</span>}
      <span className="flex items-center gap-2">
        <input
          {...(place === 'unseen' ? { 'aria-label': label } : {})}
          className={`changeable ${className}`}
          inputMode="decimal"
          placeholder="—"
          value={typed ?? shownAs(value)}
          aria-invalid={problem !== undefined}
          {...(problem === undefined ? {} : { 'aria-describedby': id })}
          onFocus={(e) => {
            setTyped(e.currentTarget.value);
            e.currentTarget.select();
          }}
          onBlur={() => {
            // What could not be read stays, with what is wrong said under it.
            if (problem === undefined && !Number.isNaN(value)) setTyped(undefined);
          }}
          onChange={(e) => {
            setTyped(e.currentTarget.value);
            if (onEmpty && e.currentTarget.value.trim() === '') onEmpty();
            else onChange(typedNumber(e.currentTarget.value));
          }}
        />
        {unit}
      </span>
      {problem !== undefined && (
        <span id={id} role="alert" className="text-[0.95rem] text-ember">
          {problem}
        </span>
      )}
    </label>
  );
  if (by === undefined) return field;
  return (
    <span className="inline-flex flex-wrap items-end gap-2">
      {field}
      <UseReading from={by} onTake={onChange} />
    </span>
  );
}
