import { JOINT_MM, pourAtLevel } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { useState } from 'react';
import { Button } from '../../../ui/controls/Button.js';
import { NumberField } from '../../../ui/controls/NumberField.js';
import { whole } from '../../../words/measures/numbers.js';
import { Choice, Row } from '../observed/choices.js';
import * as w from '../../../words/screens/stovePouring.js';

/** Joints that are told apart by a finger in a pot. */
const JOINTS = [
  [0.5, '½ joint'],
  [0.75, '¾ joint'],
  [1, '1 joint'],
  [1.25, '1¼ joints'],
  [1.5, '1½ joints'],
] as const;
/** The pot is not deeper, mm. */
const MOST_MM = 200;

/** What was poured, told by how far it stands over the grain: by a finger, or in mm. */
export function ByLevel({
  cook,
  onPoured,
}: {
  readonly cook: CookRecord;
  readonly onPoured: (ml: number) => void;
}) {
  const [open, setOpen] = useState(false);
  const [mm, setMm] = useState(Number.NaN);
  const { levels } = cook.answer;
  const jointMm = cook.input.fingerMm ?? JOINT_MM;
  const set = (aboveMm: number): void => {
    onPoured(pourAtLevel({ levels, ml: cook.advisedMl }, cook.input, aboveMm));
    setOpen(false);
  };
  if (!open)
    return (
      <Button weight="plain" className="min-h-14 text-[1.05rem]" onClick={() => setOpen(true)}>
        {w.tellItByItsLevel}
      </Button>
    );
  const good = mm >= 0 && mm <= MOST_MM;
  return (
    <span className="block w-full">
      <Row label={w.howFarItStandsOver}>
        {JOINTS.map(([joints, words]) => (
          <Choice key={joints} onClick={() => set(joints * jointMm)}>
            {words}
          </Choice>
        ))}
        <form
          className="col-span-3 flex flex-wrap items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            if (good) set(mm);
          }}
        >
          <NumberField
            label={w.overTheGrainAsAdvised(whole(levels.aboveGrainMm))}
            unit="mm"
            value={mm}
            onChange={setMm}
            problem={Number.isFinite(mm) && !good ? `From 0 to ${MOST_MM.toString()} mm.` : undefined}
          />
          <Button type="submit" className="min-h-14" disabled={!good}>
            {w.soFar}
          </Button>
        </form>
      </Row>
    </span>
  );
}
