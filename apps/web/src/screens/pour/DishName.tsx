import { useDraft } from '../../stores/draft.js';

/** The name of a dish that is not kept yet: its own from the first tap. */
export function DishName({ label }: { readonly label: string }) {
  return (
    <>
      <input
        aria-label="Name of the dish"
        className="changeable font-bold"
        style={{ fieldSizing: 'content' }}
        value={label}
        maxLength={60}
        onFocus={(e) => e.currentTarget.select()}
        onChange={(e) => useDraft.getState().change({ label: e.currentTarget.value })}
      />
      <span className="text-[0.8em] text-faint"> or </span>
    </>
  );
}
