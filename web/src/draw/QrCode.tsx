import qrcode from 'qrcode-generator';
import { useMemo } from 'react';

/** Light around it, in modules, without which no camera finds it (ISO/IEC 18004). */
const QUIET = 4;

/** An address for the camera of a telephone: dark on light in every theme, as cameras want it. */
export function QrCode({ text, label, className }: { text: string; label: string; className?: string }) {
  const { path, side } = useMemo(() => {
    const code = qrcode(0, 'M');
    code.addData(text);
    code.make();
    const count = code.getModuleCount();
    const dark: string[] = [];
    for (let row = 0; row < count; row++)
      for (let col = 0; col < count; col++)
        if (code.isDark(row, col)) dark.push(`M${col + QUIET} ${row + QUIET}h1v1h-1z`);
    return { path: dark.join(''), side: count + 2 * QUIET };
  }, [text]);
  return (
    <svg
      viewBox={`0 0 ${side} ${side}`}
      role="img"
      aria-label={label}
      className={className}
      shapeRendering="crispEdges"
    >
      <rect width={side} height={side} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
