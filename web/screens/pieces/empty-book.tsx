// The list before its first piece: the ways to the first price.
import { Link } from 'react-router';
import { SampleLink } from '../../components/sample-link.tsx';
import { words } from '../../words/pieces.ts';

interface EmptyBookProps {
  readonly onStarter: () => void;
  readonly onNew: () => void;
}

export function EmptyBook({ onStarter, onNew }: EmptyBookProps) {
  const ways = [
    { name: words.startFromAPieceTitle, about: words.starterAbout, onTake: onStarter },
    { name: words.enterAPiece, about: words.enterOnePieceWithIts, onTake: onNew },
  ];
  return (
    <ul className="mt-6 max-w-[60ch]">
      {ways.map(({ name, about, onTake }) => (
        <li key={name} className="border-b border-hair py-3">
          <button type="button" className="link font-semibold" onClick={onTake}>
            {name}
          </button>
          <span className="block text-soft">{about}</span>
        </li>
      ))}
      <li className="border-b border-hair py-3">
        <Link className="link font-semibold" to="/import">
          {words.readMySpreadsheet}
        </Link>
        <span className="block text-soft">{words.spreadsheetAbout}</span>
      </li>
      <li className="py-3">
        <SampleLink />
        <span className="block text-soft">{words.sampleAbout}</span>
      </li>
    </ul>
  );
}
