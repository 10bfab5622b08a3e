/** The demo's shelf: invented books and things, with the lessons some of them stand on. */
import type { BookFields } from '@/core/edit/books';

export type DemoBook = Partial<BookFields> &
  Pick<BookFields, 'title' | 'form'> & {
    role: string;
    reader?: string;
    unitTitle?: string;
    /** Lesson and pages; no pages for all of it. */
    on?: [number, number?, number?][];
  };

const chapters = (from: number, lessons: number, length: number): [number, number, number][] =>
  Array.from({ length: lessons }, (_, i) => [from + i, 1 + i * length, (i + 1) * length]);
/** Topics as `carding 12-16; felt`. */
const topics = (text: string): BookFields['topics'] =>
  text.split('; ').map((t) => {
    const m = /^(.*?)(?: (\d+)(?:-(\d+))?)?$/.exec(t)!;
    return {
      title: m[1],
      first: m[2] ? Number(m[2]) : null,
      last: m[3] ? Number(m[3]) : m[2] ? Number(m[2]) : null,
    };
  });
/** Chapters of equal length, named. */
const named = (length: number, titles: string): BookFields['chapters'] =>
  titles.split('; ').map((title, i) => ({ title, page: 1 + i * length }));
const BRIDGES = 'Bridges and How They Stand';
const BIRDS = 'Birds of the Winter Garden';

export const FLEECE_BOOKS: DemoBook[] = [
  {
    title: 'The Dyer’s Kettle',
    authors: 'M. Oberwasser',
    form: 'book',
    pages: 88,
    listenFrom: 8,
    preview: 'fine',
    role: 'spine',
  },
  {
    title: 'The Shepherd’s Long Year',
    authors: 'T. Halm',
    form: 'picture book',
    pages: 48,
    listenFrom: 3,
    listenTo: 12,
    preview: 'fine',
    chapters: named(
      6,
      'Lambing; Turning out; The long grass; Shearing day; The wool cart; Market; First frost; Bringing in',
    ),
    role: 'together',
    on: chapters(1, 8, 6),
  },
  {
    title: 'Blue Roads',
    authors: 'A. Vantongeren',
    form: 'picture book',
    pages: 40,
    source: 'borrowed',
    listenFrom: 5,
    topics: topics('indigo 1-20; trade roads 21-40'),
    role: 'together',
    on: [
      [10, 1, 20],
      [13, 21, 40],
    ],
  },
  {
    title: 'Nettle Shirts and Other Tales',
    authors: 'retold by L. Sommerau',
    form: 'book',
    pages: 96,
    role: 'together',
    on: [[12, 1, 8]],
  },
  {
    title: 'Indigo Roads',
    authors: 'S. Marchetti-Ruhl',
    form: 'book',
    pages: 164,
    source: 'borrowed',
    readFrom: 11,
    topics: topics('indigo; vat; trade roads'),
    role: 'own',
    reader: 'Ottilie',
    on: [
      [7, 1, 12],
      [8, 13, 24],
      [10, 25, 40],
      [13, 41, 56],
    ],
  },
  {
    title: 'Mills and Makers',
    authors: 'J. Ardenne',
    form: 'book',
    pages: 180,
    readFrom: 11,
    topics: topics('mills 1-60; machines 61-110; clothes 111-180'),
    role: 'own',
    reader: 'Ottilie',
    on: [
      [14, 1, 18],
      [15, 19, 30],
    ],
  },
  {
    title: 'From Sheep to Shawl',
    authors: 'R. Quill',
    form: 'book',
    pages: 72,
    readFrom: 8,
    chapters: named(
      8,
      'On the hill; Carding; The spindle; The wheel; The dye pot; The loom; Felt; The mill; The shawl',
    ),
    role: 'own',
    reader: 'Bram',
    on: [
      [4, 1, 8],
      [5, 9, 16],
      [6, 17, 24],
      [8, 25, 32],
      [14, 33, 40],
    ],
  },
  {
    title: 'The Little Loom',
    authors: 'E. Fennimore',
    form: 'reader',
    pages: 32,
    topics: topics('loom; weaving; felt'),
    role: 'own',
    reader: 'Junia',
    on: [
      [7, 1, 4],
      [8, 5, 9],
      [11, 10, 16],
      [12, 17, 22],
    ],
  },
  {
    title: 'Pictures of Cloth',
    form: 'picture book',
    pages: 60,
    source: 'borrowed',
    listenFrom: 3,
    listenTo: 14,
    topics: topics('washing; dye; loom; patterns'),
    role: 'basket',
    on: [[3], [8], [11]],
  },
  {
    title: 'A Field Book of Dye Plants',
    authors: 'H. Brandtner',
    form: 'book',
    pages: 140,
    preview: 'parts',
    previewNote: 'berries nobody may eat, pages 90 to 96',
    topics: topics('dye plants; mordants 12-20'),
    role: 'basket',
    on: [[8]],
  },
  { title: 'Wool!', form: 'picture book', pages: 24, role: 'basket', on: [[1]] },
  { title: 'Knots and Plaits', form: 'cards', pages: 30, role: 'not now' },
  { title: 'Counting Lambs', form: 'picture book', pages: 16, listenTo: 4, role: 'basket', on: [[2]] },
  {
    title: 'Hand Dyeing at Home',
    authors: 'B. Castellane',
    form: 'book',
    pages: 120,
    role: 'reference',
    on: [[8]],
  },
  { title: 'Sixty Wool Projects', form: 'book', pages: 132, role: 'reference' },
  {
    title: 'Weaving on a Card',
    form: 'book',
    pages: 64,
    source: 'to buy',
    price: 450,
    topics: topics('weaving; patterns'),
    role: 'reference',
  },
  {
    title: 'Sounds of the Mill',
    form: 'audio',
    source: 'to buy',
    price: 950,
    topics: topics('mill; machines'),
    role: 'basket',
  },
  { title: 'A Day with the Shearers', form: 'film', minutes: 24, role: 'together', on: [[2]] },
  { title: 'Feel the Fibres', form: 'kit', role: 'basket' },
  { title: 'Sheep of the Northern Hills', form: 'poster', role: 'basket' },
  { title: 'Spin and Tell', form: 'game', role: 'basket' },
  { title: 'Loom, Unassembled', form: 'model', role: 'reference' },
  { title: 'Spinner’s Sums', form: 'workbook', pages: 48, role: 'unsorted' },
  {
    title: 'Grandmother’s Wheel',
    authors: 'O. Linden',
    form: 'picture book',
    pages: 36,
    topics: topics('spinning wheel; mending'),
    role: 'basket',
  },
  {
    title: 'The Noisy Mill',
    form: 'picture book',
    pages: 28,
    topics: topics('mill; machines'),
    role: 'unsorted',
  },
  {
    title: 'Arch, Beam and Cable',
    authors: 'P. Steinitz',
    form: 'book',
    pages: 104,
    role: 'spine',
    unitTitle: BRIDGES,
  },
  {
    title: 'The Bridge That Hummed',
    authors: 'C. Avonlea-Reyes',
    form: 'book',
    pages: 150,
    role: 'own',
    reader: 'Ottilie',
    unitTitle: BRIDGES,
    on: [[8, 1, 20]],
  },
  { title: 'Build It in Paper', form: 'cards', pages: 24, role: 'reference', unitTitle: BRIDGES },
  {
    title: 'At the Winter Feeder',
    authors: 'K. Morrow',
    form: 'book',
    pages: 64,
    role: 'spine',
    unitTitle: BIRDS,
  },
  { title: 'Feather Cards', form: 'cards', pages: 40, role: 'basket', unitTitle: BIRDS },
  { title: 'Voices Before Light', form: 'audio', role: 'basket', unitTitle: BIRDS },
  {
    title: 'Who Was Here?',
    authors: 'D. Pell',
    form: 'picture book',
    pages: 24,
    role: 'together',
    unitTitle: BIRDS,
  },
  { title: 'A Nest for Rent', form: 'reader', pages: 32, role: 'own', reader: 'Junia', unitTitle: BIRDS },
  { title: 'Window Counts', form: 'workbook', pages: 40, role: 'reference', unitTitle: BIRDS },
];
