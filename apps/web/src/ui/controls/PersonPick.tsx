import { useState } from 'react';
import { addPerson, LONGEST_NAME, usePeople } from '../../stores/kitchen/people.js';
import { Button } from './Button.js';
import * as w from '../../words/ui/controls.js';

/** One of the household, by a press; somebody new by their name. */
export function PersonPick({
  label,
  names = true,
  more = [],
  chosen = [],
  onPick,
}: {
  readonly label: string;
  /** False where only somebody new is asked for. */
  readonly names?: boolean;
  /** Others than the household's: what they are called, and how they are kept. */
  readonly more?: readonly (readonly [string, string])[];
  readonly chosen?: readonly string[];
  readonly onPick: (name: string) => void;
}) {
  const people = usePeople();
  const [name, setName] = useState('');
  const add = (): void => {
    if (!addPerson(name)) return;
    onPick(name.trim());
    setName('');
  };
  const all = [...(names ? people : []).map((p) => [p, p] as const), ...more];
  return (
    <div role="group" aria-label={label} className="flex flex-wrap items-center gap-2">
      {all.map(([key, words]) => (
        <Button
          key={key}
          className={`min-h-14 ${chosen.includes(key) ? 'bg-ink text-ground' : ''}`}
          aria-pressed={chosen.includes(key)}
          onClick={() => onPick(key)}
        >
          {words}
        </Button>
      ))}
      {/* No form of its own: it stands in others, and would send them. */}
      <div className="flex gap-2">
        <input
          className="changeable w-36 min-w-0"
          aria-label={w.anotherName(label)}
          placeholder={w.anotherName2}
          maxLength={LONGEST_NAME}
          value={name}
          onChange={(e) => setName(e.currentTarget.value)}
          onKeyDown={(e) => {
            if (e.key !== 'Enter') return;
            e.preventDefault();
            add();
          }}
        />
        <Button className="min-h-14" disabled={name.trim() === ''} onClick={add}>
          {w.add}
        </Button>
      </div>
    </div>
  );
}
