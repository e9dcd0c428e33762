import { drinksShare, pointsOfShare } from '@hammock/core/learning';
import { useState } from 'react';
import { useKitchenThings } from '../../stores/kitchen/kitchenThings.js';
import { useLearnt } from '../../stores/kitchen/learnt.js';
import { forget, takeBackTold, tell } from '../../stores/kitchen/overrides.js';
import { Button } from '../../ui/controls/Button.js';
import { NumberField } from '../../ui/controls/NumberField.js';
import { SmallSling } from '../../ui/drawings/SmallSling.js';
import { wantsText } from '../../words/notebook/learntWords.js';
import { learntRows, type LearntRow } from './learntRows.js';
import * as w from '../../words/screens/notebook.js';

/** Most that a value is drawn to either side, points, and what its doubt is as slack of the rope. */
const DRAWN_POINTS = 4;
const slackOf = (sd: number): number => Math.min(0.3, 0.015 + 0.16 * sd);
const shareOf = (points: number): number => 0.5 + points / (2 * DRAWN_POINTS);

/** Bag by bag, pot by pot: what the household's pots have taught, each to be forgotten or told by hand. */
export function LearntList() {
  const learnt = useLearnt((s) => s.learnt);
  const things = useKitchenThings();
  const rows = learntRows(learnt, things);
  if (rows.length === 0) return null;
  return (
    <details className="hung pt-0!">
      <summary className="min-h-12 cursor-pointer text-[1.2rem] leading-[3rem] font-semibold">
        {w.whatWasLearntThingByThing}
      </summary>
      <p className="m-0 text-faint">{w.eachHangsBetweenDrierAnd}</p>
      <ul className="m-0 list-none p-0" aria-label={w.whatWasLearnt}>
        {rows.map((row) => (
          <Row key={row.id} row={row} />
        ))}
      </ul>
    </details>
  );
}

function Row({ row }: { readonly row: LearntRow }) {
  const { id, name, points, sd, pots, told } = row;
  const [telling, setTelling] = useState(false);
  return (
    <li className="grid grid-cols-[6rem_minmax(0,1fr)] items-center gap-x-4 border-b border-line py-2 sm:grid-cols-[6rem_minmax(0,1fr)_auto]">
      <SmallSling share={shareOf(points)} slack={slackOf(sd)} label="" />
      <span>
        <strong>{name}</strong>
        <span className="block text-faint">
          {wantsText(id, row)}
          {told?.points != null && w.asYouToldIt}
          {told?.sinceMs != null && w.sinceItWasForgotten}
        </span>
      </span>
      <span className="flex flex-wrap gap-x-4 max-sm:col-span-2">
        {told && (
          <Button weight="plain" aria-label={w.learnAgainFromAllPots(name)} onClick={() => takeBackTold(id)}>
            {w.learnFromAllPots}
          </Button>
        )}
        {pots > 0 && (
          <Button weight="plain" aria-label={w.forget(name)} onClick={() => forget(id)}>
            {w.forget2}
          </Button>
        )}
        <Button weight="plain" aria-label={w.tellByHand(name)} onClick={() => setTelling(!telling)}>
          {w.tellByHand2}
        </Button>
      </span>
      {telling && <TellForm row={row} onDone={() => setTelling(false)} />}
    </li>
  );
}

/** A value told by hand lies within this of its kind, per cent either way. */
const MOST_PERCENT = 30;

function TellForm({ row, onDone }: { readonly row: LearntRow; readonly onDone: () => void }) {
  const [percent, setPercent] = useState(Math.round(100 * drinksShare(row.points)));
  const good = Math.abs(percent) <= MOST_PERCENT;
  return (
    <form
      className="col-span-full flex flex-wrap items-end gap-3 py-2"
      aria-label={w.tellOf(row.name)}
      onSubmit={(e) => {
        e.preventDefault();
        if (!good) return;
        tell(row.id, pointsOfShare(percent / 100));
        onDone();
      }}
    >
      <NumberField
        label={w.moreWaterThanItsKind}
        unit="%"
        value={percent}
        onChange={setPercent}
        problem={good ? undefined : `From −${MOST_PERCENT.toString()} to ${MOST_PERCENT.toString()} %.`}
      />
      <Button type="submit" disabled={!good}>
        {w.soItIs}
      </Button>
    </form>
  );
}
