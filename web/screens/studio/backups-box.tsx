// Copies of the ledger: how old the last one is, make one now, a second folder, and how one is restored.
import { useState } from 'react';
import { backupRoutes } from '../../../contract/backups.ts';
import { fullDay } from '../../../core/format/days.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { ModalDialog } from '../../components/dialog.tsx';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import {
  useBackUpNowMutation,
  useGetBackupsQuery,
  useLookIntoBackupMutation,
  useRestoreBackupMutation,
  useSetBackupFolderMutation,
} from '../../state/endpoints/backups.ts';
import { problemOf } from '../../state/saving.ts';
import { backupAge, isBackupOld } from '../../words/backups.ts';
import { words } from '../../words/studio.ts';

const MOST_SHOWN = 6;
const BYTES_A_MB = 1e6;
/** ms until the server has started again. */
const RESTART_MS = 2500;

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
            <CopyTools name={name} day={fullDay(at.slice(0, 'yyyy-mm-dd'.length))} />
          </li>
        ))}
      </ul>
      <p className="chrome mt-2 text-[15px]">
        <a className="link" href={backupRoutes.exportAll.path} download>
          {words.downloadEverything}
        </a>
        <span className="aside block">{words.openFormat}</span>
      </p>
      <p className="aside mt-1 wrap-anywhere">
        {words.copiesAreIn} {folder}. {words.howToRestore}
      </p>
    </section>
  );
}

/** Look into a copy in another tab, or put it in the place of the ledger after a second question. */
function CopyTools({ name, day }: { name: string; day: string }) {
  const [look, { error: lookError }] = useLookIntoBackupMutation();
  const [restore, { error, isLoading }] = useRestoreBackupMutation();
  const [isSure, setSure] = useState(false);
  const open = async () => {
    const answer = await look(name);
    if (answer.data) window.open(answer.data.address, '_blank', 'noopener');
  };
  const putBack = async () => {
    const answer = await restore(name);
    if ('error' in answer) return;
    // The server closes, puts the copy in place and starts again.
    setTimeout(() => location.replace('/'), RESTART_MS);
  };
  return (
    <span className="chrome flex gap-3">
      <button type="button" className="link" aria-label={`${words.lookInto}, ${day}`} onClick={() => void open()}>
        {words.lookInto}
      </button>
      <button type="button" className="link" aria-label={`${words.restoreCopy}, ${day}`} onClick={() => setSure(true)}>
        {words.restoreCopy}
      </button>
      <Failure of={[lookError, error]} />
      <ModalDialog
        open={isSure}
        title={`${words.restoreCopyOf} ${day}?`}
        description={words.restoreExplained}
        onClose={() => setSure(false)}
        confirm={{ label: words.restoreCopy, onConfirm: () => void putBack(), isOff: isLoading }}
      />
    </span>
  );
}
