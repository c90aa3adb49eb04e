// Temperatures: °C in core, Fahrenheit at the edges.

/** @returns °C */
export function celsius(fahrenheit: number): number {
  return ((fahrenheit - 32) * 5) / 9;
}

/** @returns °F */
export function fahrenheit(celsius: number): number {
  return (celsius * 9) / 5 + 32;
}
