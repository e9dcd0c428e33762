import type { Stage } from './stage.js';

/**
 * Minutes that the soak stages of a method say; undefined where no stage says any.
 * @example soakIn([]) // undefined
 */
export function soakIn(stages: readonly Stage[]): number | undefined {
  let minutes: number | undefined;
  for (const { act, end } of stages)
    if (act === 'soak' && end.kind === 'minutes') minutes = (minutes ?? 0) + end.minutes;
  return minutes;
}

/**
 * The same stages with the given minutes of soaking: the first soak takes them and others go; no soak at all for 0.
 * @param minutes not negative
 * @example withSoak([], 30).length // 1
 */
export function withSoak(stages: readonly Stage[], minutes: number): readonly Stage[] {
  const rest = stages.filter((s) => s.act !== 'soak');
  if (minutes <= 0) return rest;
  const first = stages.find((s) => s.act === 'soak');
  const soak: Stage = {
    id: 'soak',
    act: 'soak',
    heat: 'off',
    lid: 'off',
    ...first,
    end: { kind: 'minutes', minutes },
  };
  const at = first ? stages.indexOf(first) : 0;
  return [...rest.slice(0, at), soak, ...rest.slice(at)];
}
