import { GRAINS, parseLines, RANGES, type IngredientInput, type ParsedLine, type Soak } from '@hammock/core';
import { useMemo } from 'react';
import { useDraft } from '../../stores/draft.js';
import { useKitchen } from '../../stores/kitchen.js';
import { ownIngredients, rowOf } from '../../stores/ownLarder.js';
import { Button } from '../../ui/Button.js';
import { Pick } from '../../ui/Pick.js';
import { STATE } from '../../words/words.js';
import { whole } from '../../words/numbers.js';
import { cupOf } from '../../stores/planInput.js';
import { isWidth, vesselOfWidth } from '../../stores/potOfWidth.js';
import { useKeptState } from '../../stores/keptState.js';

const REASON: Readonly<Record<NonNullable<ParsedLine['reason']>, string>> = {
  spelling: 'nearly. Is it that?',
  severalMatch: 'it may be another. Is it that?',
  noAmount: 'how much of it? Say g, cups or spoons.',
  noUnit: 'how much is one? Say g or cups.',
  packetSize: 'how much is in one? Say “1 jar of 200 g”.',
  vague: 'that cannot be measured. Say g, cups or spoons.',
  tooMuch: 'that is more than any pot holds.',
  notInLarder: 'not in the larder. Pick what it is, or make it in the Kitchen.',
};

/** What the cook said of a line that was not simply understood: which row it is, or to leave it out. */
type Said = Readonly<Record<string, string>>;

export interface PasteListProps {
  readonly onDone: () => void;
  /** True when a press has just opened it, and not when it stood open as the screen came: then it is typed into next. */
  readonly opened: boolean;
}

/** Lines typed or pasted, each shown as it was understood, corrected by a tap, and put in when the cook says so. */
export function PasteList({ onDone, opened }: PasteListProps) {
  const [text, setText] = useKeptState('paste.text', '');
  const [said, setSaid] = useKeptState<Said>('paste.said', {});
  const cupId = useDraft((s) => s.draft?.cupId);
  const cupMl = useKitchen((s) => cupOf(s, cupId)?.ml);
  const { lines, leftOut } = useMemo(
    () =>
      parseLines(text, { own: [...ownIngredients().values()], ...(cupMl === undefined ? {} : { cupMl }) }),
    [text, cupMl],
  );
  const grains = lines.filter((l) => isGrain(l, said));
  const [grain] = grains;
  // A pot has one grain: the second is asked about, and stays.
  const ready = lines.filter((l) => isReady(l, said) && (l === grain || !grains.includes(l)));
  const put = (): void => {
    putIn(ready, said);
    setText(
      lines
        .filter((l) => !ready.includes(l))
        .map((l) => l.text)
        .join('\n'),
    );
    if (ready.length === lines.length) onDone();
  };
  return (
    <div className="my-2 border-2 border-ink p-3">
      <label className="block">
        A line for each thing, as you would write it down
        <textarea
          autoFocus={opened}
          className="mt-1 block min-h-32 w-full border-2 border-line bg-raised p-2"
          value={text}
          maxLength={60_000}
          placeholder={'3 medium onions, sliced\n1 tin chopped tomatoes\n400 g raw prawns'}
          onChange={(e) => setText(e.currentTarget.value)}
        />
      </label>
      {leftOut > 0 && (
        <p role="alert" className="m-0 text-ember">
          Only the first {lines.length} lines are read; {leftOut} more are left as they are. Nothing of them
          is lost.
        </p>
      )}
      <ul className="m-0 list-none p-0" aria-label="As understood">
        {lines.map((line, i) => (
          <Line
            key={`${line.text}-${i.toString()}`}
            line={line}
            said={said}
            second={line !== grain && grains.includes(line)}
            onSay={(id) => setSaid({ ...said, [line.text]: id })}
          />
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap gap-3">
        <Button weight="act" disabled={ready.length === 0} onClick={put}>
          Put {ready.length === 1 ? 'it' : `these ${ready.length.toString()}`} in
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </div>
  );
}

const isGrain = (line: ParsedLine, said: Said): boolean =>
  GRAINS.some((g) => g.id === (said[line.text] ?? line.id));

const isReady = (line: ParsedLine, said: Said): boolean =>
  (line.potCm === undefined ? line.amount !== undefined : isWidth(line.potCm)) &&
  (line.status === 'understood' || said[line.text] !== undefined);

/** Puts what was understood into the plan, as one step of undo: ingredients, grain and its soak, pot. */
function putIn(ready: readonly ParsedLine[], said: Said): void {
  const { draft, change } = useDraft.getState();
  if (!draft) return;
  const pot = ready.findLast((l) => l.potCm !== undefined)?.potCm;
  const grain = ready.find((l) => isGrain(l, said));
  const list = ready.filter((l) => l.potCm === undefined && l !== grain).map((l) => inputOf(l, said));
  const grainId = grain && (said[grain.text] ?? grain.id);
  change({
    ...(pot !== undefined && isWidth(pot) ? { vesselId: vesselOfWidth(pot) } : {}),
    ...(grainId === undefined
      ? {}
      : { bagId: useKitchen.getState().bags.find((b) => b.grainId === grainId)?.id ?? null }),
    spec: {
      ...draft.spec,
      ...(list.length > 0 ? { ingredients: [...(draft.spec.ingredients ?? []), ...list] } : {}),
      ...(grainId !== undefined && grain?.amount ? { grainId, grain: grain.amount } : {}),
      ...(grain?.soak ? { soakMin: grain.soak.minutes } : {}),
    },
  });
}

function inputOf(line: ParsedLine, said: Said): IngredientInput {
  const ingredientId = said[line.text] ?? line.id ?? '';
  const state = line.state !== undefined && ingredientId === line.id ? { state: line.state } : {};
  return { ingredientId, amount: line.amount ?? { g: 0 }, ...state };
}

function Line(props: {
  readonly line: ParsedLine;
  readonly said: Said;
  /** A grain where there is one already. */
  readonly second: boolean;
  readonly onSay: (id: string) => void;
}) {
  const { line, said, second, onSay } = props;
  const id = said[line.text] ?? line.id;
  const ready = isReady(line, said) && !second;
  const choices = [...new Set([...(line.id === undefined ? [] : [line.id]), ...line.choices])];
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-line py-1">
      <span className="w-5 text-center font-bold" aria-hidden>
        {ready ? '✓' : '?'}
      </span>
      <span className="min-w-0 flex-1 text-faint">{line.text.trim()}</span>
      <span className="flex flex-wrap items-center gap-x-2">
        {line.amount && id !== undefined && <span className="font-semibold">{amountWords(line)}</span>}
        {choices.length > 1 || (line.status === 'check' && !ready) ? (
          <>
            <Pick
              label={`What “${line.text.trim()}” is`}
              value={id}
              placeholder="pick what it is"
              options={choices.map((c) => ({ value: c, label: nameOf(c) }))}
              onChange={onSay}
            />
            {line.status === 'check' && !ready && line.id !== undefined && (
              <Button weight="plain" onClick={() => onSay(line.id ?? '')}>
                Yes
              </Button>
            )}
          </>
        ) : (
          <strong>{id === undefined ? '' : nameOf(id)}</strong>
        )}
        {line.state !== undefined && <span>{STATE[line.state]}</span>}
        {line.soak && <span>{soakWords(line.soak)}</span>}
        {line.potCm !== undefined && <strong>a pot of {line.potCm} cm</strong>}
      </span>
      {second && (
        <span className="basis-full pl-8 text-ember">
          A pot has one grain. Take one of the two lines away, or leave this one for a pot of its own.
        </span>
      )}
      {line.potCm !== undefined && !ready && (
        <span className="basis-full pl-8 text-ember">
          A pot is from {RANGES.diameterCm.least} to {RANGES.diameterCm.most} cm wide.
        </span>
      )}
      {!ready && line.reason !== undefined && (
        <span className="basis-full pl-8 text-ember">{REASON[line.reason]}</span>
      )}
    </li>
  );
}

const nameOf = (id: string): string => rowOf(id)?.name ?? GRAINS.find((g) => g.id === id)?.name ?? id;

const soakWords = ({ minutes, said }: Soak): string =>
  said ? `soaked ${whole(minutes)} min` : `soaked, ${whole(minutes)} min as is usual`;

function amountWords({ amount }: ParsedLine): string {
  if (!amount) return '';
  if ('g' in amount) return `${whole(amount.g)} g`;
  if ('ml' in amount) return `${whole(amount.ml)} ml`;
  return `${(Math.round(amount.count * 100) / 100).toString()} ×`;
}
