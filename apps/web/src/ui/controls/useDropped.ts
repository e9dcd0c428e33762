import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { readFile } from './OpenFile.js';

interface Launch {
  readonly files?: readonly { readonly getFile: () => Promise<File> }[];
}

/** A file that is dropped on any page, or opened with the installed program, is looked over before anything happens. */
export function useDropped(): void {
  const navigate = useNavigate();
  useEffect(() => {
    const look = (file: File): void => {
      void readFile(file).then(() => navigate('/in'));
    };
    const isFile = (event: DragEvent): boolean => event.dataTransfer?.types.includes('Files') === true;
    const over = (event: DragEvent): void => {
      if (isFile(event)) event.preventDefault();
    };
    const drop = (event: DragEvent): void => {
      const [file] = event.dataTransfer?.files ?? [];
      if (!isFile(event) || !file) return;
      event.preventDefault();
      look(file);
    };
    addEventListener('dragover', over);
    addEventListener('drop', drop);
    const { launchQueue } = globalThis as {
      launchQueue?: { setConsumer: (take: (launch: Launch) => void) => void };
    };
    launchQueue?.setConsumer(({ files = [] }) => {
      void files[0]?.getFile().then(look);
    });
    return () => {
      removeEventListener('dragover', over);
      removeEventListener('drop', drop);
    };
  }, [navigate]);
}
