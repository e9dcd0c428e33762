import type { ButtonHTMLAttributes, Ref } from 'react';

export interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  /** `act` is the one thing to do next; `quiet` is everything else. */
  readonly weight?: 'act' | 'quiet' | 'plain';
  readonly ref?: Ref<HTMLButtonElement>;
  /** What it opens, for the keys to come back to. */
  readonly 'data-opens'?: string;
  /** What a key of ours finds it by. */
  readonly 'data-key'?: string;
}

const LOOK = {
  act: 'px-5 forced-colors:border-2 bg-ink text-ground font-bold rounded-b-2xl',
  quiet: 'px-5 border-2 border-ink rounded-b-2xl font-semibold',
  plain: 'px-1 underline underline-offset-4 decoration-2 decoration-husk font-semibold',
} as const;

/** A button, at least as large as a wet thumb. */
export function Button({ weight = 'quiet', className = '', ...rest }: ButtonProps) {
  return (
    <button
      type="button"
      {...rest}
      className={`inline-flex min-h-12 min-w-12 items-center justify-center gap-2 disabled:opacity-45 ${LOOK[weight]} ${className}`}
    />
  );
}
