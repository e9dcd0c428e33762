import { GLOSSARY, SHORTCUTS } from '../../words/glossary.js';
import * as w from '../../words/screens/help.js';

/** The words of ours, and the keys. */
export function HelpScreen() {
  return (
    <div className="flex max-w-3xl flex-col gap-8">
      <h1 className="m-0 text-[2rem] font-bold">{w.wordsAndKeys}</h1>
      <section className="hung" aria-labelledby="words">
        <h2 id="words" className="m-0 text-[1.35rem] font-bold">
          {w.whatWordsMeanHere}
        </h2>
        <dl className="m-0 mt-2 grid gap-x-8 gap-y-1 sm:grid-cols-[10rem_minmax(0,1fr)]">
          {GLOSSARY.map(([word, means]) => (
            <div key={word} className="contents">
              <dt className="font-bold">{word}</dt>
              <dd className="m-0 mb-2">{means}</dd>
            </div>
          ))}
        </dl>
      </section>
      <section className="hung" aria-labelledby="keys">
        <h2 id="keys" className="m-0 text-[1.35rem] font-bold">
          {w.keys}
        </h2>
        <dl className="m-0 mt-2 grid gap-x-8 gap-y-1 sm:grid-cols-[18rem_minmax(0,1fr)]">
          {SHORTCUTS.map(([keys, does]) => (
            <div key={keys} className="contents">
              <dt className="font-bold">{keys}</dt>
              <dd className="m-0 mb-2">{does}</dd>
            </div>
          ))}
        </dl>
      </section>
    </div>
  );
}
