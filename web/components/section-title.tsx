// The title of a section, with the way to its page of the help.
import { CircleQuestionMark } from 'lucide-react';
import { Link } from 'react-router';
import { words } from '../words/components.ts';

interface SectionTitleProps {
  readonly id: string;
  readonly title: string;
  /** The page of the help: `parts-and-blanks`. */
  readonly help: string;
}

export function SectionTitle({ id, title, help }: SectionTitleProps) {
  return (
    <span className="flex items-baseline gap-2">
      <h2 id={id}>{title}</h2>
      <Link to={`/help/${help}`} className="chrome small-tool" aria-label={`${words.helpOn} ${title}`}>
        <CircleQuestionMark size={15} />
      </Link>
    </span>
  );
}
