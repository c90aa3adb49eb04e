// Standard times of each kind of step, used until the bench log of a studio has better ones.
import type { Step, StepDriver, StepKind } from './step.ts';

/** Attended minutes but for `unattended`, as typed. */
interface StandardTime {
  readonly setUp: string;
  readonly each: string;
  readonly per: StepDriver;
  readonly unattended?: string;
  readonly load?: string;
  readonly yield?: string;
  readonly station: string;
}

/** Starting values (common practice, from memory): a careful maker at a small bench. They can be typed over. */
const standardTimes = {
  cut: { setUp: '4', each: '1', per: 'cut', station: 'peg' },
  anneal: { setUp: '3', each: '0.5', per: 'piece', station: 'torch' },
  form: { setUp: '4', each: '1.5', per: 'piece', station: 'bench' },
  true: { setUp: '', each: '1', per: 'joint', station: 'bench' },
  solder: { setUp: '6', each: '2', per: 'joint', station: 'torch', yield: '97 %' },
  fuse: { setUp: '6', each: '1', per: 'joint', station: 'torch', yield: '95 %' },
  pickle: { setUp: '2', each: '', per: 'piece', unattended: '10', station: 'pickle', load: '40' },
  neutralise: { setUp: '3', each: '', per: 'piece', unattended: '5', station: 'sink' },
  file: { setUp: '2', each: '2', per: 'joint', station: 'peg' },
  sand: { setUp: '2', each: '0.25', per: 'cm2', station: 'peg' },
  texture: { setUp: '4', each: '2', per: 'piece', station: 'block' },
  drill: { setUp: '3', each: '0.5', per: 'piece', station: 'peg', yield: '99 %' },
  'round-ends': { setUp: '', each: '0.5', per: 'piece', station: 'bench' },
  assemble: { setUp: '3', each: '1', per: 'joint', station: 'bench' },
  rivet: { setUp: '3', each: '2', per: 'joint', station: 'block' },
  set: { setUp: '3', each: '6', per: 'joint', station: 'peg', yield: '98 %' },
  polish: { setUp: '4', each: '0.2', per: 'cm2', station: 'motor' },
  tumble: { setUp: '4', each: '', per: 'piece', unattended: '60', station: 'tumbler', load: '40' },
  brush: { setUp: '2', each: '1', per: 'piece', station: 'motor' },
  patina: { setUp: '5', each: '1', per: 'piece', station: 'sink' },
  plate: { setUp: '10', each: '2', per: 'piece', station: 'sink' },
  wax: { setUp: '3', each: '1', per: 'piece', station: 'bench' },
  inspect: { setUp: '', each: '1', per: 'piece', station: 'bench' },
  pair: { setUp: '2', each: '1', per: 'piece', station: 'bench' },
  pack: { setUp: '2', each: '1', per: 'piece', station: 'bench' },
  other: { setUp: '', each: '', per: 'piece', station: 'bench' },
} as const satisfies Record<StepKind, StandardTime>;

/** A step with the standard time of its kind. */
export function standardStep(kind: StepKind, name: string, of: string, from: string): Omit<Step, 'id'> {
  const time: StandardTime = standardTimes[kind];
  return {
    name,
    station: time.station,
    setUp: time.setUp,
    each: time.each,
    unattended: time.unattended ?? '',
    overlaps: false,
    kind,
    of,
    per: time.per,
    drivers: '',
    load: time.load ?? '',
    yield: time.yield ?? '',
    maker: '',
    spread: '',
    pauses: '',
    transfer: '',
    from,
    byHand: false,
  };
}
