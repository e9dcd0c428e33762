import type { Answer } from '@hammock/core';
import type { DishSpec } from '@hammock/core/records';
import { memo, useMemo } from 'react';
import { useDraft } from '../../../stores/plan/draft.js';
import { Button } from '../../../ui/controls/Button.js';
import { NumberField } from '../../../ui/controls/NumberField.js';
import { Pick } from '../../../ui/controls/Pick.js';
import { tenths } from '../../../words/measures/numbers.js';
import { LADLE_G } from './ladle.js';
import { placesIn } from '../places.js';
import { readStageLines } from '../stageLines.js';
import * as w from '../../../words/screens/pourGoesIn.js';
import { Emphasis } from '../../../ui/controls/Emphasis.js';

const BY = { state: w.byHowItLooks, heat: w.byItsMinutesOnTheFire, weighed: w.byTheScale } as const;

const STAYS_OUT = '';
/** What a cook says of it, and what it comes to. */
const SHARES: readonly (readonly [string, (massG: number) => number])[] = [
  [w.aLadle, () => LADLE_G],
  [w.aThird, (g) => Math.round(g / 3)],
  ['half', (g) => Math.round(g / 2)],
];

type Stages = NonNullable<DishSpec['stages']>;

/** The same stages with a base that is done when it looks done, after about as long. */
const byLook = (stages: Stages): Stages =>
  stages.map((s) =>
    s.act === 'base' && s.end.kind === 'minutes'
      ? { ...s, end: { kind: 'sign', sign: 'baseReady', expectMin: s.end.minutes } }
      : s,
  );

/** What the base weighs and brings, a weight to put in its place, and stew to ladle out. */
export const TheBase = memo(function TheBase({
  base,
  given,
  stages,
  places,
  problem,
}: {
  readonly base: Answer['base'];
  readonly given: DishSpec['base'];
  /** The stages the cook has edited, where there are any: the only place where a base has minutes of its own. */
  readonly stages: DishSpec['stages'];
  /** The stages at which what was taken out can come back, as one text: stageLines.ts. */
  readonly places: string;
  readonly problem: string | undefined;
}) {
  const back = useMemo(() => {
    const all = placesIn(readStageLines(places));
    return [
      { value: STAYS_OUT, label: w.staysOut },
      ...all.map(([value, name]) => ({ value, label: w.comesBackAt(name) })),
    ];
  }, [places]);
  const set = (change: {
    readonly [K in keyof NonNullable<typeof given>]?: number | string | undefined;
  }): void => {
    const next = Object.fromEntries(
      Object.entries({ ...given, ...change }).filter(([, v]) => v !== undefined),
    );
    useDraft.getState().setSpec({ base: next });
  };
  const g = (n: number): string => `${(Math.round(n / 5) * 5).toString()} g`;
  return (
    <section className="hung" aria-labelledby="base">
      <h2 id="base" className="m-0 text-[1.35rem] font-bold">
        {w.theBase}
      </h2>
      <p className="mt-1 mb-0">
        <Emphasis
          text={w.weighsAboutWentInOf(
            g(base.massG),
            BY[base.by],
            g(base.wentInG),
            g(base.drivenOffG),
            g(base.bringsG * (1 - base.ladledShare)),
          )}
        />
      </p>
      {base.by !== 'state' && Math.abs(base.drivenOffG - base.byStatesG) > 40 && (
        <p className="mt-1 mb-0">
          {w.asItIsSaidTo(
            g(base.byStatesG),
            g((base.bringsG + base.drivenOffG - base.byStatesG) * (1 - base.ladledShare)),
            base.by === 'weighed' ? w.theScaleCounts : w.itsMinutesCount,
          )}
          {base.by === 'heat' && stages !== undefined && (
            <Button className="ml-2" onClick={() => useDraft.getState().setSpec({ stages: byLook(stages) })}>
              {w.goByTheLook}
            </Button>
          )}
        </p>
      )}
      <div className="mt-1 flex flex-wrap gap-x-8">
        <NumberField
          place="before"
          unit="g"
          className="w-20"
          label={w.itWeighsOnTheScale}
          by="scale"
          value={given?.weighsG}
          onChange={(weighsG) => Number.isFinite(weighsG) && set({ weighsG })}
          onEmpty={() => set({ weighsG: undefined })}
        />
        <NumberField
          place="before"
          unit="g"
          className="w-20"
          label={w.takenOutBeforeTheGrain}
          value={given?.ladleOutG}
          onChange={(ladleOutG) => Number.isFinite(ladleOutG) && set({ ladleOutG })}
          onEmpty={() => set({ ladleOutG: undefined, ladleBack: undefined })}
        />
        <span className="flex flex-wrap items-center gap-x-4">
          {SHARES.map(([words, share]) => (
            <Button
              key={words}
              weight="plain"
              aria-label={w.takeOut(words)}
              onClick={() => set({ ladleOutG: share(base.massG) })}
            >
              {words}
            </Button>
          ))}
          {given?.ladleOutG !== undefined && (
            <Pick
              label={w.whatWasTakenOut}
              value={given.ladleBack ?? STAYS_OUT}
              options={back}
              onChange={(id) => set({ ladleBack: id === STAYS_OUT ? undefined : id })}
            />
          )}
        </span>
      </div>
      {problem !== undefined && (
        <p role="alert" className="m-0 text-ember">
          {problem}
        </p>
      )}
      {base.ladledSaltG > 0.1 && (
        <p className="m-0 text-faint">{w.gOfSaltLeftWithIt(tenths(base.ladledSaltG))}</p>
      )}
    </section>
  );
});
