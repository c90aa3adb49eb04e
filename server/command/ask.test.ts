import { describe, expect, test } from 'vitest';
import { alloysWith } from '../../core/metal/alloy.ts';
import { outcomeOf, outputOf } from './ask.ts';

const basis = { alloys: alloysWith([]), fix: null };

describe('noon ask', () => {
  test('prints figures with their sums written out, the main answer first', () => {
    const printed = JSON.parse(outputOf(outcomeOf('ring 7 us, 1.5 mm', basis))) as Record<string, unknown>[];
    expect(printed[0]).toMatchObject({ label: 'length to cut', unit: 'mm', how: 'π × (17.323 + 1.5)', source: '' });
    expect(printed[0]?.['value']).toBeCloseTo(59.1336, 3);
    expect(printed[0]?.['from']).toHaveLength(2);
  });

  test('says what it understood of a line it cannot answer, and what would do', () => {
    const outcome = outcomeOf('disc sterling', basis);
    expect(outcome).toEqual({
      error: expect.stringMatching(/diameter.*Understood: disc, sterling\. Try: disc 20 mm 20 ga copper/) as string,
    });
    expect(outputOf(outcome)).not.toContain('\n');
  });

  test.each([
    ['18 ga stirlng 120 mm', '“stirlng” is not known. Did you mean sterling?'],
    ['18 ga sterling 120 mm 35 mm', /^“35 mm” would not be used in the answer/],
    ['18 ga sterling 120 mm zigzag', /^“zigzag” would not be used in the answer/],
    ['-5 mm sterling', /negative/],
  ])('does not answer “%s”, which it understands only in part', (line, error) => {
    expect(outcomeOf(line, basis)).toEqual({ error: expect.stringMatching(error) as string });
  });
});
