import { useDraft } from '../../../stores/plan/draft.js';
import { newDish } from '../../../stores/plan/newDish.js';
import { Button } from '../../../ui/controls/Button.js';
import * as w from '../../../words/screens/pourSentence.js';

/** The name of a dish that is not kept yet: its own from the first tap. */
export function DishName({ label }: { readonly label: string }) {
  return (
    <>
      <input
        aria-label={w.nameOfTheDish}
        className="changeable font-bold"
        style={{ fieldSizing: 'content' }}
        value={label}
        maxLength={60}
        onFocus={(e) => e.currentTarget.select()}
        onChange={(e) => useDraft.getState().change({ label: e.currentTarget.value })}
      />
      <span className="text-[0.8em] text-faint"> {w.or} </span>
    </>
  );
}

/** Another pot, from nothing; this one is set aside. */
export function NewDish() {
  return (
    <Button weight="plain" className="ml-6 align-middle text-[1.05rem]" onClick={newDish}>
      {w.newDish}
    </Button>
  );
}
