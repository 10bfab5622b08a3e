/** Objectives, typed one to a line, pasted from a list, or as a table with a code and its wording. */
import { readCsv } from './csv';
import type { LineFault } from './draft';

export interface ObjectiveLine {
  line: number;
  code: string;
  wording: string;
}

/** A code as lists of standards have them: letters, figures and dots, at least one figure: `SCI.4.2`, `4-PS3-2`, `RL.3.1a`. */
const CODE = /^\(?(?=[\w.–-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[.–-][A-Za-z0-9]+)+\)?(?=[\s:–)]|$)/u;

/** Reads objectives and names the rows that are none; nothing else of the text is lost. */
export function readObjectives(text: string): { objectives: ObjectiveLine[]; faults: LineFault[] } {
  const table = readCsv(text, {
    code: ['code', 'standard', 'id', 'number', 'reference'],
    wording: ['wording', 'objective', 'description', 'text', 'statement', 'standard text'],
  });
  const headed =
    /^[^\n]*\b(?:code|wording|objective|description|statement)\b[^\n]*[,;\t|]/iu.test(text) &&
    !table.rows.some((r) => r.line === 1);
  const faults: LineFault[] = headed ? [...table.faults] : [];
  const lines: ObjectiveLine[] = headed
    ? table.rows.map((r) => ({ line: r.line, ...r.cells }))
    : text
        .split(/\r\n|\r|\n/)
        .map((raw, i) => ({ line: i + 1, ...coded(raw) }))
        .filter((l) => l.code || l.wording);
  const seen = new Map<string, number>();
  const objectives = lines.filter((l) => {
    const fault = !l.wording
      ? l.code
        ? `“${l.code}” has a code and no wording`
        : 'no wording'
      : l.wording.length > 500
        ? 'longer than 500 characters'
        : l.code.length > 40
          ? 'its code is longer than 40 characters'
          : '';
    const twice = l.code && seen.get(l.code.toLowerCase());
    if (fault || twice)
      faults.push({ line: l.line, what: fault || `code ${l.code} stands in row ${twice} already` });
    if (l.code && !twice) seen.set(l.code.toLowerCase(), l.line);
    return !fault && !twice;
  });
  return { objectives, faults: faults.sort((a, b) => a.line - b.line) };
}

function coded(raw: string): { code: string; wording: string } {
  const body = raw.trim().replace(/^(?:[•·▪*–-]|\d{1,3}[.)])\s+/u, '');
  const tab = body.indexOf('\t');
  if (tab > 0 && tab <= 40) return { code: body.slice(0, tab).trim(), wording: body.slice(tab + 1).trim() };
  const code = CODE.exec(body)?.[0];
  if (!code) return { code: '', wording: body };
  return { code: code.replace(/[()]/gu, ''), wording: body.slice(code.length).replace(/^[\s:–-]+/u, '') };
}
