// The page's clock: the one place of the web application that reads the time. Workers are sent the time they need.

/** The present moment by this device's clock. */
export function now(): Date {
  return new Date();
}
