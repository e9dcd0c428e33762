import type { Announcements, ScreenReaderInstructions } from '@dnd-kit/core';
import type { Stage } from '@hammock/core';
import { stageName } from '../../words/plan/acts.js';

interface DragWords {
  readonly announcements: Announcements;
  readonly screenReaderInstructions: ScreenReaderInstructions;
}

/** What is said while a stage is dragged: its name and its place, never an id. */
export function dragWords(stages: readonly Stage[]): DragWords {
  const name = (id: string | number): string => {
    const stage = stages.find((s) => s.id === id);
    return stage ? stageName(stage) : 'The stage';
  };
  const place = (id: string | number): string =>
    `${(stages.findIndex((s) => s.id === id) + 1).toString()} of ${stages.length.toString()}`;
  return {
    announcements: {
      onDragStart: ({ active }) => `${name(active.id)} is picked up, place ${place(active.id)}.`,
      onDragOver: ({ active, over }) => (over ? `${name(active.id)} would be ${place(over.id)}.` : undefined),
      onDragEnd: ({ active, over }) =>
        over ? `${name(active.id)} is ${place(over.id)} now.` : `${name(active.id)} stays where it was.`,
      onDragCancel: ({ active }) => `${name(active.id)} stays where it was.`,
    },
    screenReaderInstructions: {
      draggable:
        'Space picks the stage up, the arrow keys move it, Space puts it down, Escape leaves it where it was.',
    },
  };
}
