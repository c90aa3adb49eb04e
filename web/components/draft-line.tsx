// The state of a document: its revision, whether a draft is saved, and what to do with the draft.
import { Redo2, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { keyInWords } from '../keys/key-table.ts';
import type { OpenDocument } from '../state/drafts.ts';
import { redone, undone } from '../state/drafts.ts';
import { acceptDraft, dropDraft } from '../state/finish-draft.ts';
import { isUnsaved } from '../state/saving.ts';
import { useAppDispatch } from '../state/store.ts';
import { words } from '../words/components.ts';

interface DraftLineProps {
  readonly name: string;
  readonly open: OpenDocument;
  /** Number of issues that block acceptance; each is shown at its field. */
  readonly problems: number;
  /** Text in place of the number of issues. */
  readonly inTheWay?: string | undefined;
  readonly children?: ReactNode;
}

export function DraftLine({ name, open, problems, inTheWay, children }: DraftLineProps) {
  const dispatch = useAppDispatch();
  const { stored } = open;
  const isDraft = stored.isDraft || isUnsaved(open);
  return (
    <div className="chrome mt-1 flex min-h-[30px] flex-wrap items-center gap-x-4 gap-y-1 text-[14px] text-soft">
      <span role="status">{standing(open, isDraft)}</span>
      <span className="flex gap-1">
        <IconButton
          label={words.undo}
          keys={keyInWords('undo')}
          enabled={open.past.length > 0}
          onClick={() => dispatch(undone({ name }))}
        >
          <Undo2 size={17} />
        </IconButton>
        <IconButton
          label={words.redo}
          keys={keyInWords('redo')}
          enabled={open.future.length > 0}
          onClick={() => dispatch(redone({ name }))}
        >
          <Redo2 size={17} />
        </IconButton>
      </span>
      {isDraft && (
        <button
          type="button"
          className="link disabled:text-soft disabled:no-underline"
          disabled={problems > 0 || inTheWay !== undefined}
          onClick={() => void dispatch(acceptDraft(name))}
        >
          {inTheWay ??
            (problems > 0
              ? `${String(problems)} to fix before this version can be saved`
              : `Save as version ${String(stored.revision + 1)}`)}
        </button>
      )}
      {isDraft && stored.revision > 0 && (
        <button type="button" className="link" onClick={() => void dispatch(dropDraft(name))}>
          {words.discardChangesBackToVersion} {stored.revision}
        </button>
      )}
      {children}
      {(open.saving === 'refused' || open.saving === 'unreachable') && open.refusal && (
        <p className="w-full text-stop">{open.refusal}</p>
      )}
    </div>
  );
}

function standing(open: OpenDocument, isDraft: boolean): string {
  const { revision } = open.stored;
  if (open.saving === 'unreachable') return words.offlineYourChangesAreKept;
  const draft = open.saving === 'saved' ? 'draft saved' : 'saving…';
  if (revision === 0) return `Not saved as a version yet, ${draft}`;
  return isDraft ? `Version ${String(revision)}, ${draft}` : `Version ${String(revision)}`;
}

function IconButton({
  label,
  keys,
  enabled,
  onClick,
  children,
}: {
  label: string;
  keys: string;
  enabled: boolean;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      className="rounded p-[3px] hover:text-ink disabled:opacity-35"
      aria-label={label}
      title={`${label} (${keys})`}
      disabled={!enabled}
      onClick={onClick}
    >
      {children}
    </button>
  );
}
