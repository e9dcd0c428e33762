import { useState } from 'react';
import { sheetText, type PlanSheet } from '../words/planText.js';
import { Button } from './Button.js';

/** The dish on paper, or as text for another kitchen. The sheet is only seen by a printer. */
export function TakeAlong({ sheet }: { readonly sheet: PlanSheet }) {
  const [said, say] = useState('');
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
        <p>
          Steam burns: open the lid away from you. Cool leftovers fast. Local food-safety rules come first.
        </p>
      </div>
    </section>
  );
}
