// Says that a new version of the program is there. It is taken when the maker presses, never in the middle of typing.
import { useAppUpdate } from '../state/app-update.ts';
import { words } from '../words/shell.ts';

export function UpdateChip() {
  const take = useAppUpdate();
  return (
    <span role="status">
      {take && (
        <button
          type="button"
          className="link text-[14px] whitespace-nowrap"
          title={words.whatYouTypedIsKept}
          onClick={take}
        >
          {words.newVersion}
        </button>
      )}
    </span>
  );
}
