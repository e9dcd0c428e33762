import { lastsMin, type RunState, type StageRun } from '@hammock/core';
import { INSERTED, OBSERVATIONS } from '@hammock/core/records';
import { useState } from 'react';
import { useStove } from '../../stores/cooks/stove.js';
import { stageName, ACT } from '../../words/plan/acts.js';
import { HEAT, LID } from '../../words/words.js';
import { Button } from '../../ui/controls/Button.js';
import { Choice, Row } from './observed/choices.js';
import * as w from '../../words/screens/stove.js';

/** Every stage with its minutes, those that are over struck through; each can be changed on the way. */
export function StageList({ run }: { readonly run: RunState }) {
  const [opened, setOpened] = useState<string>();
  return (
    <ol className="m-0 list-none border-t-2 border-ink p-0 pt-1" aria-label={w.stages}>
      {run.stages.map((line, i) => {
        const { stage, doneAtMs, skipped } = line;
        const name = stageName(stage);
        return (
          <li key={stage.id} aria-current={i === run.current ? 'step' : undefined}>
            <div
              className={`flex items-center justify-between gap-4 ${i === run.current ? 'font-bold' : i < run.current || skipped ? 'text-faint line-through decoration-1' : ''}`}
            >
              <span>{name}</span>
              <span className="flex items-center gap-3">
                {skipped
                  ? w.leftOut
                  : `${Math.round(lastsMin(line)).toString()} min${doneAtMs === undefined ? '' : w.done3}`}
                <Button
                  weight="plain"
                  className="min-h-14 min-w-14"
                  aria-label={w.change(name)}
                  aria-expanded={opened === stage.id}
                  onClick={() => setOpened(opened === stage.id ? undefined : stage.id)}
                >
                  …
                </Button>
              </span>
            </div>
            {opened === stage.id && (
              <Changes line={line} at={i} run={run} onDone={() => setOpened(undefined)} />
            )}
          </li>
        );
      })}
    </ol>
  );
}

interface ChangesProps {
  readonly line: StageRun;
  readonly at: number;
  readonly run: RunState;
  readonly onDone: () => void;
}

/** Minutes that a stage can be put in with. */
const INSERT_MIN = [2, 5, 10];

/** What can be done to one stage of the line from where the pot is. */
function Changes({ line, at, run, onDone }: ChangesProps) {
  const tap = useStove((s) => s.tap);
  const [more, setMore] = useState<'heat' | 'lid' | 'insert'>();
  const [act, setAct] = useState<(typeof INSERTED)[number]>();
  const { id, lid } = line.stage;
  const isOn = at === run.current && line.startedAtMs !== undefined;
  const isToCome = line.startedAtMs === undefined;
  const locked = lid === 'pressure';
  const say = (kind: Parameters<typeof tap>[0], said?: string, amount?: number): void => {
    tap(kind, id, {
      ...(said === undefined ? {} : { said }),
      ...(amount === undefined ? {} : { amount }),
    });
    onDone();
  };
  const finished = run.phase === 'finished';
  const before = run.stages[run.current - 1];
  if (more === 'insert' && act)
    return (
      <Row label={w.forHowLong}>
        {INSERT_MIN.map((minutes) => (
          <Choice key={minutes} onClick={() => say('insert', act, minutes)}>
            {`${minutes.toString()} min`}
          </Choice>
        ))}
      </Row>
    );
  if (more === 'insert')
    return (
      <Row label={w.whichStage}>
        {INSERTED.map((one) => (
          <Choice key={one} onClick={() => setAct(one)}>
            {ACT[one].name}
          </Choice>
        ))}
      </Row>
    );
  if (more !== undefined)
    return (
      <Row label={more === 'heat' ? w.ring : w.lid}>
        {OBSERVATIONS[more].words?.map((word) => (
          <Choice key={word} onClick={() => say(more, word)}>
            {(more === 'heat'
              ? (HEAT as Readonly<Record<string, string>>)
              : (LID as Readonly<Record<string, string>>))[word] ?? word}
          </Choice>
        ))}
      </Row>
    );
  return (
    <Row label={w.changesTo(stageName(line.stage))}>
      {(isOn || isToCome) && !locked && (
        <>
          <Choice onClick={() => setMore('heat')}>{w.ring2}</Choice>
          <Choice onClick={() => setMore('lid')}>{w.lid2}</Choice>
        </>
      )}
      {isToCome && !line.skipped && <Choice onClick={() => say('skip')}>{w.leaveItOut}</Choice>}
      {!isToCome && <Choice onClick={() => say('again')}>{w.onceMore}</Choice>}
      {!locked && <Choice onClick={() => setMore('insert')}>{w.putAStageAfterIt}</Choice>}
      {at === (finished ? run.stages.length - 1 : run.current) && before && (
        <Choice onClick={() => say('back')}>
          {w.backTo(stageName(finished ? line.stage : before.stage).toLowerCase())}
        </Choice>
      )}
    </Row>
  );
}
