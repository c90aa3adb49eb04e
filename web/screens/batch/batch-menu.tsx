// More actions on a batch: duplicate, archive, delete.
import type { Batch } from '../../../core/batch/batch.ts';
import { DocumentMenu } from '../../components/document-menu.tsx';
import { Failure } from '../../components/failure.tsx';
import type { OpenDocument } from '../../state/drafts.ts';
import { useAddBatchMutation } from '../../state/endpoints/batches.ts';

interface BatchMenuProps {
  readonly id: string;
  readonly name: string;
  readonly title: string;
  readonly open: OpenDocument;
  readonly body: Batch;
}

export function BatchMenu({ body, ...menu }: BatchMenuProps) {
  const [add, { error }] = useAddBatchMutation();
  // A copy has everything still to do, and no day it was promised for.
  const copy = async () => (await add({ ...body, state: 'planned', due: '', materialsOn: '' })).data?.id;
  return (
    <>
      <DocumentMenu kind="batch" {...menu} onCopy={copy} />
      <Failure of={[error]} />
    </>
  );
}
