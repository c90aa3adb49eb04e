// What is said of a request that the ledger did not answer.

export const sentences = {
  itWaits: 'Noon Ledger does not answer. This entry waits on this device and is sent when it is back.',
  itWaitsHere: 'This entry waits on this device and is sent again.',
  notAnswered: 'Noon Ledger does not answer. Try again: it counts once.',
  notSent: 'Not sent',
  notStored:
    'Noon Ledger does not answer, and this device could not store the entry. Keep this page open and try again.',
} as const;
