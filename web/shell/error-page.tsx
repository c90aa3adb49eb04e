// The page failed, or could not be fetched: says which, and that typed text is safe.
import { useRouteError } from 'react-router';
import { words } from '../words/shell.ts';

/** How browsers name a part of the app that they could not fetch. */
const NOT_FETCHED = /dynamically imported module|importing a module script|failed to fetch/i;

export function ErrorPage() {
  const error = useRouteError();
  const message = error instanceof Error ? error.message : '';
  const isAway = NOT_FETCHED.test(message);
  return (
    <main className="mx-auto max-w-[60ch] p-8">
      <h1>{isAway ? words.cantConnectToNoonLedger : words.thisPageHasStoppedWorking}</h1>
      <p className="mt-3">{isAway ? words.thisPageWasNotFetched : words.whatYouTypedIsStored}</p>
      {!isAway && <p className="aside mt-3">{message || words.noFurtherDetails}</p>}
      <span className="mt-4 flex gap-3">
        <button type="button" className="button" onClick={() => location.reload()}>
          {words.reload}
        </button>
        <button type="button" className="button button-quiet" onClick={() => history.back()}>
          {words.goBack}
        </button>
      </span>
    </main>
  );
}
