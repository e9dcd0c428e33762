import { useRef, useState } from 'react';
import { emptyDevice } from '../../stores/session/emptyDevice.js';
import { Button } from '../../ui/controls/Button.js';
import { Notice } from '../../ui/shell/Notice.js';
import { archiveText, LISTS, type Lists } from '../../words/storage/archiveWords.js';
import { forgetIncoming, lookOver, putIn, takeAllAway, type LookedOver } from './archiveAsk.js';
import * as w from '../../words/screens/keeping.js';

type State =
  | { readonly at: 'idle' }
  | { readonly at: 'reading'; readonly share: number }
  | { readonly at: 'looked'; readonly found: LookedOver }
  | { readonly at: 'putting'; readonly id: string; readonly share: number }
  | { readonly at: 'done'; readonly lists: Lists }
  | { readonly at: 'wrong'; readonly why: string }
  /** There is nothing in it: in place of what is here that has to be said twice. */
  | { readonly at: 'empty'; readonly id: string };

/** Everything as one file: out, looked over and in again, and away for good. */
export function Archive() {
  const input = useRef<HTMLInputElement>(null);
  const [state, setState] = useState<State>({ at: 'idle' });
  const reading = useRef<AbortController>(null);
  const look = async (file: File): Promise<void> => {
    reading.current = new AbortController();
    setState({ at: 'reading', share: 0 });
    const found = await lookOver(file, reading.current.signal, (share) => setState({ at: 'reading', share }));
    setState('why' in found ? { at: 'wrong', why: found.why } : { at: 'looked', found });
  };
  const put = async (id: string, how: 'merge' | 'instead', evenIfEmpty = false): Promise<void> => {
    setState({ at: 'putting', id, share: 0 });
    const done = await putIn(id, { how, evenIfEmpty }, (share) => setState({ at: 'putting', id, share }));
    if ('why' in done && done.isEmpty === true) setState({ at: 'empty', id });
    else setState('why' in done ? { at: 'wrong', why: done.why } : { at: 'done', lists: done.lists });
  };
  return (
    <section className="hung" aria-labelledby="everything">
      <h2 id="everything" className="m-0 text-[1.35rem] font-bold">
        {w.everythingAsOneFile}
      </h2>
      <p className="m-0 mt-1">{w.householdKitchenDishesAndEvery}</p>
      <p className="m-0 mt-1 flex flex-wrap items-center gap-x-6 gap-y-2">
        <a
          href="/api/archive"
          download="hammock-household.json"
          className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
        >
          {w.saveEverything}
        </a>
        <a
          href="/api/notebook.csv"
          download="hammock-notebook.csv"
          className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
        >
          {w.saveTheNotebookAsATable}
        </a>
        <a
          href="/api/larder.csv"
          download="hammock-larder.csv"
          className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
        >
          {w.saveTheLarderAsATable}
        </a>
        <Button weight="plain" className="-ml-1" onClick={() => input.current?.click()}>
          {w.putAHouseholdBack}
        </Button>
      </p>
      <input
        ref={input}
        type="file"
        hidden
        aria-label={w.anArchive}
        accept=".json,application/json"
        onChange={(e) => {
          const [file] = e.currentTarget.files ?? [];
          e.currentTarget.value = '';
          if (file) void look(file);
        }}
      />
      <div role="status">
        {state.at === 'reading' && (
          <p className="m-0 flex flex-wrap items-center gap-4">
            <progress value={state.share} max={1} aria-label={w.lookedOver} /> {w.lookingItOver}
            <Button weight="plain" onClick={() => reading.current?.abort()}>
              {w.stop}
            </Button>
          </p>
        )}
        {state.at === 'putting' && (
          <p className="m-0 flex flex-wrap items-center gap-4">
            <progress value={state.share} max={1} aria-label={w.putIn} /> {w.puttingItIn}
            <Button weight="plain" onClick={() => forgetIncoming(state.id)}>
              {w.stop}
            </Button>
          </p>
        )}
        {state.at === 'done' && <p className="m-0">{w.itIsIn(archiveText(state.lists))}</p>}
      </div>
      {state.at === 'wrong' && <Notice urgent>{state.why}</Notice>}
      {state.at === 'looked' && (
        <LookedOverList
          found={state.found}
          onPut={(how) => void put(state.found.id, how)}
          onLeave={() => {
            forgetIncoming(state.found.id);
            setState({ at: 'idle' });
          }}
        />
      )}
      {state.at === 'empty' && (
        <div className="mt-2" data-testid="nothing-in-it">
          <Notice urgent>{w.inThisFileIsNothing}</Notice>
          <div className="mt-2 flex flex-wrap gap-3">
            <Button onClick={() => void put(state.id, 'instead', true)}>{w.leaveAnEmptyKitchen}</Button>
            <Button
              weight="plain"
              onClick={() => {
                forgetIncoming(state.id);
                setState({ at: 'idle' });
              }}
            >
              {w.keepWhatIsHere}
            </Button>
          </div>
        </div>
      )}
      <Away />
    </section>
  );
}

/** What is in it beside what is here, and the two ways to put it in. */
function LookedOverList({
  found: { lists, wrong, wrongCount },
  onPut,
  onLeave,
}: {
  readonly found: LookedOver;
  readonly onPut: (how: 'merge' | 'instead') => void;
  readonly onLeave: () => void;
}) {
  return (
    <div className="mt-2" data-testid="looked-over">
      <table className="border-collapse">
        <caption className="text-left font-semibold">{w.inThisFileBesideWhat}</caption>
        <thead>
          <tr>
            {['', w.notHere, 'newer', w.asHere].map((head) => (
              <th key={head} scope="col" className="px-3 py-1 text-right font-normal text-faint">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {Object.entries(lists)
            .filter(([key]) => key !== 'household')
            .map(([key, { added, newer, same }]) => (
              <tr key={key} className="border-t border-line">
                <th scope="row" className="py-1 pr-3 text-left font-normal">
                  {LISTS[key] ?? key}
                </th>
                {[added, newer, same].map((n, i) => (
                  <td key={['added', 'newer', 'same'][i]} className="px-3 py-1 text-right tabular-nums">
                    {n}
                  </td>
                ))}
              </tr>
            ))}
        </tbody>
      </table>
      {wrongCount > 0 && (
        <p className="m-0 mt-2 text-ember">
          {w.cannotBeReadAndWould(wrongCount === 1 ? w.oneThing : w.things(wrongCount), wrong.join('; '))}
        </p>
      )}
      <div className="mt-3 flex flex-wrap gap-3">
        <Button weight="act" onClick={() => onPut('merge')}>
          {w.addItToWhatIsHere}
        </Button>
        <Button onClick={() => onPut('instead')}>{w.inPlaceOfWhatIsHere}</Button>
        <Button weight="plain" onClick={onLeave}>
          {w.leaveIt}
        </Button>
      </div>
    </div>
  );
}

/** Everything away for good: asked twice, since it alone cannot be undone. */
function Away() {
  const [asked, setAsked] = useState(false);
  const [word, setWord] = useState('');
  const [why, setWhy] = useState<string>();
  const away = async (): Promise<void> => {
    const wrong = await takeAllAway();
    setWhy(wrong);
    if (wrong !== undefined) return;
    await emptyDevice('/');
  };
  if (!asked)
    return (
      <Button weight="plain" className="mt-2 -ml-1" onClick={() => setAsked(true)}>
        {w.eraseEverythingOfMine}
      </Button>
    );
  return (
    <div className="mt-2">
      <label className="block">
        {w.everyPotDishAndCopy}
        <input
          className="changeable mt-1 block w-60"
          value={word}
          onChange={(e) => setWord(e.currentTarget.value)}
        />
      </label>
      {why !== undefined && <Notice urgent>{why}</Notice>}
      <div className="mt-2 flex flex-wrap gap-3">
        <Button disabled={word.trim().toLowerCase() !== 'everything'} onClick={() => void away()}>
          {w.eraseIt}
        </Button>
        <Button weight="plain" onClick={() => setAsked(false)}>
          {w.keepIt}
        </Button>
      </div>
    </div>
  );
}
