// The notices name every package that is shipped, in the version of the lockfile.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';

test('web/public/third-party-notices.txt names every shipped package; npm run notices writes it', () => {
  const text = readFileSync('web/public/third-party-notices.txt', 'utf8');
  const script = `import('./bin/notices.mjs').then((m) => console.log(JSON.stringify(m.shippedPackages())))`;
  const shipped = JSON.parse(execFileSync(process.execPath, ['-e', script], { encoding: 'utf8' })) as {
    name: string;
    version: string;
  }[];
  expect(shipped.length).toBeGreaterThan(50);
  expect(shipped.filter(({ name, version }) => !text.includes(`\n${name} ${version}\nLicence: `))).toEqual([]);
  for (const name of ['react', 'fastify', 'better-sqlite3', 'd3-scale', 'idb'])
    expect(shipped.map((one) => one.name)).toContain(name);
});
