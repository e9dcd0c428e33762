import { grainById, GRAINS, type Amylose } from '@hammock/core';
import type { Learnt } from '@hammock/core/learning';
import type { BagFields, BagRecord } from '@hammock/core/records';
import { useState } from 'react';
import { ageText } from './ageText.js';
import { ChoiceInput, TextInput } from './inputs.js';
import { ThingList } from './ThingList.js';
import { AMYLOSE_WORDS, hasClass, starchText } from '../../words/plan/amyloseWords.js';
import { bestKnown, useLearnt } from '../../stores/kitchen/learnt.js';
import { nowMs } from '../../stores/session/time.js';
import { wantsText } from '../../words/notebook/learntWords.js';
import * as w from '../../words/screens/kitchen.js';

const GRAIN_WORDS = Object.fromEntries(GRAINS.map((g) => [g.id, g.name]));

/** The last is for a bag that says nothing. */
const STARCH_WORDS = { ...AMYLOSE_WORDS, usual: w.asUsualForThisGrain };

const NEW_BAG: BagFields = { grainId: 'longGrainWhite', label: '', note: '', openedOn: null, amylose: null };

/** What its pots have taught of a bag. */
function learntText(learnt: Learnt | null, bag: BagFields): string {
  const its = `bag:${(bag as Partial<BagRecord>).id ?? ''}/${bag.grainId}`;
  const found = bestKnown(learnt, (id) => id === its);
  return found ? `; ${wantsText(its, found)}` : '';
}

/** Bags of grain, each with the day it was opened. */
export function BagList() {
  const [today] = useState(nowMs);
  const learnt = useLearnt((s) => s.learnt);
  return (
    <ThingList
      kind="bags"
      title={w.bags}
      one="bag"
      fresh={NEW_BAG}
      describe={(b) =>
        `${grainById(b.grainId)?.name ?? b.grainId}${ageText(b.openedOn, today)}${starchText(b)}${learntText(learnt, b)}${b.note === '' ? '' : `. ${b.note}`}`
      }
      fields={(bag, set, problem) => (
        <>
          <TextInput
            label={w.name}
            value={bag.label}
            onChange={(label) => set({ label })}
            problem={problem('label')}
          />
          <ChoiceInput
            label={w.grain}
            value={bag.grainId}
            words={GRAIN_WORDS}
            onChange={(grainId) => set({ grainId })}
          />
          {hasClass(bag.grainId) && (
            <ChoiceInput
              label={w.whenCookedItIs}
              value={bag.amylose ?? 'usual'}
              words={STARCH_WORDS}
              onChange={(of) => set({ amylose: of === 'usual' ? null : (of as Amylose) })}
            />
          )}
          <label className="flex flex-col">
            {w.openedOn}
            <input
              type="date"
              className="changeable"
              value={bag.openedOn ?? ''}
              onChange={(e) => set({ openedOn: e.currentTarget.value === '' ? null : e.currentTarget.value })}
            />
          </label>
          <TextInput
            label={w.worthRemembering}
            value={bag.note}
            most={280}
            onChange={(note) => set({ note })}
            problem={undefined}
          />
        </>
      )}
    />
  );
}
