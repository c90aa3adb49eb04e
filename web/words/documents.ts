// The words of what can be done with any document.
import { localWords } from './local-words.ts';

export const words = localWords({
  archive: 'Archive',
  archived: 'Archived',
  archivedDocument: 'Archived. It is hidden from its list; what uses it stays.',
  backToTheList: 'Back to the list',
  batch: 'batch',
  copy: 'copy',
  delete: 'Delete',
  deleted: 'Deleted',
  duplicate: 'Duplicate',
  emptyTrash: 'The trash is empty.',
  fair: 'fair',
  itGoesToTheTrash: 'It goes to the trash and can be restored for 60 days.',
  moreActions: 'More actions',
  nothingDependsOnIt: 'Nothing depends on it.',
  piece: 'piece',
  quote: 'quote',
  restore: 'Restore',
  restored: 'Restored',
  trash: 'Trash',
  trashLong: 'Deleted pieces, batches, quotes and fairs. Each is restored as it was, within 60 days.',
  whatDependsOnIt: 'This uses it, and stays as it is:',
});
