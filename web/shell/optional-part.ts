// A part of the frame that loads on demand. Where it cannot be fetched, the page goes on without it.
import { type ComponentType, lazy, type LazyExoticComponent } from 'react';

const Nothing = () => null;

/** @param load  fetches the part */
export function optionalPart<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): LazyExoticComponent<ComponentType<Props>> {
  return lazy(async () => ({ default: await load().catch((): ComponentType<Props> => Nothing) }));
}
