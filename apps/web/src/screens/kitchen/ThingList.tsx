import type { KeptRecord } from '@hammock/core/records';
import { useState, type ReactNode } from 'react';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import type { KitchenFields, KitchenKind, KitchenLists } from '../../stores/kitchen/kitchenKept.js';
import { Button } from '../../ui/controls/Button.js';
import { Fence } from '../../ui/shell/Fence.js';
import { TakenAway } from '../../ui/sections/TakenAway.js';
import { problemsOf } from './checks.js';
import { newId } from '../../storage/newId.js';
import { useKeptState } from '../../stores/session/persisted.js';
import * as w from '../../words/screens/kitchen.js';

type Kind = Exclude<KitchenKind, 'dishes' | 'steamTests' | 'methods'>;

export interface ThingListProps<K extends Kind> {
  readonly kind: K;
  readonly title: string;
  readonly one: string;
  readonly fresh: KitchenFields[K];
  readonly describe: (fields: KitchenFields[K]) => string;
  /** True when it cannot be kept for a reason that its own fields show. */
  readonly refused?: (fields: KitchenFields[K]) => boolean;
  readonly fields: (
    value: KitchenFields[K],
    set: (change: Partial<KitchenFields[K]>) => void,
    problem: (field: string) => string | undefined,
  ) => ReactNode;
}

interface Editing<F> {
  readonly id: string;
  readonly value: F;
  /** As it was when the form was opened. */
  readonly seen?: KeptRecord;
  readonly isNew: boolean;
}

/** One kind of thing the kitchen has: read, changed in place, added, taken away and put back. */
export function ThingList<K extends Kind>({
  kind,
  title,
  one,
  fresh,
  describe,
  refused,
  fields,
}: ThingListProps<K>) {
  const list = useKitchen((s) => s[kind]) as KitchenLists[K] & readonly (KitchenFields[K] & KeptRecord)[];
  const keep = useKitchen((s) => s.keep);
  const remove = useKitchen((s) => s.remove);
  const [editing, setEditing] = useKeptState<Editing<KitchenFields[K]> | null>(`${kind}.form`, null);
  const [gone, setGone] = useState<{ id: string; value: KitchenFields[K] } | undefined>(undefined);
  const [opened, setOpened] = useState(false);
  const open = (next: Editing<KitchenFields[K]>): void => {
    setOpened(true);
    setEditing(next);
  };
  /** Closes the form; the keys go to where it was opened. */
  const leave = (): void => {
    const opener = `[data-opens="${kind}.${editing?.isNew ? 'new' : (editing?.id ?? '')}"]`;
    setEditing(null);
    requestAnimationFrame(() => document.querySelector<HTMLElement>(opener)?.focus());
  };
  const form = editing && (
    <Form
      // A form that was opened is typed into next. One that stood half filled when the screen came is left alone.
      {...(opened ? { focus: focusFirst } : {})}
      editing={editing}
      one={one}
      fields={fields}
      onChange={(value) => setEditing({ ...editing, value })}
      onLeave={leave}
      onKeep={() => {
        if (refused?.(editing.value)) return;
        keep(kind, editing.id, editing.value, editing.seen);
        leave();
      }}
    />
  );
  return (
    <section className="hung" aria-labelledby={kind}>
      <div className="-my-2 flex items-center justify-between gap-4">
        <h2 id={kind} className="m-0 text-[1.35rem] font-bold">
          {title}
        </h2>
        <Button
          weight="plain"
          data-opens={`${kind}.new`}
          onClick={() => open({ id: newId(), value: fresh, isNew: true })}
        >
          {w.add(/^[aeiou]/u.test(one) ? w.an : w.a, one)}
        </Button>
      </div>
      {gone && !list.some((thing) => thing.id === gone.id) && (
        <TakenAway
          label={gone.value.label}
          onPutBack={() => {
            keep(kind, gone.id, gone.value);
            setGone(undefined);
          }}
        />
      )}
      {list.length === 0 && !editing && <p className="m-0">{w.noneYet}</p>}
      <ul className="m-0 list-none p-0">
        {list.map((thing) => (
          <li key={thing.id} className="border-b border-line py-2">
            {editing?.id === thing.id ? (
              form
            ) : (
              <div className="flex items-center justify-between gap-3">
                <span>
                  <strong className="block text-[1.1rem]">{thing.label}</strong>
                  <Fence what={w.whatIsKnownOfIt} of={thing}>
                    <Described thing={thing} describe={describe} />
                  </Fence>
                </span>
                <span className="flex shrink-0 gap-4">
                  <Button
                    weight="plain"
                    data-opens={`${kind}.${thing.id}`}
                    aria-label={w.change(thing.label)}
                    onClick={() => open({ id: thing.id, value: thing, seen: thing, isNew: false })}
                  >
                    {w.change2}
                  </Button>
                  <Button
                    weight="plain"
                    aria-label={w.remove(thing.label)}
                    onClick={() => {
                      setGone({ id: thing.id, value: thing });
                      remove(kind, thing.id);
                    }}
                  >
                    {w.remove2}
                  </Button>
                </span>
              </div>
            )}
          </li>
        ))}
        {editing?.isNew && <li className="border-b border-line py-2">{form}</li>}
      </ul>
    </section>
  );
}

/** A component of its own: what cannot be described fails by itself. */
function Described<F>({ thing, describe }: { readonly thing: F; readonly describe: (fields: F) => string }) {
  return <span className="text-faint">{describe(thing)}</span>;
}

const focusFirst = (form: HTMLFormElement | null): void => form?.querySelector('input')?.focus();

interface FormProps<F> {
  readonly focus?: (form: HTMLFormElement | null) => void;
  readonly editing: Editing<F>;
  readonly one: string;
  readonly fields: (
    value: F,
    set: (change: Partial<F>) => void,
    problem: (field: string) => string | undefined,
  ) => ReactNode;
  readonly onChange: (value: F) => void;
  readonly onLeave: () => void;
  readonly onKeep: () => void;
}

function Form<F extends object>({ focus, editing, one, fields, onChange, onLeave, onKeep }: FormProps<F>) {
  const [tried, setTried] = useState(false);
  const problems = problemsOf(editing.value);
  const shown = (field: string): string | undefined =>
    tried || field !== 'label' ? problems[field] : undefined;
  return (
    <form
      ref={focus}
      aria-label={editing.isNew ? w.newWord(one) : w.change3(one)}
      className="flex flex-col gap-3 py-2"
      onKeyDown={(e) => {
        // Escape in an open list closes the list and not the form.
        if (e.key === 'Escape' && !e.defaultPrevented) onLeave();
      }}
      onSubmit={(e) => {
        e.preventDefault();
        setTried(true);
        if (Object.keys(problems).length === 0) onKeep();
        // What is wrong is where the keys go; what was not shown before is drawn first.
        else {
          const form = e.currentTarget;
          requestAnimationFrame(() =>
            form.querySelector<HTMLElement>('[aria-invalid=true], fieldset[aria-describedby] input')?.focus(),
          );
        }
      }}
    >
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
        {fields(editing.value, (change) => onChange({ ...editing.value, ...change }), shown)}
      </div>
      <div className="flex gap-3">
        <Button type="submit" weight="act">
          {w.keep}
        </Button>
        <Button onClick={onLeave}>{w.cancel}</Button>
      </div>
    </form>
  );
}
