// Copies of the ledger: how old the last one is, make one now, a second folder, and how one is restored.
import { useState } from 'react';
import { fullDay } from '../../../core/format/days.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { Field } from '../../components/field.tsx';
import { useBackUpNowMutation, useGetBackupsQuery, useSetBackupFolderMutation } from '../../state/endpoints/backups.ts';
import { problemOf } from '../../state/saving.ts';
import { backupAge, isBackupOld } from '../../words/backups.ts';
import { words } from '../../words/studio.ts';

const MOST_SHOWN = 6;
const BYTES_A_MB = 1e6;

export function BackupsBox() {
  const { data, error: readError } = useGetBackupsQuery();
  const [backUp, { isLoading, error }] = useBackUpNowMutation();
  const [setFolder, { error: folderError }] = useSetBackupFolderMutation();
  const [typed, setTyped] = useState<string | null>(null);
  // The place is there before the copies are known: the contents of the page lead to it.
  if (!data)
    return (
      <section aria-labelledby="backups" className="mt-6">
        <h2 id="backups">{words.backups}</h2>
        {readError && (
          <p className="problem" role="alert">
            {problemOf(readError)?.detail}
          </p>
        )}
      </section>
    );
  const { copies, folder, otherFolder, problem, now } = data;
  const [latest] = copies;
  const isOld = isBackupOld(latest?.at, now);
  return (
    <section aria-labelledby="backups" className="mt-6">
      <h2 id="backups">{words.backups}</h2>
      <p className="flex flex-wrap items-baseline justify-between gap-3 text-[15px]" role="status">
        <span className={isOld || problem ? 'text-warn' : ''}>{backupAge(latest?.at, now)}</span>
        <button type="button" className="button button-quiet" disabled={isLoading} onClick={() => void backUp()}>
          {words.backUpNow}
        </button>
      </p>
      {(problem || error) && (
        <p className="problem" role="alert">
          {problem || problemOf(error)?.detail}
        </p>
      )}
      <p className="mt-1 text-[15px]">
        {words.copyToThisFolderToo}{' '}
        <Field
          open
          wide
          value={typed ?? otherFolder}
          label={words.secondFolder}
          placeholder={words.secondFolderExample}
          maxLength={1000}
          onChange={setTyped}
        />
        {typed !== null && typed !== otherFolder && (
          <button type="button" className="link" onClick={() => void setFolder(typed)}>
            {words.useThisFolder}
          </button>
        )}
      </p>
      {folderError && (
        <p className="problem" role="alert">
          {problemOf(folderError)?.detail}
        </p>
      )}
      <ul className="mt-1 text-[14px]">
        {copies.slice(0, MOST_SHOWN).map(({ name, at, bytes }) => (
          <li key={name} className="flex justify-between gap-3 border-b border-hair py-0.5">
            <span>{fullDay(at.slice(0, 'yyyy-mm-dd'.length))}</span>
            <span className="num text-soft">{showNumber(bytes / BYTES_A_MB, 1)} MB</span>
          </li>
        ))}
      </ul>
      <p className="aside mt-1 wrap-anywhere">
        {words.copiesAreIn} {folder}. {words.howToRestore}
      </p>
    </section>
  );
}
