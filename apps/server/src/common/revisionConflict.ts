import { ProblemException } from './problems.js';

/** A write that stood on something older than what is there: both are told, and the author settles it. */
export class RevisionConflict extends ProblemException {
  constructor(
    /** What is there now. */
    readonly current: unknown,
    /** What was sent. */
    readonly sent: unknown,
  ) {
    super(409, 'clash', 'This was changed elsewhere in the meantime');
  }
}

/** The same id with other content: an id is one thing for good. */
export const takenId = (what: string): ProblemException =>
  new ProblemException(409, 'takenId', `Another ${what} has this id`, [
    { field: 'id', code: 'takenId', message: 'This id belongs to something else.' },
  ]);
