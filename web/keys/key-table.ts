// Every key of the app, for what binds it and for the list of keys. Print and the keys of fields are listed only: the
// browser and the fields bind them.
import { words } from '../words/keys.ts';

/** A key by its action. */
interface Key {
  /** As tinykeys reads them; any of them works. */
  readonly press: readonly string[];
  readonly name: keyof typeof words;
  readonly group: keyof typeof words;
  /** Whether it also works while a field has the focus. */
  readonly whileTyping?: boolean;
}

const anywhere = { group: 'anywhere' } as const;
const goTo = { group: 'goTo' } as const;
const rows = { group: 'inRows', whileTyping: true } as const;
const fields = { group: 'inFields', whileTyping: true } as const;

/** `$mod` is Ctrl, or ⌘ on a Mac. A character that needs Shift on some keyboards is listed with and without it. */
export const keyTable = {
  find: { ...anywhere, press: ['$mod+KeyK'], name: 'find', whileTyping: true },
  findBySlash: { ...anywhere, press: ['/', 'Shift+/'], name: 'find' },
  keys: { ...anywhere, press: ['?', 'Shift+?'], name: 'showKeys' },
  calculate: { ...anywhere, press: ['=', 'Shift+='], name: 'calculate' },
  undo: { ...anywhere, press: ['$mod+KeyZ'], name: 'undo', whileTyping: true },
  redo: { ...anywhere, press: ['$mod+Shift+KeyZ', '$mod+KeyY'], name: 'redo', whileTyping: true },
  otherPage: { ...anywhere, press: ['F6'], name: 'otherPage', whileTyping: true },
  pageBefore: { ...anywhere, press: ['Shift+F6'], name: 'pageBefore', whileTyping: true },
  print: { ...anywhere, press: ['$mod+KeyP'], name: 'print', whileTyping: true },
  goBench: { ...goTo, press: ['g b'], name: 'bench' },
  goDay: { ...goTo, press: ['g d'], name: 'schedule' },
  goPieces: { ...goTo, press: ['g p'], name: 'pieces' },
  goBatches: { ...goTo, press: ['g a'], name: 'batches' },
  goStock: { ...goTo, press: ['g s'], name: 'stock' },
  goPrices: { ...goTo, press: ['g r'], name: 'prices' },
  goHelp: { ...goTo, press: ['g h'], name: 'help' },
  rowUp: { ...rows, press: ['Alt+ArrowUp'], name: 'moveUp' },
  rowDown: { ...rows, press: ['Alt+ArrowDown'], name: 'moveDown' },
  rowInsert: { ...rows, press: ['Alt+KeyI', 'Alt+Insert'], name: 'insertRow' },
  rowDuplicate: { ...rows, press: ['Alt+KeyD'], name: 'duplicateRow' },
  pickRow: { ...rows, press: ['Shift+Space'], name: 'selectRow' },
  pickDown: { ...rows, press: ['Shift+ArrowDown'], name: 'selectDown' },
  pickUp: { ...rows, press: ['Shift+ArrowUp'], name: 'selectUp' },
  fillDown: { ...rows, press: ['$mod+KeyD'], name: 'fillDown' },
  copyRows: { ...rows, press: ['$mod+KeyC'], name: 'copyRows' },
  pasteBlock: { ...rows, press: ['$mod+KeyV'], name: 'pasteBlock' },
  rowDelete: { ...rows, press: ['Alt+Delete'], name: 'deleteRow' },
  nextRow: { ...fields, press: ['Enter'], name: 'nextRow' },
  nextField: { ...fields, press: ['Tab'], name: 'nextField' },
  foldUp: { ...fields, press: ['Escape'], name: 'foldUp' },
} as const satisfies Readonly<Record<string, Key>>;

/** A key by its action. */
export type KeyId = keyof typeof keyTable;

const isMac = 'navigator' in globalThis && /Mac|iPhone|iPad/.test(navigator.userAgent);
const names: Readonly<Record<string, string>> = {
  $mod: isMac ? '⌘' : 'Ctrl',
  ArrowUp: '↑',
  ArrowDown: '↓',
  Alt: isMac ? '⌥' : 'Alt',
  Escape: 'Esc',
};

/** `Ctrl+K`, `G then P`: the first way to press it, as it is printed on a keyboard. */
export function keyInWords(id: KeyId): string {
  const [first] = keyTable[id].press;
  return first
    .split(' ')
    .map((one) =>
      one
        .split('+')
        .map((part) => names[part] ?? part.replace(/^Key/, '').replace(/^[a-z]$/, (letter) => letter.toUpperCase()))
        .join('+'),
    )
    .join(` ${words.then} `);
}
