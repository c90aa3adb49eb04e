// The page failed, or could not be fetched: says which, and that typed text is safe.
import { Component, type ReactNode } from 'react';
import { words } from '../words/shell.ts';

/** How browsers name a part of the app that they could not fetch. */
const NOT_FETCHED = /dynamically imported module|importing a module script|failed to fetch/i;

interface ErrorBoundaryProps {
  /** Another address is another page, and starts without the error. */
  readonly address: string;
  readonly children: ReactNode;
}

/** Shows why a page failed in place of it. */
export class ErrorBoundary extends Component<ErrorBoundaryProps, { error: unknown; at: string }> {
  override state = { error: null as unknown, at: '' };

  static getDerivedStateFromError(error: unknown): { error: unknown } {
    return { error };
  }

  static getDerivedStateFromProps({ address }: ErrorBoundaryProps, { at }: { at: string }) {
    return at === address ? null : { at: address, error: null };
  }

  override render(): ReactNode {
    return this.state.error === null ? this.props.children : <ErrorPage error={this.state.error} />;
  }
}

function ErrorPage({ error }: { error: unknown }) {
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
