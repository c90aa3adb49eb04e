// What a step is, by its words: as makers write them.
import { describe, expect, test } from 'vitest';
import { mayPause, type StepKind, stepKindOf } from './step.ts';

const of = (name: string) => stepKindOf({ kind: '', name });

describe('the kind of a step by its name', () => {
  // Trade terms, common practice.
  test.each<[string, StepKind]>([
    ['Saw out the dials', 'saw'],
    ['Shear strips', 'cut'],
    ['Anneal', 'anneal'],
    ['Dome in the block', 'dome'],
    ['Forge the taper', 'forge'],
    ['Close the rings', 'true'],
    ['Solder the bezels', 'solder'],
    ['Braze the steel', 'solder'],
    ['Fuse the loops', 'fuse'],
    ['Ball up the ends', 'ball'],
    ['Pickle', 'pickle'],
    ['Neutralise in bicarb', 'neutralise'],
    ['File seams flush', 'file'],
    ['Sand to 600', 'sand'],
    ['Emery the edges', 'sand'],
    ['Planish', 'texture'],
    ['Roller print leaves', 'roll'],
    ['Drill for rivets', 'drill'],
    ['Round the tips', 'round-ends'],
    ['Link the chain', 'link'],
    ['Set the stones', 'set'],
    ['Burnish over the bezel', 'set'],
    ['Buff on the mop', 'polish'],
    ['Tumble two hours', 'tumble'],
    ['Brass brush', 'brush'],
    ['Liver of sulphur', 'patina'],
    ['Gild the inside', 'plate'],
    ['Wax', 'wax'],
    ['Weigh and check', 'inspect'],
    ['Match the pairs', 'pair'],
    ['Card and box', 'pack'],
    ['Dip in boric acid and alcohol', 'flux'],
    ['Wrap the loops', 'wrap'],
    ['Pierce the openings', 'saw-pattern'],
    ['Flush set the stones', 'set'],
    ['Pavé the rim', 'set'],
    ['Cut the seat', 'drill'],
    ['Tap the thread', 'drill'],
    ['Bright cut the border', 'engrave'],
    ['Chase the veins', 'engrave'],
    ['Bevel the edges', 'file'],
    ['Sink the bowl', 'dome'],
    ['Rub back the high places', 'brush'],
    ['Round up on the mandrel', 'true'],
    ['Etch the map', 'etch'],
    ['Anodise blue', 'anodise'],
    ['Knot the pearls', 'string'],
    ['Test for solder', 'inspect'],
    ['Reticulate', 'fuse'],
    ['Laser weld', 'send-out'],
    ['Think about it', 'other'],
    ['', 'other'],
  ])('%s is recognised', (name, kind) => {
    expect(of(name)).toBe(kind);
  });

  test('is not found inside another word: preset, refuse, template', () => {
    expect(of('Refuse bin')).toBe('other');
    expect(of('Offset')).not.toBe('set');
    expect(of('Template')).not.toBe('plate');
  });

  test('is the one the maker chose, where there is one', () => {
    expect(stepKindOf({ kind: 'texture', name: 'Solder' })).toBe('texture');
  });
});

describe('work that may pause', () => {
  test('is neither hot nor in acid by default', () => {
    const pauses = (name: string) => mayPause({ kind: '', name, pauses: '' });
    expect(['File', 'Set the stones', 'Tumble', 'Pack'].every(pauses)).toBe(true);
    expect(['Anneal', 'Solder', 'Fuse', 'Pickle', 'Liver of sulphur', 'Gild'].some(pauses)).toBe(false);
  });

  test('is what the maker says', () => {
    expect(mayPause({ kind: '', name: 'Solder', pauses: 'yes' })).toBe(true);
    expect(mayPause({ kind: 'file', name: '', pauses: 'no' })).toBe(false);
  });
});
