import type { Verdict } from '@hammock/core/records';
import { useEffect, useState } from 'react';
import { ask } from '../../api/http.js';
import { fetched } from '../../storage/fetched.js';
import { useCooks } from '../../stores/cooks/cooks.js';
import { nowMs } from '../../stores/session/time.js';
import { Fence } from '../../ui/shell/Fence.js';
import { late } from '../../ui/hooks/late.js';
import { WhenSeen } from '../../ui/controls/WhenSeen.js';
import { VERDICT } from '../../words/words.js';
import { dayText } from '../../words/measures/days.js';
import { offsOf, type JudgedPot, type Off } from './offs.js';
import * as w from '../../words/screens/notebook.js';
import { Emphasis } from '../../ui/controls/Emphasis.js';

const ROOM = 'min-h-[170px]';
const CurveChart = late<{ readonly offs: readonly Off[] }>(
  () => fetched(() => import('./CurveChart.js')).then((m) => m.CurveChart),
  <p aria-busy className={ROOM}>
    …
  </p>,
);
/** A curve of fewer pots is none. */
const LEAST = 3;

/** The household's curve: how far the advice was from what each pot wanted, pot by pot. */
export function Curve() {
  const [pots, setPots] = useState<readonly JudgedPot[]>();
  const outcomes = useCooks((s) => s.recent?.filter((c) => c.outcome).length);
  useEffect(() => {
    void ask('GET', '/api/learnt/pots').then((reply) => {
      if (reply.kind === 'stored') setPots(reply.body as JudgedPot[]);
    });
  }, [outcomes]);
  if (!pots || pots.length < LEAST) return null;
  const offs = offsOf(pots);
  const latest = offs.at(-1)?.usual ?? 0;
  const first = offs[0]?.usual ?? 0;
  return (
    <section className="hung" aria-labelledby="curve">
      <h2 id="curve" className="m-0 text-[1.35rem] font-bold">
        {w.howFarTheAdviceWasOff}
      </h2>
      <p className="m-0 text-[1.15rem]" data-testid="curve">
        <Emphasis text={w.latelyAbout(Math.round(100 * latest))} />
        {offs.length > 12 && w.overTheFirstEightPots(Math.round(100 * first))}.{' '}
        <span className="text-faint">{w.aVerdictTellsItTo}</span>
      </p>
      <Fence what={w.theCurve} of={offs}>
        <WhenSeen room={ROOM} aheadPx={0}>
          <CurveChart offs={offs} />
        </WhenSeen>
      </Fence>
      <details className="mt-1">
        <summary className="min-h-12 cursor-pointer leading-[3rem]">{w.theSameAsATable}</summary>
        <div className="max-h-96 overflow-auto" tabIndex={0} role="region" aria-label={w.potsOfTheCurve}>
          <OffTable offs={offs} />
        </div>
      </details>
    </section>
  );
}

function OffTable({ offs }: { readonly offs: readonly Off[] }) {
  const [today] = useState(nowMs);
  return (
    <table className="w-full border-collapse">
      <thead>
        <tr className="text-left text-faint">
          <th className="font-normal">{w.pot}</th>
          <th className="font-normal">{w.cameOut}</th>
          <th className="text-right font-normal">{w.advised}</th>
          <th className="text-right font-normal">{w.wanted}</th>
          <th className="text-right font-normal">{w.off}</th>
        </tr>
      </thead>
      <tbody>
        {offs.toReversed().map(({ pot, share }) => (
          <tr key={pot.cookId} className="border-t border-line">
            <th scope="row" className="py-1 text-left font-normal">
              {pot.label}, {dayText(pot.startedAtMs, today)}
            </th>
            <td>{VERDICT[pot.texture as Verdict]}</td>
            <td className="text-right">{Math.round(pot.advisedMl)} ml</td>
            <td className="text-right">{Math.round(pot.wantedMl)} ml</td>
            <td className="text-right">{offText(share)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const offText = (share: number): string => {
  const percent = Math.round(100 * share);
  return percent === 0 ? 'right' : `${Math.abs(percent).toString()} % too ${percent > 0 ? 'much' : 'little'}`;
};
