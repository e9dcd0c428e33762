import { Link } from 'react-router';
import { useSharedIn } from '../../stores/plan/sharedIn.js';
import * as w from '../../words/screens/in.js';

/** What came in is left: nothing is changed. */
export function Leave() {
  return (
    <Link
      to="/"
      className="inline-flex min-h-12 items-center px-1 font-semibold underline decoration-husk decoration-2 underline-offset-4"
      onClick={() => useSharedIn.setState({ came: null })}
    >
      {w.leaveIt}
    </Link>
  );
}
