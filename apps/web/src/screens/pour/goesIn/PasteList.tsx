import {
  actKeys,
  corrected,
  GRAINS,
  parseLine,
  readTelling,
  toldPlan,
  type ActFix,
  type LineOptions,
  type SaidLine,
  type Telling,
} from '@hammock/core';
import { useDeferredValue, useMemo } from 'react';
import { fetched } from '../../../storage/fetched.js';
import { useDraft } from '../../../stores/plan/draft.js';
import { useKitchen } from '../../../stores/kitchen/kitchen.js';
import { ownIngredients } from '../../../stores/kitchen/ownLarder.js';
import { useCanSizes } from '../../../stores/kitchen/canSizes.js';
import { Button } from '../../../ui/controls/Button.js';
import { cupOf } from '../../../stores/plan/planInput.js';
import { vesselOfWidth } from '../../../stores/kitchen/potOfWidth.js';
import { useKeptState } from '../../../stores/session/persisted.js';
import { isUnderstood } from '../../../words/plan/actWords.js';
import { retyped } from '../sentence/retyped.js';
import { ActRow, againIn } from './ActRow.js';
import { withTold } from './putIn.js';
import { isReady, JUST_WORDS, nameOf, ThingRead } from './ThingRead.js';
import * as w from '../../../words/screens/pourGoesIn.js';
import { Emphasis } from '../../../ui/controls/Emphasis.js';

/** What the cook said a thing is: the id of its row, or that it is only words. */
type Said = Readonly<Record<string, string>>;
type Fixes = Readonly<Record<string, ActFix>>;

export interface PasteListProps {
  readonly onDone: () => void;
  /** True when a press has just opened it, and not when it stood open as the screen came: then it is typed into next. */
  readonly opened: boolean;
}

const EXAMPLE = w.forExample;

/** A dish as it is told: read back act by act, each put right by a press, and put in. */
export function PasteList({ onDone, opened }: PasteListProps) {
  const [text, setText] = useKeptState('paste.text', '');
  const [said, setSaid] = useKeptState<Said>('paste.said', {});
  const [fixes, setFixes] = useKeptState<Fixes>('paste.fixes', {});
  const isNew = useDraft((s) => s.draft?.dishId === null);
  const options = useLineOptions();
  const write = (typed: string): void => {
    setText(typed);
    // A recipe as programs have it, or a page's: its lines are what is read.
    if (/^\s*[[{<]/u.test(typed))
      void fetched(() => import('../../../stores/plan/whatCame.js')).then(({ asTelling }) =>
        setText(asTelling(typed)),
      );
  };
  // Keys go before the reading of what they wrote.
  const read = useDeferredValue(text);
  const heard = useMemo(() => readTelling(read, options), [read, options]);
  const telling = useMemo(
    () => corrected(asSaid(heard, said, options), fixes, options),
    [heard, said, options, fixes],
  );
  const told = useMemo(() => toldPlan(telling), [telling]);
  const keys = actKeys(heard.acts);
  const { lines } = telling;
  const second = (n: number): boolean =>
    lines[n]?.isGrain === true && lines[n].apart !== true && n !== told.grain;
  const settled = (n: number): boolean => {
    const line = lines[n];
    return line !== undefined && isReady(line, line.text in said) && !second(n);
  };
  const ready = (n: number): boolean => settled(n) && lines[n]?.status !== 'words';
  const hasActs = told.stages.length > 0;
  /** Says what a word of an act is; nothing takes it back. */
  const name = (key: string, word: string, is: { id: string; amount?: string } | undefined): void => {
    const { [word]: _before, ...named } = fixes[key]?.named ?? {};
    setFixes({ ...fixes, [key]: { ...fixes[key], named: is ? { ...named, [word]: is } : named } });
  };
  const put = (): void => {
    const { draft, change } = useDraft.getState();
    if (!draft) return;
    const { planId: _id, ...made } = withTold(
      draft,
      { telling, told, ready, text },
      useKitchen.getState,
      vesselOfWidth,
    );
    change(made);
    // What is still asked stays here, and words that found no stage to stand at: nothing of a telling is lost.
    const open = lines.filter((_l, n) => !settled(n)).map((l) => l.text);
    const homeless =
      hasActs && made.spec.stages === undefined ? telling.acts.filter((a) => a.verb !== 'list') : [];
    setText([...open, ...homeless.map((a) => a.text)].join('\n'));
    setFixes({});
    if (open.length + homeless.length === 0) onDone();
  };
  const things = lines.filter((_l, n) => ready(n));
  const hasGrain = useDraft(
    ({ draft }) => draft !== null && draft.spec.grainId !== '' && draft.spec.grain.text !== '',
  );
  const grain = told.grain;
  // Acts are laid along a pot's stages: without its grain there are none.
  const isWaiting = hasActs && !hasGrain && !(grain !== undefined && ready(grain));
  const asked = lines.filter((_l, n) => !settled(n)).length;
  return (
    <div className="my-2 border-2 border-ink p-3">
      <label className="block">
        {w.aLineForEachThing}
        <textarea
          autoFocus={opened}
          className="mt-1 mb-3 block max-h-96 min-h-32 w-full border-2 border-line bg-raised p-2"
          style={{ fieldSizing: 'content' }}
          value={text}
          maxLength={60_000}
          placeholder={EXAMPLE}
          onChange={(e) => write(e.currentTarget.value)}
        />
      </label>
      {telling.leftOut > 0 && (
        <p role="alert" className="m-0 text-ember">
          {w.onlyTheFirstThingsAre(lines.length, telling.leftOut)}
        </p>
      )}
      {telling.acts.length > 0 && (
        <p className="m-0" data-testid="told">
          {telling.title !== undefined && isNew && (
            <>
              <Emphasis
                text={w.called(telling.title, telling.portions === undefined ? '' : w.for2(telling.portions))}
              />{' '}
            </>
          )}
          {asked === 0 ? w.nothingIsLeftToAsk : asked === 1 ? w.oneThingIsAsked : w.thingsAreAsked(asked)}
        </p>
      )}
      <ul className="m-0 list-none p-0" aria-label={w.asUnderstood}>
        {telling.acts.map((act, i) => {
          const key = keys[i] ?? act.text;
          const own = act.things.filter((t) => t.isNew && lines[t.line] !== undefined);
          return (
            <ActRow
              key={key}
              act={isUnderstood(act, telling) ? act : { ...act, verb: 'words' }}
              lines={lines}
              asks={own.some((t) => !settled(t.line))}
              again={againIn(act, lines, nameOf)}
              things={
                own.length === 0 ? undefined : (
                  <span className="flex flex-wrap items-center gap-x-4">
                    {own.map(({ line: n }) => {
                      const line = lines[n];
                      return (
                        line && (
                          <ThingRead
                            key={n}
                            line={line}
                            isSaid={line.text in said}
                            second={second(n)}
                            onSay={(id) =>
                              line.named === undefined
                                ? setSaid({ ...said, [line.text]: id })
                                : name(key, line.named, id === JUST_WORDS ? undefined : { id })
                            }
                            onRetype={(amount) =>
                              line.named === undefined
                                ? setText(retyped(text, line, amount))
                                : name(key, line.named, { id: line.id ?? '', amount })
                            }
                          />
                        )
                      );
                    })}
                  </span>
                )
              }
              onFix={(fix) => setFixes({ ...fixes, [key]: { ...fixes[key], ...fix } })}
              onName={(word, id) => name(key, word, { id })}
            />
          );
        })}
      </ul>
      {isWaiting && (
        <p id="waits-for-grain" className="mt-2 mb-0 font-semibold text-ember">
          {w.theStepsStandAtThe(grain === undefined ? w.whichGrainIsItAnd : w.firstSettleTheLineWith)}
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-3">
        <Button
          weight="act"
          disabled={isWaiting || (things.length === 0 && !hasActs)}
          {...(isWaiting ? { 'aria-describedby': 'waits-for-grain' } : {})}
          onClick={put}
        >
          {w.putIn(things.length < 2 ? w.it : w.these(things.length))}
        </Button>
        <Button onClick={onDone}>{w.cancel}</Button>
      </div>
    </div>
  );
}

/** How things are read here: the household's own cup, larder and packets. */
function useLineOptions(): LineOptions {
  const cupId = useDraft((s) => s.draft?.cupId);
  const cupMl = useKitchen((s) => cupOf(s, cupId)?.ml);
  const sizes = useCanSizes();
  return useMemo(
    (): LineOptions => ({
      own: [...ownIngredients().values()],
      sizes,
      ...(cupMl === undefined ? {} : { cupMl }),
    }),
    [cupMl, sizes],
  );
}

/** The telling with what the cook said of its things. */
function asSaid(telling: Telling, said: Said, options: LineOptions): Telling {
  const lines = telling.lines.map((line): SaidLine => {
    const as = said[line.text];
    if (as === undefined) return line;
    if (as === JUST_WORDS) {
      const { id: _id, amount: _amount, ...words } = line;
      return { ...words, isGrain: false, status: 'words' };
    }
    const read = parseLine(line.text, { ...options, as });
    return { ...line, ...read, isGrain: read.isGrain || GRAINS.some((g) => g.id === as) };
  });
  return { ...telling, lines };
}
