// Names of steps: a verb with what it is done to.

/** The name of a row within a step's name. */
export function named(row: { readonly name: string }): string {
  return row.name.trim().toLowerCase() || 'it';
}

/** Names in a row: `rim`, `rim and bar`, `rim, bar and 3 more`. */
export function listOf(names: readonly string[]): string {
  const [first = '', second, ...more] = names;
  if (second === undefined) return first;
  if (more.length === 0) return `${first} and ${second}`;
  return more.length === 1
    ? `${first}, ${second} and ${more[0] ?? ''}`
    : `${first}, ${second} and ${String(more.length)} more`;
}

// Names of joins that say the work already: “set the stone”, “fuse the links”.
const WORK =
  /^(?:set|fuse|solder|rivet|link|glue|stitch|screw|bend|fold|tie|close|join|wrap|crimp|mount|attach|fix)\b/i;

/** Whether a join's name says the work already. */
export function isWork({ name }: { readonly name: string }): boolean {
  return WORK.test(name.trim());
}

/** `Solder the rim`; a name that says the work stands alone: `Set the stone`. */
export function workOn(verb: string, row: { readonly name: string }): string {
  const name = named(row);
  return isWork(row) ? name.charAt(0).toUpperCase() + name.slice(1) : `${verb} ${name}`;
}

/** `Wind and cut links for anchor chain`; a part that is called links is not named twice. */
export function formingWords(forming: string, name: string): string {
  const [, verb = '', noun = ''] = /^(.*) (\w+) for$/.exec(forming) ?? [];
  return noun && name.toLowerCase().includes(noun.replace(/s$/, '')) ? `${verb} ${name}` : `${forming} ${name}`;
}
