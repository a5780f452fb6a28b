import { between, randomFrom } from './random';

export type Sky = 'cirrus' | 'cumulus' | 'stratus' | 'storm' | 'evening' | 'halo';

const WIDTH = 1200;
const HEIGHT = 800;
const HORIZON = 610;

const COLOURS: Readonly<
  Record<Sky, { readonly top: string; readonly low: string; readonly sea: string; readonly hill: string }>
> = {
  cirrus: { top: '#4f78ad', low: '#d9dfdc', sea: '#3f6a72', hill: '#5d7d7c' },
  cumulus: { top: '#5b95c9', low: '#e3efef', sea: '#3d7480', hill: '#6a8f6b' },
  stratus: { top: '#9fb0b6', low: '#d8dad3', sea: '#6f8488', hill: '#7d8d86' },
  storm: { top: '#2e3d4f', low: '#7f8c94', sea: '#2a4450', hill: '#35494a' },
  evening: { top: '#3c5378', low: '#eab081', sea: '#23434c', hill: '#3d5657' },
  halo: { top: '#4a6484', low: '#e4b585', sea: '#254650', hill: '#48605f' },
};

/** A sky over a harbour as SVG, 1200 by 800; the seed sets where everything stands. */
export function drawSky(kind: Sky, seed: number): string {
  const random = randomFrom(seed);
  const colours = COLOURS[kind];
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}" viewBox="0 0 ${WIDTH} ${HEIGHT}">
<defs><linearGradient id="sky" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="${colours.top}"/><stop offset="1" stop-color="${colours.low}"/></linearGradient></defs>
<rect width="${WIDTH}" height="${HORIZON + 10}" fill="url(#sky)"/>
${CLOUDS[kind](random)}
${hills(random, colours.hill)}
<rect y="${HORIZON}" width="${WIDTH}" height="${HEIGHT - HORIZON}" fill="${colours.sea}"/>
${glints(random)}
${random() > 0.5 ? lighthouse(between(random, 760, 1040)) : jetty(between(random, 60, 260))}
${birds(random)}
</svg>`;
}

const CLOUDS: Readonly<Record<Sky, (random: () => number) => string>> = {
  cirrus: (random) => streaks(random, 26, 0.75),
  cumulus: (random) => Array.from({ length: 5 }, () => heap(random, '#fdfdf8', 130, 380)).join(''),
  stratus: (random) =>
    Array.from({ length: 9 }, (_, index) => {
      const y = 60 + index * 58 + between(random, -14, 14);
      return `<rect x="${between(random, -200, 0)}" y="${y}" width="1600" height="${between(random, 26, 60)}" rx="30" fill="#eceae2" opacity="${between(random, 0.18, 0.5)}"/>`;
    }).join(''),
  storm: (random) =>
    Array.from({ length: 7 }, () => heap(random, '#1f2a36', 40, 260)).join('') +
    rain(random) +
    lightning(random),
  evening: (random) => sun(between(random, 320, 880), 470, 62) + streaks(random, 14, 0.4),
  halo: (random) => {
    const x = between(random, 480, 820);
    return `${streaks(random, 12, 0.4)}<circle cx="${x}" cy="300" r="190" fill="none" stroke="#f6e7cf" stroke-width="14" opacity=".85"/><circle cx="${x}" cy="300" r="204" fill="none" stroke="#a9c4d2" stroke-width="10" opacity=".5"/>${sun(x, 300, 48)}`;
  },
};

function streaks(random: () => number, count: number, opacity: number): string {
  return Array.from({ length: count }, () => {
    const x = between(random, -150, 1000);
    const y = between(random, 30, 400);
    const length = between(random, 160, 560);
    const lift = length * between(random, 0.08, 0.2);
    return `<path d="M${x} ${y}q${length / 2} ${-lift * 0.2} ${length} ${-lift}q${-length * 0.45} ${lift * 1.1} ${-length} ${lift}z" fill="#fff" opacity="${between(random, opacity / 2, opacity)}"/>`;
  }).join('');
}

function heap(random: () => number, colour: string, highest: number, lowest: number): string {
  const x = between(random, 20, 1080);
  const y = between(random, highest, lowest);
  const size = between(random, 60, 120);
  const puffs = Array.from({ length: 6 }, (_, index) => {
    const radius = size * between(random, 0.35, 0.75);
    return `<circle cx="${x + (index - 2.5) * size * 0.55}" cy="${y - radius * 0.45}" r="${radius}"/>`;
  }).join('');
  return `<g fill="${colour}" opacity=".93">${puffs}<rect x="${x - size * 1.7}" y="${y - size * 0.32}" width="${size * 3.4}" height="${size * 0.34}" rx="${size * 0.17}"/></g>`;
}

function rain(random: () => number): string {
  const drops = Array.from({ length: 90 }, () => {
    const x = between(random, 0, 1200);
    const y = between(random, 200, 560);
    return `M${x} ${y}l-14 46`;
  }).join('');
  return `<path d="${drops}" stroke="#c9d4da" stroke-width="3" opacity=".5"/>`;
}

function lightning(random: () => number): string {
  const x = between(random, 300, 900);
  return `<path d="M${x} 230l-44 120h38l-30 116 92-150h-44l36-86z" fill="#f4dd9a"/>`;
}

function sun(x: number, y: number, radius: number): string {
  return `<circle cx="${x}" cy="${y}" r="${radius * 2.4}" fill="#fbe6bf" opacity=".25"/><circle cx="${x}" cy="${y}" r="${radius}" fill="#fdeecb"/>`;
}

function hills(random: () => number, colour: string): string {
  const ridge = (height: number, opacity: number) => {
    let path = `M0 ${HORIZON}V${HORIZON - height}`;
    for (let x = 0; x < WIDTH; x += 200)
      path += `q100 ${between(random, -46, -4)} 200 ${between(random, -10, 14)}`;
    return `<path d="${path}V${HORIZON + 6}H0z" fill="${colour}" opacity="${opacity}"/>`;
  };
  return ridge(74, 0.7) + ridge(38, 1);
}

function glints(random: () => number): string {
  return Array.from({ length: 26 }, () => {
    const y = between(random, HORIZON + 16, HEIGHT - 20);
    return `<rect x="${between(random, 0, 1150)}" y="${y}" width="${between(random, 24, 90)}" height="4" rx="2" fill="#f3dcb8" opacity="${between(random, 0.15, 0.5)}"/>`;
  }).join('');
}

function lighthouse(x: number): string {
  return `<g><path d="M${x - 130} 800v-96h330v96z" fill="#1c2f31"/><path d="M${x - 26} 704l9-170h34l9 170z" fill="#20373a"/><path d="M${x - 22} 640h44l3 38h-50z" fill="#b4512d"/><rect x="${x - 21}" y="500" width="42" height="34" fill="#f7c98f"/><path d="M${x - 28} 500h56l-28-34z" fill="#20373a"/></g>`;
}

function jetty(x: number): string {
  const posts = Array.from(
    { length: 8 },
    (_, index) => `<rect x="${x - 80 + index * 52}" y="664" width="12" height="136"/>`,
  ).join('');
  return `<g fill="#1c2f31"><rect x="${x - 100}" y="650" width="440" height="18"/>${posts}<path d="M${x - 10} 650v-92l70-48 70 48v92z"/><path d="M${x + 150} 650V460h6v190z"/><path d="M${x + 156} 464q40 -14 70 6v40q-34 -18 -70 -4z" fill="#b4512d"/><rect x="${x + 34}" y="584" width="26" height="26" fill="#f7c98f"/></g>`;
}

function birds(random: () => number): string {
  return Array.from({ length: 3 }, () => {
    const x = between(random, 150, 1050);
    const y = between(random, 380, 520);
    return `<path d="M${x} ${y}q12 -12 22 0q12 -12 24 0" fill="none" stroke="#20302f" stroke-width="4" stroke-linecap="round"/>`;
  }).join('');
}
