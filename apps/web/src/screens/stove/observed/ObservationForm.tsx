import { isWet, type Act, type RunState, type Tap } from '@hammock/core';
import { LONGEST_NOTE, OBSERVATIONS, type ObservationKind } from '@hammock/core/records';
import { useState } from 'react';
import { Button } from '../../../ui/controls/Button.js';
import { Choice, Row } from './choices.js';
import { PersonPick } from '../../../ui/controls/PersonPick.js';
import { NumberField } from '../../../ui/controls/NumberField.js';
import { OBSERVATION_WORDS, OBSERVATION_NAME } from '../../../words/stove/observationWords.js';
import * as w from '../../../words/screens/stoveObserved.js';

/** What a saying adds to its kind. */
export type SaidMore = Pick<Tap, 'said' | 'amount'>;

export interface ObservationFormProps {
  readonly run: RunState;
  readonly onSay: (kind: ObservationKind, more?: SaidMore) => void;
  /** Minutes more, or less, on the clock of this stage. */
  readonly onMinutes: (minutes: number) => void;
  readonly amount: (ml: number) => string;
}

/** Kinds behind the first row; all others are behind "more", and a sign has a word of its own. */
const FIRST: readonly ObservationKind[] = ['looked', 'tasted', 'splash', 'smells'];
/** What there is to say while the pot is dry. */
const DRY: readonly ObservationKind[] = ['base', 'smells'];
const MORE = (Object.keys(OBSERVATIONS) as ObservationKind[]).filter(
  (kind) => kind !== 'sign' && !FIRST.includes(kind),
);
type Opened = ObservationKind | 'more' | 'minutes' | undefined;
/** What a clock is set on or back by, min. */
const MINUTES = [-5, -2, -1, 1, 2];

/** Amounts that are put in or out by one press, ml: a spoon, three, half a cup, a cup. */
const SPLASHES_ML = [15, 45, 120, 240];
const LADLES_ML = [120, 240];
const LID_MIN = [0.5, 2, 5];

/** The sign that comes at a moment in this stage, where there is one. */
const SIGN_OF: Readonly<Partial<Record<Act, string>>> = {
  boil: 'boil',
  openBoil: 'holes',
  boilDown: 'holes',
  pressure: 'whistle',
  pressureUp: 'whistle',
  cook: 'flip',
};

/** True once there is liquid in the pot: before that there is nothing to say of it. */
const hasLiquid = ({ stages, current }: RunState): boolean =>
  stages.slice(0, current + 1).some(({ stage }) => isWet(stage.act) || stage.act === 'fryDry');

/** Acts in which a base or grain fries, before there is any liquid. */
const FRIES: ReadonlySet<Act> = new Set<Act>(['warmFat', 'base', 'toast', 'fryDry']);

/** What the cook sees, tastes and does: one tap, a second for the word or the amount. */
export function ObservationForm({ run, onSay, onMinutes, amount }: ObservationFormProps) {
  const [opened, setOpened] = useState<Opened>();
  const here = run.stages[run.current]?.stage;
  const isDry = !hasLiquid(run);
  if (isDry && !(here && FRIES.has(here.act) && run.phase === 'running')) return null;
  const say = (kind: ObservationKind, more?: SaidMore): void => {
    onSay(kind, more);
    setOpened(undefined);
  };
  const sign = here && SIGN_OF[here.act];
  const toggle = (kind: Opened): void => setOpened(opened === kind ? undefined : kind);
  return (
    <section aria-labelledby="say" className="border-t-2 border-ink pt-2">
      <h2 id="say" className="m-0 text-[1.15rem] font-bold">
        {w.sayWhatYouSee}
      </h2>
      <div className="mt-2 grid grid-cols-3 gap-2 sm:grid-cols-6 tall-wide:grid-cols-3">
        {sign !== undefined && (
          <Choice onClick={() => say('sign', { said: sign })}>{NOW[sign] ?? sign}</Choice>
        )}
        {(isDry ? DRY : FIRST).map((kind) => (
          <Choice key={kind} open={opened === kind} onClick={() => toggle(kind)}>
            {OBSERVATION_NAME[kind]} …
          </Choice>
        ))}
        {!isDry && (
          <Choice open={opened === 'more' || isMore(opened)} onClick={() => toggle('more')}>
            {w.more}
          </Choice>
        )}
      </div>
      {opened === 'more' && (
        <Row label={w.moreToSay}>
          {here?.end.kind === 'minutes' && <Choice onClick={() => setOpened('minutes')}>{w.minutes}</Choice>}
          {MORE.filter((kind) => fits(kind, run)).map((kind) =>
            OBSERVATIONS[kind].words || OBSERVATIONS[kind].range || OBSERVATIONS[kind].text ? (
              <Choice key={kind} onClick={() => setOpened(kind)}>
                {OBSERVATION_NAME[kind]} …
              </Choice>
            ) : (
              <Choice key={kind} onClick={() => say(kind)}>
                {OBSERVATION_NAME[kind]}
              </Choice>
            ),
          )}
        </Row>
      )}
      {opened === 'minutes' && (
        <Row label={w.minutesOfThisStage}>
          {MINUTES.map((n) => (
            <Choice
              key={n}
              onClick={() => {
                onMinutes(n);
                setOpened(undefined);
              }}
            >
              {n < 0 ? `−${(-n).toString()}` : `+${n.toString()}`} min
            </Choice>
          ))}
        </Row>
      )}
      {opened !== undefined && opened !== 'more' && opened !== 'minutes' && (
        <Second key={opened} kind={opened} say={say} amount={amount} />
      )}
    </section>
  );
}

const NOW: Readonly<Record<string, string>> = {
  boil: w.boilsAllOverNow,
  holes: w.holesNow,
  whistle: w.whistleNow,
  flip: w.flippedNow,
};

/** A pot that stands can only go on, and one that cooks can only be set off. */
const fits = (kind: ObservationKind, { pausedAtMs, phase }: RunState): boolean => {
  if (kind === 'base') return false;
  if (kind === 'pause') return pausedAtMs === undefined && phase === 'running';
  return kind !== 'resume' || pausedAtMs !== undefined;
};

const isMore = (opened: Opened): boolean => (MORE as readonly unknown[]).includes(opened);

/** The word, or the amount, of one kind. */
function Second({
  kind,
  say,
  amount,
}: {
  readonly kind: ObservationKind;
  readonly say: (kind: ObservationKind, more?: SaidMore) => void;
  readonly amount: (ml: number) => string;
}) {
  const { words, range, text } = OBSERVATIONS[kind];
  const quick = QUICK[kind] ?? [];
  if (kind === 'hands')
    return (
      <div className="mt-2 bg-raised p-2">
        <PersonPick label={OBSERVATION_NAME.hands} onPick={(said) => say('hands', { said })} />
      </div>
    );
  return (
    <Row label={OBSERVATION_NAME[kind]}>
      {words?.map((word) => (
        <Choice key={word} onClick={() => say(kind, { said: word })}>
          {OBSERVATION_WORDS[kind]?.[word] ?? word}
        </Choice>
      ))}
      {quick.map((n) => (
        <Choice key={n} onClick={() => say(kind, { amount: n })}>
          {kind === 'lidUp' ? (n < 1 ? w.aLook : `${n.toString()} min`) : amount(n)}
        </Choice>
      ))}
      {range && <Exact kind={kind} say={say} />}
      {text && <Note say={say} />}
    </Row>
  );
}
const QUICK: Readonly<Partial<Record<ObservationKind, readonly number[]>>> = {
  splash: SPLASHES_ML,
  ladled: LADLES_ML,
  lidUp: LID_MIN,
};

function Exact({
  kind,
  say,
}: {
  readonly kind: ObservationKind;
  readonly say: (kind: ObservationKind, more?: SaidMore) => void;
}) {
  const [n, setN] = useState(Number.NaN);
  const { range } = OBSERVATIONS[kind];
  if (!range) return null;
  const good = n >= range.least && n <= range.most;
  const wrong = Number.isFinite(n) && !good;
  return (
    <form
      className="col-span-3 flex flex-wrap items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (good) say(kind, { amount: n });
      }}
    >
      <NumberField
        label={w.exactly(OBSERVATION_NAME[kind])}
        by={kind === 'weighs' ? 'scale' : kind === 'reads' ? 'thermometer' : undefined}
        unit={range.unit}
        value={n}
        onChange={setN}
        problem={
          wrong ? `From ${range.least.toString()} to ${range.most.toString()} ${range.unit}.` : undefined
        }
      />
      <Button type="submit" className="min-h-14" disabled={!good}>
        {w.soMuch}
      </Button>
      {kind === 'weighs' && <span className="text-faint">{w.potAndAllLidAnd}</span>}
    </form>
  );
}

function Note({ say }: { readonly say: (kind: ObservationKind, more?: SaidMore) => void }) {
  const [text, setText] = useState('');
  return (
    <form
      className="col-span-3 flex flex-wrap gap-2 sm:col-span-5"
      onSubmit={(e) => {
        e.preventDefault();
        if (text.trim() !== '') say('note', { said: text.trim() });
      }}
    >
      <input
        className="changeable min-w-0 flex-1"
        aria-label={w.somethingElse}
        value={text}
        maxLength={LONGEST_NOTE}
        placeholder={w.somethingElse2}
        onChange={(e) => setText(e.currentTarget.value)}
      />
      <Button type="submit" className="min-h-14" disabled={text.trim() === ''}>
        {w.writeItDown}
      </Button>
    </form>
  );
}
