import type { WaterTestProblem } from '@hammock/core';

/** Why weighings of water cannot be what they are said to be. */
export const WATER_TEST_PROBLEM: Readonly<Record<WaterTestProblem, string>> = {
  notBoiling:
    'Open, it lost so little that it was not boiling. Bring it to a full boil first, and weigh from there.',
  coveredLosesMore: 'Covered, it lost more a minute than open. Look whether the two are the wrong way round.',
  tooMuch: 'That is more than any burner gives. Look at the weights and the minutes again.',
};
