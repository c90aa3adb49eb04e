// The props of each group of settings.
import type { Issue } from '../../../core/measure/issue.ts';
import type { Studio } from '../../../core/studio/studio.ts';
import type { Edit } from '../../hooks/use-document.ts';

export interface SettingProps {
  readonly body: Studio;
  readonly edit: Edit<Studio>;
}

export function problemAt(problems: readonly Issue[], path: string): string | undefined {
  return problems.find((problem) => problem.path === path)?.sentence;
}
