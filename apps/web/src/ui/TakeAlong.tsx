import type { Stage } from '@hammock/core';
import type { SharedPlan } from '@hammock/core/exchange';
import { lazy, Suspense, useState } from 'react';
import { fetched } from '../keeping/fetched.js';
import { CAREFUL, sheetText, type PlanSheet } from '../words/planText.js';
import { Button } from './Button.js';

const PlanLink = lazy(() => fetched(() => import('./PlanLink.js')).then((m) => ({ default: m.PlanLink })));

/** The dish on paper, as text, as a file for another program, or as a link. The sheet is only seen by a printer. */
export function TakeAlong({
  sheet,
  plan,
  stages,
}: {
  readonly sheet: PlanSheet;
  readonly plan: SharedPlan;
  readonly stages: readonly Stage[];
}) {
  const [said, say] = useState('');
  const [linked, setLinked] = useState(false);
  const text = (): string => sheetText(sheet);
  const copy = (): void => {
    // On plain http there is no clipboard to write to: then the text itself is shown.
    const { clipboard } = navigator as { clipboard?: Clipboard };
    if (!clipboard) return say(text());
    clipboard.writeText(text()).then(
      () => say('Copied.'),
      () => say(text()),
    );
  };
  const save = async (as: 'recipe' | 'markdown'): Promise<void> => {
    const { saveRecipe } = await fetched(() => import('./takeFiles.js'));
    say(`Saved as ${saveRecipe(as, { sheet, plan, stages })}.`);
  };
  return (
    <section className="hung" aria-labelledby="take-along">
      <h2 id="take-along" className="m-0 text-[1.35rem] font-bold">
        Take it along
      </h2>
      <p className="m-0 mt-1 flex flex-wrap gap-x-6">
        <Button weight="plain" onClick={() => print()}>
          Print a sheet
        </Button>
        <Button weight="plain" onClick={copy}>
          Copy as text
        </Button>
        <Button weight="plain" onClick={() => void save('recipe')}>
          Save for another program
        </Button>
        <Button weight="plain" onClick={() => void save('markdown')}>
          Save as Markdown
        </Button>
        <Button weight="plain" aria-expanded={linked} onClick={() => setLinked(!linked)}>
          As a link
        </Button>
        {'share' in navigator && (
          <Button
            weight="plain"
            onClick={() => {
              // A sheet that is not shared after all is no error.
              navigator.share({ title: sheet.heading, text: text() }).catch(() => undefined);
            }}
          >
            Share
          </Button>
        )}
      </p>
      <p className="m-0 whitespace-pre-wrap" role="status">
        {said}
      </p>
      {linked && (
        <Suspense fallback={<p aria-busy>Packing it …</p>}>
          <PlanLink plan={plan} />
        </Suspense>
      )}
      <div className="sheet" aria-hidden>
        <h1>{sheet.heading}</h1>
        <ul>
          {sheet.goesIn.map((line, i) => (
            <li key={`${line}-${i.toString()}`}>{line}</li>
          ))}
        </ul>
        <p>
          <strong>{sheet.pour}</strong>
        </p>
        {sheet.stages.map((line) => (
          <p key={line}>{line}</p>
        ))}
        <p>{CAREFUL}</p>
      </div>
    </section>
  );
}
