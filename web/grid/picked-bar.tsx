// What can be done with the selected rows, at the foot of the screen.
import { keyInWords } from '../keys/key-table.ts';
import { words } from '../words/grid.ts';
import { copyPicked } from './grid-keys.ts';
import { canDelete, deletePicked, dropPicked, usePickedCount } from './picked-rows.ts';

export function PickedBar() {
  const count = usePickedCount();
  if (count === 0) return null;
  return (
    <div role="toolbar" aria-label={words.rowsSelected} className="picked-bar chrome">
      <span role="status">{count === 1 ? words.oneRowSelected : `${String(count)} ${words.rowsSelected}`}</span>
      <button type="button" className="link" title={keyInWords('copyRows')} onClick={copyPicked}>
        {words.copyRows}
      </button>
      {canDelete() && (
        <button type="button" className="link" onClick={deletePicked}>
          {words.deleteRows}
        </button>
      )}
      <button type="button" className="link" title={keyInWords('foldUp')} onClick={dropPicked}>
        {words.clear}
      </button>
    </div>
  );
}
