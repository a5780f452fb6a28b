import QRCode from 'qrcode';
import { useMemo } from 'react';

interface QrCodeProps {
  readonly text: string;
  readonly label: string;
}

/** White space around the code, in modules, as ISO/IEC 18004 asks for. */
const QUIET = 4;

/** A QR code that stays sharp at any size. */
export function QrCode({ text, label }: QrCodeProps) {
  const { size, path } = useMemo(() => {
    const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
    let squares = '';
    for (let row = 0; row < modules.size; row += 1)
      for (let column = 0; column < modules.size; column += 1)
        if (modules.get(row, column)) squares += `M${column + QUIET} ${row + QUIET}h1v1h-1z`;
    return { size: modules.size + 2 * QUIET, path: squares };
  }, [text]);
  return (
    <svg
      viewBox={`0 0 ${size} ${size}`}
      role="img"
      aria-label={label}
      className="qr"
      shapeRendering="crispEdges"
    >
      <path d={path} />
    </svg>
  );
}
