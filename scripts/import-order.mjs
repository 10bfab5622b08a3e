/**
 * The one direction in which imports go, as a lint rule: app → sheets → (kit, data, worker, standins) → core. Relative
 * paths and `@/` are both resolved. In the core each folder knows only those before it; a sheet knows no other sheet.
 */
import { dirname, relative, resolve, sep } from 'node:path';

/** The folders of the core, in their order. */
export const CORE = [
  'solver',
  'plan',
  'calendar',
  'pacing',
  'books',
  'cautions',
  'ladder',
  'prep',
  'layout',
  'dayplan',
  'choose',
  'loans',
  'recall',
  'record',
  'forecast',
  'formats',
  'edit',
  'command',
];

/** Which folders of `src` each may know beside itself. */
const KNOWS = {
  core: [],
  data: ['core'],
  kit: [],
  worker: ['core', 'data'],
  standins: ['core', 'data', 'kit'],
  sheets: ['core', 'data', 'kit', 'worker', 'standins'],
  app: ['core', 'data', 'kit', 'sheets', 'standins'],
};
/** What every sheet shares. */
const SHARED = 'frame';
/** What a route must leave to its sheet. */
const NOT_FOR_ROUTES = [/^core\/(layout|edit)\//, /^kit\/(button|field)/];

/** Why a file may not import another, by their paths below `src`; undefined where it may. */
export function wrongWay(from, to) {
  const [house, room] = from.split('/');
  const [otherHouse, otherRoom] = to.split('/');
  if (!(house in KNOWS) || !(otherHouse in KNOWS)) return undefined;
  if (house !== otherHouse)
    return KNOWS[house].includes(otherHouse) && !(house === 'app' && NOT_FOR_ROUTES.some((r) => r.test(to)))
      ? undefined
      : `${house} does not know ${to.split('/').slice(0, 2).join('/')}.`;
  if (room === otherRoom) return undefined;
  if (house === 'core') {
    if (!CORE.includes(room) || !CORE.includes(otherRoom))
      return `core/${CORE.includes(room) ? otherRoom : room} has no place in the order of the core.`;
    return CORE.indexOf(otherRoom) < CORE.indexOf(room)
      ? undefined
      : `core/${room} comes before core/${otherRoom}, and cannot know it.`;
  }
  return house === 'sheets' && otherRoom !== SHARED
    ? `A sheet knows no other sheet (${otherRoom}).`
    : undefined;
}

export const importOrder = {
  create(context) {
    const src = resolve(context.cwd, 'src');
    const file = context.filename;
    const below = (path) => relative(src, path).split(sep).join('/');
    const look = (node) => {
      const name = node.source?.value;
      if (typeof name !== 'string' || !/^(\.|@\/)/.test(name)) return;
      const target = name.startsWith('@/') ? resolve(src, name.slice(2)) : resolve(dirname(file), name);
      const why = wrongWay(below(file), below(target));
      if (why) context.report({ node, message: why });
    };
    return {
      ImportDeclaration: look,
      ExportNamedDeclaration: look,
      ExportAllDeclaration: look,
      ImportExpression: look,
    };
  },
};
