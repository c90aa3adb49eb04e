// Reads pieces of earlier versions of Noon Ledger.

/** Renamed fields of a step: the name until piece files of version 2, and the name since version 3. */
const renamedStepFields = [
  ['byItself', 'unattended'],
  ['meanwhile', 'overlaps'],
  ['handsOn', 'transfer'],
] as const;

/**
 * Renames the fields of a piece that an earlier version wrote. Values do not change.
 * @param piece  JSON that may be a piece of any version; anything else is returned as it is
 * @returns a copy where something was renamed, otherwise the value itself
 * @example withStandardTerms({ steps: [{ byItself: '10' }] }) // { steps: [{ unattended: '10' }] }
 */
export function withStandardTerms(piece: unknown): unknown {
  if (!isRecord(piece) || !Array.isArray(piece['steps'])) return piece;
  const steps = (piece['steps'] as unknown[]).map(stepWithStandardTerms);
  return steps.every((step, index) => step === (piece['steps'] as unknown[])[index]) ? piece : { ...piece, steps };
}

function stepWithStandardTerms(step: unknown): unknown {
  if (!isRecord(step) || !renamedStepFields.some(([before]) => before in step)) return step;
  const names = new Map<string, string>(renamedStepFields);
  return Object.fromEntries(Object.entries(step).map(([name, value]) => [names.get(name) ?? name, value]));
}

function isRecord(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
