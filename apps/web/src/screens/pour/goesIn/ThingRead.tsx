import { GRAINS, isSaltToTaste, parseLine, RANGES, type ParsedLine, type SaidLine } from '@hammock/core';
import { useState } from 'react';
import { rowOf } from '../../../stores/kitchen/ownLarder.js';
import { rememberCanSize } from '../../../stores/kitchen/canSizes.js';
import { Button } from '../../../ui/controls/Button.js';
import { NumberField } from '../../../ui/controls/NumberField.js';
import { Pick } from '../../../ui/controls/Pick.js';
import { STATE } from '../../../words/words.js';
import { whole } from '../../../words/measures/numbers.js';
import { isWidth } from '../../../stores/kitchen/potOfWidth.js';
import { everything } from './larderChoices.js';
import * as w from '../../../words/screens/pourGoesIn.js';
import { Emphasis } from '../../../ui/controls/Emphasis.js';

const REASON: Readonly<Record<NonNullable<ParsedLine['reason']>, string>> = {
  spelling: w.nearlyIsItThat,
  severalMatch: w.itMayBeAnotherIs,
  noAmount: w.howMuchOfItSay,
  noUnit: w.howMuchIsOneSay,
  packetSize: w.howMuchIsInOne,
  vague: w.thatCannotBeMeasuredSay,
  tooMuch: w.thatIsMoreThanAny,
  notInLarder: w.notInTheLarderPick,
};

/** What is said of a thing that is none. */
export const JUST_WORDS = '';

/** A thing with nothing left to ask; what is made beside asks for no amount. */
export const isReady = (line: SaidLine, isSaid: boolean): boolean => {
  if (line.apart && line.id !== undefined) return true;
  if (line.potCm !== undefined) return isWidth(line.potCm);
  if (line.portions !== undefined || line.status === 'words' || isSaltToTaste(line)) return true;
  return line.amount !== undefined && (line.status === 'understood' || (isSaid && line.id !== undefined));
};

export interface ThingProps {
  readonly line: SaidLine;
  readonly isSaid: boolean;
  /** A grain where there is one already. */
  readonly second: boolean;
  readonly onSay: (id: string) => void;
  /** The words of this thing, typed anew with an amount. */
  readonly onRetype: (text: string) => void;
}

/** One thing as it was understood, settled by a tap or by an amount. */
export function ThingRead({ line, isSaid, second, onSay, onRetype }: ThingProps) {
  const ready = isReady(line, isSaid) && !second;
  const { id } = line;
  const choices = [...new Set([...(id === undefined ? [] : [id]), ...line.choices])];
  const asks = line.status === 'check' || line.status === 'unknown';
  if (line.potCm !== undefined)
    return (
      <span>
        <Emphasis text={w.aPotOfCm(line.potCm)} />
        {!ready && (
          <span className="block text-ember">
            {w.aPotIsFromTo(RANGES.diameterCm.least, RANGES.diameterCm.most)}
          </span>
        )}
      </span>
    );
  return (
    <span className={ready ? '' : 'block w-full'}>
      <span className="inline-flex flex-wrap items-center gap-x-2">
        {line.amount && id !== undefined && <span>{amountWords(line)}</span>}
        {choices.length > 1 && (asks || isSaid) ? (
          <Pick
            label={w.whatIs2(line.text.trim())}
            value={id}
            placeholder={w.pickWhatItIs}
            options={
              asks && !isSaid && line.status === 'unknown'
                ? everything([])
                : choices.map((c) => ({ value: c, label: nameOf(c) }))
            }
            onChange={onSay}
          />
        ) : id === undefined ? (
          <Unknown text={line.text} onSay={onSay} />
        ) : (
          <strong className="font-semibold">{nameOf(id).toLowerCase()}</strong>
        )}
        {line.pours === true && <span className="text-faint">{w.youUsuallyPour}</span>}
        {isSaltToTaste(line) && <span className="text-faint">{w.asMuchAsStandsUnderSalt}</span>}
        {line.state !== undefined && <span>{STATE[line.state]}</span>}
        {line.soak && <span>{soakWords(line.soak)}</span>}
      </span>
      {second && <span className="block text-ember">{w.aPotHasOneGrain}</span>}
      {!ready && !second && line.reason !== undefined && (
        <span className="flex flex-wrap items-center gap-x-3 text-ember">
          “{line.text.trim()}”: {REASON[line.reason]}
          {line.status === 'check' && id !== undefined && (
            <Button weight="plain" onClick={() => onSay(id)}>
              {w.yes}
            </Button>
          )}
          {line.reason === 'packetSize' && id !== undefined && (
            <PacketSize id={id} packet={line.packet ?? ''} />
          )}
          {ASKS_AMOUNT.has(line.reason) && id !== undefined && <HowMuch line={line} onRetype={onRetype} />}
          <Button weight="plain" onClick={() => onSay(JUST_WORDS)}>
            {w.justWords2}
          </Button>
        </span>
      )}
    </span>
  );
}

/** A name that nobody knows: picked from the larder, or left as words. */
function Unknown({ text, onSay }: { readonly text: string; readonly onSay: (id: string) => void }) {
  return (
    <Pick
      label={w.whatIs3(text.trim())}
      value={undefined}
      placeholder={w.pickWhatItIs}
      options={everything([])}
      onChange={onSay}
    />
  );
}

const ASKS_AMOUNT: ReadonlySet<string> = new Set(['noAmount', 'noUnit', 'vague', 'tooMuch']);

/** How much of it, said beside it: the line is written anew with it. */
function HowMuch({ line, onRetype }: { readonly line: SaidLine; readonly onRetype: (text: string) => void }) {
  const [text, setText] = useState('');
  const [isUnread, setUnread] = useState(false);
  return (
    <form
      className="flex items-center gap-x-2 text-ink"
      onSubmit={(e) => {
        e.preventDefault();
        const name = line.text.trim().replace(/^(?:some|an?|\d\S*)\s+/iu, '');
        const { amount } = parseLine(`${text.trim()} ${name}`, line.id === undefined ? {} : { as: line.id });
        setUnread(amount === undefined);
        if (amount !== undefined) onRetype(text.trim());
      }}
    >
      <input
        className="changeable w-28"
        aria-label={w.howMuch(line.text.trim())}
        value={text}
        maxLength={40}
        placeholder={w.n1Tsp}
        aria-invalid={isUnread}
        onChange={(e) => setText(e.currentTarget.value)}
      />
      <Button type="submit" weight="plain" disabled={text.trim() === ''}>
        {w.soMuch}
      </Button>
      {isUnread && (
        <span role="alert" className="text-ember">
          {w.sayItWithAUnit}
        </span>
      )}
    </form>
  );
}

/** What one holds: asked once, and remembered. */
function PacketSize({ id, packet }: { readonly id: string; readonly packet: string }) {
  const [g, setG] = useState(Number.NaN);
  const good = g > 0 && g <= RANGES.ingredientG.most;
  return (
    <form
      className="flex items-center gap-x-2 text-ink"
      onSubmit={(e) => {
        e.preventDefault();
        if (good) rememberCanSize(id, packet, g);
      }}
    >
      <NumberField
        label={w.oneHolds(packet)}
        place="before"
        unit="g"
        className="w-20"
        value={g}
        onChange={setG}
      />
      <Button type="submit" weight="plain" disabled={!good}>
        {w.rememberIt}
      </Button>
    </form>
  );
}

export const nameOf = (id: string): string => rowOf(id)?.name ?? GRAINS.find((g) => g.id === id)?.name ?? id;

const soakWords = ({ minutes, said }: NonNullable<ParsedLine['soak']>): string =>
  said ? `soaked ${whole(minutes)} min` : w.soakedMinAsIsUsual(whole(minutes));

function amountWords({ amount, spread }: ParsedLine): string {
  if (!amount) return '';
  const about = spread === undefined ? '' : 'about ';
  if ('g' in amount) return `${about}${small(amount.g)} g`;
  if ('ml' in amount) return `${about}${small(amount.ml)} ml`;
  return `${about}${(Math.round(amount.count * 100) / 100).toString()} ×`;
}

/** Whole from ten on; a pinch is less than a gram. */
const small = (n: number): string => {
  const places = n >= 10 ? 0 : n >= 1 ? 1 : 2;
  return Number(n.toFixed(places)).toString();
};
