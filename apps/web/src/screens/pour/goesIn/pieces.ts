import { fetched } from '../../../storage/fetched.js';

/** The number and what belongs to it. */
export const answered = () => fetched(() => import('../number/theNumberPiece.js'));
/** What stands below the number. */
export const below = () => fetched(() => import('../below.js'));

/** Asks for both pieces before the plan is there: they come while it is read. */
export const fetchPour = (): void => {
  void answered();
  void below();
};
