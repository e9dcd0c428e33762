import { GUESTS } from '@hammock/core/records';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { usePeople } from '../../stores/kitchen/people.js';
import { Button } from '../../ui/controls/Button.js';
import { Pick } from '../../ui/controls/Pick.js';
import { VERDICT } from '../../words/words.js';
import { EVERY, isEvery, type Wanted } from './useFound.js';
import * as w from '../../words/screens/notebook.js';

const ANY = 'any';
const choices = (
  any: string,
  list: readonly (readonly [string, string])[],
): readonly { readonly value: string; readonly label: string }[] => [
  { value: ANY, label: any },
  ...list.map(([value, label]) => ({ value, label })),
];
const byLabel = (things: readonly { readonly id: string; readonly label: string }[]) =>
  things.map((t) => [t.id, t.label] as const);

/** Which pots are looked for: by words, dish, bag, pot, who judged, and how they came out. */
export function Filters({
  wanted,
  onChange,
}: {
  readonly wanted: Wanted;
  readonly onChange: (wanted: Wanted) => void;
}) {
  const dishes = useKitchen((s) => s.dishes);
  const bags = useKitchen((s) => s.bags);
  const vessels = useKitchen((s) => s.vessels);
  const people = usePeople();
  const put = (field: keyof Wanted) => (value: string) => {
    const { [field]: _was, ...rest } = wanted;
    onChange(value === ANY || value === '' ? rest : { ...rest, [field]: value });
  };
  const verdicts = Object.entries(VERDICT);
  const picks = [
    ['dishId', w.dish, choices(w.anyDish, byLabel(dishes))],
    ['bagId', w.bag, choices(w.anyBag, byLabel(bags))],
    ['vesselId', w.pot2, choices(w.anyPot, byLabel(vessels))],
    ['texture', w.cameOut2, choices(w.howeverItCameOut, verdicts)],
    [
      'by',
      w.judgedBy,
      choices(
        w.whoeverJudged,
        [...people, ...(people.length > 0 ? [GUESTS] : [])].map((p) => [p, p]),
      ),
    ],
  ] as const;
  return (
    <search className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2" aria-label={w.lookForPots}>
      <input
        type="search"
        className="changeable w-64 max-w-full min-w-0"
        aria-label={w.wordsInTheNameOr}
        placeholder={w.wordsInNameOrNote}
        maxLength={60}
        value={wanted.words ?? ''}
        onChange={(e) => put('words')(e.currentTarget.value)}
      />
      {picks.map(([field, label, options]) =>
        options.length < 2 ? null : (
          <Pick
            key={field}
            label={label}
            value={wanted[field] ?? ANY}
            options={options}
            onChange={put(field)}
          />
        ),
      )}
      {!isEvery(wanted) && (
        <Button weight="plain" onClick={() => onChange(EVERY)}>
          {w.allPots}
        </Button>
      )}
    </search>
  );
}
