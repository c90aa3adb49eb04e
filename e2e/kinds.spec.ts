// Each kind of work of a small studio, entered through the page from nothing. The document must equal the recipe whose
// weight the tests of core check.
import type { Page } from '@playwright/test';
import type { DocumentOf } from '../contract/document.ts';
import { recipes } from '../core/piece/fixtures/recipes.ts';
import type { Join } from '../core/piece/join.ts';
import type { Part } from '../core/piece/part.ts';
import type { Piece } from '../core/piece/piece.ts';
import { choose, expect, openBook, test, write } from './fixtures.ts';

/** One row for each way of filling a row; the others differ by their numbers only. */
const driven = recipes.filter(({ kind }) =>
  /stone|vent|hinge|wrapped|granules|customer|platinum|patterned|left and right|drilled/.test(kind),
);

/** Enters one piece and counts the actions: fields typed, choices made, boxes ticked. */
class Hand {
  entries = 0;

  readonly page: Page;

  constructor(page: Page) {
    this.page = page;
  }

  async write(label: string, text: string): Promise<void> {
    if (!text) return;
    this.entries += 1;
    await write(this.page.getByLabel(label, { exact: true }), text);
  }

  async choose(label: string, value: string): Promise<void> {
    const field = this.page.getByLabel(label, { exact: true });
    await field.focus();
    if ((await field.inputValue()) === value) return;
    this.entries += 1;
    await choose(field, value);
  }

  async tick(label: string, isOn: boolean): Promise<void> {
    if (!isOn) return;
    this.entries += 1;
    await this.page.getByLabel(label, { exact: true }).check();
  }

  async press(name: string): Promise<void> {
    this.entries += 1;
    // A button for more may say what it hides.
    await this.page.getByRole('button', { name: new RegExp(`^${name}(: |$)`) }).click();
  }
}

async function enterPart(hand: Hand, { name, alloy, section, blank, ...part }: Part): Promise<void> {
  await hand.write('Add a part', name);
  await hand.choose(`${name}, metal`, alloy);
  await hand.choose(`${name}, section`, section.form);
  for (const [key, value] of Object.entries(section)) if (key !== 'form') await hand.write(`${name}, ${key}`, value);
  await hand.choose(`${name}, blank`, blank.rule);
  for (const [key, value] of Object.entries(blank)) {
    if (key === 'rule' || key === 'ease') continue;
    if (key === 'system') await hand.choose(`${name}, ring size scale`, value);
    else if (key === 'stone') {
      const field = hand.page.getByLabel(`${name}, stone`);
      if (value) await choose(field, { label: 'round Agate' });
    } else {
      const label = key in section ? `finished ${key}` : key === 'inside' ? 'inside diameter' : key;
      await hand.write(`${name}, ${label}`, value);
    }
  }
  if (part.count !== '1') await hand.write(`${name}, number per piece`, part.count);
  await hand.write(`${name}, trim`, part.trim);
  const isPlain = !part.hole && !part.kerf && !part.group && !part.paired && !part.endsTouchSkin;
  if (isPlain && part.scrap === 'clean') return;
  await hand.press(`${name}, more`);
  await hand.write(`${name}, hole diameter`, part.hole);
  await hand.write(`${name}, width of the cut`, part.kerf);
  await hand.choose(`${name}, type of offcut`, part.scrap);
  await hand.tick(`${name}, mirrored pair`, part.paired);
  await hand.tick(`${name}, ends worn against skin`, part.endsTouchSkin);
  if (part.group) await choose(hand.page.getByLabel(`${name}, sub-assembly`), { label: nameOfGroup(part.group) });
}

const nameOfGroup = (id: string) =>
  recipes.flatMap(({ piece }) => piece.groups).find((group) => group.id === id)?.name ?? '';

async function enterFindings(hand: Hand, { findings }: Piece): Promise<void> {
  for (const { name, kind, alloy, ...finding } of findings) {
    await hand.write('Add a finding', name);
    await hand.choose(`${name}, kind`, kind);
    await hand.write(`${name}, price each`, finding.price);
    await hand.write(`${name}, weight each`, finding.grams);
    if (finding.count !== '1') await hand.write(`${name}, number per piece`, finding.count);
    if (kind === 'stone') {
      await hand.choose(`${name}, outline`, finding.shape);
      await hand.write(`${name}, ${finding.shape === 'round' ? 'diameter' : 'length'}`, finding.length);
      await hand.write(`${name}, girdle height`, finding.girdle);
    } else if (alloy) await hand.choose(`${name}, metal`, alloy);
  }
}

async function enterJoin(
  hand: Hand,
  { name, kind, solder, form, amount, count, parts }: Join,
  piece: Piece,
): Promise<void> {
  await hand.write('Add a join', name);
  await hand.page.getByRole('button', { name: new RegExp(`^${name} parts joined`) }).click();
  for (const id of parts) {
    const member = [...piece.parts, ...piece.findings].find((one) => one.id === id)?.name ?? '';
    hand.entries += 1;
    await hand.page.getByRole('menuitemcheckbox', { name: member, exact: true }).click();
  }
  await hand.page.keyboard.press('Escape');
  await hand.choose(`${name}, kind`, kind);
  await hand.write(`${name}, joints per piece`, count);
  if (kind !== 'solder') return;
  await hand.choose(`${name}, solder`, solder);
  await hand.choose(`${name}, form of the solder`, form);
  await hand.write(`${name}, how much at a joint`, amount);
}

/** The document with names in place of ids, and without what the page adds. */
function byName({ parts, findings, joins, groups, ...piece }: Piece) {
  const named = new Map([...parts, ...findings, ...groups].map(({ id, name }) => [id, name]));
  const name = (id: string) => named.get(id) ?? id;
  return {
    ...piece,
    parts: parts.map((part) => ({
      ...part,
      id: '',
      group: name(part.group),
      blank: 'stone' in part.blank ? { ...part.blank, stone: name(part.blank.stone) } : part.blank,
    })),
    // A bare weight is in grams, and stays as typed.
    findings: findings.map((finding) => ({ ...finding, id: '', grams: finding.grams.replace(/^[\d.]+$/, '$& g') })),
    // A join of another kind ignores its solder field.
    joins: joins.map(({ kind, name: called, count, parts: members, ...join }) => ({
      kind,
      name: called,
      count,
      members: members.map(name),
      ...(kind === 'solder' && { solder: join.solder, form: join.form, amount: join.amount }),
    })),
    groups: groups.map((group) => ({ ...group, id: '' })),
  };
}

test.beforeEach(({ expected }) => void expected.push(/404 \(Not Found\)/));

test('work of every kind is entered through the page as the recipe of core’s tests', async ({ page, own }) => {
  test.setTimeout(240_000);
  await openBook(page, own.url);
  for (const { kind, piece } of driven) {
    const hand = new Hand(page);
    const began = performance.now();
    await page.goto(`${own.url}/pieces`);
    await hand.press('New piece');
    await hand.write('Name of the piece', piece.name);
    await hand.write('Usual batch size', piece.batchSize);
    await hand.choose('Sold as', piece.soldBy);
    for (const { name, count, closed, vents } of piece.groups) {
      await hand.write('Add a sub-assembly', name);
      if (count !== '1') await hand.write(`${name}, number per piece`, count);
      await hand.tick(`${name}, hollow, sealed`, closed);
      await hand.write(`${name}, vent holes`, vents);
    }
    // A stone before the bezel around it.
    await enterFindings(hand, piece);
    for (const part of piece.parts) await enterPart(hand, part);
    for (const join of piece.joins) await enterJoin(hand, join, piece);
    await page.getByLabel('Name of the piece').focus();
    await expect(page.getByRole('status').filter({ hasText: 'draft saved' })).toBeVisible();
    const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';
    const response = await page.request.get(`${own.url}/api/pieces/${id}`);
    const { body } = (await response.json()) as DocumentOf<Piece>;
    test.info().annotations.push({
      type: 'entered',
      description: `${kind}: ${String(hand.entries)} entries, ${((performance.now() - began) / 1000).toFixed(1)} s`,
    });
    expect.soft(byName(body), kind).toEqual(byName(piece));
  }
});
