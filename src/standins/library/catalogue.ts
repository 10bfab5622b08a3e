/** What the stand-in library owns: invented books, films and recordings on what families here study. */
export interface Holding {
  /** Number within the library. */
  id: string;
  title: string;
  author: string;
  type: 'Book' | 'Movie' | 'Audiobook';
  /** Further subjects: the form, the ages, the topics. */
  subjects: string[];
  pages?: number;
  year: number;
  copies: number;
  /** Readers who wait for it on an ordinary day. */
  waiting: number;
  /** Days by which a reader keeps it over its time. */
  kept: number;
}

type Line = [
  title: string,
  author: string,
  form: 'picture' | 'reader' | 'book' | 'film' | 'audio',
  ages: string,
  pages: number,
  topics: string,
  copies: number,
  waiting: number,
  kept?: number,
];

/** Title, author, form, ages, pages, topics, copies, readers waiting, days kept over. */
const LINES: Line[] = [
  [
    'Tilda Moorhen Minds the Flock',
    'P. Lindqvist-Oram',
    'picture',
    '3-6',
    32,
    'sheep; shepherds; seasons',
    3,
    0,
  ],
  ['Shear Day at Cold Hollow', 'A. Brackenridge', 'picture', '4-8', 36, 'shearing; wool; farm', 2, 0],
  ['The Ewe Who Would Not', 'F. Tannahill-Voss', 'picture', '3-6', 28, 'sheep; lambs', 2, 1],
  ['Scratch, Comb, Curl', 'N. Oyelaran-Peck', 'reader', '5-8', 40, 'carding; combing; fibres', 2, 0],
  ['What Fibres Are Made Of', 'H. Rasmuth', 'book', '9-13', 96, 'fibres; wool; flax; silk', 1, 0],
  ['Round Goes the Whorl', 'I. Castellow', 'reader', '5-8', 36, 'spindle; spinning; thread', 2, 0],
  ['Ada Quill and the Great Wheel', 'R. Quill', 'book', '8-12', 128, 'spinning wheel; wheel; thread', 2, 1],
  [
    'Thread: How a Twist Holds the World',
    'M. Edelhart',
    'book',
    '11-15',
    144,
    'twist; thread; spinning; rope',
    1,
    2,
    7,
  ],
  ['Felt Feet', 'L. Sommerau', 'picture', '3-7', 32, 'felt; wool; washing', 2, 0],
  ['The Feltmakers of Three Valleys', 'J. Ardenne', 'book', '9-14', 112, 'felt; nomads; tents', 1, 0],
  ['Madder, Weld and Woad', 'B. Castellane', 'book', '10-15', 120, 'dyes; plants; mordant; colour', 2, 2],
  ['Onion Skin Sunday', 'E. Fennimore', 'picture', '3-7', 32, 'dye; kitchen; colour', 2, 0],
  ['The Red Beetle Road', 'S. Marchetti-Ruhl', 'book', '9-13', 132, 'dyes; trade; red; roads', 2, 1],
  ['Pip Mixes a Colour', 'D. Pell', 'reader', '5-8', 32, 'colour; dye pot', 2, 0],
  ['Blue for the Far Hills', 'A. Vantongeren', 'picture', '5-9', 40, 'indigo; blue; vat', 2, 0],
  [
    'Indigo: A Leaf and Its Makers',
    'K. Morrow',
    'book',
    '11-16',
    168,
    'indigo; vat; farmers; trade',
    1,
    3,
    5,
  ],
  ['Camels, Carts and Cargo', 'T. Halm', 'book', '8-12', 104, 'trade; roads; maps; markets', 2, 0],
  ['A Bale Goes to Sea', 'C. Avonlea-Reyes', 'picture', '4-8', 40, 'trade; ships; wool', 2, 0],
  ['Over, Under, Oma', 'O. Linden', 'picture', '3-6', 28, 'weaving; loom', 3, 0],
  ['Warp Is the Boss', 'V. Naismith-Okoro', 'reader', '6-9', 48, 'warp; weft; frame loom', 2, 0],
  ['Looms of the World', 'G. Steinitz', 'book', '9-14', 140, 'looms; weaving; patterns', 2, 1],
  [
    'Patterns with Memory',
    'Y. Ferrar-Dolan',
    'book',
    '10-15',
    116,
    'patterns; weaving; numbers; squared paper',
    1,
    0,
  ],
  [
    'The Boy at Frame Nine',
    'W. Hollis-Brandt',
    'book',
    '10-14',
    176,
    'mills; factory; children; machines',
    3,
    2,
  ],
  ['Water, Wheel, Wool', 'P. Steinitz', 'picture', '5-9', 36, 'mill; water wheel; machines', 2, 0],
  ['Clack Went the Mill', 'U. Tamworth', 'picture', '3-6', 28, 'mill; noise; machines', 2, 0],
  ['Steam and Thread', 'J. Ardenne', 'book', '9-13', 120, 'mills; steam; machines', 2, 0],
  [
    'Who Wore What, and Why',
    'Q. Delacroix-Hume',
    'book',
    '8-13',
    96,
    'clothes; cloth; wearing; history',
    2,
    0,
  ],
  ['Grandpa’s Elbow Patches', 'E. Fennimore', 'picture', '3-7', 32, 'mending; darning; clothes', 3, 0],
  ['Make Do, Make Better', 'B. Castellane', 'book', '9-14', 88, 'mending; rags; darning', 1, 0],
  ['The Rag Man’s Ledger', 'W. Hollis-Brandt', 'book', '10-15', 152, 'rags; paper; trade', 1, 1],
  ['A Mill Wakes Up', 'Lanthorn Films', 'film', '6-14', 0, 'mill; machines; weaving', 2, 0],
  [
    'From Back to Back: One Jumper',
    'Lanthorn Films',
    'film',
    '5-12',
    0,
    'sheep; shearing; spinning; knitting',
    2,
    1,
  ],
  ['Songs for a Spinning Room', 'Hearth Recordings', 'audio', '3-14', 0, 'spinning; songs', 2, 0],
  [
    'The Span: Five Bridges and Who Dared Them',
    'P. Steinitz',
    'book',
    '10-15',
    160,
    'bridges; arches; cables',
    2,
    1,
  ],
  ['Little Plank, Big River', 'D. Pell', 'picture', '3-7', 32, 'bridges; rivers', 2, 0],
  ['Why It Did Not Fall Down', 'M. Edelhart', 'book', '11-16', 136, 'bridges; beams; trusses; load', 1, 0],
  [
    'Stone by Stone to the Keystone',
    'G. Steinitz',
    'book',
    '8-12',
    80,
    'arches; keystone; stone bridges',
    2,
    0,
  ],
  ['Crumbs in the Snow', 'K. Morrow', 'picture', '3-7', 32, 'birds; winter; feeder', 3, 0],
  ['One Hundred Beaks', 'H. Brandtner', 'book', '7-12', 112, 'birds; beaks; food', 2, 1],
  ['Feather by Feather', 'Y. Ferrar-Dolan', 'book', '9-13', 92, 'feathers; flight; birds', 1, 0],
  ['Salt on the Table, Salt in the Sea', 'F. Tannahill-Voss', 'book', '8-12', 104, 'salt; sea; trade', 2, 0],
  ['The Salt Donkey', 'U. Tamworth', 'picture', '4-7', 36, 'salt; mines', 2, 0],
  ['A Knot for Every Job', 'V. Naismith-Okoro', 'book', '8-13', 76, 'knots; ropes; sailors', 2, 0],
];

const KIND = { picture: 'Picture books', reader: 'Early readers', book: '', film: '', audio: '' } as const;

export const CATALOGUE: readonly Holding[] = LINES.map(
  ([title, author, form, ages, pages, topics, copies, waiting, kept = 0], i) => ({
    id: String(4001 + i * 7),
    title,
    author,
    type: form === 'film' ? 'Movie' : form === 'audio' ? 'Audiobook' : 'Book',
    subjects: [...(KIND[form] ? [KIND[form]] : []), `Ages ${ages}`, ...topics.split('; ')],
    ...(pages ? { pages } : {}),
    year: 1996 + ((i * 11) % 29),
    copies,
    waiting,
    kept,
  }),
);
