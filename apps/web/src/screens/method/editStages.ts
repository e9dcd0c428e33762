import { isWet, type Act, type Stage, type StageEnd } from '@hammock/core';

/** An id no other stage has: the act's own name, or with a number after it. */
function freshId(act: Act, stages: readonly Stage[]): string {
  const taken = new Set(stages.map((s) => s.id));
  let id: string = act;
  for (let n = 2; taken.has(id); n += 1) id = `${act}${n.toString()}`;
  return id;
}

/** A new stage after the one at `index`, one a cook is likely to mean there. */
export function added(stages: readonly Stage[], index: number): readonly Stage[] {
  const wet = stages.slice(0, index + 1).some((s) => isWet(s.act));
  const act: Act = wet ? 'steam' : 'base';
  const stage: Stage = {
    id: freshId(act, stages),
    act,
    heat: wet ? 'veryLow' : 'medium',
    lid: wet ? 'on' : 'off',
    end: { kind: 'minutes', minutes: 5 },
  };
  return [...stages.slice(0, index + 1), stage, ...stages.slice(index + 1)];
}

/** The stage in two halves, so that something can be changed half-way. */
export function split(stages: readonly Stage[], index: number): readonly Stage[] {
  const stage = stages[index];
  if (!stage) return stages;
  const [first, second] = halves(stage.end);
  const twin: Stage = { ...stage, id: freshId(stage.act, stages), end: second };
  return [...stages.slice(0, index), { ...stage, end: first }, twin, ...stages.slice(index + 1)];
}

function halves(end: StageEnd): readonly [StageEnd, StageEnd] {
  const length = end.kind === 'minutes' ? end.minutes : end.expectMin;
  const first = Math.max(1, Math.floor(length / 2));
  const rest = Math.max(1, length - first);
  if (end.kind === 'count') {
    const counted = Math.max(1, Math.floor(end.count / 2));
    return [
      { ...end, count: counted, expectMin: first },
      { ...end, count: Math.max(1, end.count - counted), expectMin: rest },
    ];
  }
  if (end.kind === 'minutes')
    return [
      { kind: 'minutes', minutes: first },
      { kind: 'minutes', minutes: rest },
    ];
  // The sign is seen at the end of the second half; the first goes by the clock.
  return [
    { kind: 'minutes', minutes: first },
    { ...end, expectMin: rest },
  ];
}

export const removed = (stages: readonly Stage[], index: number): readonly Stage[] =>
  stages.filter((_, i) => i !== index);

export const changed = (stages: readonly Stage[], index: number, change: Partial<Stage>): readonly Stage[] =>
  stages.map((s, i) => (i === index ? { ...s, ...change } : s));

/** The stage moved to another place; out of the list it stays where it is. */
export function moved(stages: readonly Stage[], from: number, to: number): readonly Stage[] {
  if (to < 0 || to >= stages.length || from === to) return stages;
  const list = [...stages];
  const [stage] = list.splice(from, 1);
  if (stage) list.splice(to, 0, stage);
  return list;
}

/** The same stage ending another way, keeping the time it takes. */
export function endedBy(end: StageEnd, kind: StageEnd['kind']): StageEnd {
  const length = end.kind === 'minutes' ? end.minutes : end.expectMin;
  switch (kind) {
    case 'minutes':
      return { kind, minutes: length };
    case 'count':
      return { kind, count: end.kind === 'count' ? end.count : 3, expectMin: length };
    case 'sign':
      return { kind, sign: end.kind === 'sign' ? end.sign : 'boilAllOver', expectMin: length };
    case 'flip':
      return { kind, expectMin: length };
  }
}
