// On every page while the last backup is old or failed: a link to where that is mended.
import { Link } from 'react-router';
import { useGetBackupsQuery } from '../state/endpoints/backups.ts';
import { backupTrouble } from '../words/backups.ts';
import { words } from '../words/shell.ts';

export function BackupNotice() {
  const { data } = useGetBackupsQuery();
  const trouble = data ? backupTrouble(data) : null;
  if (!trouble) return null;
  return (
    <Link to="/studio#backups" className="text-[14px] font-semibold whitespace-nowrap text-warn underline">
      {trouble === 'failed' ? words.backupFailed : words.backupIsOld}
    </Link>
  );
}
