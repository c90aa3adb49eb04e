// Tags are typed, read by a scanner that types, or read by the camera.
import { useState } from 'react';
import { type MadeItem, numberOfTag } from '../../../core/made/made-item.ts';
import { Field } from '../../components/field.tsx';
import { ReadCode } from '../../components/read-code.tsx';
import { words } from '../../words/made.ts';

interface ScanTagProps {
  readonly items: readonly MadeItem[];
  /** @returns whether the piece is at the place */
  readonly onItem: (item: MadeItem) => boolean;
}

export function ScanTag({ items, onItem }: ScanTagProps) {
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState('');
  const [isReading, setReading] = useState(false);
  const read = (text: string) => {
    const number = numberOfTag(text);
    const item = items.find((one) => one.number === number);
    setProblem(item ? (onItem(item) ? '' : words.notAtThisPlace) : words.noSuchTag);
    setTyped('');
  };
  return (
    <form
      className="flex flex-wrap items-baseline gap-x-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (typed.trim()) read(typed);
      }}
    >
      <Field open wide value={typed} label={words.scanOrType} placeholder={words.scanOrType} onChange={setTyped} />
      <button type="button" className="link" aria-pressed={isReading} onClick={() => setReading(!isReading)}>
        {words.camera}
      </button>
      {problem && (
        <span role="status" className="problem">
          {problem}
        </span>
      )}
      {isReading && (
        <ReadCode
          onRead={read}
          onUnavailable={() => {
            setReading(false);
            setProblem(words.noCamera);
          }}
        />
      )}
    </form>
  );
}
