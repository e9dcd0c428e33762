import { RANGES, type Beside, type Stage } from '@hammock/core';
import { MOST_BESIDE } from '@hammock/core/schedule';
import { useDraft } from '../../stores/plan/draft.js';
import { useKeptState } from '../../stores/session/persisted.js';
import { Button } from '../../ui/controls/Button.js';
import { NumberField } from '../../ui/controls/NumberField.js';
import { Pick } from '../../ui/controls/Pick.js';
import { Tick } from '../../ui/controls/Tick.js';
import { stageName } from '../../words/plan/acts.js';
import { newId } from '../../storage/newId.js';
import * as w from '../../words/screens/table.js';

const KINDS = [
  { value: 'side', label: w.aSideDish },
  { value: 'garnish', label: w.aGarnish },
  { value: 'hotWater', label: w.hotWater },
  { value: 'stock', label: 'stock' },
  { value: 'steep', label: w.somethingSteeping },
] as const satisfies readonly { readonly value: Beside['kind']; readonly label: string }[];

/** What each kind usually takes (common practice): minutes, of them at hand, on a ring. */
const USUAL: Readonly<Record<Beside['kind'], Usual>> = {
  side: [15, 15, false],
  garnish: [15, 15, true],
  hotWater: [8, 0, true],
  stock: [60, 5, true],
  steep: [20, 2, false],
};
type Usual = readonly [number, number, boolean];

const TABLE = 'table';

/** What is made beside this plan: a list, and a line to add to it. */
export function BesideForm({
  beside,
  stages,
}: {
  readonly beside: readonly Beside[];
  readonly stages: readonly Stage[];
}) {
  const setSpec = useDraft((s) => s.setSpec);
  const [kind, setKind] = useKeptState<Beside['kind']>('beside.kind', 'side');
  const [name, setName] = useKeptState('beside.name', '');
  const [minutes, setMinutes] = useKeptState('beside.minutes', USUAL.side[0]);
  const [hands, setHands] = useKeptState('beside.hands', USUAL.side[1]);
  const [ring, setRing] = useKeptState('beside.ring', USUAL.side[2]);
  const [before, setBefore] = useKeptState('beside.before', TABLE);
  const set = (next: readonly Beside[]): void => setSpec({ beside: next });
  const wrong = minutesProblem(minutes);
  const wrongHands = hands > minutes ? w.noMoreThanItTakes : minutesProblem(hands, 0);
  const canAdd =
    name.trim() !== '' && wrong === undefined && wrongHands === undefined && beside.length < MOST_BESIDE;
  return (
    <form
      className="flex flex-col gap-2"
      aria-label={w.besideIt}
      onSubmit={(e) => {
        e.preventDefault();
        if (!canAdd) return;
        const one: Beside = {
          id: newId(),
          name: name.trim(),
          kind,
          minutes,
          handsOnMin: hands,
          ring,
          ...(before === TABLE ? {} : { before }),
        };
        set([...beside, one]);
        setName('');
      }}
    >
      {beside.length > 0 && (
        <ul className="m-0 list-none p-0">
          {beside.map((one) => (
            <li
              key={one.id}
              className="flex flex-wrap items-center justify-between gap-x-4 border-t border-line py-1"
            >
              <span>
                <strong>{one.name}</strong>, {besideText(one, stages)}
              </span>
              <Button
                weight="plain"
                aria-label={w.remove(one.name)}
                onClick={() => set(beside.filter((b) => b !== one))}
              >
                {w.remove2}
              </Button>
            </li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <label className="flex flex-col">
          {w.besideIt}
          <input
            className="changeable w-52 max-w-full"
            value={name}
            maxLength={60}
            placeholder={w.aSaladFriedOnions}
            onChange={(e) => setName(e.currentTarget.value)}
          />
        </label>
        <span className="leading-[3rem]">
          <Pick
            label={w.whatItIs}
            value={kind}
            options={KINDS}
            onChange={(next) => {
              setKind(next);
              const [min, atHand, onRing] = USUAL[next];
              setMinutes(min);
              setHands(atHand);
              setRing(onRing);
            }}
          />
        </span>
        <NumberField
          label={w.takes}
          unit="min"
          value={minutes}
          onChange={setMinutes}
          problem={wrong}
          className="w-20"
        />
        <NumberField
          label={w.atHand}
          unit="min"
          value={hands}
          onChange={setHands}
          problem={wrongHands}
          className="w-20"
        />
        <span className="leading-[3rem]">
          <Tick words="on a ring" on={ring} onChange={(on) => setRing(on)} />
        </span>
        <span className="leading-[3rem]">
          {w.readyFor}{' '}
          <Pick
            label={w.readyFor2}
            value={stages.some((s) => s.id === before) ? before : TABLE}
            options={[
              { value: TABLE, label: w.theTable },
              ...stages.map((s) => ({ value: s.id, label: stageName(s).toLowerCase() })),
            ]}
            onChange={setBefore}
          />
        </span>
        <Button type="submit" disabled={!canAdd}>
          {w.addIt}
        </Button>
      </div>
      {beside.length >= MOST_BESIDE && (
        <p className="m-0 text-faint">{w.thingsBesideOnePotAre(MOST_BESIDE)}</p>
      )}
    </form>
  );
}

const minutesProblem = (n: number, least = 1): string | undefined =>
  Number.isFinite(n) && n >= least && n <= RANGES.besideMin.most
    ? undefined
    : w.fromToMin(least, RANGES.besideMin.most);

function besideText({ minutes, handsOnMin = 0, ring, before }: Beside, stages: readonly Stage[]): string {
  const at = stages.find((s) => s.id === before);
  return [
    `${minutes.toString()} min`,
    handsOnMin >= minutes ? w.atHand : handsOnMin > 0 ? w.ofThemAtHand(handsOnMin) : w.byItself,
    ...(ring === true ? [w.onARing] : []),
    w.readyFor3(at ? stageName(at).toLowerCase() : w.theTable),
  ].join(', ');
}
