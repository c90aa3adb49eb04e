// Prints on the paper of the studio's country; the style sheet reads it from the page.
import { useEffect } from 'react';
import { paperOf } from '../../core/format/paper.ts';

export function usePrintedPaper(country: string | undefined): void {
  useEffect(() => {
    if (country !== undefined) document.documentElement.dataset['paper'] = paperOf(country);
  }, [country]);
}
