// The words of the simulated scale.
import { localWords } from './local-words.ts';

export const words = localWords({
  about: 'It stands in for a scale on a cable. Keep this window open beside the bench view.',
  drift: 'Drift',
  shake: 'Unsteady',
  simulatedScale: 'Simulated scale',
  takeAllOff: 'Take all off',
  unit: 'Unit',
});
