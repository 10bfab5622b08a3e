import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Plan } from '../plan/plan';
import { portfolioOf } from '../record/portfolio';
import { readHausplanJson } from './hausplan-json';
import { plain, writeRecordMarkdown } from './record-markdown';
import { outlineOf } from './unit-outline';
import { writeOutlineMarkdown } from './unit-outline-markdown';

const demo = (readHausplanJson(readFileSync('demo/fleece.json', 'utf8')) as { plan: Plan }).plan;
const TODAY = '2026-10-28';

describe('the record as Markdown', () => {
  const shown = portfolioOf(demo, TODAY);
  const text = writeRecordMarkdown(demo.family!.name, shown);

  it('has every child, every unit that was begun, and every figure of the record once', () => {
    for (const c of demo.children) expect(text).toContain(`\n## ${c.name}\n`);
    expect(shown.units.map((u) => u.unit.title)).toContain('Willow and Water');
    for (const u of shown.units) expect(text).toContain(`\n## ${u.unit.title}\n`);
    expect(text).toContain(`${shown.days!.kept} school days kept, ${shown.days!.lost.length} lost`);
  });

  it('counts no lesson as taught of which nothing was done, and none twice', () => {
    for (const { unit, lessons } of shown.units) {
      const own = demo.lessons.filter((l) => l.unitId === unit.id);
      const done = own.filter((l) =>
        demo.parts.some(
          (p) => p.lessonId === l.id && demo.marks.some((m) => m.partId === p.id && m.outcome === 'done'),
        ),
      );
      expect(lessons.map((l) => l.title).sort()).toEqual(done.map((l) => l.title).sort());
    }
  });

  it.each([
    ['# no heading', '\\# no heading'],
    ['- no list', '\\- no list'],
    ['1. no list', '\\1. no list'],
    ['a *b* _c_ `d` <i>', 'a \\*b\\* \\_c\\_ \\`d\\` \\<i\\>'],
    ['two\nlines', 'two lines'],
    ['plain, it stays.', 'plain, it stays.'],
  ])('%j stays as it was typed', (typed, written) => expect(plain(typed)).toBe(written));
});

describe('an outline as Markdown', () => {
  it('has every lesson, activity, supply and book, and the cautions with what they defer to', () => {
    for (const u of demo.units.filter((x) => demo.lessons.some((l) => l.unitId === x.id))) {
      const outline = outlineOf(demo, u);
      const text = writeOutlineMarkdown(outline);
      for (const l of outline.lessons) {
        expect(text).toContain(plain(l.title));
        for (const p of l.parts) {
          expect(text).toContain(`**${plain(p.title)}**`);
          for (const s of p.supplies) expect(text).toContain(plain(s.name));
          for (const c of p.cautions) expect(text).toContain(plain(c));
        }
      }
      for (const b of outline.books) expect(text).toContain(plain(b.title));
    }
  });

  it('says cautions of what can hurt, without knowing whose children take part', () => {
    const unit = demo.units.find((u) => u.title === 'From Fleece to Cloth')!;
    const dye = outlineOf(demo, unit)
      .lessons.flatMap((l) => l.parts)
      .find((p) => p.title === 'Dye pot')!;
    expect(dye.cautions.length).toBeGreaterThan(0);
    expect(dye.cautions.join(' ')).not.toMatch(/Pim|Junia|Bram|Ottilie/);
  });
});
