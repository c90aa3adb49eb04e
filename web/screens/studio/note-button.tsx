// Opens the note on a setting.
import { CircleQuestionMark } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { settingNoteOf } from '../../../core/studio/setting-notes.ts';
import type { Studio } from '../../../core/studio/studio.ts';
import { words } from '../../words/settings.ts';

const SettingNote = lazy(async () => ({ default: (await import('./setting-note.tsx')).SettingNote }));

interface NoteButtonProps {
  readonly of: keyof Studio;
  readonly label: string;
  readonly body: Studio;
}

export function NoteButton({ of, label, body }: NoteButtonProps) {
  const [isOpen, setOpen] = useState(false);
  if (!settingNoteOf(of)) return null;
  return (
    <>
      <button
        type="button"
        className="chrome ml-2 align-[-3px] text-soft hover:text-ink"
        aria-label={`${label}, ${words.whatItDoes}`}
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
      >
        <CircleQuestionMark size={15} />
      </button>
      <Suspense>{isOpen && <SettingNote of={of} label={label} body={body} onClose={() => setOpen(false)} />}</Suspense>
    </>
  );
}
