import { Fragment } from 'react';
import { partsOf } from '../../words/strong.js';

/** A whole sentence from the words, its weighty parts in bold. */
export function Emphasis({ text }: { readonly text: string }) {
  return partsOf(text).map((part, i) =>
    part.strong ? <strong key={i}>{part.text}</strong> : <Fragment key={i}>{part.text}</Fragment>,
  );
}
