// The short number of a batch: four digits to type at the bench, printed on its job sheet.

/** 1000 to 9999, the same for ever; two open batches of a small studio share one about once in a thousand batches. */
export function batchNumber(id: string): string {
  // FNV-1a (Fowler, Noll, Vo), 32 bits.
  let hash = 0x811c9dc5;
  for (const character of id) hash = Math.imul(hash ^ (character.codePointAt(0) ?? 0), 0x01000193) >>> 0;
  return String(1000 + (hash % 9000));
}

/**
 * What a scanner or a maker gave: the address of a batch as its job sheet has it, or a short number.
 * @returns ids of the batches it names; none where it names none
 */
export function batchesNamed(text: string, ids: readonly string[]): string[] {
  const [, id] = /\/batches\/([\w-]+)/.exec(text) ?? [];
  if (id !== undefined) return ids.filter((one) => one === id);
  const typed = text.replace(/\D/g, '');
  return typed.length === 4 ? ids.filter((one) => batchNumber(one) === typed) : [];
}
