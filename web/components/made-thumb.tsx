// A finished piece at a glance: its own photo, or that of its design.
import { photoRoutes } from '../../contract/photos.ts';
import { pathTo } from '../../contract/route.ts';
import type { MadeItem } from '../../core/made/made-item.ts';
import { useGetPiecesQuery } from '../state/endpoints/pieces.ts';

export function MadeThumb({ item: { photo, pieceId } }: { item: Pick<MadeItem, 'photo' | 'pieceId'> }) {
  const { data: pieces = [] } = useGetPiecesQuery();
  const piece = pieces.find(({ id }) => id === pieceId);
  const id = photo || (piece && (piece.accepted ?? piece.body).photos[0]?.id);
  if (!id) return <span className="block size-[40px] rounded-[3px] border border-hair" aria-hidden="true" />;
  return (
    <img
      src={`${pathTo(photoRoutes.get, { id })}?px=96`}
      alt=""
      loading="lazy"
      width={40}
      height={40}
      className="size-[40px] rounded-[3px] object-cover"
    />
  );
}
