// What a setting does to a price, its usual range, and what a tenth more of it does to a piece of the ledger.
import { Popover } from 'radix-ui';
import { useMemo } from 'react';
import { showFigure } from '../../../core/figure/show.ts';
import { countPiece } from '../../../core/price/piece/count-piece.ts';
import { readRates } from '../../../core/studio/rates.ts';
import { settingNoteOf } from '../../../core/studio/setting-notes.ts';
import type { Studio } from '../../../core/studio/studio.ts';
import { aTenthMore } from '../../../core/studio/tenth-more.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { words } from '../../words/settings.ts';

interface SettingNoteProps {
  readonly of: keyof Studio;
  readonly label: string;
  readonly body: Studio;
  readonly onClose: () => void;
}

export function SettingNote({ of, label, body, onClose }: SettingNoteProps) {
  const note = settingNoteOf(of);
  const effect = useEffectOn(of, body);
  if (!note) return null;
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor className="inline-block" />
      <Popover.Portal>
        <Popover.Content className="menu max-w-[26em] p-4! text-[15px]" align="start" aria-label={label}>
          <p>{note.does}</p>
          {effect && (
            <p className="mt-2">
              {words.aTenthMore} <span className="num">{effect.to}</span>: {effect.piece},{' '}
              <span className="num">
                {effect.was} → {effect.is}
              </span>
            </p>
          )}
          <p className="mt-2">
            <b>{words.usual}</b> {note.usual} <span className="aside">({note.source})</span>
          </p>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** The retail price of a piece now, and with a tenth more of the setting. */
function useEffectOn(of: keyof Studio, body: Studio) {
  const { fix } = useBasis();
  const { data: pieces } = useGetPiecesQuery();
  return useMemo(() => {
    const value = body[of];
    const to = typeof value === 'string' ? aTenthMore(value) : null;
    if (to === null) return null;
    const [now, then] = [readRates(body, 0), readRates({ ...body, [of]: to }, 0)];
    for (const { body: draft, accepted } of pieces ?? []) {
      const piece = accepted ?? draft;
      const [was, is] = [now, then].map((rates) => countPiece(piece, rates, fix).prices.retail);
      if (was && is && was.value !== is.value)
        return { to, piece: piece.name, was: showFigure(was), is: showFigure(is) };
    }
    return null;
  }, [of, body, fix, pieces]);
}
