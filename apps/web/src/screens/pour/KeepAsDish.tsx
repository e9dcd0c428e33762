import { memo, useState } from 'react';
import { useDraft } from '../../stores/plan/draft.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { Button } from '../../ui/controls/Button.js';
import { newId } from '../../storage/newId.js';
import { useKeptState } from '../../stores/session/persisted.js';
import * as w from '../../words/screens/pour.js';

/** Keeps the pot as it now stands as a dish: over the one it came from, or as one of its own. */
export const KeepAsDish = memo(function KeepAsDish({
  dishId,
  label,
}: {
  readonly dishId: string | null;
  readonly label: string;
}) {
  const [name, setName] = useKeptState('dish.name', '');
  const [kept, setKept] = useState<string | undefined>(undefined);
  const known = useKitchen((s) => s.dishes.some((d) => d.id === dishId));
  // A dish that was never kept has its name already.
  const called = name.trim() === '' && !known ? label.trim() : name.trim();
  const keep = (id: string, as: string): void => {
    const { draft, called: rename } = useDraft.getState();
    if (!draft) return;
    const blurb = useKitchen.getState().dishes.find((d) => d.id === id)?.blurb ?? '';
    // Somebody may have changed the dish since this plan was taken from it: both are kept, or the cook is asked.
    const seen = draft.dishSeen?.id === id ? draft.dishSeen : undefined;
    useKitchen.getState().keep('dishes', id, { label: as, blurb, spec: draft.spec }, seen);
    rename(id, as);
    setKept(as);
    setName('');
  };
  return (
    <section className="hung" aria-labelledby="keep">
      <h2 id="keep" className="m-0 text-[1.35rem] font-bold">
        {w.keepIt}
      </h2>
      <form
        className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (called !== '') keep(newId(), called);
        }}
      >
        {known && dishId !== null && (
          <Button onClick={() => keep(dishId, label)}>{w.keepTheseChangesIn(label)}</Button>
        )}
        <label className="flex items-center gap-2">
          {known ? w.orAs : w.as}
          <input
            className="changeable w-52"
            value={name}
            maxLength={60}
            placeholder={known ? w.aDishOfItsOwn : label}
            onChange={(e) => setName(e.currentTarget.value)}
          />
        </label>
        <Button type="submit" weight="plain" disabled={called === ''}>
          {w.keepAsANewDish}
        </Button>
      </form>
      <p className="m-0 text-faint" role="status">
        {kept === undefined ? '' : w.isKept(kept)}
      </p>
    </section>
  );
});
