// The help: a list of pages that can be searched, and one page that can be printed.
import { marked } from 'marked';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Field } from '../../components/field.tsx';
import { NotFound } from '../../components/not-found.tsx';
import { Spread } from '../../components/spread.tsx';
import { helpPages } from '../../help/help-pages.ts';
import { words } from '../../words/help.ts';

export function HelpScreen() {
  const { page } = useParams();
  const [typed, setTyped] = useState('');
  const shown = page === undefined ? helpPages[0] : helpPages.find((one) => one.page === page);
  // Our own pages: nothing of a stranger's is in them.
  const html = useMemo(() => (shown ? { __html: marked.parse(shown.text, { async: false }) } : null), [shown]);
  if (!shown || !html) return <NotFound what="page" />;
  const wanted = typed.trim().toLowerCase();
  const found = helpPages.filter(({ title, text }) => `${title} ${text}`.toLowerCase().includes(wanted));
  return (
    <Spread
      title={shown.title}
      printsLeftOnly
      left={
        <article className="help">
          <h1>{shown.title}</h1>
          <div dangerouslySetInnerHTML={html} />
        </article>
      }
      leftFoot={
        <button type="button" className="link chrome" onClick={() => window.print()}>
          {words.print}
        </button>
      }
      right={
        <nav aria-label={words.help}>
          <h2>{words.help}</h2>
          <Field open wide value={typed} label={words.search} placeholder={words.search} onChange={setTyped} />
          <ul className="mt-3">
            {found.map((one) => (
              <li key={one.page}>
                <Link
                  className={one === shown ? 'block py-[6px] font-[650]' : 'link block py-[6px]'}
                  aria-current={one === shown ? 'page' : undefined}
                  to={`/help/${one.page}`}
                >
                  {one.title}
                </Link>
              </li>
            ))}
          </ul>
          {found.length === 0 && <p className="mt-3 text-soft">{words.nothingFound}</p>}
        </nav>
      }
      bottomLine={<span className="font-semibold">{words.help}</span>}
    />
  );
}
