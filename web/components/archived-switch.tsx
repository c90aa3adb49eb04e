// Switches a list between what is in use and what is archived.
import { words } from '../words/documents.ts';

interface ArchivedSwitchProps {
  readonly isAway: boolean;
  readonly hasArchived: boolean;
  readonly onSwitch: (isAway: boolean) => void;
}

export function ArchivedSwitch({ isAway, hasArchived, onSwitch }: ArchivedSwitchProps) {
  if (!hasArchived && !isAway) return null;
  return (
    <button type="button" className="link chrome" onClick={() => onSwitch(!isAway)}>
      {isAway ? words.backToTheList : words.archived}
    </button>
  );
}
