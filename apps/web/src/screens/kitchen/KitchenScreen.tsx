import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { useTheme } from '../../stores/session/theme.js';
import { Fence } from '../../ui/shell/Fence.js';
import { Segments } from '../../ui/controls/Segments.js';
import { Link } from 'react-router';
import { BagList } from './BagList.js';
import { HobList } from './HobList.js';
import { HouseholdForm } from './HouseholdForm.js';
import { MeasureList } from './MeasureList.js';
import { MethodList } from './MethodList.js';
import { OwnList } from './OwnList.js';
import { CanSizeList } from './CanSizeList.js';
import { PeopleList } from './PeopleList.js';
import { PotList } from './PotList.js';
import { TextureScale } from './TextureScale.js';
import * as w from '../../words/screens/kitchen.js';

/** Bags, pots, hobs and cups of this household. */
export function KitchenScreen() {
  const state = useKitchen((s) => s.state);
  const theme = useTheme();
  if (state === 'empty') return <p aria-busy>{w.lookingIntoTheKitchen}</p>;
  return (
    <div className="flex flex-col gap-9">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1 className="m-0 text-[2rem] font-bold">{w.kitchen}</h1>
        <Segments
          label={w.light}
          value={theme.choice}
          options={[
            ['system', w.asTheDevice],
            ['light', 'light'],
            ['dark', 'dark'],
          ]}
          onChange={theme.choose}
        />
      </div>
      <div className="grid gap-x-14 gap-y-9 lg:grid-cols-2">
        <Fence what={w.theBags}>
          <BagList />
        </Fence>
        <Fence what={w.thePots}>
          <PotList />
        </Fence>
        <Fence what={w.theBurners}>
          <HobList />
        </Fence>
        <Fence what={w.theMeasures}>
          <MeasureList />
        </Fence>
        <Fence what={w.whatIsYourOwn}>
          <OwnList />
        </Fence>
        <div className="flex flex-col gap-9">
          <Fence what={w.theMethods}>
            <MethodList />
          </Fence>
          <section className="hung" aria-labelledby="steam">
            <h2 id="steam" className="m-0 text-[1.35rem] font-bold">
              {w.steamPotByBurner}
            </h2>
            <SteamSoFar />
            <Link
              to="/kitchen/water-test"
              className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
            >
              {w.measureItWithAPot}
            </Link>
          </section>
        </div>
      </div>
      <Fence what={w.theHousehold}>
        <HouseholdForm />
      </Fence>
      <Fence what={w.theScaleOfTextures}>
        <TextureScale />
      </Fence>
      <Fence what={w.thePeople}>
        <PeopleList />
      </Fence>
      <Fence what={w.whatJarsHold}>
        <CanSizeList />
      </Fence>
      <section className="hung" aria-labelledby="kept">
        <h2 id="kept" className="m-0 text-[1.35rem] font-bold">
          {w.whatIsKept}
        </h2>
        <p className="m-0">{w.copiesEverythingAsOneFile}</p>
        <Link
          to="/keeping"
          className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
        >
          {w.seeToIt}
        </Link>
      </section>
    </div>
  );
}

/** Which pots have been measured on which ring. */
function SteamSoFar() {
  const tests = useKitchen((s) => s.steamTests);
  if (tests.length === 0) return <p className="m-0">{w.notMeasuredEveryPotGoes}</p>;
  return (
    <ul className="m-0 list-none p-0">
      {tests.map((t) => (
        <li key={t.id} className="border-b border-line py-1.5">
          {t.label}
        </li>
      ))}
    </ul>
  );
}
