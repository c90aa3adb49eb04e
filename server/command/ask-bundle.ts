// What noon ask needs beside the ledger, as one bundle whose code is compiled when it is built.
export { setStudioFormat } from '../../core/format/studio-format.ts';
export { alloysWith } from '../../core/metal/alloy.ts';
export { outcomeOf, outputOf } from './ask.ts';
