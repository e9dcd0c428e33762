import type { Stage } from '@hammock/core';

/** What a place among the stages is told by. */
export type StageLine = Pick<Stage, 'id' | 'act' | 'name'>;

/** The stages as one text: what is shown by it is drawn anew only where one of them is another. */
export const stageLines = (stages: readonly Stage[]): string =>
  JSON.stringify(stages.map(({ id, act, name }) => ({ id, act, name })));

/** The stages of such a text. */
export const readStageLines = (text: string): readonly StageLine[] => JSON.parse(text) as StageLine[];
