/** The twelve picture words that passcodes are made of, with their drawings (60 by 60); what is read out is in the catalogue. */
export const WORD_PICTURES: readonly { readonly word: string; readonly drawing: string }[] = [
  {
    word: 'kite',
    drawing: String.raw`<path d="M32 4 52 24 30 42 14 20z" fill="#a9492a"/><path d="M32 4 30 42 14 20z" fill="#c96a47"/><path d="M14 20 52 24" stroke="#f6dcc4" stroke-width="2"/><path d="M30 42c-6 4-2 8-8 10s-6 4-4 6" fill="none" stroke="#1d2823" stroke-width="2.500" stroke-linecap="round"/><path d="m20 44 7 4-6 3zM33 47l-7 1 4 4z" fill="#d79b2b"/>`,
  },
  {
    word: 'boat',
    drawing: String.raw`<path d="M8 40h44l-8 13H16z" fill="#7c3a24"/><path d="M30 6v34" stroke="#3b2a1b" stroke-width="3"/><path d="M33 8c12 8 16 18 17 28H33z" fill="#37558a"/><path d="M27 14C18 22 13 30 11 36h16z" fill="#8aa0c8"/>`,
  },
  {
    word: 'boot',
    drawing: String.raw`<path d="M18 6h18v28c4 4 16 4 18 12v6H18z" fill="#1e5743"/><path d="M18 6h18v7H18z" fill="#f0b088"/><path d="M15 50h41v5H15z" fill="#1d2823"/><path d="M36 34c-4 2-6 2-9 2" stroke="#12382b" stroke-width="2" fill="none"/>`,
  },
  {
    word: 'pear',
    drawing: String.raw`<path d="M30 14c8 0 9 7 10 13 2 8 9 10 9 19 0 7-9 10-19 10s-19-3-19-10c0-9 7-11 9-19 1-6 2-13 10-13z" fill="#a3b04f"/><path d="M22 36c-4 4-5 8-4 12" stroke="#d5dd92" stroke-width="3" fill="none" stroke-linecap="round"/><path d="M30 15c0-5 1-8 4-11" stroke="#5f3b1e" stroke-width="3" fill="none" stroke-linecap="round"/><path d="M33 10c4-5 10-5 14-3-3 5-9 6-14 3z" fill="#3d7c62"/>`,
  },
  {
    word: 'bell',
    drawing: String.raw`<path d="M30 8c12 0 15 10 15 20 0 10 4 12 6 17H9c2-5 6-7 6-17 0-10 3-20 15-20z" fill="#d79b2b"/><path d="M22 16c-3 4-3 10-3 14" stroke="#f3d08a" stroke-width="3" fill="none" stroke-linecap="round"/><rect x="8" y="43" width="44" height="5" rx="2.500" fill="#8a5d10"/><circle cx="30" cy="52" r="5" fill="#8a5d10"/><path d="M26 9a4 4 0 0 1 8 0" fill="none" stroke="#8a5d10" stroke-width="3"/>`,
  },
  {
    word: 'fish',
    drawing: String.raw`<path d="M4 30c10-16 28-16 38 0 4-4 8-8 14-9-2 6-2 12 0 18-6-1-10-5-14-9-10 16-28 16-38 0z" fill="#3f7f93"/><path d="M20 22c4 5 4 11 0 16" stroke="#23505f" stroke-width="2.500" fill="none"/><circle cx="13" cy="28" r="3.200" fill="#fff"/><circle cx="13" cy="28" r="1.500" fill="#1d2823"/><path d="M26 26c2 2 2 6 0 8M32 25c2 3 2 7 0 10" stroke="#23505f" stroke-width="2" fill="none"/>`,
  },
  {
    word: 'lamp',
    drawing: String.raw`<path d="M22 10h16l8 22H14z" fill="#f0b088"/><path d="M22 10h8v22H14z" fill="#f7cfb3"/><path d="M28 32h4v16h-4z" fill="#3b2a1b"/><path d="M18 48h24v6H18z" fill="#6d3f6b"/><path d="M40 33v8" stroke="#3b2a1b" stroke-width="2"/><circle cx="40" cy="43" r="2.500" fill="#3b2a1b"/>`,
  },
  {
    word: 'drum',
    drawing: String.raw`<ellipse cx="30" cy="44" rx="22" ry="9" fill="#7c3a24"/><path d="M8 22v22h44V22z" fill="#a9492a"/><ellipse cx="30" cy="22" rx="22" ry="9" fill="#f7f2e4" stroke="#7c3a24" stroke-width="2.500"/><path d="M9 28l10 20 11-17 11 17 10-20" fill="none" stroke="#f3d3bf" stroke-width="2.500"/><path d="M26 22 46 6M38 24l14-8" stroke="#3b2a1b" stroke-width="3" stroke-linecap="round"/>`,
  },
  {
    word: 'leaf',
    drawing: String.raw`<path d="M52 6C22 4 6 20 10 50c30 2 44-14 42-44z" fill="#3d7c62"/><path d="M6 56C16 40 28 28 44 16" stroke="#14382b" stroke-width="3" fill="none" stroke-linecap="round"/><path d="M22 38V26M30 31V19M22 38h12M30 31h12" stroke="#14382b" stroke-width="2" stroke-linecap="round"/>`,
  },
  {
    word: 'moon',
    drawing: String.raw`<path d="M38 6a25 25 0 1 0 16 36A21 21 0 0 1 38 6z" fill="#37558a"/><circle cx="22" cy="30" r="3" fill="#26406e"/><circle cx="28" cy="42" r="4" fill="#26406e"/><path d="m48 12 1.600 4 4 1.600-4 1.600-1.600 4-1.600-4-4-1.600 4-1.600z" fill="#d79b2b"/>`,
  },
  {
    word: 'key',
    drawing: String.raw`<circle cx="18" cy="22" r="13" fill="#b98538"/><circle cx="18" cy="22" r="6" fill="#fffdf8"/><path d="m26 29 26 22" stroke="#b98538" stroke-width="7" stroke-linecap="round"/><path d="m40 42-6 7M47 48l-5 6" stroke="#b98538" stroke-width="5" stroke-linecap="round"/>`,
  },
  {
    word: 'cup',
    drawing: String.raw`<path d="M10 20h32v22q0 12-16 12T10 42z" fill="#6d3f6b"/><path d="M42 26c10-2 12 14 0 16" fill="none" stroke="#6d3f6b" stroke-width="5"/><path d="M10 28h32v6H10z" fill="#e8c9a0"/><path d="M20 14c-3-4 3-5 0-10M31 14c-3-4 3-5 0-10" stroke="#55605a" stroke-width="2.500" fill="none" stroke-linecap="round"/>`,
  },
];
