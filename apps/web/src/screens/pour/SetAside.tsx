import { useDraft } from '../../stores/plan/draft.js';
import { Button } from '../../ui/controls/Button.js';
import * as w from '../../words/screens/pour.js';

/** Another dish was chosen while this one had changes of its own: they are here, a press away. */
export function SetAside() {
  const aside = useDraft((s) => s.aside);
  const goBackTo = useDraft((s) => s.goBackTo);
  const [last] = aside;
  if (!last) return null;
  return (
    <p className="m-0 flex flex-wrap items-center gap-x-4 text-faint" role="status">
      {w.withYourChangesIsSetAside(last.label)}
      <Button weight="plain" onClick={() => goBackTo(last.planId)}>
        {w.goBackToIt}
      </Button>
    </p>
  );
}
