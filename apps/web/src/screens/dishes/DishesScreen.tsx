import { grainById } from '@hammock/core';
import type { DishRecord, DishUseRecord } from '@hammock/core/records';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../../api/http.js';
import { useDraft } from '../../stores/plan/draft.js';
import { fieldsOf } from '../../stores/kitchen/kitchenRows.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { Button } from '../../ui/controls/Button.js';
import { Fence } from '../../ui/shell/Fence.js';
import { OpenFile } from '../../ui/controls/OpenFile.js';
import { TakenAway } from '../../ui/sections/TakenAway.js';
import { Pick } from '../../ui/controls/Pick.js';
import { METHOD } from '../../words/words.js';
import { BASES, baseOf, matching, type BaseKind } from './dishes.js';
import { newDish } from '../../stores/plan/newDish.js';
import { newId } from '../../storage/newId.js';
import { useKeptState } from '../../stores/session/persisted.js';

const ANY = { value: 'any', label: 'any' };

/** The household's own dishes: found, made, copied, taken away and put back. */
export function DishesScreen() {
  const dishes = useKitchen((s) => s.dishes);
  const state = useKitchen((s) => s.state);
  const [words, setWords] = useKeptState('dishes.words', '');
  const [method, setMethod] = useKeptState('dishes.method', 'any');
  const [base, setBase] = useKeptState('dishes.base', 'any');
  const uses = useUses();
  const navigate = useNavigate();
  if (state === 'empty') return <p aria-busy>Looking into the kitchen …</p>;
  const shown = matching(dishes, { words, method, base });
  const methods = [...new Set(dishes.map((d) => d.spec.method ?? 'coveredAbsorption'))];
  return (
    <div className="flex flex-col gap-4">
      <div className="flex flex-wrap items-center justify-between gap-x-6">
        <h1 className="m-0 text-[2rem] font-bold">Dishes</h1>
        <div className="flex flex-wrap gap-3">
          <OpenFile />
          <Button
            onClick={() => {
              newDish();
              void navigate('/');
            }}
          >
            New dish
          </Button>
        </div>
      </div>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-1">
        <label className="flex max-w-full items-center gap-2">
          Find
          <input
            type="search"
            className="changeable w-64 max-w-full min-w-0"
            value={words}
            placeholder="name, grain or what goes in"
            onChange={(e) => setWords(e.currentTarget.value)}
          />
        </label>
        <span>
          by{' '}
          <Pick
            label="Only this method"
            value={method}
            options={[
              { ...ANY, label: 'any method' },
              ...methods.map((m) => ({ value: m, label: METHOD[m] })),
            ]}
            onChange={setMethod}
          />
        </span>
        <span>
          on{' '}
          <Pick
            label="Only this base"
            value={base}
            options={[
              { ...ANY, label: 'any base' },
              ...(Object.keys(BASES) as BaseKind[]).map((b) => ({ value: b, label: BASES[b] })),
            ]}
            onChange={setBase}
          />
        </span>
        <span className="text-faint" role="status">
          {shown.length} of {dishes.length}
        </span>
      </div>
      <Gone />
      {dishes.length === 0 && <p className="m-0">None yet. Make a pot on Pour and keep it as a dish.</p>}
      {dishes.length > 0 && shown.length === 0 && <p className="m-0">No dish is like that.</p>}
      <ul className="m-0 grid list-none gap-x-12 p-0 lg:grid-cols-2">
        {shown.map((dish) => (
          <Fence key={dish.id} what={`The dish “${dish.label}”`} of={dish}>
            <Card dish={dish} use={uses.find((u) => u.dishId === dish.id)} />
          </Fence>
        ))}
      </ul>
    </div>
  );
}

/** How often each was made; nothing while the server is not answering. */
function useUses(): readonly DishUseRecord[] {
  const [uses, setUses] = useState<readonly DishUseRecord[]>([]);
  useEffect(() => {
    void ask('GET', '/api/cooks/by-dish').then((reply) => {
      if (reply.kind === 'stored') setUses(reply.body as DishUseRecord[]);
    });
  }, []);
  return uses;
}

function Card({ dish, use }: { readonly dish: DishRecord; readonly use: DishUseRecord | undefined }) {
  const navigate = useNavigate();
  const { spec } = dish;
  const keep = useKitchen((s) => s.keep);
  const remove = useKitchen((s) => s.remove);
  return (
    <li className="hung mb-5" aria-label={dish.label}>
      <div className="flex flex-wrap items-start justify-between gap-x-4">
        <div className="max-w-full min-w-0 flex-1 basis-48">
          <h2 className="m-0 text-[1.35rem] leading-tight font-bold">{dish.label}</h2>
          <p className="m-0 text-faint">{dish.blurb}</p>
        </div>
        <BaseMark base={baseOf(spec)} />
      </div>
      <p className="mt-1 mb-0">
        {grainById(spec.grainId)?.name}, {METHOD[spec.method ?? 'coveredAbsorption']}
        {spec.stages ? ' with stages of your own' : ''}, for {Math.round((spec.portions ?? 4) * 10) / 10}.{' '}
        <Came use={use} />
      </p>
      <div className="flex flex-wrap gap-x-5">
        <Button
          weight="plain"
          aria-label={`Make it: ${dish.label}`}
          onClick={() => {
            useDraft.getState().chooseDish(dish);
            void navigate('/');
          }}
        >
          Make it
        </Button>
        <Button
          weight="plain"
          aria-label={`Copy ${dish.label}`}
          onClick={() => keep('dishes', newId(), { ...fieldsOf(dish), label: `${dish.label}, again` })}
        >
          Copy
        </Button>
        <Button weight="plain" aria-label={`Remove ${dish.label}`} onClick={() => remove('dishes', dish.id)}>
          Remove
        </Button>
      </div>
    </li>
  );
}

/** How often, and how it came out: a strand for each judged pot, the thick ones as wanted. */
function Came({ use }: { readonly use: DishUseRecord | undefined }) {
  if (!use || use.cooks === 0) return <>Not made yet.</>;
  const times = use.cooks === 1 ? 'once' : `${use.cooks.toString()} times`;
  if (use.judged === 0) return <>Made {times}.</>;
  return (
    <>
      Made {times},{' '}
      <strong>
        {use.asWanted} of {use.judged} just right
      </strong>
      .
    </>
  );
}

const MARK: Readonly<Record<BaseKind, string>> = {
  tomato: 'var(--tomato)',
  coconut: 'var(--coconut)',
  stock: 'var(--husk)',
  water: 'var(--water)',
};

/** What the pot stands on, as a small pot filled with it; the word is beside the colour. */
function BaseMark({ base }: { readonly base: BaseKind }) {
  return (
    <span className="flex shrink-0 items-center gap-2 whitespace-nowrap">
      {BASES[base]}
      <svg viewBox="0 0 34 26" className="h-7 w-9" aria-hidden>
        <path d="M4 10h26v10q0 4-4 4H8q-4 0-4-4z" fill={MARK[base]} />
        <path
          d="M4 4v16q0 4 4 4h18q4 0 4-4V4M1 6h4M29 6h4"
          fill="none"
          stroke="currentColor"
          strokeWidth="2.4"
        />
      </svg>
    </span>
  );
}

/** Nothing asks "are you sure": the dish last taken away can be put back. */
function Gone() {
  const all = useKitchen((s) => s.dishes);
  const [before, setBefore] = useState(all);
  const [gone, setGone] = useState<DishRecord | undefined>(undefined);
  if (all !== before) {
    setBefore(all);
    const missing = before.find((d) => !all.some((a) => a.id === d.id));
    setGone(missing ?? (gone && all.some((a) => a.id === gone.id) ? undefined : gone));
  }
  if (!gone) return null;
  return (
    <TakenAway
      label={gone.label}
      onPutBack={() => useKitchen.getState().keep('dishes', gone.id, fieldsOf(gone))}
    />
  );
}
