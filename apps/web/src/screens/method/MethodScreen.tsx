import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import {
  completePlan,
  lidCosts,
  METHODS,
  type Method,
  type PlanInput,
  type PlanProblem as Problem,
  type Stage,
} from '@hammock/core';
import { problemText } from '@hammock/core/words';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useDraft } from '../../stores/plan/draft.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { Button } from '../../ui/controls/Button.js';
import { Pick } from '../../ui/controls/Pick.js';
import { PlanProblem } from '../../ui/sections/PlanProblem.js';
import { showPour } from '../../words/measures/amounts.js';
import { METHOD } from '../../words/words.js';
import { chooseMethod } from '../../stores/plan/chooseMethod.js';
import { usePlan, type PlanView } from '../../stores/plan/usePlan.js';
import { added, changed, moved, removed, split } from './editStages.js';
import { dragWords } from './dragWords.js';
import { StageRow } from './StageRow.js';
import { TimeLine } from './TimeLine.js';
import { newId } from '../../storage/newId.js';
import { useMeasures, useMetric } from '../../stores/kitchen/units.js';
import { useKeptState } from '../../stores/session/persisted.js';
import * as w from '../../words/screens/method.js';

/** The stages of a dish: read, dragged, split, changed, and kept as a method of one's own. */
export function MethodScreen() {
  const plan = usePlan();
  if (!plan || plan.coming) return <p aria-busy>{w.lookingIntoTheKitchen}</p>;
  return <Stages plan={plan} />;
}

const setStages = (stages: readonly Stage[]): void => useDraft.getState().setSpec({ stages });

/** The stages as the cook set them, or the method's; they are shown even where their order is impossible. */
function stagesOf(plan: PlanView): readonly Stage[] {
  if (plan.input.stages) return plan.input.stages;
  const complete = plan.good && completePlan(plan.good);
  return complete?.ok ? complete.value.stages : [];
}

/** What the lid of each stage costs; nothing while the plan cannot be read. */
function lidsOf(input: PlanInput | undefined): ReturnType<typeof lidCosts> | undefined {
  const complete = input && completePlan(input);
  return complete?.ok ? lidCosts(complete.value) : undefined;
}

function Stages({ plan }: { readonly plan: PlanView }) {
  const { draft, answer } = plan;
  const stages = useMemo(() => stagesOf(plan), [plan]);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const lids = useMemo(() => lidsOf(plan.stale ? undefined : plan.input), [plan]);
  const inThisPot = plan.stale ? stages : (answer?.stages ?? stages);
  const index = (id: string | number): number => stages.findIndex((s) => s.id === id);
  return (
    <div className="flex flex-col gap-5">
      <header className="flex flex-wrap items-end justify-between gap-x-8 gap-y-2">
        <div>
          <h1 className="m-0 text-[2rem] leading-tight font-bold">{w.theStagesOf(draft.label)}</h1>
          <Source />
        </div>
        <Poured plan={plan} />
      </header>
      <TimeLine stages={inThisPot} />
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        accessibility={dragWords(stages)}
        onDragEnd={({ active, over }) => {
          if (over && active.id !== over.id) setStages(moved(stages, index(active.id), index(over.id)));
        }}
      >
        <SortableContext items={stages.map((s) => s.id)} strategy={verticalListSortingStrategy}>
          <ol className="m-0 list-none p-0" aria-label={w.stages}>
            {stages.map((stage, i) => (
              <StageRow
                key={stage.id}
                stage={stage}
                takesMin={inThisPot.find((s) => s.id === stage.id)}
                lids={lids?.get(stage.id)}
                problem={problemAt(plan.problems, i)}
                onChange={(change) => setStages(changed(stages, i, change))}
                onMove={(by) => setStages(moved(stages, i, i + by))}
                onSplit={() => setStages(split(stages, i))}
                onAdd={() => setStages(added(stages, i))}
                onRemove={() => setStages(removed(stages, i))}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      {overall(plan.problems, stages.length).length > 0 && <PlanProblem plan={plan} at="/method" />}
      {plan.good && stages.length === 0 && (
        <Button onClick={() => setStages(added([], -1))}>{w.beginWithAStage}</Button>
      )}
      <KeepMethod stages={stages} disabled={plan.stale || stages.length === 0} />
    </div>
  );
}

/** Which template or own method the stages are from, and the way back to it. */
function Source() {
  const method = useDraft((s) => s.draft?.spec.method ?? 'coveredAbsorption');
  const isChanged = useDraft((s) => s.draft?.spec.stages !== undefined);
  const own = useKitchen((s) => s.methods);
  return (
    <p className="m-0 flex flex-wrap items-center gap-x-2">
      {isChanged ? w.changedFrom : w.as}{' '}
      <Pick
        label={w.method}
        value={method}
        options={[
          ...METHODS.map((m) => ({ value: m, label: METHOD[m] })),
          ...own.map((m) => ({ value: m.id, label: m.label, hint: w.yourOwn })),
        ]}
        onChange={(value) => {
          const kept = own.find((m) => m.id === value);
          chooseMethod(kept ? kept.method : (value as Method));
          if (kept) setStages(kept.stages);
        }}
      />
      {isChanged && (
        <Button weight="plain" onClick={() => useDraft.getState().setSpec({}, ['stages'])}>
          {w.putItsOwnStagesBack}
        </Button>
      )}
    </p>
  );
}

function Poured({ plan }: { readonly plan: PlanView }) {
  const measures = useMeasures(plan.draft.cupId);
  const metric = useMetric();
  const { answer, stale } = plan;
  if (!answer) return null;
  const shown = showPour(answer.pour.ml, measures, metric);
  return (
    <p className={`m-0 sm:text-right ${stale ? 'opacity-50' : ''}`} aria-live="polite">
      <span className="figures block text-[2.6rem]" data-testid="method-pour">
        {answer.verdict === 'pour' ? shown.main : w.nothing}
      </span>
      {w.toPour(answer.verdict === 'pour' && shown.other !== '' ? `, ${shown.other}` : '')}{' '}
      <Link to="/" className="font-semibold underline decoration-husk decoration-2 underline-offset-4">
        {w.backToTheNumber}
      </Link>
    </p>
  );
}

const problemAt = (problems: readonly Problem[], i: number): string | undefined => {
  const found = problems.find((p) => p.field.startsWith(`stages[${i.toString()}]`));
  return found && problemText(found);
};

/** What is wrong with the whole rather than with one stage. */
const overall = (problems: readonly Problem[], count: number): string[] =>
  problems
    .filter((p) => !p.field.startsWith('stages[') || Number(/\[(\d+)\]/u.exec(p.field)?.[1]) >= count)
    .map((p) => p.field);

function KeepMethod({ stages, disabled }: { readonly stages: readonly Stage[]; readonly disabled: boolean }) {
  const [name, setName] = useKeptState('method.name', '');
  const [kept, setKept] = useState<string | undefined>(undefined);
  return (
    <form
      className="hung flex flex-wrap items-center gap-x-4 gap-y-2"
      onSubmit={(e) => {
        e.preventDefault();
        const label = name.trim();
        if (label === '' || disabled) return;
        const method = useDraft.getState().draft?.spec.method ?? 'coveredAbsorption';
        useKitchen.getState().keep('methods', newId(), { label, method, stages });
        setKept(label);
        setName('');
      }}
    >
      <label className="flex flex-wrap items-center gap-x-2">
        {w.keepTheseStagesAsA}
        <input
          className="changeable w-52"
          value={name}
          maxLength={60}
          placeholder={w.itsName}
          onChange={(e) => setName(e.currentTarget.value)}
        />
      </label>
      <Button type="submit" disabled={disabled || name.trim() === ''}>
        {w.keepTheMethod}
      </Button>
      <span role="status">{kept === undefined ? '' : w.isKeptItStandsIn(kept)}</span>
    </form>
  );
}
