// The pages of the settings; a page with something to fix says so.
import { NavLink } from 'react-router';
import type { Issue } from '../../../core/measure/issue.ts';
import { words } from '../../words/studio.ts';
import { pageOfField, type StudioPageId, studioPlaces } from './studio-places.ts';

export function StudioNav({ page, problems }: { page: StudioPageId; problems: readonly Issue[] }) {
  const failing = new Set(problems.map(({ path }) => pageOfField(path)));
  return (
    <nav aria-label={words.settings} className="chrome mt-3 flex flex-wrap gap-x-5 gap-y-1 text-[15px]">
      {studioPlaces.map((place) => (
        <NavLink
          key={place.page}
          to={`/studio/${place.page}`}
          aria-current={place.page === page ? 'page' : undefined}
          className={place.page === page ? 'font-[650]' : 'text-act hover:underline'}
        >
          {place.name}
          {failing.has(place.page) && <span className="text-stop"> ({words.toFix})</span>}
        </NavLink>
      ))}
    </nav>
  );
}
