// A file dropped anywhere is imported: a table with its columns shown first, a piece file at once.
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { useAddPieceFileMutation } from '../state/endpoints/pieces.ts';
import { isTableFile, openTable } from '../state/import-file.ts';
import { showToast } from '../state/toasts.ts';
import { words } from '../words/import.ts';

export function FileDrop() {
  const [isOver, setOver] = useState(false);
  const navigate = useNavigate();
  const [addPieces] = useAddPieceFileMutation();
  useEffect(() => {
    const hasFile = ({ dataTransfer }: DragEvent) => dataTransfer?.types.includes('Files') ?? false;
    const over = (event: DragEvent) => {
      if (!hasFile(event) || event.defaultPrevented) return;
      event.preventDefault();
      setOver(true);
    };
    const leave = ({ relatedTarget }: DragEvent) => {
      if (relatedTarget === null) setOver(false);
    };
    const drop = (event: DragEvent) => {
      setOver(false);
      const file = event.dataTransfer?.files[0];
      if (!file || event.defaultPrevented) return;
      event.preventDefault();
      void take(file);
    };
    const take = async (file: File) => {
      if (/\.json$/i.test(file.name)) {
        const { data } = await addPieces(await file.text());
        const [first] = data ?? [];
        if (first) await navigate(data?.length === 1 ? `/pieces/${first.id}` : '/pieces');
        else showToast(`${words.notReadable} ${file.name}`);
      } else if (isTableFile(file)) {
        await openTable(file, file.name);
        await navigate('/import');
      } else showToast(`${words.notReadable} ${file.name}`);
    };
    const on = { dragover: over, dragleave: leave, drop } as const;
    for (const [name, listener] of Object.entries(on)) window.addEventListener(name as 'drop', listener);
    return () => {
      for (const [name, listener] of Object.entries(on)) window.removeEventListener(name as 'drop', listener);
    };
  }, [navigate, addPieces]);
  return isOver && <div className="file-drop chrome">{words.dropToImport}</div>;
}
