import { grainById, plannedMin, runFromTaps } from '@hammock/core';
import type { CookRecord, Counts } from '@hammock/core/records';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ask } from '../../api/http.js';
import { eventsOf } from '../../stores/cooks/cookRecord.js';
import { useCooks } from '../../stores/cooks/cooks.js';
import { useDraft } from '../../stores/plan/draft.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { Button } from '../../ui/controls/Button.js';
import { showAmountInput, showPour } from '../../words/measures/amounts.js';
import { ACT } from '../../words/plan/acts.js';
import { observationText } from '../../words/stove/observationWords.js';
import { moreText } from '../../words/notebook/outcomeWords.js';
import { timeOfDay } from '../../words/measures/timeOfDay.js';
import { textureName } from '../../words/plan/textureWords.js';
import { BASE, VERDICT } from '../../words/words.js';
import { AccountPicture } from '../../ui/account/AccountPicture.js';
import { Fence } from '../../ui/shell/Fence.js';
import { Along } from '../../ui/sections/Along.js';
import { OutcomeForm } from '../../ui/sections/OutcomeForm.js';
import { shareOfVerdict, SmallSling } from '../../ui/drawings/SmallSling.js';
import { dayText } from '../../words/measures/days.js';
import { Teaches } from './Teaches.js';
import { Poured } from './PouredMark.js';
import { nowMs } from '../../stores/session/time.js';
import { useMeasures, useMetric } from '../../stores/kitchen/units.js';
import * as w from '../../words/screens/notebook.js';
import { Emphasis } from '../../ui/controls/Emphasis.js';

/** One pot as it was: its plan, its account of that day, its stages, its outcome. */
export function PageScreen() {
  const { id = '' } = useParams();
  const listed = useCooks((s) => s.recent?.find((c) => c.id === id));
  const active = useCooks((s) => (s.active?.id === id ? s.active : undefined));
  const [read, setRead] = useState<CookRecord | 'missing' | 'gone' | undefined>(undefined);
  useEffect(() => {
    void ask('GET', `/api/cooks/${id}`).then((reply) => {
      if (reply.kind === 'stored') setRead(reply.body as CookRecord);
      else setRead(reply.kind === 'refused' ? 'missing' : 'gone');
    });
  }, [id]);
  // What is on this device may be newer than what the server has heard of.
  const cook =
    typeof read === 'object' ? { ...read, ...(listed?.outcome ? { outcome: listed.outcome } : {}) } : active;
  const onCounts = (counts: Counts): void => {
    if (typeof read === 'object' && read.outcome) setRead({ ...read, outcome: { ...read.outcome, counts } });
  };
  if (cook)
    return (
      <Fence what={w.thePageOf(cook.label)} of={cook} also={<Link to="/notebook">{w.allPages}</Link>}>
        <Page cook={cook} onCounts={onCounts} />
      </Fence>
    );
  if (read === 'gone') {
    return (
      <section>
        <h1 className="text-3xl font-bold">{w.isOnTheServer(listed?.label ?? w.thisPage)}</h1>
        <p>{w.itIsNotAnsweringAs}</p>
      </section>
    );
  }
  if (read === 'missing') {
    return (
      <section>
        <h1 className="text-3xl font-bold">{w.thisPageIsNotIn}</h1>
        <Link to="/notebook">{w.allPages}</Link>
      </section>
    );
  }
  return <p aria-busy>{w.openingThePage}</p>;
}

function Page({
  cook,
  onCounts,
}: {
  readonly cook: CookRecord;
  readonly onCounts: (counts: Counts) => void;
}) {
  const navigate = useNavigate();
  const takeUp = useDraft((s) => s.takeUp);
  const vessels = useKitchen((s) => s.vessels);
  const metric = useMetric();
  const [today] = useState(nowMs);
  const [judging, setJudging] = useState(false);
  const measures = useMeasures(cook.cupId);
  const grain = grainById(cook.input.grainId);
  const vessel = vessels.find((v) => v.id === cook.vesselId);
  const poured = showPour(cook.pouredMl ?? cook.advisedMl, measures, metric);
  const { outcome } = cook;
  return (
    <div className="flex flex-col gap-7">
      <header className="flex flex-wrap items-center justify-between gap-4">
        <div>
          <h1 className="m-0 text-[2rem] leading-tight font-bold">{cook.label}</h1>
          <p className="m-0 text-faint">
            {w.of(
              dayText(cook.startedAtMs, today),
              grain ? showAmountInput(cook.input.grain, grain, measures, metric) : '',
            )}{' '}
            {grain?.name.toLowerCase()}
            {w.wanted2(
              vessel ? w.inThe(vessel.label.toLowerCase()) : '',
              textureName(cook.input.texture ?? 2),
            )}
          </p>
        </div>
        <Button
          weight="act"
          onClick={() => {
            takeUp(cook);
            void navigate('/');
          }}
        >
          {w.cookItAgain}
        </Button>
      </header>
      <section className="hung grid items-center gap-x-10 gap-y-3 sm:grid-cols-[auto_minmax(0,1fr)]">
        <SmallSling share={outcome ? shareOfVerdict(outcome.texture) : undefined} label="" />
        <div>
          <p className="m-0 text-[1.3rem]">
            {outcome ? (
              <>
                <Emphasis text={w.cameOutBottom(VERDICT[outcome.texture], BASE[outcome.base])} />
                {outcome.note !== '' && ` “${outcome.note}”`} {moreText(outcome)}
              </>
            ) : (
              w.notJudgedYet2
            )}
          </p>
          <p className="m-0 flex flex-wrap items-center gap-x-3">
            {w.poured2(poured.main, poured.other)}{' '}
            <Poured advisedMl={cook.advisedMl} pouredMl={cook.pouredMl} />
          </p>
        </div>
      </section>
      {judging || !outcome ? (
        <OutcomeForm cook={cook} />
      ) : (
        <p className="m-0">
          <Button onClick={() => setJudging(true)}>{w.changeTheOutcome}</Button>
        </p>
      )}
      <Fence what={w.whatItTeaches} of={cook}>
        {outcome && !judging && <Teaches cook={cook} onCounts={onCounts} />}
      </Fence>
      <div className="grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
        <Fence what={w.theAccountOfThatDay} of={cook}>
          <AccountPicture answer={cook.answer} measures={measures} />
        </Fence>
        <Fence what={w.whatWasTapped} of={cook}>
          <Course cook={cook} />
        </Fence>
      </div>
      <Fence what={w.whatCanBeTakenAlong} of={cook}>
        <Along label={cook.label} input={cook.input} answer={cook.answer} cupId={cook.cupId} />
      </Fence>
    </div>
  );
}

/** The stages as they went, where they were tapped through. */
function Course({ cook }: { readonly cook: CookRecord }) {
  const run = runFromTaps(cook.answer.stages, eventsOf(cook));
  const measures = useMeasures(cook.cupId);
  const metric = useMetric();
  const amount = (ml: number): string => showPour(ml, measures, metric).main;
  return (
    <section className="hung" aria-labelledby="stages">
      <h2 id="stages" className="m-0 text-[1.35rem] font-bold">
        {w.howItWent}
      </h2>
      <table className="mt-2 w-full border-collapse">
        <thead>
          <tr className="text-left text-faint">
            <th className="font-normal">{w.stage}</th>
            <th className="text-right font-normal">{w.planned}</th>
            <th className="text-right font-normal">{w.took}</th>
          </tr>
        </thead>
        <tbody>
          {run.stages.map(({ stage, startedAtMs, doneAtMs }) => (
            <tr key={stage.id} className="border-t border-line">
              <th scope="row" className="py-1.5 text-left font-semibold">
                {ACT[stage.act].name}
              </th>
              <td className="text-right">{Math.round(plannedMin(stage))} min</td>
              <td className="text-right">
                {startedAtMs !== undefined && doneAtMs !== undefined
                  ? `${Math.max(1, Math.round((doneAtMs - startedAtMs) / 60_000)).toString()} min`
                  : w.notTimed}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {run.said.length > 0 && (
        <>
          <h3 className="mt-4 mb-0 text-[1.1rem] font-bold">{w.whatWasSaidOfIt}</h3>
          <ol className="m-0 list-none p-0">
            {run.said.map((tap) => (
              <li key={tap.id} className="flex justify-between gap-4 border-t border-line py-1">
                <span>{observationText(tap, amount)}</span>
                <span className="text-faint">{timeOfDay(tap.atMs)}</span>
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  );
}
