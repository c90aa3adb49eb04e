// The rows before the count has loaded: name, first picture and the prices as set.
import { Link } from 'react-router';
import { photoRoutes } from '../../../contract/photos.ts';
import type { PieceDocument } from '../../../contract/pieces.ts';
import { pathTo } from '../../../contract/route.ts';
import { showValue } from '../../../core/figure/show.ts';
import { titleOf } from '../../state/book-line.ts';

export function PlainRows({ pieces }: { pieces: readonly PieceDocument[] }) {
  return (
    <tbody aria-busy="true">
      {pieces.map((piece) => (
        <tr key={piece.id} className="border-b border-hair">
          <td className="first w-[62px]">
            <FirstPhoto piece={piece} />
          </td>
          <td>
            <Link className="hover:text-act hover:underline" to={`/pieces/${piece.id}`}>
              {titleOf(piece)}
            </Link>
            <span className="aside block">&nbsp;</span>
          </td>
          <td colSpan={3} />
          <PriceAsSet priced={piece.priced} minor={piece.priced?.wholesaleMinor} />
          <PriceAsSet priced={piece.priced} minor={piece.priced?.retailMinor} />
        </tr>
      ))}
    </tbody>
  );
}

function FirstPhoto({ piece: { accepted, body } }: { piece: PieceDocument }) {
  const [photo] = (accepted ?? body).photos;
  return photo ? (
    <img
      src={`${pathTo(photoRoutes.get, photo)}?px=96`}
      alt=""
      className="size-[48px] shrink-0 rounded-[3px] object-cover"
    />
  ) : null;
}

function PriceAsSet({ priced, minor }: { priced: PieceDocument['priced']; minor: number | undefined }) {
  return <td className="end num">{priced && minor ? showValue(minor, priced.currency) : ''}</td>;
}
