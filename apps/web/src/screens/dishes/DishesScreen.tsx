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
import * as w from '../../words/screens/dishes.js';
import { Emphasis } from '../../ui/controls/Emphasis.js';

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
  if (state === 'empty') return <p aria-busy>{w.lookingIntoTheKitchen}</p>;
  const shown = matching(dishes, { words, method, base });
  const methods = [...new Set(dishes.map((d) => d.spec.method ?? 'coveredAbsorption'))];
  return (
    <div className="flex flex-col gap-4">
      <div className="flex flex-wrap items-center justify-between gap-x-6">
        <h1 className="m-0 text-[2rem] font-bold">{w.dishes}</h1>
        <div className="flex flex-wrap gap-3">
          <OpenFile />
          <Button
            onClick={() => {
              newDish();
              void navigate('/');
            }}
          >
            {w.newDish}
          </Button>
        </div>
      </div>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-1">
        <label className="flex max-w-full items-center gap-2">
          {w.find}
          <input
            type="search"
            className="changeable w-64 max-w-full min-w-0"
            value={words}
            placeholder={w.nameGrainOrWhatGoesIn}
            onChange={(e) => setWords(e.currentTarget.value)}
          />
        </label>
        <span>
          {w.by}{' '}
          <Pick
            label={w.onlyThisMethod}
            value={method}
            options={[
              { ...ANY, label: w.anyMethod },
              ...methods.map((m) => ({ value: m, label: METHOD[m] })),
            ]}
            onChange={setMethod}
          />
        </span>
        <span>
          {w.on}{' '}
          <Pick
            label={w.onlyThisBase}
            value={base}
            options={[
              { ...ANY, label: w.anyBase },
              ...(Object.keys(BASES) as BaseKind[]).map((b) => ({ value: b, label: BASES[b] })),
            ]}
            onChange={setBase}
          />
        </span>
        <span className="text-faint" role="status">
          {w.of(shown.length, dishes.length)}
        </span>
      </div>
      <Gone />
      {dishes.length === 0 && <p className="m-0">{w.noneYetMakeAPot}</p>}
      {dishes.length > 0 && shown.length === 0 && <p className="m-0">{w.noDishIsLikeThat}</p>}
      <ul className="m-0 grid list-none gap-x-12 p-0 lg:grid-cols-2">
        {shown.map((dish) => (
          <Fence key={dish.id} what={w.theDish(dish.label)} of={dish}>
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
        {grainById(spec.grainId)?.name}
        {w.forWord(
          METHOD[spec.method ?? 'coveredAbsorption'],
          spec.stages ? w.withStagesOfYourOwn : '',
          Math.round((spec.portions ?? 4) * 10) / 10,
        )}{' '}
        <Came use={use} />
      </p>
      <div className="flex flex-wrap gap-x-5">
        <Button
          weight="plain"
          aria-label={w.makeIt(dish.label)}
          onClick={() => {
            useDraft.getState().chooseDish(dish);
            void navigate('/');
          }}
        >
          {w.makeIt2}
        </Button>
        <Button
          weight="plain"
          aria-label={w.copy(dish.label)}
          onClick={() => keep('dishes', newId(), { ...fieldsOf(dish), label: w.again(dish.label) })}
        >
          {w.copy2}
        </Button>
        <Button weight="plain" aria-label={w.remove(dish.label)} onClick={() => remove('dishes', dish.id)}>
          {w.remove2}
        </Button>
      </div>
    </li>
  );
}

/** How often, and how it came out: a strand for each judged pot, the thick ones as wanted. */
function Came({ use }: { readonly use: DishUseRecord | undefined }) {
  if (!use || use.cooks === 0) return <>{w.notMadeYet}</>;
  const times = use.cooks === 1 ? 'once' : `${use.cooks.toString()} times`;
  if (use.judged === 0) return <>{w.made(times)}</>;
  return (
    <>
      <Emphasis text={w.madeOfJustRight(times, use.asWanted, use.judged)} />
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
