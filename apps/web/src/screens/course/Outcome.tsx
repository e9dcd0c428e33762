import { bandOf, stagesWith, type Change, type Course, type Stage } from '@hammock/core';
import { Button } from '../../ui/controls/Button.js';
import { textureWords } from '../../words/plan/textureWords.js';
import { apartWords, changeText, troubleText } from '../../words/stove/potWords.js';
import { BEDS } from './moment.js';
import { tenths } from '../../words/measures/numbers.js';
import * as w from '../../words/screens/course.js';

export interface OutcomeProps {
  readonly course: Course;
  readonly stages: readonly Stage[];
  readonly ml: (waterG: number) => string;
  readonly onStages: (stages: readonly Stage[]) => void;
  readonly onPour: (waterG: number) => void;
}

/** How the simulated pot comes out, what goes wrong, and what would avoid it. */
export function Outcome({ course, stages, ml, onStages, onPour }: OutcomeProps) {
  const { outcome, troubles } = course;
  const done = Math.round(100 * Math.min(...outcome.beds.map((b) => b.done)));
  return (
    <section className="hung" aria-labelledby="comes-out" aria-live="polite">
      <h2 id="comes-out" className="m-0 text-[1.35rem] font-bold">
        {w.itComesOut} <span data-testid="course-texture">{textureWords(outcome.texture)}</span>
      </h2>
      <p className="mt-1 mb-0">
        {w.moistureWhenServedWhenIt(
          tenths(outcome.moisture),
          BEDS.map((name, i) => `${name} ${tenths(outcome.beds[i]?.moisture ?? 0)}`).join(', '),
          done,
          apartWords(outcome.apart),
          bandOf(outcome.browning),
        )}
      </p>
      {troubles.length === 0 && <p className="mt-2 mb-0 font-semibold">{w.nothingGoesWrongOnTheWay}</p>}
      <ul className="m-0 mt-2 flex list-none flex-col gap-3 p-0">
        {troubles.map((t) => {
          const words = troubleText(t, stages);
          return (
            <li key={t.code} className="border-l-4 border-ember pl-3">
              <strong className="text-ember">{words.what}.</strong> {words.why}
              {t.avoidedBy.length > 0 && (
                <div className="flex flex-wrap items-center gap-x-3">
                  <span>{w.toAvoidIt}</span>
                  {t.avoidedBy.map((change) => (
                    <Avoid
                      key={changeText(change, stages, ml)}
                      change={change}
                      stages={stages}
                      ml={ml}
                      onStages={onStages}
                      onPour={onPour}
                    />
                  ))}
                </div>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

type AvoidProps = Omit<OutcomeProps, 'course'> & { readonly change: Change };

function Avoid({ change, stages, ml, onStages, onPour }: AvoidProps) {
  const words = changeText(change, stages, ml);
  const next = stagesWith(change, stages);
  if (change.code === 'pour')
    return (
      <Button weight="plain" onClick={() => onPour(change.waterG)}>
        {words}
      </Button>
    );
  if (next)
    return (
      <Button weight="plain" onClick={() => onStages(next)}>
        {words}
      </Button>
    );
  return <span>{words}</span>;
}
