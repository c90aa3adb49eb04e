// What can be done with any document: duplicate, archive, delete.
import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import { documentFolders } from '../../contract/document.ts';
import { closed, type OpenDocument, replaced } from '../state/drafts.ts';
import {
  useArchiveDocumentMutation,
  useGetDependentsQuery,
  useRemoveDocumentMutation,
  useRestoreDocumentMutation,
} from '../state/endpoints/documents.ts';
import { isUnsaved } from '../state/saving.ts';
import { useAppDispatch } from '../state/store.ts';
import { showToast } from '../state/toasts.ts';
import { words } from '../words/documents.ts';
import { ModalDialog } from './dialog.tsx';
import { Failure } from './failure.tsx';

/** Any document but the settings. */
type ListedKind = keyof typeof documentFolders;

interface DocumentMenuProps {
  readonly kind: ListedKind;
  readonly id: string;
  /** The document's name among those open. */
  readonly name: string;
  readonly title: string;
  readonly open: OpenDocument;
  /** Adds a copy. @returns its id; undefined where that failed */
  readonly onCopy: () => Promise<string | undefined>;
  /** Further entries of the menu. */
  readonly children?: ReactNode;
}

export function DocumentMenu({ kind, id, name, title, open, onCopy, children }: DocumentMenuProps) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const [isDeleting, setDeleting] = useState(false);
  const [archive, { error }] = useArchiveDocumentMutation();
  const { stored } = open;
  const isSaved = !isUnsaved(open);
  const copy = async () => {
    const made = await onCopy();
    if (made !== undefined) await navigate(`/${documentFolders[kind]}/${made}`);
  };
  const putAway = async () => {
    const answer = await archive({ kind, id, version: stored.version, archived: stored.archivedAt === null });
    if (answer.data) dispatch(replaced({ name, stored: answer.data }));
  };
  return (
    <>
      <DropdownMenu.Root modal={false}>
        <DropdownMenu.Trigger className="rounded p-[3px] hover:text-ink" aria-label={words.moreActions}>
          <Ellipsis size={18} />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content className="menu" align="start" sideOffset={2}>
            <DropdownMenu.Item className="menu-item" onSelect={() => void copy()}>
              {words.duplicate}
            </DropdownMenu.Item>
            {children}
            <DropdownMenu.Item className="menu-item" disabled={!isSaved} onSelect={() => void putAway()}>
              {stored.archivedAt ? words.restore : words.archive}
            </DropdownMenu.Item>
            <DropdownMenu.Item className="menu-item" disabled={!isSaved} onSelect={() => setDeleting(true)}>
              {words.delete}…
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <Failure of={[error]} />
      {isDeleting && (
        <DeleteDialog
          kind={kind}
          id={id}
          title={title}
          version={stored.version}
          onClose={() => setDeleting(false)}
          onDeleted={() => dispatch(closed({ name }))}
        />
      )}
    </>
  );
}

interface DeleteDialogProps {
  readonly kind: ListedKind;
  readonly id: string;
  readonly title: string;
  readonly version: number;
  readonly onClose: () => void;
  readonly onDeleted: () => void;
}

function DeleteDialog({ kind, id, title, version, onClose, onDeleted }: DeleteDialogProps) {
  const navigate = useNavigate();
  const { data: dependents } = useGetDependentsQuery({ kind, id });
  const [remove, { error, isLoading }] = useRemoveDocumentMutation();
  const [restore] = useRestoreDocumentMutation();
  const takeAway = async () => {
    const answer = await remove({ kind, id, version });
    if ('error' in answer) return;
    await navigate(`/${documentFolders[kind]}`);
    onDeleted();
    showToast(`${words.deleted}: ${title}`, () => {
      void restore({ kind, id }).then(() => navigate(`/${documentFolders[kind]}/${id}`));
    });
  };
  return (
    <ModalDialog
      open
      title={`${words.delete}: ${title}`}
      description={words.itGoesToTheTrash}
      onClose={onClose}
      confirm={{ label: words.delete, onConfirm: () => void takeAway(), isOff: isLoading || !dependents }}
    >
      {dependents?.length === 0 && <p className="mt-4">{words.nothingDependsOnIt}</p>}
      {dependents && dependents.length > 0 && (
        <>
          <p className="mt-4">{words.whatDependsOnIt}</p>
          <ul className="mt-1 max-h-[30vh] list-disc overflow-y-auto pl-6">
            {dependents.map((one) => (
              <li key={`${one.kind} ${one.id}`}>
                {words[one.kind]}: {one.name}
              </li>
            ))}
          </ul>
        </>
      )}
      <Failure of={[error]} />
    </ModalDialog>
  );
}
