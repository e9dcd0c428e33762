import type { IngredientInput } from '@hammock/core';
import type { DishSpec } from '@hammock/core/records';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { fetched } from '../../../storage/fetched.js';
import { useDraft } from '../../../stores/plan/draft.js';
import { useKitchen } from '../../../stores/kitchen/kitchen.js';
import { rowOf } from '../../../stores/kitchen/ownLarder.js';
import { AmountField } from '../../../ui/controls/AmountField.js';
import { late } from '../../../ui/hooks/late.js';
import { Pick } from '../../../ui/controls/Pick.js';
import { showAmountInput } from '../../../words/measures/amounts.js';
import { whole } from '../../../words/measures/numbers.js';
import { useMeasures, useMetric } from '../../../stores/kitchen/units.js';
import { GoesInRow } from './GoesInRow.js';
import { everything, pourable, usualAmount } from './larderChoices.js';
import { useKeptState } from '../../../stores/session/persisted.js';
import { allPlacesIn } from '../places.js';
import { readStageLines } from '../stageLines.js';
import * as w from '../../../words/screens/pourGoesIn.js';

const PasteList = late(
  () => fetched(() => import('./PasteList.js')).then((m) => m.PasteList),
  <p>…</p>,
  true,
);

const LATER = [
  { value: '0', label: w.allAtOnce },
  { value: '0.2', label: w.aFifthOfItHotLater },
  { value: '0.33', label: w.aThirdOfItHotLater },
  { value: '0.5', label: w.halfNowHalfHotLater },
];

const SAUCES = [0, 50, 100, 150, 250, 400];
const sauce = (g: number) => ({
  value: g.toString(),
  label: g === 0 ? w.noSauce : w.gAsSauce(whole(g)),
});
const SAUCE_OPTIONS = SAUCES.map(sauce);

export interface WhatGoesInProps {
  readonly ingredients: readonly IngredientInput[] | undefined;
  readonly pourWith: string | undefined;
  readonly pourMost: DishSpec['pourMost'];
  readonly thenWith: string | undefined;
  readonly laterShare: number | undefined;
  readonly sauceLeftG: number | undefined;
  /** The stages at which something can join, as one text: stageLines.ts. */
  readonly places: string;
  /** What is wrong with each, one line per ingredient; empty when nothing is. */
  readonly problems: string;
}

function PlainWhatGoesIn(props: WhatGoesInProps) {
  const { ingredients, pourWith, problems } = props;
  const places = useMemo(() => allPlacesIn(readStageLines(props.places)), [props.places]);
  const own = useKitchen((s) => s.ingredients);
  const choices = useMemo(() => everything(own), [own]);
  const [pasting, setPasting] = useKeptState('paste.open', false);
  const [, setText] = useKeptState('paste.text', '');
  const told = useDraft((s) => s.draft?.spec.told);
  const [opened, setOpened] = useState(false);
  const opener = useRef<HTMLButtonElement>(null);
  const measures = useMeasures(useDraft((s) => s.draft?.cupId));
  const metric = useMetric();
  // Actions never change; listening to the whole draft would draw this list at every keystroke anywhere.
  const { addIngredient } = useDraft.getState();
  const list = ingredients ?? [];
  const section = useRef<HTMLElement>(null);
  useNextFocus(section, list.length);
  const wrong = problems.split('\n');
  return (
    <section ref={section} className="hung" aria-labelledby="goes-in">
      <h2 id="goes-in" className="m-0 text-[1.35rem] font-bold">
        {w.whatGoesIn}
      </h2>
      <ul className="m-0 mt-1 list-none p-0">
        {list.map((item, i) => (
          <GoesInRow
            key={`${item.ingredientId}-${i.toString()}`}
            item={item}
            i={i}
            places={places}
            shown={(row) => showAmountInput(item.amount, row, measures, metric)}
            problem={wrong[i] ?? ''}
          />
        ))}
      </ul>
      <div className="mt-1 leading-[3.1rem]">
        <Pick
          key={list.length}
          label={w.addSomething}
          value={undefined}
          placeholder={w.addSomething2}
          options={choices}
          onChange={(ingredientId) => addIngredient({ ingredientId, amount: usualAmount(ingredientId) })}
        />{' '}
        {w.or}{' '}
        <button
          type="button"
          className="changeable"
          aria-expanded={pasting}
          ref={opener}
          onClick={() => {
            setPasting(!pasting);
            setOpened(true);
          }}
        >
          {w.typeOrPasteAList}
        </button>
        {told !== undefined && !pasting && (
          <>
            {' '}
            {w.or}{' '}
            <button
              type="button"
              className="changeable"
              onClick={() => {
                // Read back as it was told; put in again, it takes the place of what stands here.
                setText(told);
                setPasting(true);
                setOpened(true);
              }}
            >
              {w.seeItAsItWasTold}
            </button>
          </>
        )}
      </div>
      {pasting && (
        <PasteList
          opened={opened}
          onDone={() => {
            setPasting(false);
            opener.current?.focus();
          }}
        />
      )}
      <Liquid {...props} key={pourWith} />
    </section>
  );
}

/** After one more the keys are in its amount, after one less at the word that adds; another dish moves nothing. */
function useNextFocus(section: React.RefObject<HTMLElement | null>, count: number): void {
  const before = useRef(count);
  useEffect(() => {
    const by = count - before.current;
    before.current = count;
    const here = document.activeElement;
    const lost = here === document.body || here?.getAttribute('aria-label') === 'Add something';
    if (Math.abs(by) !== 1 || !lost) return;
    const fields = section.current?.querySelectorAll<HTMLElement>('ul input');
    const next =
      by > 0
        ? fields?.[count - 1]
        : section.current?.querySelector<HTMLElement>('[aria-label="Add something"]');
    // The list that was picked from gives the keys back to its word first.
    setTimeout(() => next?.focus(), 0);
  }, [count, section]);
}

/** What is poured: one liquid, or all there is of it and then another; at once or in two additions. */
function Liquid({ pourWith, pourMost, thenWith, laterShare, sauceLeftG }: WhatGoesInProps) {
  const { setSpec } = useDraft.getState();
  const own = useKitchen((s) => s.ingredients);
  const liquids = useMemo(() => pourable(own), [own]);
  const measures = useMeasures(useDraft((s) => s.draft?.cupId));
  const metric = useMetric();
  const row = rowOf(pourWith ?? 'water');
  return (
    <div className="leading-[3.1rem]">
      {w.pour}{' '}
      <Pick
        label={w.whatIsPoured}
        value={pourWith ?? 'water'}
        options={liquids}
        onChange={(value) => setSpec({ pourWith: value })}
      />
      ,{' '}
      {pourMost && row ? (
        <>
          {w.allThereIs}{' '}
          <AmountField
            label={w.allThereIsOfIt}
            shown={showAmountInput(pourMost, row, measures, metric)}
            onChange={(amount) => setSpec({ pourMost: amount })}
            problem={undefined}
          />
          {w.then}{' '}
          <Pick
            label={w.whatMakesUpTheRest}
            value={thenWith ?? 'water'}
            options={liquids}
            onChange={(value) => setSpec({ thenWith: value })}
          />{' '}
          <button type="button" className="changeable" onClick={() => setSpec({}, ['pourMost', 'thenWith'])}>
            {w.thereIsPlenty}
          </button>
        </>
      ) : (
        <button type="button" className="changeable" onClick={() => setSpec({ pourMost: { ml: 500 } })}>
          {w.howeverMuchItNeeds}
        </button>
      )}
      ,{' '}
      <Pick
        label={w.inHowManyAdditions}
        value={(laterShare ?? 0).toString()}
        options={LATER}
        onChange={(v) => setSpec({ laterShare: Number(v) })}
      />
      {w.leave}{' '}
      <Pick
        label={w.sauceLeftAtTheEnd}
        value={(sauceLeftG ?? 0).toString()}
        options={
          SAUCES.includes(sauceLeftG ?? 0) ? SAUCE_OPTIONS : [...SAUCE_OPTIONS, sauce(sauceLeftG ?? 0)]
        }
        onChange={(v) => setSpec({ sauceLeftG: Number(v) })}
      />
      .
    </div>
  );
}

/**
 * Everything but the grain: how much and how far it is cooked; and what is poured. Problems come as one text so
 * that typing an amount elsewhere does not draw the list again.
 */
export const WhatGoesIn = memo(PlainWhatGoesIn);
