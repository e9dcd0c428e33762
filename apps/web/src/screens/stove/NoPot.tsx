import { Link } from 'react-router';
import { useStove } from '../../stores/cooks/stove.js';
import { useAccess } from '../../stores/session/access.js';
import { Button } from '../../ui/controls/Button.js';
import * as w from '../../words/screens/stove.js';

/** Who gave a pot up finds the way back under the keys. */
const focusOnce = (button: HTMLButtonElement | null): void => button?.focus();

/** The way back for a pot that was given up. */
export function GivenUp() {
  const givenUp = useStove((s) => s.givenUp);
  const takeUpAgain = useStove((s) => s.takeUpAgain);
  if (!givenUp) return null;
  return (
    <p className="m-0 flex flex-wrap items-center gap-x-4 text-lg" role="status">
      {w.wasGivenUpItsPage(givenUp.label)}
      <Button ref={focusOnce} onClick={() => void takeUpAgain(givenUp.id)}>
        {w.putItBackOnTheStove}
      </Button>
    </p>
  );
}

/** Nothing is on the stove. */
export function NoPot() {
  const isGuest = useAccess((s) => s.role === 'guest');
  return (
    <section>
      <h1 className="text-3xl font-bold">{w.noPotIsOn}</h1>
      <GivenUp />
      {isGuest ? (
        <p className="text-lg">{w.asSoonAsOneIs}</p>
      ) : (
        <p className="text-lg">
          <Link to="/" className="underline decoration-husk decoration-2 underline-offset-4">
            {w.seeWhatToPour}
          </Link>{' '}
          {w.andPressCookThisIts}
        </p>
      )}
    </section>
  );
}
