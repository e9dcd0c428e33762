import { INGREDIENTS, ownRows, RANGES, type Body } from '@hammock/core';
import type { IngredientFields } from '@hammock/core/records';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { rowOf } from '../../stores/kitchen/ownLarder.js';
import { NumberField } from '../../ui/controls/NumberField.js';
import { ChoiceInput, TextInput } from './inputs.js';
import { whole } from '../../words/measures/numbers.js';
import * as w from '../../words/screens/kitchen.js';

const BODY: Readonly<Record<Body, string>> = {
  thinner: w.butThinner,
  same: w.justSo,
  thicker: w.butThicker,
};
const ALIKE = 'nothing';
const PART = { water: w.water, fat: w.fat, salt: w.salt } as const;

type Set = (change: Partial<IngredientFields>) => void;

/** What it is like, or its own figures; anything left empty is taken from what it is like. */
export function IngredientInputs(props: {
  readonly own: IngredientFields;
  readonly set: Set;
  readonly problem: (field: string) => string | undefined;
}) {
  const { own, set, problem } = props;
  const mine = useKitchen((s) => s.ingredients);
  const { figures } = own;
  const words = Object.fromEntries([
    [ALIKE, w.nothingElseByItsFigures],
    ...mine.map((m) => [m.id, m.label] as const),
    ...[...INGREDIENTS].sort((a, b) => a.name.localeCompare(b.name)).map((i) => [i.id, i.name] as const),
  ]) as Record<string, string>;
  const change = (fields: Partial<IngredientFields['figures']>): void => {
    const next = Object.fromEntries(
      Object.entries({ ...figures, ...fields }).filter(([, v]) => v !== '' && !Number.isNaN(v)),
    );
    set({ figures: next });
  };
  const withoutLike = (): void => {
    const { like, body, ...rest } = figures;
    set({ figures: rest });
  };
  const wrong = wrongWith(own, mine);
  return (
    <>
      <TextInput
        label={w.name}
        value={own.label}
        onChange={(label) => set({ label })}
        problem={problem('label')}
      />
      <ChoiceInput
        label={w.like}
        value={figures.like ?? ALIKE}
        words={words}
        onChange={(like) => (like === ALIKE ? withoutLike() : change({ like }))}
      />
      {figures.like !== undefined && (
        <ChoiceInput
          label={w.againstIt}
          value={figures.body ?? 'same'}
          words={BODY}
          onChange={(body) => change({ body: body as Body })}
        />
      )}
      {(['water', 'fat', 'salt'] as const).map((key) => (
        <NumberField
          key={key}
          label={`${PART[key]}${figures.like === undefined ? '' : w.whereItDiffers}`}
          unit={RANGES.per100G.unit}
          value={figures[key] ?? Number.NaN}
          onChange={(g) => change({ [key]: g })}
        />
      ))}
      {wrong !== undefined && (
        <p role="alert" className="m-0 text-ember">
          {wrong}
        </p>
      )}
    </>
  );
}

const WRONG = {
  circular: w.itWouldBeLikeSomething,
  unknownLike: w.whatItIsLikeIs,
  needsFigures: w.sayHowMuchWater100,
  overHundred: w.waterFatAndSaltTogether,
  unknownBehaviour: w.itCooksDownInNo,
  needsName: w.giveItAName,
} as const;

/** What keeps it from being used: a circle of likes, figures that cannot be; nothing when it can. */
export function wrongWith(
  own: IngredientFields & { readonly id?: string },
  mine: readonly (IngredientFields & { readonly id: string })[],
): string | undefined {
  // The one being changed stands in the list as it was: what counts is how the list would be.
  const me = own.id ?? 'new';
  const list = [...mine.filter((m) => m.id !== me), { ...own, id: me }];
  const rows = ownRows(
    list.map(({ id, label, figures }) => ({ ...figures, id, name: label === '' ? '…' : label })),
  );
  const found = rows.ok ? undefined : (rows.error.find((p) => p.id === me) ?? rows.error[0]);
  return found && WRONG[found.code];
}

/** One line about it: like what, and how much of it is water. */
export function describeOwn(own: IngredientFields & { id?: string }): string {
  const row = own.id === undefined ? undefined : rowOf(own.id);
  const like =
    own.figures.like === undefined
      ? ''
      : `like ${(rowOf(own.figures.like)?.name ?? '?').toLowerCase()} ${BODY[own.figures.body ?? 'same']}, `;
  return `${like}${row ? w.gOfWaterIn100G(whole(row.water)) : w.notComplete}`;
}
