/** Why the program cannot start, in one sentence for whoever started it. */
export class StartProblem extends Error {}
