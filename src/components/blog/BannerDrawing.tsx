import type { BannerName } from '../../core/looks/looks';

const DRAWINGS: Readonly<Record<BannerName, () => React.ReactNode>> = {
  fence: Fence,
  waves: Waves,
  trees: Trees,
  stones: Stones,
};

/** What a banner has at its foot, in the look's own colours. */
export function BannerDrawing({ banner }: { readonly banner: BannerName }) {
  const Drawing = DRAWINGS[banner];
  return (
    <svg viewBox="0 0 1280 186" preserveAspectRatio="none" aria-hidden="true">
      <path
        d="M0 124 220 112 380 122 560 116 720 108 900 122 1060 112 1280 126v60H0z"
        fill="var(--distance)"
      />
      <path d="M0 140h1280v46H0z" fill="var(--ground)" opacity="0.75" />
      <g fill="var(--porch)">
        <Drawing />
      </g>
    </svg>
  );
}

const PICKETS = Array.from({ length: 80 }, (_, index) => index * 16.2);
const POSTS = [40, 344, 648, 952, 1256];

function Fence() {
  return (
    <>
      {PICKETS.map((x) => (
        <path key={x} d={`M${x} 180v-34l4-6 4 6v34z`} />
      ))}
      {POSTS.map((x) => (
        <path key={x} d={`M${x} 186v-56h-2v-7h20v7h-2v56z`} />
      ))}
      <path d="M0 132h1280v6H0z" />
    </>
  );
}

const CRESTS = Array.from({ length: 17 }, (_, index) => index * 80 - 40);

function Waves() {
  return (
    <>
      {CRESTS.map((x) => (
        <path key={x} d={`M${x} 166q20-20 40-8t40 8v20h-80z`} opacity="0.55" />
      ))}
      {CRESTS.map((x) => (
        <path key={x} d={`M${x + 30} 178q20-16 40-6t40 6v10h-80z`} />
      ))}
    </>
  );
}

/** Trees of three heights, in a row that does not repeat at once. */
const TREES = Array.from({ length: 26 }, (_, index) => ({
  x: index * 50 + ((index * 17) % 23),
  height: 34 + ((index * 13) % 3) * 12,
}));

function Trees() {
  return (
    <>
      {TREES.map(({ x, height }) => (
        <g key={x}>
          <ellipse cx={x} cy={178 - height * 0.62} rx={height * 0.42} ry={height * 0.46} opacity="0.9" />
          <path d={`M${x - 2.5} 186v${-height * 0.5}h5v${height * 0.5}z`} />
        </g>
      ))}
      <path d="M0 182h1280v6H0z" />
    </>
  );
}

/** A wall laid dry: rows of stones of unlike lengths. */
const STONES = [0, 1, 2].flatMap((row) =>
  Array.from({ length: 22 }, (_, index) => ({
    x: index * 62 - row * 21,
    y: 170 - row * 15,
    width: 44 + ((index * 11 + row * 7) % 4) * 5,
  })),
);

function Stones() {
  return STONES.map(({ x, y, width }) => (
    <rect key={`${x} ${y}`} x={x} y={y} width={width} height={13} rx={5} opacity={y === 140 ? 0.8 : 1} />
  ));
}
