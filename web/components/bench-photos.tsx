// Photos that were taken at the bench, small.
import { photoRoutes } from '../../contract/photos.ts';
import { pathTo } from '../../contract/route.ts';

export function BenchPhotos({ of }: { of: readonly string[] }) {
  if (of.length === 0) return null;
  return (
    <span className="mt-1 flex flex-wrap gap-1">
      {of.map((id) => (
        <img key={id} src={pathTo(photoRoutes.get, { id })} alt="At the bench" className="h-[48px] rounded-sm" />
      ))}
    </span>
  );
}
