import {
  answer,
  isHandsOn,
  plannedMin,
  type Answer,
  type Measure,
  type Odds,
  type Texture,
} from '@hammock/core';
import { problemText } from '@hammock/core/words';
import { useMemo } from 'react';
import { useDraft } from '../../stores/plan/draft.js';
import { specOf } from '../../stores/plan/draftOf.js';
import { measuresOf } from '../../stores/kitchen/kitchenRows.js';
import { useKitchenThings } from '../../stores/kitchen/kitchenThings.js';
import { useQuickOdds } from '../../stores/plan/quickOdds.js';
import { rowOf } from '../../stores/kitchen/ownLarder.js';
import { Pick } from '../../ui/controls/Pick.js';
import { PlanProblem } from '../../ui/sections/PlanProblem.js';
import { FigureText } from '../../ui/drawings/FigureText.js';
import { SideBySide } from '../../ui/drawings/SideBySide.js';
import { Sling } from '../../ui/drawings/Sling.js';
import { inAHundred, nearestTo } from '../../words/stove/potWords.js';
import { showPour } from '../../words/measures/amounts.js';
import { textureName, textureWords } from '../../words/plan/textureWords.js';
import { accountRows } from '../../ui/account/accountRows.js';
import { usePlan } from '../../stores/plan/usePlan.js';
import { inputOf, othersFor } from './others.js';
import { tenths, whole } from '../../words/measures/numbers.js';
import { useMetric } from '../../stores/kitchen/units.js';
import { useKeptState } from '../../stores/session/persisted.js';
import * as w from '../../words/screens/compare.js';
import { Emphasis } from '../../ui/controls/Emphasis.js';

/** Two ways side by side: what each pours, how it comes out, how long it takes, and why they differ. */
export function CompareScreen() {
  const plan = usePlan();
  const kitchen = useKitchenThings();
  const metric = useMetric();
  const drafted = useDraft((s) => s.draft);
  const good = plan?.good;
  // The last plan that could be read is what others are set beside.
  const draft = useMemo(
    () => drafted && (good ? { ...drafted, spec: specOf(good) } : drafted),
    [drafted, good],
  );
  const [other, setOther] = useKeptState('compare.other', 'rule/oneToTwo');
  const options = useMemo(() => (draft ? othersFor(draft, kitchen) : []), [draft, kitchen]);
  const input = useMemo(() => draft && inputOf(other, draft, kitchen), [other, draft, kitchen]);
  const second = useMemo(() => (input ? answer(input) : undefined), [input]);
  const odds = [useQuickOdds(plan?.good), useQuickOdds(input ?? undefined)] as const;
  if (!plan || !draft || !second) return <p aria-busy>{w.lookingIntoTheKitchen}</p>;
  const measures = measuresOf(kitchen.cups, drafted?.cupId);
  const chosen = options.find((o) => o.value === other) ?? options[0];
  const one = plan.answer;
  const two = second.ok ? second.value : undefined;
  return (
    <div className="flex flex-col gap-6">
      <h1 className="m-0 text-[2rem] leading-tight font-bold">{w.andAnotherWay(draft.label)}</h1>
      <PlanProblem plan={plan} at="/compare" />
      <div className="grid grid-cols-2 gap-x-6 sm:gap-x-12">
        <Side
          title={<span className="inline-flex min-h-12 items-center font-bold">{w.asPlanned}</span>}
          wanted={(good ?? plan.input).texture ?? 2}
          answer={one}
          measures={measures}
          metric={metric}
          problem={plan.problems[0] && problemText(plan.problems[0])}
        />
        <Side
          title={<Pick label={w.setBesideIt} value={chosen?.value} options={options} onChange={setOther} />}
          wanted={input?.texture ?? 2}
          answer={two}
          measures={measures}
          metric={metric}
          problem={second.ok ? undefined : second.error[0] && problemText(second.error[0])}
        />
      </div>
      {one && two && <Differences one={one} two={two} odds={odds} />}
    </div>
  );
}

function Side(props: {
  readonly title: React.ReactNode;
  readonly answer: Answer | undefined;
  readonly measures: readonly Measure[];
  readonly metric: boolean;
  readonly wanted: Texture;
  readonly problem: string | undefined;
}) {
  const { answer: a, measures, metric } = props;
  return (
    <section className="hung min-w-0">
      {props.title}
      {!a && <p className="text-ember">{props.problem ?? w.thereIsNoAnswerToThis}</p>}
      {a && (
        <>
          <Sling
            hardMl={a.window.hardMl}
            mushMl={a.window.mushMl}
            lowMl={a.window.lowMl}
            highMl={a.window.highMl}
            pourMl={a.pour.ml}
            doubtMl={a.doubt.g}
            wanted={textureName(props.wanted)}
            label={w.hangsAtMl(whole(a.pour.ml))}
          />
          <p className="figures m-0 mt-2 text-[clamp(2.2rem,6vw,4.2rem)]" data-testid="side-pour">
            <FigureText
              text={a.verdict === 'pour' ? showPour(a.pour.ml, measures, metric).main : w.nothing}
            />
          </p>
          <p className="m-0">
            {w.of} {rowOf(a.pour.ingredientId)?.name.toLowerCase()}
            {a.pours.length > 1 && a.pours[0] ? w.afterMlOfTheFirst(whole(a.pours[0].ml)) : ''}
          </p>
        </>
      )}
    </section>
  );
}

interface Line {
  readonly what: string;
  readonly one: string;
  readonly two: string;
}

const minutes = (a: Answer, on: boolean): number =>
  a.stages.filter((s) => isHandsOn(s) === on).reduce((sum, s) => sum + plannedMin(s), 0);

function linesOf(one: Answer, two: Answer): readonly Line[] {
  const line = (what: string, by: (a: Answer) => string): Line => ({ what, one: by(one), two: by(two) });
  return [
    line(w.comesOut, (a) => textureWords(a.comesOut.texture)),
    line(w.cookedMoisture, (a) => `${tenths(a.comesOut.moisture)} %`),
    line('grain', (a) => `${whole(a.grainG)} g${a.pots > 1 ? w.inEachOfPots(a.pots) : ''}`),
    line(w.handsOn, (a) => `${whole(minutes(a, true))} min`),
    line(w.handsOff, (a) => `${whole(minutes(a, false))} min`),
    line(w.saltToAdd, (a) => `${tenths(a.salt.addG)} g`),
    line(w.bedWhenCooked, (a) => w.mmDeep(whole(a.levels.cookedMm))),
    line(w.moreOrLess, (a) => `${whole(a.doubt.g)} ml`),
  ];
}

interface DifferencesProps {
  readonly one: Answer;
  readonly two: Answer;
  readonly odds: readonly [Odds | undefined, Odds | undefined];
}

/** Share as wanted at what this answer pours. */
function wanted(odds: Odds | undefined, { pour, pours }: Answer): string {
  if (!odds) return '…';
  const waterG = pours.reduce((sum, p) => sum + p.waterG, 0);
  const at = pour.ml <= 0 ? undefined : nearestTo(odds, waterG)?.chances.asWanted;
  return at === undefined ? w.almostNoneOf100 : `${inAHundred(at)} of 100`;
}

/** Line by line, and which terms of the account make the difference. */
function Differences({ one, two, odds }: DifferencesProps) {
  const lines = [
    { what: w.comesOutRight, one: wanted(odds[0], one), two: wanted(odds[1], two) },
    ...linesOf(one, two),
  ];
  const why = reasons(one, two);
  return (
    <div className="grid grid-cols-1 gap-x-12 gap-y-6 lg:grid-cols-2">
      <SideBySide
        caption={w.twoWaysSideBySide}
        heads={[w.asPlanned, w.theOther]}
        lines={lines.map((l) => [l.what, l.one, l.two])}
      />
      <section className="hung" aria-labelledby="why">
        <h2 id="why" className="m-0 text-[1.35rem] font-bold">
          {w.whatDiffersAndWhy}
        </h2>
        {why.length === 0 ? (
          <p className="mt-1 mb-0">{w.nothingThatChangesTheWater}</p>
        ) : (
          <ul className="m-0 mt-1 list-none p-0">
            {why.map(({ label, byG, side }) => (
              <li key={label} className="flex justify-between gap-4 border-b border-line py-1">
                <span>
                  {label} {byG > 0 ? w.more : w.less}
                </span>
                <span className="sm:whitespace-nowrap">
                  <Emphasis
                    text={w.gSoThePourIs(
                      Math.abs(Math.round(byG)),
                      byG > 0 === (side === 'goesTo') ? w.larger : w.smaller,
                    )}
                  />
                </span>
              </li>
            ))}
          </ul>
        )}
        {Math.abs(one.target.aim - two.target.aim) > 0.05 && (
          <p className="mt-2 mb-0 text-faint">
            {w.theTextureWantedLiesAt(tenths(one.target.aim), tenths(two.target.aim))}
          </p>
        )}
      </section>
    </div>
  );
}

/** A difference smaller than this is not worth a line, g. */
const NOTICED_G = 3;

function reasons(one: Answer, two: Answer) {
  const terms = (a: Answer) =>
    new Map(
      accountRows(a)
        .filter((r) => r.kind !== 'pour')
        .map((r) => [r.label, r]),
    );
  const [first, second] = [terms(one), terms(two)];
  return [...new Set([...first.keys(), ...second.keys()])]
    .map((label) => {
      const row = second.get(label) ?? first.get(label);
      return { label, side: row?.side, byG: (second.get(label)?.g ?? 0) - (first.get(label)?.g ?? 0) };
    })
    .filter((r) => Math.abs(r.byG) >= NOTICED_G)
    .sort((a, b) => Math.abs(b.byG) - Math.abs(a.byG));
}
