import type { Warning } from '@hammock/core';
import { Notice } from '../../ui/shell/Notice.js';
import { warningText } from '../../words/plan/warningText.js';
import * as w from '../../words/screens/pour.js';

/** Warnings, each with what to do. */
export function WarningList({ warnings }: { readonly warnings: readonly Warning[] }) {
  const shown = warnings.filter((w) => w.code !== 'baseAlone');
  if (shown.length === 0) return null;
  return (
    <div aria-label={w.worthKnowing} role="group">
      {shown.map((w) => {
        const { says, act } = warningText(w);
        return (
          <Notice key={w.code} urgent={w.code === 'tooSalty' || w.code === 'runsDry'}>
            {says} <strong>{act}</strong>
          </Notice>
        );
      })}
    </div>
  );
}
