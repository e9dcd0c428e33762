import type { ReactNode } from 'react';
import { NumberField, type NumberFieldProps } from '../../ui/controls/NumberField.js';

/** One step of the test, by its number. */
export function Step({
  n,
  words,
  children,
}: {
  readonly n: number;
  readonly words: string;
  readonly children: ReactNode;
}) {
  return (
    <li className="grid grid-cols-[3rem_minmax(0,1fr)] gap-x-3">
      <span className="figures text-[3rem] text-husk" aria-hidden>
        {n}
      </span>
      <div>
        <p className="m-0">{words}</p>
        <div className="flex flex-wrap gap-x-8 [&_label]:flex-row [&_label]:items-center [&_label]:gap-2 [&_input]:w-20">
          {children}
        </div>
      </div>
    </li>
  );
}

/** One figure as it was taken and as it was measured. */
export function Change({
  what,
  was,
  now,
}: {
  readonly what: string;
  readonly was: string;
  readonly now: string;
}) {
  return (
    <tr className="border-t border-line">
      <th scope="row" className="py-1.5 text-left font-normal">
        {what}
      </th>
      <td>{was}</td>
      <td>
        <strong>{now}</strong>
      </td>
    </tr>
  );
}

/** What stands on the scale, typed or taken from one that speaks. */
export const Weight = (props: Pick<NumberFieldProps, 'label' | 'value' | 'onChange'>) => (
  <NumberField by="scale" unit="g" {...props} />
);
