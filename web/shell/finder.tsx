// The finder: any piece, batch, quote, fair, customer, lot, setting, help page or action by a few letters.
import { Command } from 'cmdk';
import { Dialog } from 'radix-ui';
import { useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { photoRoutes } from '../../contract/photos.ts';
import { pathTo } from '../../contract/route.ts';
import { emptyPiece } from '../../core/piece/piece.ts';
import { emptyFair } from '../../core/price/fair/fair.ts';
import { emptyQuote } from '../../core/price/quote/quote.ts';
import { useBasis } from '../hooks/use-basis.ts';
import { useBackUpNowMutation } from '../state/endpoints/backups.ts';
import { useGetBatchesQuery } from '../state/endpoints/batches.ts';
import { useAddFairMutation, useGetFairsQuery } from '../state/endpoints/fairs.ts';
import { useAddPieceMutation, useGetPiecesQuery } from '../state/endpoints/pieces.ts';
import { useAddQuoteMutation, useGetQuotesQuery } from '../state/endpoints/quotes.ts';
import { useGetShelfQuery } from '../state/endpoints/stock.ts';
import { words } from '../words/finder.ts';
import { type FinderItem, findMatches } from './find-matches.ts';
import { type FinderAction, finderItems } from './finder-items.ts';
import { recentPages } from './recent-pages.ts';
import { toggleTheme } from './use-theme.ts';

export function FinderDialog({ onClose, onKeys }: { onClose: () => void; onKeys: () => void }) {
  const [typed, setTyped] = useState('');
  const [recent] = useState(recentPages);
  const items = useFinderItems();
  const found = useMemo(() => findMatches(items, typed, recent), [items, typed, recent]);
  const [selected, setSelected] = useState(() => keyOf(found[0]));
  const list = useRef<HTMLDivElement>(null);
  // The best match is the chosen one, and in sight.
  const type = (next: string) => {
    setTyped(next);
    setSelected(keyOf(findMatches(items, next, recent)[0]));
    list.current?.scrollTo(0, 0);
  };
  const navigate = useNavigate();
  const act = useActions(onKeys);
  const open = async (to: string) => {
    onClose();
    if (to.startsWith('do:')) await act(to.slice(3) as FinderAction);
    else await navigate(to);
  };
  return (
    <Dialog.Root open onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content className="finder" aria-describedby={undefined}>
          <Dialog.Title className="sr-only">{words.find}</Dialog.Title>
          <Command shouldFilter={false} loop label={words.find} value={selected} onValueChange={setSelected}>
            <div className="flex items-center border-b border-rule">
              <Command.Input
                value={typed}
                onValueChange={type}
                placeholder={words.typeToFind}
                className="w-full min-w-0 bg-transparent px-4 py-3 text-[19px] outline-none"
              />
              <button type="button" className="link min-h-[44px] shrink-0 px-4 text-[15px]" onClick={onClose}>
                {words.close}
              </button>
            </div>
            <Command.List ref={list} className="max-h-[min(60vh,520px)] overflow-y-auto p-2" label={words.find}>
              <Command.Empty className="p-4 text-soft">{words.nothingFound}</Command.Empty>
              {found.map((item) => (
                <Command.Item
                  key={keyOf(item)}
                  value={keyOf(item)}
                  className="finder-item"
                  onSelect={() => void open(item.to)}
                >
                  {item.photo !== undefined && (
                    <img
                      src={`${pathTo(photoRoutes.get, { id: item.photo })}?px=96`}
                      alt=""
                      className="-my-1 size-[32px] rounded-[3px]"
                    />
                  )}
                  <span className="min-w-0 flex-1 truncate">{item.name}</span>
                  <span className="aside max-w-[45%] truncate">{item.hint ?? item.kind}</span>
                </Command.Item>
              ))}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

const keyOf = (item: FinderItem | undefined) => (item ? `${item.kind} ${item.to} ${item.name}` : '');

function useFinderItems() {
  const { rates } = useBasis();
  const { data: pieces = [] } = useGetPiecesQuery();
  const { data: batches = [] } = useGetBatchesQuery();
  const { data: quotes = [] } = useGetQuotesQuery();
  const { data: fairs = [] } = useGetFairsQuery();
  const { data: shelf } = useGetShelfQuery();
  return useMemo(
    () => finderItems({ pieces, batches, quotes, fairs, lots: shelf?.lots ?? [], alloys: rates.alloys }),
    [pieces, batches, quotes, fairs, shelf, rates],
  );
}

function useActions(onKeys: () => void): (action: FinderAction) => Promise<void> {
  const navigate = useNavigate();
  const [addPiece] = useAddPieceMutation();
  const [addQuote] = useAddQuoteMutation();
  const [addFair] = useAddFairMutation();
  const [backUpNow] = useBackUpNowMutation();
  const opened = async (folder: string, answer: { readonly data?: { readonly id: string } | undefined }) => {
    if (answer.data) await navigate(`/${folder}/${answer.data.id}`);
  };
  const actions: Readonly<Record<FinderAction, () => Promise<void> | void>> = {
    newPiece: async () => await opened('pieces', await addPiece(emptyPiece)),
    newQuote: async () => await opened('quotes', await addQuote({ ...emptyQuote, kind: 'commission' })),
    newRepairQuote: async () => await opened('quotes', await addQuote({ ...emptyQuote, kind: 'repair' })),
    newFair: async () => await opened('fairs', await addFair(emptyFair)),
    backUpNow: async () => {
      await navigate('/studio/safety#backups');
      await backUpNow();
    },
    showKeys: onKeys,
    theme: toggleTheme,
  };
  return async (action) => await actions[action]();
}
