import type { Stage } from '@hammock/core';
import type { SharedPlan } from '@hammock/core/exchange';
import { createPortal, flushSync } from 'react-dom';
import { lazy, Suspense, useState } from 'react';
import { fetched } from '../../storage/fetched.js';
import { CAREFUL, sheetText, type PlanSheet } from '../../words/plan/planText.js';
import { Button } from '../controls/Button.js';
import * as w from '../../words/ui/sections.js';

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
  const [asTold, setAsTold] = useState(false);
  const { told } = plan.input;
  const printed = (words: boolean): void => {
    // The printer takes what stands there when it is called.
    flushSync(() => setAsTold(words));
    print();
  };
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
    const { saveRecipe } = await fetched(() => import('../controls/takeFiles.js'));
    say(w.savedAs(saveRecipe(as, { sheet, plan, stages })));
  };
  return (
    <section className="hung" aria-labelledby="take-along">
      <h2 id="take-along" className="m-0 text-[1.35rem] font-bold">
        {w.takeItAlong}
      </h2>
      <p className="m-0 mt-1 flex flex-wrap gap-x-6">
        <Button weight="plain" onClick={() => printed(false)}>
          {w.printASheet}
        </Button>
        {told !== undefined && (
          <Button weight="plain" onClick={() => printed(true)}>
            {w.printItAsItWasTold}
          </Button>
        )}
        <Button weight="plain" onClick={copy}>
          {w.copyAsText}
        </Button>
        <Button weight="plain" onClick={() => void save('recipe')}>
          {w.saveForAnotherProgram}
        </Button>
        <Button weight="plain" onClick={() => void save('markdown')}>
          {w.saveAsMarkdown}
        </Button>
        <Button weight="plain" aria-expanded={linked} onClick={() => setLinked(!linked)}>
          {w.asALink}
        </Button>
        {'share' in navigator && (
          <Button
            weight="plain"
            onClick={() => {
              // A sheet that is not shared after all is no error.
              navigator.share({ title: sheet.heading, text: text() }).catch(() => undefined);
            }}
          >
            {w.share}
          </Button>
        )}
      </p>
      <p className="m-0 whitespace-pre-wrap" role="status">
        {said}
      </p>
      {linked && (
        <Suspense fallback={<p aria-busy>{w.packingIt}</p>}>
          <PlanLink plan={plan} />
        </Suspense>
      )}
      {asTold && told !== undefined ? (
        <ToldSheet heading={sheet.heading} told={told} />
      ) : (
        <Sheet sheet={sheet} />
      )}
    </section>
  );
}

/** More lines than this are set smaller: the sheet is one page. */
const MANY_LINES = 26;

/** The cook's own words on paper. */
function ToldSheet({ heading, told }: { readonly heading: string; readonly told: string }) {
  return createPortal(
    <div className={told.length > MANY_WORDS ? 'sheet sheet-long' : 'sheet'} aria-hidden>
      <h1>{heading}</h1>
      <p className="whitespace-pre-wrap">{told}</p>
    </div>,
    document.body,
  );
}
/** A longer telling is set smaller, characters. */
const MANY_WORDS = 1500;

/** One page for the fridge door. It hangs beside the program, which a printer leaves out. */
function Sheet({ sheet: { heading, goesIn, pour, stages } }: { readonly sheet: PlanSheet }) {
  const isLong = goesIn.length + stages.length > MANY_LINES;
  return createPortal(
    <div className={isLong ? 'sheet sheet-long' : 'sheet'} aria-hidden>
      <h1>{heading}</h1>
      <ul>
        {goesIn.map((line, i) => (
          <li key={`${line}-${i.toString()}`}>{line}</li>
        ))}
      </ul>
      <p className="sheet-pour">{pour}</p>
      {stages.map((line) => (
        <p key={line}>{line}</p>
      ))}
      <p className="sheet-careful">{CAREFUL}</p>
    </div>,
    document.body,
  );
}
