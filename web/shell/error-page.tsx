// The page failed: says so, and that typed text is safe.
import { useRouteError } from 'react-router';
import { words } from '../words/shell.ts';

export function ErrorPage() {
  const error = useRouteError();
  return (
    <main className="mx-auto max-w-[60ch] p-8">
      <h1>{words.thisPageHasStoppedWorking}</h1>
      <p className="mt-3">{words.yourChangesAreSavedReload}</p>
      <p className="aside mt-3">{error instanceof Error ? error.message : words.noFurtherDetails}</p>
      <button type="button" className="button mt-4" onClick={() => location.reload()}>
        {words.reload}
      </button>
    </main>
  );
}
