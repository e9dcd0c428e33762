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

/** Bags, pots, hobs and cups of this household. */
export function KitchenScreen() {
  const state = useKitchen((s) => s.state);
  const theme = useTheme();
  if (state === 'empty') return <p aria-busy>Looking into the kitchen …</p>;
  return (
    <div className="flex flex-col gap-9">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1 className="m-0 text-[2rem] font-bold">Kitchen</h1>
        <Segments
          label="Light"
          value={theme.choice}
          options={[
            ['system', 'as the device'],
            ['light', 'light'],
            ['dark', 'dark'],
          ]}
          onChange={theme.choose}
        />
      </div>
      <div className="grid gap-x-14 gap-y-9 lg:grid-cols-2">
        <Fence what="The bags">
          <BagList />
        </Fence>
        <Fence what="The pots">
          <PotList />
        </Fence>
        <Fence what="The burners">
          <HobList />
        </Fence>
        <Fence what="The measures">
          <MeasureList />
        </Fence>
        <Fence what="What is your own">
          <OwnList />
        </Fence>
        <div className="flex flex-col gap-9">
          <Fence what="The methods">
            <MethodList />
          </Fence>
          <section className="hung" aria-labelledby="steam">
            <h2 id="steam" className="m-0 text-[1.35rem] font-bold">
              Steam, pot by burner
            </h2>
            <SteamSoFar />
            <Link
              to="/kitchen/water-test"
              className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
            >
              Measure it with a pot of water
            </Link>
          </section>
        </div>
      </div>
      <Fence what="The household">
        <HouseholdForm />
      </Fence>
      <Fence what="The scale of textures">
        <TextureScale />
      </Fence>
      <Fence what="The people">
        <PeopleList />
      </Fence>
      <Fence what="What jars hold">
        <CanSizeList />
      </Fence>
      <section className="hung" aria-labelledby="kept">
        <h2 id="kept" className="m-0 text-[1.35rem] font-bold">
          What is kept
        </h2>
        <p className="m-0">Copies, everything as one file, the house’s phones, and this device.</p>
        <Link
          to="/keeping"
          className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
        >
          See to it
        </Link>
      </section>
    </div>
  );
}

/** Which pots have been measured on which ring. */
function SteamSoFar() {
  const tests = useKitchen((s) => s.steamTests);
  if (tests.length === 0)
    return <p className="m-0">Not measured: every pot goes by what is usual for its width, wall and lid.</p>;
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
