// On every page while the last backup is old or failed: a link to where that is mended.
import { Link } from 'react-router';
import { useGetBackupsQuery } from '../state/endpoints/backups.ts';
import { isBackupOld } from '../words/backups.ts';
import { words } from '../words/shell.ts';

export function BackupNotice() {
  const { data } = useGetBackupsQuery();
  if (!data?.isDaily) return null;
  const { copies, problem, now } = data;
  // Without a copy the first one is being made, or it failed and the state says why.
  const [latest] = copies;
  if (!problem && !(latest && isBackupOld(latest.at, now))) return null;
  return (
    <Link to="/studio#backups" className="text-[14px] font-semibold whitespace-nowrap text-warn underline">
      {problem ? words.backupFailed : words.backupIsOld}
    </Link>
  );
}
