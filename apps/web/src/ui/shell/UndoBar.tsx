import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { useUndo } from '../../stores/session/undo.js';
import * as w from '../../words/ui/shell.js';

const press = (what: 'undo' | 'redo'): void => {
  // A field that is being typed in shows its own text: leaving it lets it show what is put back.
  if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
  useUndo.getState()[what]();
};

/** Undo and redo of every edit, by the keys people know and by thumb. */
export function UndoBar() {
  // At the stove there is one undo, of the last tap: a second one beside it would take back the wrong thing.
  const away = useLocation().pathname === '/stove';
  const past = useUndo((s) => s.past.length);
  const future = useUndo((s) => s.future.length);
  useEffect(() => {
    if (away) return;
    const onKey = (e: KeyboardEvent): void => {
      if (!(e.ctrlKey || e.metaKey) || e.altKey) return;
      const key = e.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      // What is being typed has an undo of its own: the browser's.
      if (e.target instanceof HTMLTextAreaElement || e.target instanceof HTMLInputElement) return;
      e.preventDefault();
      press(key === 'y' || e.shiftKey ? 'redo' : 'undo');
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, [away]);
  if (away || past + future === 0) return null;
  return (
    <aside
      aria-label={w.undoAndRedo}
      className="fixed right-3 bottom-16 z-30 flex border-2 border-ink bg-ground sm:right-6 sm:bottom-4"
    >
      <Arrow
        label={w.undo}
        keys="Control+Z"
        disabled={past === 0}
        onClick={() => press('undo')}
        path="M9 4L3 9l6 5M3 9h9a6 6 0 0 1 0 12h-4"
      />
      <Arrow
        label={w.redo}
        keys="Control+Shift+Z"
        disabled={future === 0}
        onClick={() => press('redo')}
        path="M15 4l6 5l-6 5M21 9h-9a6 6 0 0 0 0 12h4"
      />
    </aside>
  );
}

function Arrow(props: {
  readonly label: string;
  readonly keys: string;
  readonly disabled: boolean;
  readonly onClick: () => void;
  readonly path: string;
}) {
  return (
    <button
      type="button"
      aria-label={props.label}
      aria-keyshortcuts={props.keys}
      disabled={props.disabled}
      onClick={props.onClick}
      className="grid size-12 place-items-center disabled:opacity-35"
    >
      <svg viewBox="0 0 24 24" className="size-6" aria-hidden>
        <path
          d={props.path}
          fill="none"
          stroke="currentColor"
          strokeWidth="2.4"
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      </svg>
    </button>
  );
}
