import type { Answer, Chances, DishSpec, Look, Odds, PlanInput, WorthMeasuring } from '@hammock/core';
import { Slider } from 'radix-ui';
import { memo, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useDraft } from '../../stores/draft.js';
import { oddsKey, useOdds } from '../../stores/odds.js';
import { Button } from '../../ui/Button.js';
import { ACT } from '../../words/acts.js';
import { inAHundred, SEEN } from '../../words/potWords.js';
import { Weave, type WeavePoint } from './Weave.js';

export interface OddsPanelProps {
  readonly answer: Answer;
  readonly input: PlanInput;
}

/** How sure the number is, what else could be poured, what to keep by, and the one measurement worth making. */
export function OddsPanel({ answer, input }: OddsPanelProps) {
  const { odds, of, progress, problem, ask, stop } = useOdds();
  const key = oddsKey(input);
  useEffect(() => {
    ask(JSON.parse(key) as PlanInput);
  }, [ask, key]);
  if (answer.verdict === 'tooMuch') return null;
  return (
    <section className="hung" aria-labelledby="odds" aria-busy={odds === undefined || of !== key}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 id="odds" className="m-0 text-[1.35rem] font-bold">
          How sure
        </h2>
        {progress && (
          <span className="flex items-center gap-3 text-faint">
            <progress
              className="h-2 w-32 accent-(--ink)"
              max={progress.of}
              value={progress.done}
              aria-label="Kitchens simulated"
            />
            <span className="tabular-nums">
              {progress.done.toLocaleString('en')} of {progress.of.toLocaleString('en')} kitchens
            </span>
            <Button weight="plain" onClick={stop}>
              Stop
            </Button>
          </span>
        )}
        {!progress && odds && of === key && (
          <span className="text-faint">
            from {odds.draws.toLocaleString('en')} simulated kitchens like yours
          </span>
        )}
      </div>
      {problem && (
        <p role="alert" className="m-0 text-ember">
          The odds could not be worked out just now. Change anything to try again; the pour itself stands.
        </p>
      )}
      {!odds && !problem && <p className="m-0">Cooking it a few hundred times …</p>}
      {odds && <Sure odds={odds} answer={answer} stale={of !== key} spec={input} />}
    </section>
  );
}

interface SureProps {
  readonly odds: Odds;
  readonly answer: Answer;
  readonly stale: boolean;
  readonly spec: Pick<DishSpec, 'base'>;
}

function Sure({ odds, answer, stale, spec }: SureProps) {
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
          <span className="text-[1.35rem]">in a hundred as wanted, poured {round(hereMl)} ml</span>
        </p>
        <Weave points={points} hereMl={hereMl} />
        <Slider.Root
          className="relative flex h-12 touch-none items-center select-none"
          min={Math.round(least)}
          max={Math.round(most)}
          step={5}
          value={[Math.round(hereMl)]}
          onValueChange={([ml = 0]) => setDragged(ml)}
          onValueCommit={([ml = 0]) => lean(ml)}
        >
          <Slider.Track className="relative h-2 w-full grow bg-line" />
          <Slider.Thumb
            aria-label="Pour"
            aria-valuetext={`${round(hereMl)} ml: ${inAHundred(here.hard)} hard, ${inAHundred(here.asWanted)} as wanted, ${inAHundred(here.tooSoft)} too soft in a hundred`}
            className="block size-9 rounded-full border-4 border-ink bg-ground"
          />
        </Slider.Root>
        <div className="flex justify-between text-faint" aria-hidden>
          <span>{round(least)} ml</span>
          <span>{round(most)} ml</span>
        </div>
        <Said here={here} />
        {answer.leans && dragged === undefined && (
          <p className="m-0 mt-1">
            You pour {Math.abs(Math.round(pour.ml - answer.leans.accountMl))} ml{' '}
            {pour.ml < answer.leans.accountMl ? 'less' : 'more'} than the account says.{' '}
            <Button weight="plain" onClick={() => lean(accountMl)}>
              Back to {round(answer.leans.accountMl)} ml
            </Button>
          </p>
        )}
      </div>
      <div className="flex flex-col gap-4">
        <Best
          bestMl={bestMl}
          keepMl={odds.best.keepByMl}
          hereMl={pour.ml}
          coveredMin={odds.best.coveredMin}
          onPour={() => lean(bestMl)}
        />
        <Looks looks={odds.looks} />
        <Measures measures={odds.measures} base={spec.base} />
      </div>
    </div>
  );
}

const round = (ml: number): string => (Math.round(ml / 5) * 5).toString();

/** Chances at a pour between two points of the curve. */
function chancesFor(points: readonly WeavePoint[], ml: number): Chances {
  const i = Math.max(
    0,
    points.findLastIndex((p) => p.ml <= ml),
  );
  const a = points[i];
  const b = points[i + 1] ?? a;
  if (!a || !b) return { hard: 0, asWanted: 0, tooSoft: 0, wetTop: 0, caught: 0 };
  const share = b.ml > a.ml ? Math.min(1, Math.max(0, (ml - a.ml) / (b.ml - a.ml))) : 0;
  const mix = (key: keyof Chances): number => a.chances[key] + share * (b.chances[key] - a.chances[key]);
  return {
    hard: mix('hard'),
    asWanted: mix('asWanted'),
    tooSoft: mix('tooSoft'),
    wetTop: mix('wetTop'),
    caught: mix('caught'),
  };
}

function Said({ here }: { readonly here: Chances }) {
  const more = [
    here.wetTop >= 0.01 && `${inAHundred(here.wetTop)} wet on top`,
    here.caught >= 0.01 && `${inAHundred(here.caught)} caught at the base`,
  ].filter((s) => s !== false);
  return (
    <p className="m-0">
      Of a hundred such pots <strong className="text-husk">{inAHundred(here.hard)} come out hard</strong>,{' '}
      <strong>{inAHundred(here.asWanted)} as wanted</strong>,{' '}
      <strong className="text-water">{inAHundred(here.tooSoft)} too soft</strong>
      {more.length > 0 && <>; {more.join(', ')}</>}.
    </p>
  );
}

interface BestProps {
  readonly bestMl: number;
  readonly keepMl: number;
  readonly hereMl: number;
  readonly coveredMin: number | undefined;
  readonly onPour: () => void;
}

/** The best choice, with what is kept by drawn beside it to the same scale. */
function Best({ bestMl, keepMl, hereMl, coveredMin, onPour }: BestProps) {
  const tall = 78;
  const small = Math.max(8, tall * Math.sqrt(Math.min(1, keepMl / Math.max(1, bestMl))));
  return (
    <div>
      <div className="flex items-end gap-5">
        <svg viewBox="0 0 190 100" className="w-40 shrink-0" aria-hidden>
          <Jug x={6} size={tall} />
          <Jug x={112} size={small} />
        </svg>
        <p className="m-0 text-[1.15rem]">
          Pour <strong>{round(bestMl)} ml</strong>,
          <br />
          keep <strong>{round(keepMl)} ml</strong> hot by you.
        </p>
      </div>
      <p className="m-0 mt-3 text-faint">
        The best balance: soft grain cannot be mended, dry grain can be topped up.
        {coveredMin !== undefined && <> {coveredMin} min under the lid would do better than the plan’s.</>}
      </p>
      {Math.abs(bestMl - hereMl) >= 5 && (
        <Button weight="quiet" className="mt-2" onClick={onPour}>
          Pour {round(bestMl)} ml instead
        </Button>
      )}
    </div>
  );
}

/** A jug three quarters full. */
function Jug({ x, size }: { readonly x: number; readonly size: number }) {
  const y = 94 - size;
  return (
    <g>
      <rect
        x={x + 2}
        y={y + size * 0.25}
        width={size * 0.86}
        height={size * 0.75}
        fill="var(--water)"
        opacity="0.55"
      />
      <path
        d={`M${x} ${y}V94H${x + size * 0.9}V${y}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="5"
        strokeLinejoin="round"
      />
      <path
        d={`M${x + size * 0.9} ${y + size * 0.2}q${size * 0.28} ${size * 0.2} 0 ${size * 0.42}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="5"
      />
    </g>
  );
}

function Looks({ looks }: { readonly looks: readonly Look[] }) {
  if (looks.length === 0) return null;
  return (
    <div>
      <h3 className="m-0 text-[1.05rem] font-bold">When to look</h3>
      <ul className="m-0 mt-1 flex list-none flex-col gap-1.5 p-0">
        {looks.map((l) => (
          <li key={l.afterMin}>
            <strong>{l.afterMin} min</strong> into “{ACT.simmer.name}”: {SEEN[l.expect]}. Dry before that:{' '}
            {l.dryAddMl} ml of what you kept. Wetter: {l.wetLongerMin} min longer.
          </li>
        ))}
      </ul>
    </div>
  );
}

/** The measurement that would gain most, done here; the others in a line. */
const Measures = memo(function Measures({
  measures,
  base,
}: {
  readonly measures: readonly WorthMeasuring[];
  readonly base: DishSpec['base'];
}) {
  const [first, ...others] = measures.filter((m) => m.then - m.now >= 0.01);
  if (!first)
    return measures.length === 0 ? <p className="m-0">What can be measured has been measured.</p> : null;
  return (
    <div>
      <h3 className="m-0 text-[1.05rem] font-bold">
        {MEASURE[first.act]}: {inAHundred(first.now)} → {inAHundred(first.then)} in a hundred
      </h3>
      <Act measure={first} base={base} />
      {others.length > 0 && (
        <p className="m-0 text-faint">
          Then {others.map((m) => `${MEASURE[m.act].toLowerCase()}: → ${inAHundred(m.then)}`).join(', ')}.
        </p>
      )}
    </div>
  );
});

const MEASURE: Readonly<Record<WorthMeasuring['act'], string>> = {
  weighGrain: 'Weigh the grain',
  weighBase: 'Weigh the base',
  waterTest: 'Test the ring with water',
};

function Act({ measure, base }: { readonly measure: WorthMeasuring; readonly base: DishSpec['base'] }) {
  const [typed, setTyped] = useState('');
  if (measure.act === 'waterTest')
    return (
      <Link
        to="/kitchen/water-test"
        className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
      >
        Two weighings of a pot of water
      </Link>
    );
  const g = Number(typed.replace(',', '.'));
  const good = typed.trim() !== '' && Number.isFinite(g) && g > 0;
  return (
    <form
      className="flex flex-wrap items-center gap-x-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (!good) return;
        const { setSpec, setGrain } = useDraft.getState();
        if (measure.act === 'weighGrain') setGrain({ g });
        else setSpec({ base: { ...base, weighsG: g } });
      }}
    >
      <label className="flex items-center gap-2">
        On the scale
        <input
          className="changeable w-24"
          inputMode="decimal"
          placeholder="—"
          value={typed}
          aria-invalid={typed !== '' && !good}
          onChange={(e) => setTyped(e.currentTarget.value)}
        />
        g
      </label>
      <Button type="submit" weight="plain" disabled={!good}>
        Use it
      </Button>
    </form>
  );
}
