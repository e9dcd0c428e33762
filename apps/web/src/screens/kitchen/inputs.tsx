import { useId } from 'react';
import { Pick } from '../../ui/controls/Pick.js';
import { optionsOf } from '../../ui/controls/pickParts.js';

interface Common {
  readonly label: string;
  readonly problem: string | undefined;
}

export function Problem({ id, text }: { readonly id: string; readonly text: string | undefined }) {
  if (text === undefined) return null;
  return (
    <span id={id} role="alert" className="text-[0.95rem] text-ember">
      {text}
    </span>
  );
}

/** A line of text with its label. */
export function TextInput(
  props: Common & {
    readonly value: string;
    readonly most?: number;
    readonly placeholder?: string;
    readonly onChange: (value: string) => void;
  },
) {
  const id = useId();
  return (
    <label className="flex flex-col">
      {props.label}
      <input
        className="changeable"
        value={props.value}
        maxLength={props.most ?? 60}
        placeholder={props.placeholder}
        aria-invalid={props.problem !== undefined}
        aria-describedby={props.problem === undefined ? undefined : id}
        onChange={(e) => props.onChange(e.currentTarget.value)}
      />
      <Problem id={id} text={props.problem} />
    </label>
  );
}

/** One of a few words. */
export function ChoiceInput(props: {
  readonly label: string;
  readonly value: string;
  readonly words: Readonly<Record<string, string>>;
  /** Where the words are keyed by numbers, which an object does not keep in order. */
  readonly inOrder?: readonly string[];
  readonly onChange: (value: string) => void;
}) {
  return (
    <div className="flex flex-col items-start">
      <span>{props.label}</span>
      <Pick
        label={props.label}
        value={props.value}
        options={
          props.inOrder
            ? props.inOrder.map((value) => ({ value, label: props.words[value] ?? value }))
            : optionsOf(props.words)
        }
        onChange={props.onChange}
      />
    </div>
  );
}
