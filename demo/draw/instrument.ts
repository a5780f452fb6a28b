import { between, randomFrom } from './random';

export type Instrument = 'windCups' | 'rainBottle' | 'barometer' | 'vane' | 'thermometer';

const PAPERS = ['#d0dcd2', '#e7cf98', '#dfe5ee', '#ecd9cb'];

/** A home-made instrument on coloured paper as SVG, 1200 by 800; the seed sets paper and details. */
export function drawInstrument(kind: Instrument, seed: number): string {
  const random = randomFrom(seed);
  const paper = PAPERS[seed % PAPERS.length] ?? '#d0dcd2';
  return `<svg xmlns="http://www.w3.org/2000/svg" width="1200" height="800" viewBox="0 0 1200 800"><rect width="1200" height="800" fill="${paper}"/>${swirls(random)}<g stroke-linejoin="round">${DRAWINGS[kind](random)}</g></svg>`;
}

const DRAWINGS: Readonly<Record<Instrument, (random: () => number) => string>> = {
  windCups: (random) => {
    const turn = between(random, -18, 18);
    const arm = (angle: number, colour: string) =>
      `<g transform="rotate(${angle} 600 300)"><rect x="600" y="290" width="250" height="20" fill="#3b2a20"/><path d="M820 236h96l26 64-26 64h-96z" fill="${colour}"/><ellipse cx="820" cy="300" rx="24" ry="64" fill="#2c221b" opacity=".35"/></g>`;
    return `<rect x="588" y="300" width="24" height="420" fill="#7a4a28"/>${arm(turn, '#b4512d')}${arm(turn + 120, '#37558a')}${arm(turn + 240, '#f6f1e6')}<circle cx="600" cy="300" r="26" fill="#f0b088" stroke="#3b2a20" stroke-width="6"/>`;
  },
  rainBottle: (random) => {
    const level = between(random, 380, 590);
    const marks = Array.from(
      { length: 9 },
      (_, index) =>
        `<rect x="500" y="${330 + index * 38}" width="${index % 2 ? 26 : 46}" height="5" fill="#23302b"/>`,
    ).join('');
    return `<path d="M440 120h320L650 270H550z" fill="#f6f1e6" stroke="#23302b" stroke-width="8"/><rect x="490" y="270" width="220" height="420" rx="18" fill="#eef3f1" stroke="#23302b" stroke-width="8"/><path d="M494 ${level}q55 -18 106 0t106 0V672a14 14 0 0 1-14 14H508a14 14 0 0 1-14-14z" fill="#5b86b4"/>${marks}<rect x="430" y="690" width="340" height="26" fill="#7c8d52"/>`;
  },
  barometer: (random) => {
    const angle = between(random, -50, 50);
    return `<circle cx="600" cy="400" r="270" fill="#7a4a28"/><circle cx="600" cy="400" r="232" fill="#fbf6ea"/>${Array.from({ length: 21 }, (_, index) => `<rect x="597" y="186" width="6" height="${index % 5 ? 20 : 38}" fill="#23302b" transform="rotate(${-100 + index * 10} 600 400)"/>`).join('')}<path d="M592 420 600 214l8 206z" fill="#b4512d" transform="rotate(${angle} 600 400)"/><circle cx="600" cy="400" r="24" fill="#23302b"/>`;
  },
  vane: (random) => {
    const angle = between(random, -24, 24);
    return `<rect x="590" y="300" width="20" height="430" fill="#3b2a20"/><g transform="rotate(${angle} 600 290)"><rect x="330" y="280" width="560" height="20" fill="#1e5743"/><path d="M890 230l120 60-120 60z" fill="#b4512d"/><path d="M330 290l-90-80h110l60 80-60 80H240z" fill="#1e5743"/></g><g fill="#23302b"><rect x="440" y="470" width="320" height="12"/><circle cx="440" cy="476" r="16"/><circle cx="760" cy="476" r="16"/></g>`;
  },
  thermometer: (random) => {
    const top = between(random, 250, 470);
    return `<rect x="470" y="90" width="260" height="630" rx="24" fill="#fbf6ea" stroke="#23302b" stroke-width="8"/><rect x="584" y="140" width="32" height="460" rx="16" fill="#e3ded0"/><rect x="590" y="${top}" width="20" height="${620 - top}" fill="#b4512d"/><circle cx="600" cy="630" r="44" fill="#b4512d"/>${Array.from({ length: 11 }, (_, index) => `<rect x="630" y="${160 + index * 40}" width="${index % 5 ? 22 : 42}" height="5" fill="#23302b"/>`).join('')}`;
  },
};

function swirls(random: () => number): string {
  return Array.from({ length: 5 }, () => {
    const x = between(random, 40, 1000);
    const y = between(random, 80, 720);
    return `<path d="M${x} ${y}q50 -46 100 0t100 0" fill="none" stroke="#6f9384" stroke-width="7" stroke-linecap="round" opacity=".45"/>`;
  }).join('');
}
