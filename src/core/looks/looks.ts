/** The colours of a class blog. A look is one record here: a name, and what it changes of the house's own tokens. */
export const LOOKS = ['gate', 'harbour', 'orchard', 'kiln'] as const;
export type LookName = (typeof LOOKS)[number];

/** What is drawn at the foot of the banner. */
export const BANNERS = ['fence', 'waves', 'trees', 'stones'] as const;
export type BannerName = (typeof BANNERS)[number];

/** Three pairs of typefaces: what is read, and what stands around it. */
export const LETTERINGS = ['book', 'clear', 'school'] as const;
export type Lettering = (typeof LETTERINGS)[number];

/** How a class blog looks. */
export interface Look {
  readonly look: LookName;
  readonly banner: BannerName;
  readonly lettering: Lettering;
}

/** What a class begins with. */
export const FIRST_LOOK: Look = { look: 'gate', banner: 'fence', lettering: 'book' };

/** Colours by token name, each as `#rrggbb`. A look names only those that differ from the house's own. */
type Tokens = Readonly<Record<string, string>>;

/** The tokens that only a banner uses stand in every look; the house has none of its own. */
export const LOOK_TOKENS: Readonly<Record<LookName, Tokens>> = {
  gate: {
    'sky-1': '#24485c',
    'sky-2': '#47708c',
    'sky-3': '#dba57c',
    distance: '#35586a',
    ground: '#f0d9b8',
  },
  harbour: {
    paper: '#eef3f5',
    sheet: '#fbfdfe',
    board: '#dfe8ec',
    line: '#c3d0d7',
    edge: '#6d7d86',
    porch: '#1b4d6a',
    'porch-2': '#3b738f',
    'porch-tint': '#dae7ee',
    'on-porch': '#eef6f9',
    'on-porch-2': '#d3e4ec',
    'sky-1': '#15384f',
    'sky-2': '#37698a',
    'sky-3': '#9cc9cd',
    distance: '#24536a',
    ground: '#d5e6e4',
  },
  orchard: {
    paper: '#f8f1ee',
    sheet: '#fffcfb',
    board: '#f0e3df',
    line: '#dccac6',
    edge: '#86746f',
    porch: '#6a2c46',
    'porch-2': '#8e4a66',
    'porch-tint': '#f2e0e7',
    'on-porch': '#f9eff3',
    'on-porch-2': '#ecd6df',
    'sky-1': '#46203a',
    'sky-2': '#87475f',
    'sky-3': '#e8ab8c',
    distance: '#54304e',
    ground: '#f2d8c2',
  },
  kiln: {
    paper: '#f7f1e4',
    sheet: '#fffdf6',
    board: '#eee4cf',
    line: '#d8ccb2',
    edge: '#837761',
    porch: '#77391c',
    'porch-2': '#975737',
    'porch-tint': '#f3e3d5',
    'on-porch': '#f9f0e4',
    'on-porch-2': '#ecdac6',
    'sky-1': '#512a1b',
    'sky-2': '#8f5332',
    'sky-3': '#ecc98f',
    distance: '#6b4530',
    ground: '#f1deb6',
  },
};

const TYPEFACES: Readonly<Record<Lettering, string>> = {
  book: "'Literata Variable', Georgia, serif",
  clear: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif",
  school: "'Andika', 'Atkinson Hyperlegible Next Variable', sans-serif",
};

/** The custom property that sets a part of a page in a lettering; none where it is empty. */
export function letteringProperties(lettering: Lettering | ''): Readonly<Record<string, string>> {
  return lettering === '' ? {} : { '--read': TYPEFACES[lettering] };
}

/** The custom properties that give a part of a page its look: names with their two dashes, values as in CSS. */
export function lookProperties({ look, lettering }: Look): Readonly<Record<string, string>> {
  const properties: Record<string, string> = { '--read': TYPEFACES[lettering] };
  for (const [token, value] of Object.entries(LOOK_TOKENS[look])) properties[`--${token}`] = value;
  return properties;
}

/** The colours that a writer may give to words, and behind words; each stands for a token of the look. */
export const WORD_COLOURS = ['porch', 'clay', 'dusk', 'plum'] as const;
export const HIGHLIGHTS = ['amber', 'apricot', 'dusk', 'plum'] as const;
