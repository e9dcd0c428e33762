import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { MOST_BYTES, useSharedIn } from '../../stores/plan/sharedIn.js';
import { Button } from './Button.js';
import * as w from '../../words/ui/controls.js';

/** Kinds of file that may be something. */
const KINDS = '.json,.jsonld,.html,.htm,.csv,.txt,.md,application/json,application/ld+json,text/*';

/** Reads a file as what came in, or says why it cannot be read. */
export async function readFile(file: File): Promise<void> {
  const refuse = (wrong: string): void => useSharedIn.setState({ came: null, wrong });
  if (file.size > MOST_BYTES) {
    const size = Math.round(file.size / 1e6).toString();
    refuse(w.hasMbNoRecipePlan(file.name, size));
    return;
  }
  const text = await file.text();
  if (text.includes('\u0000')) refuse(w.isNoTextAPicture(file.name));
  else useSharedIn.setState({ came: { name: file.name, text }, wrong: null });
}

/** Opens a file of this device; what it is is shown on a page of its own. */
export function OpenFile() {
  const input = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  return (
    <>
      <input
        ref={input}
        type="file"
        hidden
        aria-label={w.aFile}
        accept={KINDS}
        onChange={(e) => {
          const [file] = e.currentTarget.files ?? [];
          e.currentTarget.value = '';
          if (file) void readFile(file).then(() => navigate('/in'));
        }}
      />
      <Button onClick={() => input.current?.click()}>{w.openAFile}</Button>
    </>
  );
}
