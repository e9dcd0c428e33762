import { GRAINS, parseLine, parseRecipe, type LineOptions, type Recipe } from '@hammock/core';
import { useMemo } from 'react';
import { fetched } from '../../../storage/fetched.js';
import { useDraft } from '../../../stores/plan/draft.js';
import { useKitchen } from '../../../stores/kitchen/kitchen.js';
import { ownIngredients } from '../../../stores/kitchen/ownLarder.js';
import { useCanSizes } from '../../../stores/kitchen/canSizes.js';
import { Button } from '../../../ui/controls/Button.js';
import { toldWords } from '../../../words/plan/recipeTextWords.js';
import { cupOf } from '../../../stores/plan/planInput.js';
import { vesselOfWidth } from '../../../stores/kitchen/potOfWidth.js';
import { useKeptState } from '../../../stores/session/persisted.js';
import { isReady, PasteLine } from './PasteLine.js';
import { retyped } from '../sentence/retyped.js';
import { withTold } from './putIn.js';

/** What the cook said of a line that was not simply understood: which row it is. */
type Said = Readonly<Record<string, string>>;

export interface PasteListProps {
  readonly onDone: () => void;
  /** True when a press has just opened it, and not when it stood open as the screen came: then it is typed into next. */
  readonly opened: boolean;
}

const EXAMPLE = `2 cups long grain rice
3 medium onions, sliced
1 tin chopped tomatoes
3 cups hot stock
Fry the onions golden. Lid on, low, 15 minutes.`;

/** A list or a whole recipe, typed or pasted: each thing shown as it was understood, settled by a tap, and put in. */
export function PasteList({ onDone, opened }: PasteListProps) {
  const [text, setText] = useKeptState('paste.text', '');
  const [said, setSaid] = useKeptState<Said>('paste.said', {});
  const isNew = useDraft((s) => s.draft?.dishId === null);
  const cupId = useDraft((s) => s.draft?.cupId);
  const cupMl = useKitchen((s) => cupOf(s, cupId)?.ml);
  const sizes = useCanSizes();
  const options = useMemo(
    (): LineOptions => ({
      own: [...ownIngredients().values()],
      sizes,
      ...(cupMl === undefined ? {} : { cupMl }),
    }),
    [cupMl, sizes],
  );
  const write = (typed: string): void => {
    setText(typed);
    // A recipe as programs have it, or a page's: its lines are what is read.
    if (/^\s*[[{<]/u.test(typed))
      void fetched(() => import('../../../stores/plan/whatCame.js')).then(({ asTelling }) =>
        setText(asTelling(typed)),
      );
  };
  const recipe = useMemo(() => parseRecipe(text, options), [text, options]);
  const lines = recipe.lines.map((line) => asSaid(line, said, options));
  const grains = lines.filter((l) => l.isGrain || GRAINS.some((g) => g.id === l.id));
  const [grain] = grains;
  // A pot has one grain: the second is asked about, and stays.
  const ready = lines.filter((l) => isReady(l, l.text in said) && (l === grain || !grains.includes(l)));
  const put = (): void => {
    const { draft, change } = useDraft.getState();
    if (!draft) return;
    const { planId: _id, ...made } = withTold(draft, ready, recipe, useKitchen.getState, vesselOfWidth);
    change(made);
    // Words that found no stage to stand at stay here: nothing of a telling is lost.
    const homeless = recipe.steps.length > 0 && made.spec.stages === undefined ? recipe.steps : [];
    const open = lines.filter((l) => !ready.includes(l));
    setText([...open, ...homeless].map((l) => l.text).join('\n'));
    if (open.length + homeless.length === 0) onDone();
  };
  const things = ready.filter((l) => l.status !== 'words');
  const hasGrain = useDraft(
    ({ draft }) => draft !== null && draft.spec.grainId !== '' && draft.spec.grain.text !== '',
  );
  // Steps are laid along a pot's stages: without its grain there are none.
  const isWaiting = recipe.steps.length > 0 && !hasGrain && !ready.some((l) => l === grain);
  const says = toldWords(recipe);
  return (
    <div className="my-2 border-2 border-ink p-3">
      <label className="block">
        A line for each thing, or the whole recipe, as you would tell it
        <textarea
          autoFocus={opened}
          className="mt-1 mb-3 block max-h-96 min-h-32 w-full border-2 border-line bg-raised p-2"
          style={{ fieldSizing: 'content' }}
          value={text}
          maxLength={60_000}
          placeholder={EXAMPLE}
          onChange={(e) => write(e.currentTarget.value)}
        />
      </label>
      {recipe.leftOut > 0 && (
        <p role="alert" className="m-0 text-ember">
          Only the first {lines.length} lines are read; {recipe.leftOut} more are left as they are. Nothing of
          them is lost.
        </p>
      )}
      {recipe.title !== undefined && isNew && (
        <p className="m-0">
          Called <strong>{recipe.title}</strong>
          {recipe.portions === undefined ? '' : `, for ${recipe.portions.toString()}`}.
        </p>
      )}
      <ul className="m-0 list-none p-0" aria-label="As understood">
        {lines.map((line, i) => (
          <PasteLine
            key={`${line.text}-${i.toString()}`}
            line={line}
            isSaid={line.text in said}
            second={line !== grain && grains.includes(line)}
            onSay={(id) => setSaid({ ...said, [line.text]: id })}
            onRetype={(amount) => setText(retyped(text, line, amount))}
          />
        ))}
      </ul>
      {recipe.steps.length > 0 && <Steps recipe={recipe} says={says} />}
      {isWaiting && (
        <p id="waits-for-grain" className="mt-2 mb-0 font-semibold text-ember">
          {grain === undefined
            ? 'Which grain is it, and how much? Write it on a line of its own.'
            : 'First settle the line with the grain.'}{' '}
          The steps stand at the stages of its pot.
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-3">
        <Button
          weight="act"
          disabled={isWaiting || (things.length === 0 && recipe.steps.length === 0)}
          {...(isWaiting ? { 'aria-describedby': 'waits-for-grain' } : {})}
          onClick={put}
        >
          Put {things.length < 2 ? 'it' : `these ${things.length.toString()}`} in
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </div>
  );
}

/** A line with what the cook said it is. */
function asSaid(line: Recipe['lines'][number], said: Said, options: LineOptions): Recipe['lines'][number] {
  const as = said[line.text];
  return as === undefined ? line : { ...line, ...parseLine(line.text, { ...options, as }) };
}

/** The steps: what of them is computed, and that the rest stays as words. */
function Steps({ recipe, says }: { readonly recipe: Recipe; readonly says: readonly string[] }) {
  const words = recipe.steps.filter((s) => !s.isUnderstood).length;
  return (
    <div className="mt-1" data-testid="told">
      {says.length > 0 && (
        <p className="m-0">
          From the steps: <strong>{says.join(' · ')}</strong>.
        </p>
      )}
      <p className="m-0 text-faint">
        {words === 0 ? 'The steps' : `The steps, ${words.toString()} of them only words,`} are kept at their
        stages, as you say them.
      </p>
    </div>
  );
}
