import type { Answer, MissingAct, Odds, PlanInput } from '@hammock/core';
import type { DishSpec } from '@hammock/core/records';
import { useEffect, useState } from 'react';
import { useDraft } from '../../../stores/plan/draft.js';
import { oddsKey, useOdds } from '../../../stores/plan/odds.js';
import { Button } from '../../../ui/controls/Button.js';
import { Slide } from '../../../ui/controls/Slide.js';
import { inAHundred } from '../../../words/stove/potWords.js';
import { Best, Looks, round } from './OddsBest.js';
import { chancesFor, Said } from './oddsAt.js';
import { Missing } from '../number/Missing.js';
import { Weave, type WeavePoint } from '../number/Weave.js';
import { Measures } from '../number/WorthMeasuring.js';
import { whole } from '../../../words/measures/numbers.js';
import * as w from '../../../words/screens/pourOdds.js';

export interface OddsPanelProps {
  readonly answer: Answer;
  readonly input: PlanInput;
}

/** How sure the number is, what else could be poured, what to keep by, and the one measurement worth making. */
export function OddsPanel({ answer, input }: OddsPanelProps) {
  const { odds, of, missing, progress, problem, ask, stop } = useOdds();
  const key = oddsKey(input);
  useEffect(() => {
    ask(JSON.parse(key) as PlanInput);
  }, [ask, key]);
  if (answer.verdict === 'tooMuch') return null;
  return (
    <section className="hung" aria-labelledby="odds" aria-busy={odds === undefined || of !== key}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 id="odds" className="m-0 text-[1.35rem] font-bold">
          {w.howSure}
        </h2>
        {progress && (
          <span className="flex items-center gap-3 text-faint">
            <progress
              className="h-2 w-32 accent-(--ink)"
              max={progress.of}
              value={progress.done}
              aria-label={w.trialPotsCooked}
            />
            <span className="tabular-nums">{w.ofTrialPots(whole(progress.done), whole(progress.of))}</span>
            <Button weight="plain" onClick={stop}>
              {w.stop}
            </Button>
          </span>
        )}
        {!progress && odds && of === key && (
          <span className="text-faint">{w.fromTrialPotsEachA(whole(odds.draws))}</span>
        )}
      </div>
      {problem && (
        <p role="alert" className="m-0 text-ember">
          {w.theOddsCouldNotBe}
        </p>
      )}
      {!odds && !problem && <p className="m-0">{w.cookingAFewHundredTrialPots}</p>}
      {odds && <Sure odds={odds} missing={missing} answer={answer} stale={of !== key} spec={input} />}
    </section>
  );
}

interface SureProps {
  readonly odds: Odds;
  readonly missing: MissingAct | undefined;
  readonly answer: Answer;
  readonly stale: boolean;
  readonly spec: Pick<DishSpec, 'base'>;
}

function Sure({ odds, missing, answer, stale, spec }: SureProps) {
  const [dragged, setDragged] = useState<number | undefined>(undefined);
  const [seen, setSeen] = useState(answer);
  // Another answer is another place to hang: what was being dragged is settled by it.
  if (seen !== answer) {
    setSeen(answer);
    setDragged(undefined);
  }
  const { pour, pours, pots } = answer;
  const perMl = pour.ml === 0 ? 1 : pour.waterG / pour.ml;
  const fixedG = pours.slice(0, -1).reduce((sum, p) => sum + p.waterG, 0);
  const mlOf = (waterG: number): number => (waterG - fixedG) / perMl;
  const points = odds.curve.map(({ waterG, chances }): WeavePoint => ({ ml: mlOf(waterG), chances }));
  const least = Math.max(0, points[0]?.ml ?? 0);
  const most = points.at(-1)?.ml ?? 1;
  const hereMl = Math.min(most, Math.max(least, dragged ?? pour.ml));
  const accountMl = answer.leans?.accountMl ?? mlOf(odds.planned.waterG);
  const here = chancesFor(points, hereMl);
  const bestMl = mlOf(odds.best.waterG);
  const lean = (ml: number): void => {
    setDragged(undefined);
    const by = Math.round((ml - accountMl) * pots);
    // Nearer than a gram it is the account's own pour.
    if (Math.abs(by) < 1) useDraft.getState().setSpec({}, ['leanMl', 'holdTo']);
    else useDraft.getState().setSpec({ leanMl: by }, ['holdTo']);
  };
  return (
    <div
      className={`grid gap-x-12 gap-y-4 lg:grid-cols-[minmax(0,1.55fr)_minmax(0,1fr)] ${stale ? 'opacity-60' : ''}`}
    >
      <div>
        <p className="m-0 mt-1 flex flex-wrap items-baseline gap-x-4">
          <span className="figures text-[clamp(3.6rem,8vw,6rem)]" data-testid="odds-wanted">
            {inAHundred(here.asWanted)}
          </span>
          <span className="text-[1.35rem]">{w.in100SuchPotsCome2(round(hereMl))}</span>
        </p>
        <Weave points={points} hereMl={hereMl} />
        <Slide
          label={w.tryAnotherPour}
          says={w.mlHardRightMushOf100(
            round(hereMl),
            inAHundred(here.hard),
            inAHundred(here.asWanted),
            inAHundred(here.tooSoft),
          )}
          least={Math.round(least)}
          most={Math.round(most)}
          step={5}
          value={Math.round(hereMl)}
          onMove={setDragged}
          onKeyDown={(e) => {
            if (e.key === 'Enter' && dragged !== undefined) lean(dragged);
            if (e.key === 'Escape') setDragged(undefined);
          }}
        />
        <div className="flex justify-between text-faint" aria-hidden>
          <span>{round(least)} ml</span>
          <span>{round(most)} ml</span>
        </div>
        <Said here={here} />
        {dragged !== undefined && Math.abs(dragged - pour.ml) >= 2.5 && (
          <p className="m-0 mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
            <Button onClick={() => lean(dragged)}>{w.pourMl2(round(dragged))}</Button>
            <Button weight="plain" onClick={() => setDragged(undefined)}>
              {w.leaveItAtMl(round(pour.ml))}
            </Button>
          </p>
        )}
        {answer.leans && dragged === undefined && (
          <p className="m-0 mt-1">
            {w.youPourMlThanIs(
              Math.abs(Math.round(pour.ml - answer.leans.accountMl)),
              pour.ml < answer.leans.accountMl ? w.less : w.more,
            )}{' '}
            <Button weight="plain" onClick={() => lean(accountMl)}>
              {w.backToMl(round(answer.leans.accountMl))}
            </Button>
          </p>
        )}
      </div>
      <div className="flex flex-col gap-4">
        {missing && !stale && <Missing missing={missing} stages={answer.stages} />}
        <Best
          bestMl={bestMl}
          keepMl={odds.best.keepByMl}
          hereMl={pour.ml}
          coveredMin={odds.best.coveredMin}
          blind={odds.best.chances.asWanted}
          looked={odds.best.looked?.asWanted}
          isShut={answer.stages.some((s) => s.lid === 'pressure')}
          onPour={() => lean(bestMl)}
        />
        <Looks looks={odds.looks} stages={answer.stages} />
        <Measures measures={odds.measures} base={spec.base} />
      </div>
    </div>
  );
}
