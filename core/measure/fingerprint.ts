// A short name for a value, so that equal values can be recognised without comparing them.

/**
 * Fingerprint of a value: the same for values that are the same as JSON.
 * @param value  anything that JSON can hold; the order of fields counts
 * @returns 14 hexadecimal digits; two different values share one with a chance of about 1 in 2^53
 * @source the public-domain mixing function cyrb53: two 32-bit multiplicative hashes, joined
 */
export function fingerprint(value: unknown): string {
  const text = JSON.stringify(value);
  let [high, low] = [0xdeadbeef, 0x41c6ce57];
  for (let at = 0; at < text.length; at += 1) {
    const code = text.charCodeAt(at);
    high = Math.imul(high ^ code, 2_654_435_761);
    low = Math.imul(low ^ code, 1_597_334_677);
  }
  high = Math.imul(high ^ (high >>> 16), 2_246_822_507) ^ Math.imul(low ^ (low >>> 13), 3_266_489_909);
  low = Math.imul(low ^ (low >>> 16), 2_246_822_507) ^ Math.imul(high ^ (high >>> 13), 3_266_489_909);
  return (4_294_967_296 * (2_097_151 & low) + (high >>> 0)).toString(16).padStart(14, '0');
}
