import { grainById } from '@hammock/core';
import { useShallow } from 'zustand/react/shallow';
import type { PendingWrite, PendingWriteState } from '../../sync/pendingWrite.js';
import { saidIn, WHOLE } from '../../sync/mergeConflict.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { useOutbox } from '../../stores/session/pendingWrites.js';
import { rowOf } from '../../stores/kitchen/ownLarder.js';
import { fieldText, OF_BEFORE, reasonText, valueText } from '../../words/storage/syncWords.js';
import { Button } from '../controls/Button.js';
import { Fence } from './Fence.js';
import * as w from '../../words/ui/conflict.js';

/** What waits for the cook: things changed in two places, and what the server will not have. */
export function ConflictPanel() {
  const writes = useOutbox((s) => s.writes);
  return (
    <>
      {writes.map((write) => (
        <Fence key={write.id} what={write.label} of={write}>
          <One write={write} />
        </Fence>
      ))}
    </>
  );
}

function One({ write }: { readonly write: PendingWrite }) {
  switch (write.state.kind) {
    case 'asked':
      return <Clash write={write} state={write.state} />;
    case 'refused':
      return <Refusal write={write} reasons={write.state.reasons} />;
    case 'ofBefore':
      return <OfBefore write={write} />;
    case 'waiting':
      return null;
  }
}

/** One thing changed here and elsewhere, field beside field. */
function Clash({
  write,
  state,
}: {
  readonly write: PendingWrite;
  readonly state: Extract<PendingWriteState, { kind: 'asked' }>;
}) {
  const choose = useOutbox((s) => s.choose);
  const nameOf = useNames();
  const there = saidIn(state.current);
  const isWhole = state.clashes.includes(WHOLE);
  return (
    <section
      aria-label={w.changedInTwoPlaces(write.label)}
      data-testid="clash"
      className="mt-3 border-2 border-ink px-4 py-3"
    >
      <h2 className="m-0 text-[1.25rem] font-bold">{w.wasChangedInTwoPlaces(write.label)}</h2>
      {isWhole ? (
        <p className="mt-1 mb-0">
          {write.body === undefined ? w.itWasRemovedHereAnd : w.itWasChangedHereAnd}
        </p>
      ) : (
        <table className="mt-2 w-full max-w-2xl border-collapse text-left">
          <thead>
            <tr className="text-faint">
              <th scope="col" className="py-1 pr-3 font-normal">
                <span className="sr-only">{w.what}</span>
              </th>
              <th scope="col" className="py-1 pr-3 font-normal">
                {w.here}
              </th>
              <th scope="col" className="py-1 font-normal">
                {w.elsewhere}
              </th>
            </tr>
          </thead>
          <tbody>
            {state.clashes.map((path) => (
              <tr key={path} className="border-t border-line align-top">
                <th scope="row" className="py-2 pr-3 font-normal">
                  {fieldText(path)}
                </th>
                <td className="py-2 pr-3 font-bold">{valueText(path, at(write.body, path), nameOf)}</td>
                <td className="py-2 font-bold">{valueText(path, at(there ?? undefined, path), nameOf)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <div className="mt-3 flex flex-wrap gap-3">
        <Button onClick={() => void choose(write.id, 'mine')}>
          {isWhole && write.body === undefined ? w.removeIt : w.keepWhatIsHere}
        </Button>
        <Button onClick={() => void choose(write.id, 'theirs')}>
          {isWhole && write.body !== undefined ? w.letItBeRemoved : w.takeWhatIsElsewhere}
        </Button>
      </div>
    </section>
  );
}

/** Something written of a household that is not there any more: nothing is written back unasked. */
function OfBefore({ write }: { readonly write: PendingWrite }) {
  const dismiss = useOutbox((s) => s.dismiss);
  const tryAgain = useOutbox((s) => s.tryAgain);
  return (
    <section
      aria-label={w.writtenBefore(write.label)}
      data-testid="of-before"
      className="mt-3 border-2 border-ink px-4 py-3"
    >
      <h2 className="m-0 text-[1.25rem] font-bold">{write.label}</h2>
      <p className="mt-1 mb-0">
        {write.method === 'DELETE' ? w.itWasRemovedHere : w.itWasChangedHere} {OF_BEFORE}
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button onClick={() => void tryAgain(write.id)}>
          {write.method === 'DELETE' ? w.removeItAllTheSame : w.storeItAllTheSame}
        </Button>
        <Button weight="plain" onClick={() => void dismiss(write.id)}>
          {w.letItGo}
        </Button>
      </div>
    </section>
  );
}

/** Something the server will not have, until it is read. */
function Refusal({ write, reasons }: { readonly write: PendingWrite; readonly reasons: readonly string[] }) {
  const dismiss = useOutbox((s) => s.dismiss);
  const tryAgain = useOutbox((s) => s.tryAgain);
  const load = useKitchen((s) => s.load);
  return (
    <div
      className="mt-3 flex flex-wrap items-center justify-between gap-3 border-2 border-ember px-4 py-2 text-ember"
      role="alert"
    >
      <span>{w.notStored(write.label, reasons.map(reasonText).join(' '))}</span>
      <span className="flex gap-4">
        <Button weight="plain" onClick={() => void tryAgain(write.id)}>
          {w.tryAgain}
        </Button>
        <Button weight="plain" onClick={() => void dismiss(write.id).then(load)}>
          {w.read}
        </Button>
      </span>
    </div>
  );
}

/** The value at a path such as `input.soakMin`. */
const at = (fields: unknown, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((held, key) => (held as Record<string, unknown> | undefined)?.[key], fields);

/** What an id stands for in this kitchen; any other text is itself. */
function useNames(): (text: string) => string {
  const { bags, vessels, hobs, cups, dishes } = useKitchen(
    useShallow(({ bags, vessels, hobs, cups, dishes }) => ({ bags, vessels, hobs, cups, dishes })),
  );
  return (text) =>
    [...bags, ...vessels, ...hobs, ...cups, ...dishes].find((thing) => thing.id === text)?.label ??
    grainById(text)?.name ??
    rowOf(text)?.name ??
    text;
}
