import { Link } from 'react-router';
import { Button } from '../controls/Button.js';
import * as w from '../../words/ui/shell.js';

/** Something in the screen itself failed; nothing that was typed is lost. */
export function ErrorScreen() {
  return (
    <main className="mx-auto max-w-xl px-6 pt-16">
      <h1 className="text-3xl font-bold">{w.thisScreenSlippedItsRope}</h1>
      <p>{w.whatYouTypedAndTapped}</p>
      <Button
        weight="act"
        onClick={() => {
          location.reload();
        }}
      >
        {w.loadAgain}
      </Button>
    </main>
  );
}

/** An address with nothing behind it. */
export function NotHere() {
  return (
    <section>
      <h1 className="text-3xl font-bold">{w.nothingHangsHere}</h1>
      <p>
        <Link to="/" className="underline decoration-husk decoration-2 underline-offset-4">
          {w.backToThePot}
        </Link>
      </p>
    </section>
  );
}
