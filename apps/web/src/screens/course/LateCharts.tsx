import { fetched } from '../../storage/fetched.js';
import { late } from '../../ui/hooks/late.js';
import { WhenSeen } from '../../ui/controls/WhenSeen.js';
import type { ChartsProps } from './Charts.js';

/** Room kept free for them. */
const ROOM = 'min-h-[640px]';
const Charts = late<ChartsProps>(
  () => fetched(() => import('./Charts.js')).then((m) => m.Charts),
  <p aria-busy className={ROOM}>
    …
  </p>,
);

/** The charts, once they are seen: what draws them takes a slow phone half a second to read. */
export const LateCharts = (props: ChartsProps) => (
  <div data-testid="charts-place">
    <WhenSeen room={ROOM} aheadPx={0}>
      <Charts {...props} />
    </WhenSeen>
  </div>
);
