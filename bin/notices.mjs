// npm run notices: writes web/public/third-party-notices.txt, the packages that are shipped with the app and their licences. Shipped are
// those that the source imports, and what these need.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { root } from './setup.mjs';

const SOURCES = ['core', 'contract', 'solver', 'server', 'web'];
const IMPORT = /(?:from|import)\s*\(?\s*'((?:@[\w.-]+\/)?[\w.-]+)(?:\/[^']*)?'/g;
const CSS_IMPORT = /@import\s+['"]((?:@[\w.-]+\/)?[\w.-]+)/g;

/** Packages that the source names, by their place in the lockfile. */
function imported() {
  const names = new Set();
  for (const folder of SOURCES)
    for (const file of readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })) {
      if (!/\.(tsx?|css|mjs)$/.test(file) || file.includes('.test.') || file.includes('fixtures')) continue;
      const text = readFileSync(join(root, folder, file), 'utf8');
      for (const [, name] of text.matchAll(file.endsWith('.css') ? CSS_IMPORT : IMPORT))
        if (!name.startsWith('node:')) names.add(name);
    }
  return names;
}

/** Every package that is shipped: name, version, licence, and the text of the licence. */
export function shippedPackages() {
  const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
  const found = new Map();
  const visit = (name, from) => {
    // A package finds another in its own folder first, then in those above.
    for (let at = from; ; at = at.includes('/node_modules/') ? at.slice(0, at.lastIndexOf('/node_modules/')) : '') {
      const path = `${at ? `${at}/` : ''}node_modules/${name}`;
      const entry = packages[path];
      if (entry) {
        if (found.has(path)) return;
        found.set(path, { name, version: entry.version, license: entry.license ?? 'see its text' });
        for (const needed of Object.keys({ ...entry.dependencies, ...entry.optionalDependencies })) visit(needed, path);
        return;
      }
      if (at === '') return;
    }
  };
  for (const name of imported()) visit(name, '');
  return [...found].sort(([a], [b]) => (a < b ? -1 : 1)).map(([path, entry]) => ({ path, ...entry }));
}

function licenceText(path) {
  const dir = join(root, path);
  if (!existsSync(dir)) return '';
  const file = readdirSync(dir).find((name) => /^(licen[cs]e|copying|ofl)(\.|$|-)/i.test(name));
  return file ? readFileSync(join(dir, file), 'utf8').trim() : '';
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const parts = shippedPackages().map(({ path, name, version, license }) => {
    const text = licenceText(path);
    return `${name} ${version}\nLicence: ${license}\n${text ? `\n${text}\n` : ''}`;
  });
  const head = 'Noon Ledger ships with these packages. Each keeps its own licence.\n';
  writeFileSync(join(root, 'web/public/third-party-notices.txt'), [head, ...parts].join(`\n${'-'.repeat(80)}\n\n`));
  console.log(`${String(parts.length)} packages`);
}
