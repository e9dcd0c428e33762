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
import * as w from '../../words/screens/in.js';

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
    if (text !== '') useSharedIn.setState({ came: { name: w.aLink, text } });
    if (!shared.has('shared')) return;
    // It is there once: a reload of this address has nothing more.
    history.replaceState(history.state, '', '/in');
    void takeShared().then((file) => file && readFile(file));
  }, []);
  const wrong = useSharedIn((s) => s.wrong);
  const found = useMemo(() => came && whatCame(came), [came]);
  return (
    <section className={`flex flex-col gap-3 ${found?.kind === 'table' ? '' : 'max-w-[46rem]'}`}>
      <h1 className="m-0 text-[2rem] font-bold">{w.whatCameIn}</h1>
      {wrong !== null && <Notice urgent>{wrong}</Notice>}
      {!found && wrong === null && <p className="m-0 text-lg">{w.nothingYetOpenAFile}</p>}
      {found?.kind === 'plan' && <PlanIn plan={found.plan} />}
      {found?.kind === 'noPlan' && <Notice urgent>{NO_PLAN[found.why]}</Notice>}
      {found?.kind === 'recipes' && <TellingsIn told={found.told} />}
      {found?.kind === 'telling' && <TellingsIn told={[{ name: 'A text', text: found.text }]} />}
      {found?.kind === 'archive' && (
        <p className="m-0">
          {w.thisIsEverythingOfA}{' '}
          <Link to="/keeping" className="underline underline-offset-4">
            {w.keeping}
          </Link>
          {w.whereItIsLookedOverFirst}
        </p>
      )}
      {found?.kind === 'table' && <TableIn key={found.text} text={found.text} />}
      {found?.kind === 'nothing' && <Notice urgent>{w.nothingThatHammockKnowsIs}</Notice>}
      <div>
        <OpenFile />
      </div>
    </section>
  );
}

const NO_PLAN: Readonly<Record<LinkProblem, string>> = {
  broken: w.thisLinkIsNotWhole,
  newer: w.thisLinkWasMadeBy,
  notAPlan: w.whatIsInThisLink,
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
        {w.aPlanFor(
          Math.round(input.portions ?? 4),
          pour ? w.byWhatCooksUsuallyPour(pour.main, pour.other) : '',
        )}
      </p>
      {own.length > 0 && (
        <p className="m-0">
          {w.itBringsOfItsOwn(
            own.length === 1 ? w.anIngredient : w.ingredients2(own.length),
            own.map((o) => o.name).join(', '),
          )}
        </p>
      )}
      <p className="m-0">{w.thePlanOnPourIs}</p>
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
          {w.openItOnPour}
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
      <p className="m-0">{w.onPourEachLineIs}</p>
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
          {w.readItOnPour}
        </Button>
        <Leave />
      </div>
    </div>
  ));
}
