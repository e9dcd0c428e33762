import { SOURCES, type Drain, type SourceId, type Term } from '@hammock/core';
import { Popover } from 'radix-ui';
import type { RefObject } from 'react';
import { ACT } from '../../words/plan/acts.js';
import { BASE_BY, drainText, STATE, TOAST } from '../../words/words.js';
import { useBackCloses } from '../hooks/useBackCloses.js';
import type { AccountRow } from './accountRows.js';
import { tenths, whole } from '../../words/measures/numbers.js';
import * as w from '../../words/ui/account.js';

/** The figures behind one row, next to it. One for all rows: a popover for each would be drawn at every keystroke. */
export function Figures({ row, ...rest }: { readonly row: AccountRow | undefined } & At) {
  return row ? <OpenFigures row={row} {...rest} /> : null;
}

interface At {
  /** The bar it stands at. */
  readonly anchor: RefObject<HTMLElement | null>;
  readonly onClose: () => void;
}

function OpenFigures({ row, anchor, onClose }: { readonly row: AccountRow } & At) {
  useBackCloses(onClose, true);
  return (
    <Popover.Root
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <Popover.Anchor virtualRef={anchor} />
      <Popover.Portal>
        <Popover.Content
          aria-label={row.label}
          sideOffset={4}
          collisionPadding={8}
          onInteractOutside={(e) => {
            // Its own row closes it by the same press that opened it.
            if (e.target instanceof Node && anchor.current?.contains(e.target)) e.preventDefault();
          }}
          onCloseAutoFocus={(e) => {
            e.preventDefault();
            anchor.current?.focus();
          }}
          className="z-50 max-h-[70vh] w-[min(26rem,94vw)] overflow-auto rounded-b-2xl border-2 border-ink bg-raised p-4 text-ink"
        >
          <h3 className="m-0 mb-2 text-lg font-bold">{row.label}</h3>
          {row.terms.map((term) => (
            <TermFigures key={term.id} term={term} several={row.terms.length > 1} />
          ))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function TermFigures({ term, several }: { readonly term: Term; readonly several: boolean }) {
  const act = String(term.inputs['act'] ?? '');
  const name =
    act === 'serve'
      ? w.forkedAndServed
      : act === 'lid'
        ? w.condensedUnderTheLid
        : act in ACT
          ? ACT[act as keyof typeof ACT].name
          : '';
  return (
    <table className="mb-3 w-full border-collapse text-[1rem]">
      {several && <caption className="text-left font-semibold">{name}</caption>}
      <tbody>
        <tr className="border-b-2 border-line font-bold">
          <th scope="row" className="py-1 text-left">
            {w.water}
          </th>
          <td className="py-1 text-right">{tenths(term.g)} g</td>
        </tr>
        {Object.entries(term.inputs)
          .filter(([key]) => key in INPUT)
          .map(([key, value]) => (
            <tr key={key}>
              <th scope="row" className="py-0.5 text-left font-normal">
                {INPUT[key]?.[0]}
              </th>
              <td className="py-0.5 text-right">{shownInput(key, value, term.inputs)}</td>
            </tr>
          ))}
      </tbody>
    </table>
  );
}

/** Inputs of the account's terms: their words and their unit. */
const INPUT: Readonly<Record<string, readonly [string, string]>> = {
  grainG: [w.grainAsSold, 'g'],
  dryG: [w.itsDryMatter, 'g'],
  startW: [w.waterPerDryGramAt, 'g/g'],
  targetW: [w.waterPerDryGramCooked, 'g/g'],
  targetMoisturePercent: [w.cookedMoisture, '%'],
  clingingGPerG: [w.clingsPerGram, 'g/g'],
  drain: ['drained', ''],
  massG: [w.goesIn, 'g'],
  waterGPer100: [w.waterIn100G, 'g'],
  shareSetFree: [w.shareSetFree, ''],
  state: ['cooked', ''],
  by: ['judged', ''],
  toast: ['then', ''],
  solidsG: [w.itsSolids, 'g'],
  filmGPerG: [w.filmPerGramOfSolids, 'g/g'],
  drinksGPerG: [w.drinksPerGram, 'g/g'],
  sauceLeftG: [w.sauceWanted, 'g'],
  minutes: ['time', 'min'],
  gPerMin: [w.steamAtTheBoil, 'g/min'],
  liquidG: ['liquid', 'g'],
  liquidMl: ['liquid', 'ml'],
  source: [w.figuresFrom, ''],
};

function shownInput(key: string, value: string | number, all: Term['inputs']): string {
  if (key === 'source') {
    const source = SOURCES[value as SourceId];
    return `${source.name}${source.memory ? w.fromMemory : ''}`;
  }
  if (key === 'state') return STATE[value as keyof typeof STATE];
  if (key === 'toast') return TOAST[value as keyof typeof TOAST];
  if (key === 'by') return BASE_BY[value as keyof typeof BASE_BY];
  if (key === 'drain') return drainText(value as Drain, Number(all['sieveMin'] ?? 0));
  if (key === 'shareSetFree') return `${whole(Number(value) * 100)} %`;
  const unit = INPUT[key]?.[1] ?? '';
  const n = Number(value);
  return `${n.toFixed(unit === 'g/g' ? 2 : 1)} ${unit}`;
}
