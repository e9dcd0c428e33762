import { answer, type PlanInput } from '@hammock/core';
import type { LinkProblem, SharedPlan } from '@hammock/core/exchange';
import { useEffect, useMemo } from 'react';
import { Link, useNavigate } from 'react-router';
import { takeShared } from '../../storage/shared.js';
import { useSharedIn } from '../../stores/plan/sharedIn.js';
import { whatCame } from '../../stores/plan/whatCame.js';
import { useDraft } from '../../stores/plan/draft.js';
import { setKept } from '../../stores/session/persisted.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { newDish } from '../../stores/plan/newDish.js';
import { useMetric, useMeasures } from '../../stores/kitchen/units.js';
import { usualVessel } from '../../stores/plan/draftOf.js';
import { Button } from '../../ui/controls/Button.js';
import { Notice } from '../../ui/shell/Notice.js';
import { OpenFile, readFile } from '../../ui/controls/OpenFile.js';
import { Leave } from './Leave.js';
import { TableIn } from './TableIn.js';
import { showPour } from '../../words/measures/amounts.js';

/** Something came in, as a link, a file or shared from another program: what it is, and what would happen with it. */
export function InScreen() {
  const came = useSharedIn((s) => s.came);
  useEffect(() => {
    // The link stays in the address: it can be opened again, and sent on.
    const shared = new URLSearchParams(location.search);
    const text = location.hash.startsWith('#plan=')
      ? location.hash
      : ['title', 'text', 'url']
          .map((k) => shared.get(k) ?? '')
          .filter((t) => t !== '')
          .join('\n');
    if (text !== '') useSharedIn.setState({ came: { name: 'a link', text } });
    if (!shared.has('shared')) return;
    // It is there once: a reload of this address has nothing more.
    history.replaceState(history.state, '', '/in');
    void takeShared().then((file) => file && readFile(file));
  }, []);
  const wrong = useSharedIn((s) => s.wrong);
  const found = useMemo(() => came && whatCame(came), [came]);
  return (
    <section className={`flex flex-col gap-3 ${found?.kind === 'table' ? '' : 'max-w-[46rem]'}`}>
      <h1 className="m-0 text-[2rem] font-bold">What came in</h1>
      {wrong !== null && <Notice urgent>{wrong}</Notice>}
      {!found && wrong === null && (
        <p className="m-0 text-lg">Nothing yet. Open a file, or drop one on any page.</p>
      )}
      {found?.kind === 'plan' && <PlanIn plan={found.plan} />}
      {found?.kind === 'noPlan' && <Notice urgent>{NO_PLAN[found.why]}</Notice>}
      {found?.kind === 'recipes' && <TellingsIn told={found.told} />}
      {found?.kind === 'telling' && <TellingsIn told={[{ name: 'A text', text: found.text }]} />}
      {found?.kind === 'archive' && (
        <p className="m-0">
          This is everything of a household. It is put back on{' '}
          <Link to="/keeping" className="underline underline-offset-4">
            Keeping
          </Link>
          , where it is looked over first.
        </p>
      )}
      {found?.kind === 'table' && <TableIn key={found.text} text={found.text} />}
      {found?.kind === 'nothing' && (
        <Notice urgent>
          Nothing that Hammock knows is in it: neither a recipe nor a plan, a table or a household. Nothing
          was changed.
        </Notice>
      )}
      <div>
        <OpenFile />
      </div>
    </section>
  );
}

const NO_PLAN: Readonly<Record<LinkProblem, string>> = {
  broken: 'This link is not whole: a part of it was lost on the way. Ask for it again.',
  newer: 'This link was made by a newer Hammock: update this one first.',
  notAPlan: 'What is in this link is no plan that could be cooked. Nothing was changed.',
};

/** A plan of somebody else's: what it is, and what it pours there. */
function PlanIn({ plan: { label, input } }: { readonly plan: SharedPlan }) {
  const navigate = useNavigate();
  const measures = useMeasures(null);
  const metric = useMetric();
  const found = useMemo(() => answer(input), [input]);
  const pour = found.ok ? showPour(found.value.pour.ml, measures, metric) : undefined;
  const isThere = useKitchenIsThere();
  const mine = useKitchen((s) => s.ingredients);
  const own = (input.own ?? []).filter((o) => !mine.some((m) => m.id === o.id));
  return (
    <div className="hung">
      <h2 className="m-0 text-[1.35rem] font-bold">{label}</h2>
      <p className="m-0 mt-1">
        A plan for {Math.round(input.portions ?? 4)}
        {pour
          ? `. By what cooks usually pour it takes ${pour.main} (${pour.other}); here it is worked out anew for your pot, your bag and what they taught`
          : ''}
        .
      </p>
      {own.length > 0 && (
        <p className="m-0">
          It brings {own.length === 1 ? 'an ingredient' : `${own.length.toString()} ingredients`} of its own:{' '}
          {own.map((o) => o.name).join(', ')}. They come into your kitchen with it.
        </p>
      )}
      <p className="m-0">The plan on Pour is set aside, not lost.</p>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button
          weight="act"
          disabled={!isThere}
          onClick={() => {
            takeUp(label, input);
            useSharedIn.setState({ came: null });
            void navigate('/');
          }}
        >
          Open it on Pour
        </Button>
        <Leave />
      </div>
    </div>
  );
}

/** A plan is made with this kitchen's pot, bag and ring: before they are known it would have none. */
const useKitchenIsThere = (): boolean => useKitchen((s) => s.state !== 'empty');

function takeUp(label: string, input: PlanInput): void {
  const { keep, ingredients, bags, vessels, hobs } = useKitchen.getState();
  for (const { id, name, ...figures } of input.own ?? [])
    if (!ingredients.some((m) => m.id === id)) keep('ingredients', id, { label: name, figures });
  const { draft } = useDraft.getState();
  newDish();
  setKept('paste.open', false);
  useDraft.getState().takeUp({
    dishId: null,
    label,
    bagId: bags.find((b) => b.grainId === input.grainId)?.id ?? null,
    vesselId: usualVessel(vessels, input.vessel.kind ?? 'pot'),
    hobId: draft?.hobId ?? hobs[0]?.id ?? null,
    cupId: draft?.cupId ?? null,
    input,
  });
}

/** A recipe, or a text that may be one: it goes to Pour, where each line is shown as it was understood. */
function TellingsIn({
  told,
}: {
  readonly told: readonly { readonly name: string; readonly text: string }[];
}) {
  const navigate = useNavigate();
  const isThere = useKitchenIsThere();
  return told.map(({ name, text }) => (
    <div key={name + text} className="hung">
      <h2 className="m-0 text-[1.35rem] font-bold">{name}</h2>
      <p className="m-0 mt-1 line-clamp-6 text-faint whitespace-pre-line">{text}</p>
      <p className="m-0">
        On Pour each line is shown as it was understood, and nothing goes in before you say so. The plan there
        is set aside, not lost.
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button
          weight="act"
          disabled={!isThere}
          onClick={() => {
            newDish();
            setKept('paste.text', text);
            useSharedIn.setState({ came: null });
            void navigate('/');
          }}
        >
          Read it on Pour
        </Button>
        <Leave />
      </div>
    </div>
  ));
}
