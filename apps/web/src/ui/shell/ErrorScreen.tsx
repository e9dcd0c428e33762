import { Link } from 'react-router';
import { Button } from '../controls/Button.js';

/** Something in the screen itself failed; nothing that was typed is lost. */
export function ErrorScreen() {
  return (
    <main className="mx-auto max-w-xl px-6 pt-16">
      <h1 className="text-3xl font-bold">This screen slipped its rope.</h1>
      <p>What you typed and tapped is kept. Load the screen again; the pot and its clock go on.</p>
      <Button
        weight="act"
        onClick={() => {
          location.reload();
        }}
      >
        Load again
      </Button>
    </main>
  );
}

/** An address with nothing behind it. */
export function NotHere() {
  return (
    <section>
      <h1 className="text-3xl font-bold">Nothing hangs here.</h1>
      <p>
        <Link to="/" className="underline decoration-husk decoration-2 underline-offset-4">
          Back to the pot
        </Link>
      </p>
    </section>
  );
}
