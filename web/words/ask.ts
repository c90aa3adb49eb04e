// The words of the ask screens.
import { localWords } from './local-words.ts';

export const words = localWords({
  calculator: 'Calculator',
  clearHistory: 'Clear history',
  keptOnThisDeviceAnswers: 'Kept on this device; answers use the current metal prices',
  more: 'More',
  n18GaSterlingRound120: '18 ga sterling round 120 mm x 24',
  pinned: 'Pinned',
  question: 'Question',
  recent: 'Recent',
  theAnswerAndItsCalculation: 'The answer and its calculation appear here as you type.',
  whatYouCanAsk: 'What you can ask',
  wordsInAnyOrderPress: 'Words in any order. Press Enter to keep the question below.',
});
