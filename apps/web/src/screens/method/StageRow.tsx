import { Extras } from './StageExtras.js';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import {
  plannedMin,
  SIGNS,
  type Act,
  type HeatSetting,
  type LidCost,
  type LidState,
  type Stage,
} from '@hammock/core';
import { Toolbar } from 'radix-ui';
import { useId } from 'react';
import { NumberField } from '../../ui/controls/NumberField.js';
import { Button } from '../../ui/controls/Button.js';
import { Pick } from '../../ui/controls/Pick.js';
import { optionsOf } from '../../ui/controls/pickParts.js';
import { ACT, stageName } from '../../words/plan/acts.js';
import { HEAT, SIGN } from '../../words/words.js';
import { LidNote, lidOptions } from './lids.js';
import { endedBy } from './editStages.js';
import * as w from '../../words/screens/method.js';

export interface StageRowProps {
  readonly stage: Stage;
  /** The same stage with the minutes this pot needs for it. */
  readonly takesMin: Stage | undefined;
  readonly problem: string | undefined;
  /** What the pour would be more by for each lid, where that matters. */
  readonly lids: readonly LidCost[] | undefined;
  readonly onChange: (change: Partial<Stage>) => void;
  readonly onMove: (by: -1 | 1) => void;
  readonly onSplit: () => void;
  readonly onAdd: () => void;
  readonly onRemove: () => void;
}

const ACT_OPTIONS = (Object.keys(ACT) as Act[]).map((act) => ({ value: act, label: ACT[act].name }));
const ENDS = [
  { value: 'minutes', label: 'after' },
  { value: 'sign', label: 'when' },
  { value: 'count', label: w.byWhistles },
  { value: 'flip', label: w.whenItFlips },
] as const;
const SIGN_OPTIONS = SIGNS.map((sign) => ({ value: sign, label: SIGN[sign].replace(/^(?:when|at) /u, '') }));

/** One stage: what is done, on what heat, how it is closed, how it ends; with a handle to drag it by. */
export function StageRow(props: StageRowProps) {
  const { stage, problem, onChange } = props;
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({
      id: stage.id,
    });
  const name = stageName(stage);
  const problemId = useId();
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`grid grid-cols-[3rem_minmax(0,1fr)] items-start gap-x-2 border-b border-line bg-ground py-1.5 ${isDragging ? 'relative z-10 outline-2 outline-ink' : ''}`}
      data-testid="stage"
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={w.move(name)}
        className="grid size-12 cursor-grab touch-none place-items-center"
      >
        <svg viewBox="0 0 20 24" className="h-6 w-5" aria-hidden>
          <path
            d="M2 5q8 6 16 0M2 12q8 6 16 0M2 19q8 6 16 0"
            fill="none"
            stroke="currentColor"
            strokeWidth="2.4"
          />
        </svg>
      </button>
      <div className="flex flex-wrap items-center gap-x-4">
        <Pick
          label={w.whatIsDoneIn(name)}
          className="min-w-40 text-[1.1rem]"
          value={stage.act}
          options={ACT_OPTIONS}
          onChange={(act) => onChange({ act })}
          wrongId={problem === undefined ? undefined : problemId}
        />
        <Pick<HeatSetting>
          label={w.heatOf(name)}
          value={stage.heat}
          options={optionsOf(HEAT)}
          onChange={(heat) => onChange({ heat })}
        />
        <Pick<LidState>
          label={w.lidOf(name)}
          value={stage.lid}
          options={lidOptions(props.lids)}
          onChange={(lid) => onChange({ lid })}
        />
        <End {...props} name={name} />
        <Said stage={stage} onChange={onChange} />
        <LidNote lids={props.lids} />
        <Extras stage={stage} onChange={onChange} />
        {/* One stop of the Tab key for all of them: the arrows go among them. */}
        <Toolbar.Root
          aria-label={w.whatElseCanBeDoneWith(name)}
          className="-ml-14 flex flex-wrap gap-x-1 sm:ml-auto"
        >
          <Tool words="↑" label={w.earlier(name)} onClick={() => props.onMove(-1)} />
          <Tool words="↓" label={w.later(name)} onClick={() => props.onMove(1)} />
          <Tool
            words="name"
            label={w.nameOrNoteSomethingThere(name)}
            onClick={() => onChange({ name: stage.name ?? name, note: stage.note ?? '' })}
          />
          <Tool words="split" label={w.split(name)} onClick={props.onSplit} />
          <Tool words="add" label={w.addAStageAfter(name)} onClick={props.onAdd} />
          <Tool words="take out" label={w.takeOut(name)} onClick={props.onRemove} />
        </Toolbar.Root>
        {problem !== undefined && (
          <span id={problemId} role="alert" className="basis-full text-ember">
            {problem}
          </span>
        )}
      </div>
    </li>
  );
}

/** What this cook calls it, and wants to be told there. */
function Said({ stage, onChange }: Pick<StageRowProps, 'stage' | 'onChange'>) {
  if (stage.name === undefined && stage.note === undefined) return null;
  const act = ACT[stage.act].name;
  return (
    <span className="flex basis-full flex-wrap gap-x-4">
      <input
        className="changeable w-52"
        aria-label={w.whatYouCall(act)}
        value={stage.name ?? ''}
        maxLength={60}
        placeholder={act}
        onChange={(e) => onChange({ name: e.currentTarget.value })}
      />
      <input
        className="changeable min-w-0 flex-1"
        aria-label={w.noteAt(act)}
        value={stage.note ?? ''}
        maxLength={280}
        placeholder={w.whatToRememberThere}
        onChange={(e) => onChange({ note: e.currentTarget.value })}
      />
    </span>
  );
}

function Tool({
  words,
  label,
  onClick,
}: {
  readonly words: string;
  readonly label: string;
  readonly onClick: () => void;
}) {
  return (
    <Toolbar.Button asChild>
      <Button weight="plain" aria-label={label} onClick={onClick}>
        {words}
      </Button>
    </Toolbar.Button>
  );
}

function End({ stage, takesMin, onChange, name }: StageRowProps & { readonly name: string }) {
  const { end } = stage;
  const takes = takesMin ? Math.round(plannedMin(takesMin)) : undefined;
  return (
    <span className="inline-flex flex-wrap items-center gap-x-2">
      <Pick
        label={w.howEnds(name)}
        value={end.kind}
        options={ENDS}
        onChange={(kind) => onChange({ end: endedBy(end, kind) })}
      />
      {end.kind === 'minutes' && (
        <NumberField
          place="unseen"
          className="w-16 text-right"
          label={w.minutesOf(name)}
          value={end.minutes}
          unit="min"
          onChange={(minutes) => Number.isFinite(minutes) && onChange({ end: { kind: 'minutes', minutes } })}
        />
      )}
      {end.kind === 'count' && (
        <NumberField
          place="unseen"
          className="w-16 text-right"
          label={w.whistlesOf(name)}
          value={end.count}
          unit={w.whistles}
          onChange={(count) => Number.isFinite(count) && onChange({ end: { ...end, count } })}
        />
      )}
      {end.kind === 'sign' && (
        <Pick
          label={w.whatIsSeenAtThe(name)}
          value={end.sign}
          options={SIGN_OPTIONS}
          onChange={(sign) => onChange({ end: { ...end, sign } })}
        />
      )}
      {end.kind !== 'minutes' && takes !== undefined && <span className="text-faint">≈ {takes} min</span>}
    </span>
  );
}
