import { useState } from 'react';
import { addPerson, removePerson, usePeople } from '../../stores/kitchen/people.js';
import { Button } from '../../ui/controls/Button.js';
import { PersonPick } from '../../ui/controls/PersonPick.js';
import { TakenAway } from '../../ui/sections/TakenAway.js';
import * as w from '../../words/screens/kitchen.js';

/** Who cooks and eats here: a verdict can be somebody's, and a pot cooked to somebody's taste. */
export function PeopleList() {
  const people = usePeople();
  const [gone, setGone] = useState<string>();
  return (
    <section className="hung" aria-labelledby="people">
      <h2 id="people" className="m-0 text-[1.35rem] font-bold">
        {w.whoCooksAndEatsHere}
      </h2>
      <p className="m-0 text-faint">{w.eachMayHaveATaste}</p>
      <ul className="m-0 list-none p-0">
        {people.map((name) => (
          <li key={name} className="flex items-center justify-between gap-4 border-b border-line py-1">
            <strong>{name}</strong>
            <Button
              weight="plain"
              aria-label={w.remove4(name)}
              onClick={() => {
                removePerson(name);
                setGone(name);
              }}
            >
              {w.remove2}
            </Button>
          </li>
        ))}
      </ul>
      <div className="mt-2">
        <PersonPick label={w.somebodyOfTheHousehold} names={false} onPick={() => setGone(undefined)} />
      </div>
      {gone !== undefined && (
        <TakenAway
          label={gone}
          onPutBack={() => {
            addPerson(gone);
            setGone(undefined);
          }}
        />
      )}
    </section>
  );
}
