import { Link } from 'react-router';
import { useCooks } from '../../stores/cooks/cooks.js';
import { useAccess } from '../../stores/session/access.js';
import { Button } from '../../ui/controls/Button.js';

/** Who gave a pot up finds the way back under the keys. */
const focusOnce = (button: HTMLButtonElement | null): void => button?.focus();

/** The way back for a pot that was given up. */
export function GivenUp() {
  const givenUp = useCooks((s) => s.givenUp);
  const takeUpAgain = useCooks((s) => s.takeUpAgain);
  if (!givenUp) return null;
  return (
    <p className="m-0 flex flex-wrap items-center gap-x-4 text-lg" role="status">
      {givenUp.label} was given up; its page is in the notebook.
      <Button ref={focusOnce} onClick={() => void takeUpAgain(givenUp.id)}>
        Put it back on the stove
      </Button>
    </p>
  );
}

/** Nothing is on the stove. */
export function NoPot() {
  const isGuest = useAccess((s) => s.role === 'guest');
  return (
    <section>
      <h1 className="text-3xl font-bold">No pot is on.</h1>
      <GivenUp />
      {isGuest ? (
        <p className="text-lg">As soon as one is, its stages and its clock are here.</p>
      ) : (
        <p className="text-lg">
          <Link to="/" className="underline decoration-husk decoration-2 underline-offset-4">
            See what to pour
          </Link>{' '}
          and press “Cook this”: its stages appear here, one at a time.
        </p>
      )}
    </section>
  );
}
